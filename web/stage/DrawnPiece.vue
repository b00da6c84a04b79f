<script setup lang="ts">
import { computed, useId } from 'vue';
import type { Turned } from '@core/figure/index.ts';
import { laidOn, marksAt, markStretch, type Laid } from '../drawing/marks.ts';
import { pathsAt, shadeAt, shadingOf } from '../drawing/paths.ts';
import { lineOf, markOf, type Surface } from '../drawing/surface.ts';
import PaintedFace from './PaintedFace.vue';

/** One body as paste: a thin warm line round the whole of it, one soft light, what was done to its face; heaps one by one. */
const props = withDefaults(
  defineProps<{
    shape: Turned;
    surface: Surface;
    /** Where its origin is in the picture, mm, up positive. */
    x?: number;
    y?: number;
    /** A shade where it meets what is behind it. */
    shaded?: boolean;
    /** The hand has hold of something: what was done to its face is not done again. */
    held?: boolean;
  }>(),
  { x: 0, y: 0 },
);
const paths = computed(() => pathsAt(props.shape, props.x, props.y));
const shading = computed(() => shadingOf(props.shape));
const across = computed(() => {
  const a = shading.value.across;
  return (
    a && { x1: props.x + a.from[0], y1: -props.y - a.from[1], x2: props.x + a.to[0], y2: -props.y - a.to[1] }
  );
});
const under = computed(() => shadeAt(props.shape, props.x, props.y));
/** Its own answer: hundreds of marks are not laid again because a colour is another one. */
const texture = computed(() => props.surface.texture);
const laid = computed<Laid>((last) =>
  laidOn(last, { drawn: props.shape, texture: texture.value, at: [props.x, props.y] }, props.held),
);
const marks = computed(() => marksAt(laid.value));
const stretched = computed(() => markStretch(laid.value, props.shape, [props.x, props.y]));
const line = computed(() => lineOf(props.surface.fill));
/** Light of its own along a long body; shared by all where it is as on a ball or a sheet. */
const own = `lit-${useId()}`;
const light = computed(() => {
  const { sheen } = props.surface;
  if (props.shape.flat) return `url(#over-${sheen})`;
  return across.value ? `url(#${own})` : `url(#light-${sheen})`;
});
</script>

<template>
  <template v-if="paths.layers">
    <template v-for="(d, i) in paths.layers" :key="i">
      <path class="single" :d="d" :fill="surface.fill" :stroke="line" />
      <path class="light" :d="d" :fill="`url(#light-${surface.sheen})`" />
    </template>
  </template>
  <template v-else>
    <linearGradient
      v-if="across"
      :id="own"
      :href="`#along-${surface.sheen}`"
      gradientUnits="userSpaceOnUse"
      v-bind="across"
    />
    <path v-if="shaded" class="shade" :d="under" :stroke-width="shading.shade * 1.2" />
    <path class="whole" :d="paths.all" :fill="surface.fill" :stroke="line" />
    <PaintedFace
      v-if="surface.coats?.length"
      :coats="surface.coats"
      :d="paths.all"
      :spread="shading.spread"
      :x="x"
      :y="y"
    />
    <path v-if="marks" class="marks" :d="marks" :transform="stretched" :stroke="markOf(surface.fill)" />
    <path class="light" :d="paths.all" :fill="light" />
    <path v-if="surface.sheen === 'gloss'" class="light" :d="paths.all" fill="url(#glint)" />
  </template>
</template>

<style scoped>
/* the line lies under the fill: it runs round the whole, and not where outlines lie over each other */
.whole {
  stroke-width: 2.2px;
  stroke-linejoin: round;
  paint-order: stroke;
  vector-effect: non-scaling-stroke;
}
.single {
  stroke-width: 1px;
  stroke-linejoin: round;
  vector-effect: non-scaling-stroke;
}
.shade {
  fill: #24160a;
  fill-opacity: 0.1;
  stroke: #24160a;
  stroke-opacity: 0.09;
  stroke-linejoin: round;
  pointer-events: none;
}
.marks {
  fill: none;
  stroke-width: 0.42px;
  stroke-linecap: round;
  stroke-linejoin: round;
  /* of the stroke, not of the whole: a layer of its own for each piece is half the cost of a frame */
  stroke-opacity: 0.62;
  pointer-events: none;
}
.light {
  pointer-events: none;
}
</style>
