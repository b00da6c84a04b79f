<script setup lang="ts">
import { computed, nextTick, onScopeDispose, ref, watch } from 'vue';
import { balanced, CARDS, meanHex, type LightCard } from '@core/colour/index.ts';
import { clamp } from '@core/quantity/index.ts';
import { useReference } from '../state/reference.ts';
import ChoiceField from './ChoiceField.vue';

/** Pick a colour from a picture, by a card that lies in the same light. */
const open = defineModel<boolean>('open', { required: true });
const emit = defineEmits<{ picked: [hex: string] }>();
const reference = useReference();
const canvas = ref<HTMLCanvasElement>();
const chooser = ref<HTMLInputElement>();
const problem = ref<string>();
const loaded = ref(false);
/** What the next tap is. */
const next = ref<'card' | 'paste'>('card');
const card = ref<LightCard | 'none'>('grey');
const cardSpot = ref<string>();
const spot = ref<string>();
const cross = ref<[number, number]>([0, 0]);
const CHOICES = [
  ...(Object.keys(CARDS) as LightCard[]).map((value) => ({ value, label: CARDS[value].name as string })),
  { value: 'none' as const, label: 'no card' },
];
/** A patch of so many points each way is read. */
const PATCH = 4;
/** Drawn no larger than this. */
const WIDE = 640;
const TALL = 420;

async function show(from: Blob): Promise<void> {
  const bitmap = await createImageBitmap(from).catch(() => undefined);
  if (!bitmap) {
    problem.value = 'This is not a picture the browser can show. Try a JPEG or PNG.';
    return;
  }
  problem.value = undefined;
  loaded.value = true;
  cardSpot.value = spot.value = undefined;
  next.value = card.value === 'none' ? 'paste' : 'card';
  await nextTick();
  const k = Math.min(1, WIDE / bitmap.width, TALL / bitmap.height);
  const on = canvas.value!;
  on.width = Math.max(1, Math.round(bitmap.width * k));
  on.height = Math.max(1, Math.round(bitmap.height * k));
  on.getContext('2d', { willReadFrequently: true })!.drawImage(bitmap, 0, 0, on.width, on.height);
  bitmap.close();
  cross.value = [on.width / 2, on.height / 2];
}
watch(
  open,
  (now) => {
    if (now && reference.picture) void show(reference.picture.blob);
  },
  { immediate: true },
);
onScopeDispose(() => (loaded.value = false));
function take(e: Event): void {
  const input = e.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (file) void show(file);
}
function pick(): void {
  const on = canvas.value!;
  const [x, y] = cross.value.map(Math.round) as [number, number];
  const { data } = on
    .getContext('2d', { willReadFrequently: true })!
    .getImageData(x - PATCH, y - PATCH, 2 * PATCH + 1, 2 * PATCH + 1);
  // outside of the picture nothing is drawn
  const seen = [...data].filter((_, k) => data[k - (k % 4) + 3]! > 0);
  if (seen.length === 0) return;
  const hex = meanHex(seen);
  if (next.value === 'card') {
    cardSpot.value = hex;
    next.value = 'paste';
  } else spot.value = hex;
}
function moveTo(x: number, y: number): void {
  const { width, height } = canvas.value!;
  cross.value = [clamp(x, 0, width - 1), clamp(y, 0, height - 1)];
}
function tapped(e: PointerEvent): void {
  const box = canvas.value!.getBoundingClientRect();
  const k = canvas.value!.width / box.width;
  moveTo((e.clientX - box.left) * k, (e.clientY - box.top) * k);
  pick();
}
const STEPS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
function pressed(e: KeyboardEvent): void {
  const step = STEPS[e.key];
  if (e.key === 'Enter' || e.key === ' ') pick();
  else if (!step) return;
  else {
    const far = e.shiftKey ? 20 : 4;
    moveTo(cross.value[0] + far * step[0], cross.value[1] + far * step[1]);
  }
  e.preventDefault();
}
const found = computed(() => {
  if (!spot.value) return undefined;
  if (card.value === 'none') return { hex: spot.value };
  if (!cardSpot.value) return undefined;
  const light = balanced(spot.value, cardSpot.value, card.value);
  return light.ok ? { hex: light.value } : { problem: light.problem.text };
});
const asks = computed(() =>
  next.value === 'card'
    ? `Tap the middle of the ${CARDS[card.value === 'none' ? 'grey' : card.value].name}.`
    : 'Tap the colour.',
);
function done(): void {
  if (!found.value?.hex) return;
  emit('picked', found.value.hex);
  open.value = false;
}
</script>

<template>
  <a-modal
    v-model:open="open"
    title="Pick a colour from a picture"
    ok-text="Take this colour"
    :ok-button-props="{ disabled: !found?.hex }"
    :width="720"
    @ok="done"
  >
    <div class="row">
      <button class="button" type="button" @click="chooser?.click()">
        {{ loaded ? 'Another picture' : 'Choose a picture' }}
      </button>
      <ChoiceField
        label="In its light lies a"
        :value="card"
        :options="CHOICES"
        :width="150"
        @change="
          (v: LightCard | 'none') => {
            card = v;
            next = v === 'none' || cardSpot ? 'paste' : 'card';
          }
        "
      />
      <button v-if="cardSpot && card !== 'none'" class="button plain" type="button" @click="next = 'card'">
        Tap the card again
      </button>
      <input
        ref="chooser"
        class="visually-hidden"
        type="file"
        accept="image/*"
        aria-label="Picture to pick from"
        tabindex="-1"
        @change="take"
      />
    </div>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <template v-if="loaded">
      <p aria-live="polite">
        <strong>{{ asks }}</strong>
        <span class="muted small"> Arrows move the cross, Enter taps.</span>
      </p>
      <div class="over">
        <canvas
          ref="canvas"
          tabindex="0"
          role="application"
          :aria-label="`Picture. ${asks}`"
          @pointerdown="tapped"
          @keydown="pressed"
        ></canvas>
        <i
          v-if="canvas"
          class="cross"
          aria-hidden="true"
          :style="{
            left: `${(100 * cross[0]) / canvas.width}%`,
            top: `${(100 * cross[1]) / canvas.height}%`,
          }"
        ></i>
      </div>
      <p v-if="found?.problem" class="wrong" role="alert">{{ found.problem }}</p>
      <p v-else-if="found" class="got">
        <i :style="{ background: found.hex }" aria-hidden="true"></i>
        <span>
          <strong>{{ found.hex }}</strong><span v-if="card === 'none'" class="muted">
            as it is in the picture: the light of the room is in it.</span
          ><span v-else class="muted"> as it looks in daylight.</span>
        </span>
      </p>
    </template>
    <p v-else class="muted">
      Lay a grey card or white paper beside the paste, in the same shade, and take the picture without flash.
      It stays in this browser.
    </p>
  </a-modal>
</template>

<style scoped>
.row {
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: flex-end;
  margin-bottom: 10px;
}
.over {
  position: relative;
  display: inline-block;
  max-width: 100%;
  margin-top: 6px;
}
canvas {
  display: block;
  max-width: 100%;
  cursor: crosshair;
  touch-action: manipulation;
}
.cross {
  position: absolute;
  width: 18px;
  height: 18px;
  margin: -9px 0 0 -9px;
  border: 2px solid #fff;
  border-radius: 50%;
  outline: 1.5px solid #1d2422;
  pointer-events: none;
}
.got {
  display: flex;
  gap: 12px;
  align-items: center;
  margin-top: 8px;
}
.got i {
  width: 44px;
  height: 44px;
  border: 1px solid rgb(29 36 34 / 35%);
  border-radius: 50%;
}
.wrong {
  color: var(--fails);
}
</style>
