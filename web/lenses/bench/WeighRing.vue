<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import {
  eachOf,
  nearEnough,
  NEW_RUN,
  onTheScale,
  runAfter,
  weighingsOf,
  weightSays,
  type WeighRun,
} from '@core/bench/index.ts';
import type { Step } from '@core/days/index.ts';
import { unweighStep, weighedStep } from '@core/edits/index.ts';
import { formatMass, isWeighed, parseQuantity } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useInstruments } from '../../state/instruments.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import Segments from '../../shared/Segments.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** What is to be weighed, as a ring that fills; from the scale, or typed. */
const props = defineProps<{ step: Step & { readonly weigh: NonNullable<Step['weigh']> } }>();
const store = useBuild();
const here = useOpenBuild();
const scale = useInstruments();
const { shown } = usePreferences();
const weigh = computed(() => props.step.weigh);
/** How many are on the scale at once; a half of one where it is parted by eye. */
const together = ref(1);
const run = ref<WeighRun>(NEW_RUN);
watch([() => props.step.id, together], () => (run.value = NEW_RUN));
watch(
  () => props.step.id,
  () => ((together.value = isWeighed(weigh.value.grams) ? 1 : weigh.value.number), (typed.value = '')),
);
const choices = computed(() => {
  const n = weigh.value.number;
  return [
    { value: 0.5, label: 'half of one' },
    { value: 1, label: 'one' },
    ...(n > 1 ? [{ value: n, label: n === 2 ? 'both' : `all ${n}` }] : []),
    ...(n >= 10 ? [{ value: 5, label: '5' }] : []),
  ].sort((a, b) => a.value - b.value);
});
const asked = computed(() => onTheScale(here.build, props.step, together.value));
const wanted = computed(() => asked.value.value);
const within = computed(() => nearEnough(here.build, props.step, wanted.value));
const weighed = computed(() => weighingsOf(here.build, props.step.id, weigh.value.grams));
const says = computed(() =>
  scale.grams === undefined ? undefined : weightSays(scale.grams, wanted.value, within.value.value, shown),
);
const over = computed(() => scale.state === 'there' && scale.scale?.kind === 'over');

function note(grams: number): boolean {
  const one = eachOf(grams, together.value);
  const at = new Date().toISOString();
  return store.apply(weighedStep(here.build, props.step.id, one, weigh.value.grams, at), 'a weighing');
}
watch(
  () => scale.scale,
  (line) => {
    if (line?.kind !== 'scale' || scale.grams === undefined) return;
    const reading = { grams: scale.grams, steady: line.steady };
    const next = runAfter(run.value, reading, wanted.value, within.value.value);
    run.value = next.run;
    if (next.weighed !== undefined) note(next.weighed);
  },
);
const typed = ref('');
const wrong = ref<string>();
function take(): void {
  const read = parseQuantity('mass', typed.value, shown.mass);
  wrong.value = read.ok ? undefined : read.problem.text;
  if (read.ok && note(read.value)) typed.value = '';
}
const R = 100;
const ROUND = 2 * Math.PI * R;
const filled = computed(() => Math.min(1, says.value?.filled ?? 0) * ROUND);
const band = computed(() => Math.min(0.5, within.value.value / wanted.value) * ROUND);
const all = computed(() => weighed.value.grams.length >= weigh.value.number);
</script>

<template>
  <div class="weigh">
    <div class="ring" :class="says?.state">
      <svg viewBox="-122 -122 244 244" aria-hidden="true">
        <circle class="track" :r="R" />
        <circle
          class="near"
          :r="R"
          :stroke-dasharray="`${2 * band} ${ROUND - 2 * band}`"
          :stroke-dashoffset="band"
          transform="rotate(-90)"
        />
        <circle
          v-if="filled"
          class="fill"
          :r="R"
          :stroke-dasharray="`${filled} ${ROUND}`"
          transform="rotate(-90)"
        />
        <line y1="-118" y2="-82" />
      </svg>
      <div class="middle" aria-live="polite">
        <template v-if="over"><strong>too much</strong><span>for the scale: part it</span></template>
        <template v-else-if="says && scale.grams !== undefined">
          <strong>{{ formatMass(scale.grams, shown) }}</strong>
          <span>of {{ formatMass(wanted, shown) }}</span>
          <span class="do">{{ says.text }}</span>
        </template>
        <template v-else>
          <strong>{{ formatMass(wanted, shown) }}</strong>
          <span>{{ weigh.number > 1 && together === 1 ? `each, ${weigh.number} times` : 'weigh' }}</span>
        </template>
      </div>
    </div>
    <div class="row">
      <Segments
        :value="together"
        :options="choices"
        label="On the scale at once"
        @change="(v) => (together = v)"
      />
      <button v-if="scale.state === 'there'" class="button" type="button" @click="scale.tareNow()">
        Tare
      </button>
    </div>
    <form class="row" @submit.prevent="take">
      <label class="field"
        ><span>It weighs</span
        ><input v-model="typed" type="text" inputmode="decimal" autocomplete="off" :aria-invalid="!!wrong"
      /></label>
      <button class="button" type="submit" :disabled="!typed">Note it</button>
      <button
        v-if="weighed.grams.length"
        class="button plain"
        type="button"
        @click="store.apply(unweighStep(here.build, step.id), 'taking a weighing back')"
      >
        Take the last back
      </button>
    </form>
    <p v-if="wrong" class="bad" role="alert">{{ wrong }}</p>
    <p v-if="weighed.last !== undefined" class="count">
      {{ weighed.grams.length }} of {{ weigh.number }} weighed, the last {{ formatMass(weighed.last, shown)
      }}<template v-if="all">: that is all of them</template>.
    </p>
    <p class="muted small">
      <WhyButton :figure="asked" />, give or take <WhyButton :figure="within" after="." />
      {{ together > 1 ? `${together} of them on the scale at once.` : '' }}
    </p>
    <p v-if="weighed.says" class="drift"><span aria-hidden="true">◆</span> {{ weighed.says }}</p>
  </div>
</template>

<style scoped>
.weigh {
  width: 262px;
  font-size: 17px;
}
.ring {
  position: relative;
  width: 228px;
  margin: 0 auto 8px;
}
.ring svg {
  display: block;
  width: 100%;
}
circle {
  fill: none;
  stroke-width: 22;
}
.track {
  stroke: var(--slab-3);
}
.near {
  stroke: var(--elm-soft);
}
.fill {
  stroke: var(--elm-pale);
}
.ring.near .fill {
  stroke: var(--elm);
}
.ring.more .fill {
  stroke: var(--tight);
}
line {
  stroke: var(--ink);
  stroke-width: 3;
}
.middle {
  position: absolute;
  inset: 30px;
  display: grid;
  align-content: center;
  justify-items: center;
  text-align: center;
}
.middle strong {
  font: 650 38px/1.1 var(--font-title);
  font-variant-numeric: tabular-nums;
}
.middle span {
  color: var(--ink-2);
}
.middle .do {
  color: var(--tight);
}
.ring.near .do {
  color: var(--elm);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: flex-end;
  justify-content: center;
  padding: 4px 0;
}
input {
  width: 96px;
  min-height: 48px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 9px;
  font: 600 20px/1 var(--font-title);
}
.button {
  min-height: 48px;
}
p {
  margin: 4px 0;
  text-align: center;
}
.bad {
  color: var(--fails);
}
.drift {
  color: var(--tight);
}
</style>
