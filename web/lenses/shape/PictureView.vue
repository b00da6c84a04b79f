<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue';
import { straightened, type Spot } from '@core/figure/index.ts';
import { formatLength } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { usePreferences } from '../../state/preferences.ts';
import { useReference } from '../../state/reference.ts';
import { redrawn } from '../../storage/pictures.ts';
import QuantityField from '../../shared/QuantityField.vue';
import ToggleField from '../../shared/ToggleField.vue';
import Segments from '../../shared/Segments.vue';

/** The person's own picture: one known length makes every other measurable; four corners make a flat thing straight. */
const store = useBuild();
const preferences = usePreferences();
const reference = useReference();
const chooser = ref<HTMLInputElement>();
const svg = ref<SVGSVGElement>();

type Tool = 'known' | 'measure' | 'foot' | 'corners';
const tool = ref<Tool>('known');
const TOOLS: { label: string; value: Tool }[] = [
  { label: 'Known length', value: 'known' },
  { label: 'Measure', value: 'measure' },
  { label: 'Foot', value: 'foot' },
  { label: 'Straighten', value: 'corners' },
];
const HINTS: Record<Tool, string> = {
  known: 'Draw along something whose length you know, then type it.',
  measure: 'Draw along anything in the same plane; its length is read with its error.',
  foot: 'Click where the middle of the figure’s foot stands, so that the picture lies right behind the stage.',
  corners: 'Click the four corners of a flat thing, from the top left round, and type its true size.',
};
const p = computed(() => reference.picture);
const marks = computed(() => reference.marks);
const unit = computed(() => (p.value ? Math.max(p.value.width / 520, p.value.height / 380) : 1));
// kept as plain data: the browser's store takes nothing else
const stroke = shallowRef<{ from: Spot; to: Spot }>();
const corners = shallowRef<Spot[]>([]);
const flat = ref({ wide: 297, tall: 210 });

async function take(e: Event): Promise<void> {
  const input = e.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  const kept = await reference.take(file);
  if (!kept.ok) store.say(kept.problem.text, 'error');
}
function spotAt(e: PointerEvent): Spot {
  const inverse = svg.value!.getScreenCTM()!.inverse();
  const at = new DOMPoint(e.clientX, e.clientY).matrixTransform(inverse);
  return [at.x, at.y];
}
function down(e: PointerEvent): void {
  if (e.button !== 0) return;
  const at = spotAt(e);
  if (tool.value === 'foot') void reference.mark({ foot: at });
  else if (tool.value === 'corners')
    corners.value = corners.value.length >= 4 ? [at] : [...corners.value, at];
  else {
    svg.value!.setPointerCapture(e.pointerId);
    stroke.value = { from: at, to: at };
  }
}
function move(e: PointerEvent): void {
  if (stroke.value) stroke.value = { ...stroke.value, to: spotAt(e) };
}
function up(): void {
  const s = stroke.value;
  stroke.value = undefined;
  if (!s || Math.hypot(s.to[0] - s.from[0], s.to[1] - s.from[1]) < 4 * unit.value) return;
  if (tool.value === 'known') void reference.mark({ known: { ...s, mm: marks.value.known?.mm ?? 100 } });
  else void reference.mark({ measured: [...(marks.value.measured ?? []), s].slice(-12) });
}
const measured = computed(() =>
  [...(marks.value.measured ?? []), ...(stroke.value && tool.value === 'measure' ? [stroke.value] : [])].map(
    (m) => {
      const found = reference.lengthBetween(m.from, m.to);
      return {
        ...m,
        text: found?.ok
          ? `${formatLength(found.value.mm, preferences.shown)} ± ${formatLength(found.value.error, preferences.shown)}`
          : '?',
      };
    },
  ),
);
async function makeStraight(): Promise<void> {
  const picture = p.value;
  if (!picture || corners.value.length !== 4) return;
  const { wide, tall } = flat.value;
  const straight = straightened(corners.value, wide, tall);
  if (!straight.ok) return store.say(straight.problem.text, 'error');
  const { width: w, height: h, seenAt } = straight.value;
  const blob = await redrawn(picture.blob, w, h, (x, y) => seenAt([x, y]));
  const kept = blob && (await reference.take(blob));
  if (!kept?.ok)
    return store.say('The picture could not be made straight. The one before is still there.', 'error');
  corners.value = [];
  await reference.mark({ known: { from: [0, h - 1], to: [w - 1, h - 1], mm: wide } });
  tool.value = 'measure';
}
const strength = computed({
  get: () => Math.round(reference.strength * 100),
  set: (v: number) => (reference.strength = v / 100),
});
</script>

<template>
  <div class="picture">
    <div class="row">
      <button class="button" :class="{ main: !p }" type="button" @click="chooser?.click()">
        {{ p ? 'Another picture' : 'Add your picture' }}
      </button>
      <button v-if="p" class="button plain" type="button" @click="reference.drop()">Remove it</button>
      <span class="muted small">It stays in this browser and is never sent anywhere.</span>
      <input
        ref="chooser"
        class="visually-hidden"
        type="file"
        accept="image/*"
        aria-label="Your reference picture"
        tabindex="-1"
        @change="take"
      />
    </div>
    <template v-if="p && reference.url">
      <Segments v-model:value="tool" :options="TOOLS" class="tools" />
      <p class="muted">{{ HINTS[tool] }}</p>
      <svg
        ref="svg"
        :viewBox="`0 0 ${p.width} ${p.height}`"
        preserveAspectRatio="xMidYMid meet"
        role="img"
        aria-label="Your picture with what was measured on it"
        @pointerdown="down"
        @pointermove="move"
        @pointerup="up"
        @pointercancel="up"
      >
        <image :href="reference.url" :width="p.width" :height="p.height" />
        <g v-for="(m, i) in measured" :key="i" class="line">
          <line
            :x1="m.from[0]"
            :y1="m.from[1]"
            :x2="m.to[0]"
            :y2="m.to[1]"
            :stroke-width="3.4 * unit"
            class="halo"
          />
          <line :x1="m.from[0]" :y1="m.from[1]" :x2="m.to[0]" :y2="m.to[1]" :stroke-width="1.8 * unit" />
          <text
            :x="(m.from[0] + m.to[0]) / 2 + 6 * unit"
            :y="(m.from[1] + m.to[1]) / 2 - 5 * unit"
            :font-size="13 * unit"
            :stroke-width="3 * unit"
          >
            {{ m.text }}
          </text>
        </g>
        <g v-for="(k, i) in [stroke && tool === 'known' ? { ...stroke } : marks.known]" :key="`k${i}`">
          <template v-if="k">
            <line
              :x1="k.from[0]"
              :y1="k.from[1]"
              :x2="k.to[0]"
              :y2="k.to[1]"
              :stroke-width="4.4 * unit"
              class="halo"
            />
            <line
              :x1="k.from[0]"
              :y1="k.from[1]"
              :x2="k.to[0]"
              :y2="k.to[1]"
              :stroke-width="2.6 * unit"
              class="known"
            />
          </template>
        </g>
        <circle
          v-if="marks.foot"
          :cx="marks.foot[0]"
          :cy="marks.foot[1]"
          :r="7 * unit"
          :stroke-width="2.5 * unit"
          class="foot"
        />
        <polygon
          v-if="corners.length"
          :points="corners.map((c) => c.join(',')).join(' ')"
          class="corners"
          :stroke-width="2 * unit"
        />
        <circle
          v-for="(c, i) in corners"
          :key="`c${i}`"
          :cx="c[0]"
          :cy="c[1]"
          :r="6 * unit"
          class="foot"
          :stroke-width="2 * unit"
        />
      </svg>
      <div class="row fields">
        <QuantityField
          v-if="marks.known"
          label="Known length"
          kind="length"
          :value="marks.known.mm"
          @change="(v) => v > 0 && reference.mark({ known: { ...marks.known!, mm: v } })"
        />
        <template v-if="tool === 'corners'">
          <QuantityField
            label="Truly wide"
            kind="length"
            :value="flat.wide"
            @change="(v) => (flat.wide = Math.max(1, v))"
          />
          <QuantityField
            label="Truly tall"
            kind="length"
            :value="flat.tall"
            @change="(v) => (flat.tall = Math.max(1, v))"
          />
          <button class="button" type="button" :disabled="corners.length !== 4" @click="makeStraight">
            Make it straight
          </button>
        </template>
        <button
          v-if="marks.measured?.length"
          class="button plain"
          type="button"
          @click="reference.mark({ measured: [] })"
        >
          Clear what was measured
        </button>
      </div>
      <div class="row">
        <ToggleField
          v-model:checked="reference.under"
          label="Behind the figure on the stage"
          beside
          small
          :disabled="!reference.scale"
        />
        <label v-if="reference.under" class="row"
          >strength <input v-model.number="strength" type="range" min="10" max="100"
        /></label>
        <span v-if="!reference.scale" class="muted small">Mark a known length first.</span>
      </div>
      <p class="muted small">
        True only in the plane of the known length, facing the camera: stand back at least five times the size
        of the thing. To trace a body over it, give a piece the shape “Traced body” and draw its lines.
      </p>
    </template>
  </div>
</template>

<style scoped>
.picture {
  display: grid;
  gap: 10px;
  padding-top: 14px;
  align-content: start;
}
.tools {
  justify-self: start;
}
svg {
  width: 100%;
  max-height: 400px;
  background: var(--slab);
  border-radius: 9px;
  cursor: crosshair;
  touch-action: none;
  user-select: none;
}
line {
  stroke: var(--ink);
}
.halo {
  stroke: var(--paper);
}
.known {
  stroke: var(--elm);
}
.foot {
  fill: var(--paper);
  stroke: var(--elm);
}
.corners {
  fill: rgb(31 92 70 / 18%);
  stroke: var(--elm);
}
text {
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--paper);
  font-weight: 600;
}
</style>
