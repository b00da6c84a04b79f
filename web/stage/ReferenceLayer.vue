<script setup lang="ts">
import { computed } from 'vue';
import { extent, landmarks } from '@core/figure/index.ts';
import { useOpenBuild } from '../state/here.ts';
import { useReference } from '../state/reference.ts';
import type { Window } from './geometry.ts';

/** What the figure is modelled after: the person's picture behind it, and the levels of a proportion. */
defineProps<{ frame: Window; unit: number }>();
const here = useOpenBuild();
const reference = useReference();
const levels = computed(() =>
  reference.landmarksOf ? landmarks(reference.landmarksOf, Math.max(20, extent(here.live).top)) : [],
);
const picture = computed(() => {
  const { picture: p, scale: k, marks, under, url } = reference;
  if (!p || !k || !under || !url) return undefined;
  const foot = marks.foot ?? [p.width / 2, p.height];
  return { url, x: -foot[0] * k, y: -foot[1] * k, width: p.width * k, height: p.height * k };
});
</script>

<template>
  <g class="reference">
    <image
      v-if="picture"
      :href="picture.url"
      :x="picture.x"
      :y="picture.y"
      :width="picture.width"
      :height="picture.height"
      :opacity="reference.strength"
      preserveAspectRatio="none"
    />
    <g v-for="l in levels" :key="l.name" :font-size="11 * unit">
      <line
        :x1="frame.left + 34 * unit"
        :x2="frame.left + frame.width"
        :y1="-l.z"
        :y2="-l.z"
        :stroke-width="unit"
        :stroke-dasharray="`${6 * unit} ${4 * unit}`"
      />
      <text :x="frame.left + frame.width - 6 * unit" :y="-l.z - 3 * unit" text-anchor="end">{{
        l.name
      }}</text>
    </g>
  </g>
</template>

<style scoped>
.reference {
  pointer-events: none;
}
line {
  stroke: var(--elm);
}
text {
  fill: var(--elm);
}
</style>
