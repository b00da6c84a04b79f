<script setup lang="ts">
import { computed, useId } from 'vue';
import { ACROSS, halfOf, isSoft, markPlaces } from '../drawing/painted.ts';
import type { Spread } from '../drawing/paths.ts';
import type { SeenCoat } from '../drawing/surface.ts';

/** What finishes make of a face, laid over its paste: from the first to the last. */
const props = defineProps<{
  coats: readonly SeenCoat[];
  /** The outline of the face. */
  d: string;
  spread: Spread;
  x: number;
  y: number;
}>();
const own = `coat-${useId()}`;
/** A share where the face is fullest, on the way, and where it runs out. */
const RIM = [0, 0.12, 1] as const;
const EDGE = [1, 0.55, 0] as const;
const coats = computed(() =>
  props.coats.map((c, i) => {
    const soft = isSoft(c);
    return {
      ...c,
      id: `${own}-${i}`,
      soft,
      even: c.as === 'cover' && c.toward === 'all',
      round: c.as === 'rim' && c.toward === 'all',
      ends: c.toward === 'all' ? undefined : ACROSS[c.toward],
      spots: c.marks
        ? markPlaces(props.spread, c.marks.number, soft).map(([x, y]) => {
            const half = halfOf(props.spread);
            const off = c.marks!.off * half;
            return { cx: props.x + x - off, cy: -props.y - y - off, r: Math.max(0.2, c.marks!.size * half) };
          })
        : [],
    };
  }),
);
</script>

<template>
  <g class="painted" aria-hidden="true">
    <template v-for="c in coats" :key="c.id">
      <template v-if="c.as === 'marks'">
        <radialGradient v-if="c.soft" :id="c.id">
          <stop offset="0" :stop-color="c.colour" :stop-opacity="c.strength" />
          <stop offset="1" :stop-color="c.colour" stop-opacity="0" />
        </radialGradient>
        <circle
          v-for="(s, k) in c.spots"
          :key="k"
          v-bind="s"
          :fill="c.soft ? `url(#${c.id})` : c.colour"
          :fill-opacity="c.soft ? 1 : c.strength"
        />
      </template>
      <path v-else-if="c.as === 'line'" class="line" :d="d" :stroke="c.colour" :stroke-opacity="c.strength" />
      <path v-else-if="c.even" :d="d" :fill="c.colour" :fill-opacity="c.strength" />
      <template v-else>
        <radialGradient v-if="c.round" :id="c.id" cx="0.46" cy="0.42" r="0.66">
          <stop
            v-for="(share, k) in RIM"
            :key="k"
            :offset="k / 2"
            :stop-color="c.colour"
            :stop-opacity="c.strength * share"
          />
        </radialGradient>
        <linearGradient
          v-else-if="c.ends"
          :id="c.id"
          :x1="c.ends[0]"
          :y1="c.ends[1]"
          :x2="c.ends[2]"
          :y2="c.ends[3]"
        >
          <stop
            v-for="(share, k) in EDGE"
            :key="k"
            :offset="0.36 * k"
            :stop-color="c.colour"
            :stop-opacity="c.strength * share"
          />
        </linearGradient>
        <path :d="d" :fill="`url(#${c.id})`" />
      </template>
    </template>
  </g>
</template>

<style scoped>
.painted {
  pointer-events: none;
}
.line {
  fill: none;
  stroke-width: 0.7px;
  stroke-linecap: round;
  stroke-dasharray: 7 1.4 3 1.8 11 1.2;
}
</style>
