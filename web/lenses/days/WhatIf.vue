<script setup lang="ts">
import { computed } from 'vue';
import { materialOf, POWDER_MOST } from '@core/pastes/index.ts';
import type { DryingChange, Drying } from '@core/firming/index.ts';
import { setRoom } from '@core/edits/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';

/** Sliders that ask what if; nothing is changed in the build until it is said so. */
const props = defineProps<{ drying: Drying; touched: boolean }>();
const change = defineModel<DryingChange>({ required: true });
const emit = defineEmits<{ reset: [] }>();
const store = useBuild();
const here = useOpenBuild();
const air = computed(() => props.drying.spells.at(-1)!.air);
const stiffens = computed(() => materialOf(props.drying.blend.base).stiffens);
interface Slider {
  readonly key: 'round' | 'humidity' | 'temperature' | 'air' | 'thick' | 'gumPaste' | 'powder' | 'wrapped';
  readonly label: string;
  readonly now: number;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly tell: (v: number) => string;
}
const whole = (unit: string) => (v: number) => `${Math.round(v)}${unit}`;
const sliders = computed<Slider[]>(() => [
  {
    key: 'humidity',
    label: 'Humidity',
    now: air.value.humidity * 100,
    min: 20,
    max: 85,
    step: 1,
    tell: whole(' %'),
  },
  {
    key: 'temperature',
    label: 'Warmth',
    now: air.value.temperature,
    min: 10,
    max: 32,
    step: 0.5,
    tell: (v) => `${v} °C`,
  },
  {
    key: 'air',
    label: 'Moving air',
    now: air.value.speed,
    min: 0.03,
    max: 1.5,
    step: 0.01,
    tell: (v) => (v < 0.06 ? 'shut in' : v < 0.2 ? 'still room' : v < 0.6 ? 'gentle fan' : 'strong fan'),
  },
  {
    key: 'thick',
    label: 'Thickness',
    now: 1,
    min: 0.5,
    max: 1.6,
    step: 0.05,
    tell: (v) => `${Math.round(v * 100)} %`,
  },
  ...(stiffens.value
    ? ([
        {
          key: 'gumPaste',
          label: 'Gum paste in it',
          now: props.drying.blend.gumPaste,
          min: 0,
          max: 100,
          step: 5,
          tell: whole(' %'),
        },
        {
          key: 'powder',
          label: 'Powder in it',
          now: props.drying.blend.powder,
          min: 0,
          max: POWDER_MOST,
          step: 0.1,
          tell: (v: number) => `${v.toFixed(1)} %`,
        },
      ] as const)
    : []),
  {
    key: 'round',
    label: 'Bend radius',
    now: Math.min(80, Math.max(2, Math.round(props.drying.body.thickness * 10))),
    min: 2,
    max: 80,
    step: 1,
    tell: whole(' mm'),
  },
  {
    key: 'wrapped',
    label: 'In a bag first',
    now: 0,
    min: 0,
    max: 24,
    step: 0.5,
    tell: (v) => (v === 0 ? 'no' : `${v} h`),
  },
]);
const valueOf = (s: Slider): number => change.value[s.key] ?? s.now;
function set(s: Slider, v: number): void {
  const { [s.key]: _was, ...rest } = change.value;
  change.value = Math.abs(v - s.now) < s.step / 2 ? rest : { ...rest, [s.key]: v };
}
const roomly = computed(() => {
  const { humidity, temperature, air: speed } = change.value;
  return humidity !== undefined || temperature !== undefined || speed !== undefined;
});
/** Kinds of moving air a room is said to have, m/s. */
const KINDS_OF_AIR = [0.03, 0.1, 0.3, 1];
const nearestAir = (v: number): number =>
  KINDS_OF_AIR.reduce((a, b) => (Math.abs(Math.log(b / v)) < Math.abs(Math.log(a / v)) ? b : a));
function makeItSo(): void {
  const { humidity, temperature, air: speed } = change.value;
  const patch = {
    ...(humidity === undefined ? {} : { humidity: Math.round(humidity) }),
    ...(temperature === undefined ? {} : { temperature }),
    ...(speed === undefined ? {} : { air: nearestAir(speed) }),
  };
  if (store.apply(setRoom(here.build, patch), 'the room')) emit('reset');
}
</script>

<template>
  <div class="what">
    <div v-for="s in sliders" :key="s.key" class="one">
      <span class="name">{{ s.label }}</span>
      <a-slider
        :value="valueOf(s)"
        :min="s.min"
        :max="s.max"
        :step="s.step"
        :tooltip-open="false"
        :handle-style="{ borderColor: 'var(--elm)' }"
        :aria-label-for-handle="s.label"
        @change="(v: unknown) => set(s, v as number)"
      />
      <span class="is" :class="{ other: change[s.key] !== undefined }">{{ s.tell(valueOf(s)) }}</span>
    </div>
    <div class="row acts">
      <button class="button" type="button" :disabled="!touched" @click="emit('reset')">As it is</button>
      <button class="button" type="button" :disabled="!roomly" @click="makeItSo">Make the room so</button>
    </div>
  </div>
</template>

<style scoped>
.what {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 22px;
  padding: 4px 0 10px;
}
.one {
  display: grid;
  grid-template-columns: 104px 1fr 76px;
  gap: 10px;
  align-items: center;
}
.name,
.is {
  font-size: 13px;
}
.is {
  text-align: right;
  color: var(--ink-2);
}
.is.other {
  color: var(--rod);
  font-weight: 700;
}
.acts {
  justify-content: flex-end;
}
.acts .button:disabled {
  opacity: 0.45;
  cursor: default;
}
</style>
