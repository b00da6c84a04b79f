<script setup lang="ts">
import { computed, ref } from 'vue';
import { sampled, type Curve, type CurveNode } from '@core/solids/index.ts';

/**
 * A line drawn by hand: points are pulled, a click on the line adds one, a corner is a square and a smooth point round.
 * Coordinates are shares of the piece: across and up. A picture may lie under it.
 */
const props = withDefaults(
  defineProps<{
    curve: Curve;
    closed: boolean;
    /** Width and height of the piece, for true proportion. */
    wide: number;
    tall: number;
    /** Further lines drawn with it, for orientation. */
    others?: readonly Curve[];
    picture?:
      | {
          readonly url: string;
          readonly x: number;
          readonly y: number;
          readonly width: number;
          readonly height: number;
        }
      | undefined;
    label: string;
  }>(),
  { others: () => [], picture: undefined },
);
const emit = defineEmits<{ change: [curve: Curve] }>();
const svg = ref<SVGSVGElement>();
const chosen = ref<number>();
const live = ref<Curve>();
const shown = computed(() => live.value ?? props.curve);

const scale = computed(() => 100 / Math.max(props.wide, props.tall));
const W = computed(() => props.wide * scale.value);
const H = computed(() => props.tall * scale.value);
/** The line and its points always fit. */
const box = computed(() => {
  const all = [...props.curve, ...props.others.flat()];
  const xs = all.map((p) => p[0]);
  const zs = all.map((p) => p[1]);
  const left = Math.min(props.closed ? -0.5 : 0, ...xs) - 0.12;
  const right = Math.max(0.5, ...xs) + 0.12;
  const low = Math.min(0, ...zs) - 0.1;
  const high = Math.max(1, ...zs) + 0.1;
  return { x: left * W.value, y: -high * H.value, w: (right - left) * W.value, h: (high - low) * H.value };
});
const unit = computed(() => Math.max(box.value.w, box.value.h) / 420);
const at = (p: readonly number[]): readonly [number, number] => [p[0]! * W.value, -p[1]! * H.value];
const pathOf = (curve: Curve, closed: boolean) =>
  `M${sampled(curve, closed)
    .map((p) =>
      at(p)
        .map((x) => x.toFixed(2))
        .join(' '),
    )
    .join('L')}${closed ? 'Z' : ''}`;

function pointAt(e: PointerEvent | MouseEvent): readonly [number, number] {
  const inverse = svg.value!.getScreenCTM()!.inverse();
  const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(inverse);
  return [p.x / W.value, -p.y / H.value];
}
const tidy = (x: number) => Math.round(Math.min(4, Math.max(-4, x)) * 1000) / 1000;
const moved = (curve: Curve, i: number, x: number, z: number): Curve =>
  curve.map((p, k): CurveNode => (k === i ? (p[2] === 1 ? [tidy(x), tidy(z), 1] : [tidy(x), tidy(z)]) : p));

function grab(e: PointerEvent, i: number): void {
  chosen.value = i;
  if (e.button !== 0) return;
  (e.target as Element).setPointerCapture(e.pointerId);
  live.value = props.curve;
}
function drag(e: PointerEvent, i: number): void {
  if (!live.value) return;
  const [x, z] = pointAt(e);
  live.value = moved(props.curve, i, props.closed ? x : Math.max(0, x), z);
}
function drop(): void {
  const done = live.value;
  live.value = undefined;
  if (done && done !== props.curve) emit('change', done);
}
/** A new point where the line was clicked, between the two it lies between. */
function add(e: MouseEvent): void {
  const [x, z] = pointAt(e);
  const n = props.curve.length;
  const per = (i: number) => {
    const chain = sampled(props.curve, props.closed);
    let best = { d: Infinity, i: 0 };
    chain.forEach((p, k) => {
      const d = Math.hypot((p[0] - x) * W.value, (p[1] - z) * H.value);
      if (d < best.d) best = { d, i: k };
    });
    return best.i / chain.length >= i;
  };
  let after = 0;
  for (let i = 0; i < n; i++) if (per(i / (props.closed ? n : n - 1))) after = i;
  const next = [
    ...props.curve.slice(0, after + 1),
    [tidy(x), tidy(z)] as CurveNode,
    ...props.curve.slice(after + 1),
  ];
  chosen.value = after + 1;
  emit('change', next);
}
const least = computed(() => (props.closed ? 3 : 2));
function remove(): void {
  if (chosen.value === undefined || props.curve.length <= least.value) return;
  emit(
    'change',
    props.curve.filter((_, i) => i !== chosen.value),
  );
  chosen.value = undefined;
}
function corner(): void {
  const i = chosen.value;
  if (i === undefined) return;
  emit(
    'change',
    props.curve.map((p, k): CurveNode => (k !== i ? p : p[2] === 1 ? [p[0], p[1]] : [p[0], p[1], 1])),
  );
}
function keys(e: KeyboardEvent, i: number): void {
  chosen.value = i;
  const step = e.shiftKey ? 0.05 : 0.01;
  const [dx, dz] =
    { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, step], ArrowDown: [0, -step] }[e.key] ?? [];
  if (dx !== undefined)
    emit('change', moved(props.curve, i, props.curve[i]![0] + dx, props.curve[i]![1] + dz!));
  else if (e.key === 'Delete' || e.key === 'Backspace') remove();
  else if (e.key === ' ' || e.key === 'Enter') corner();
  else return;
  e.preventDefault();
  e.stopPropagation();
}
</script>

<template>
  <div class="editor">
    <svg
      ref="svg"
      :viewBox="`${box.x} ${box.y} ${box.w} ${box.h}`"
      preserveAspectRatio="xMidYMid meet"
      role="group"
      :aria-label="label"
    >
      <image
        v-if="picture"
        :href="picture.url"
        :x="picture.x * W"
        :y="-picture.y * H"
        :width="picture.width * W"
        :height="picture.height * H"
        preserveAspectRatio="none"
        opacity="0.75"
      />
      <line
        :x1="0"
        :x2="0"
        :y1="box.y"
        :y2="box.y + box.h"
        class="axis"
        :stroke-width="unit"
        :stroke-dasharray="`${4 * unit} ${4 * unit}`"
      />
      <path v-for="(o, i) in others" :key="i" :d="pathOf(o, true)" class="other" :stroke-width="1.6 * unit" />
      <path :d="pathOf(shown, closed)" class="line" :class="{ closed }" :stroke-width="2 * unit" />
      <path :d="pathOf(shown, closed)" class="catch" :stroke-width="14 * unit" @click="add" />
      <g
        v-for="(p, i) in shown"
        :key="i"
        tabindex="0"
        role="button"
        :aria-label="`Point ${i + 1}, ${p[2] === 1 ? 'corner' : 'smooth'}`"
        class="node"
        :class="{ chosen: i === chosen }"
        @pointerdown.stop="grab($event, i)"
        @pointermove="drag($event, i)"
        @pointerup="drop"
        @pointercancel="drop"
        @keydown="keys($event, i)"
        @focus="chosen = i"
      >
        <rect
          v-if="p[2] === 1"
          :x="at(p)[0] - 6 * unit"
          :y="at(p)[1] - 6 * unit"
          :width="12 * unit"
          :height="12 * unit"
          :stroke-width="2 * unit"
        />
        <circle v-else :cx="at(p)[0]" :cy="at(p)[1]" :r="6.5 * unit" :stroke-width="2 * unit" />
      </g>
    </svg>
    <div class="row">
      <button class="button" type="button" :disabled="chosen === undefined" @click="corner">
        {{ chosen !== undefined && curve[chosen]?.[2] === 1 ? 'Make it smooth' : 'Make it a corner' }}
      </button>
      <button
        class="button"
        type="button"
        :disabled="chosen === undefined || curve.length <= least"
        @click="remove"
      >
        Remove the point
      </button>
      <span class="muted small">Pull a point; click the line for a new one.</span>
    </div>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 8px;
  min-width: 0;
}
svg {
  width: 100%;
  height: 400px;
  background: var(--slab);
  border-radius: 9px;
  touch-action: none;
  user-select: none;
}
.axis {
  stroke: var(--line);
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-linejoin: round;
}
.line.closed {
  fill: rgb(31 92 70 / 12%);
}
.other {
  fill: none;
  stroke: var(--ink-3);
}
.catch {
  fill: none;
  stroke: transparent;
  cursor: copy;
}
.node {
  cursor: grab;
}
.node > * {
  fill: var(--paper);
  stroke: var(--elm);
}
.node.chosen > * {
  fill: var(--elm);
}
.node:focus-visible {
  outline: none;
}
.node:focus-visible > * {
  stroke: var(--playhead);
}
</style>
