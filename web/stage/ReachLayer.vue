<script setup lang="ts">
import { computed } from 'vue';
import { project } from '@core/figure/index.ts';
import { useStage } from '../state/on-stage.ts';

/** Spots of a face that a tool reaches to the end, and those it loses, where they face the viewer. */
const props = defineProps<{ unit: number }>();
const stage = useStage();
/** One spot of a kind in so many pixels each way: more are one blot. */
const APART = 10;
const spots = computed(() => {
  const taken = new Set<string>();
  return (stage.spots ?? []).flatMap((s) => {
    const towards = stage.view === 'front' ? -s.faces[1] : s.faces[0];
    if (towards < -0.2) return [];
    const [x, y] = project(stage.view, s.at);
    const lost = Number.isFinite(s.lost);
    const cell = [x, y].map((v) => Math.round(v / (APART * props.unit))).join('/');
    if (taken.has(`${cell}${lost}`)) return [];
    taken.add(`${cell}${lost}`);
    return [{ x, y: -y, lost }];
  });
});
const r = computed(() => 3.2 * props.unit);
</script>

<template>
  <g class="reach">
    <template v-for="(s, k) in spots" :key="k">
      <path
        v-if="s.lost"
        class="lost"
        :d="`M${s.x - r} ${s.y - r}l${2 * r} ${2 * r}m0 ${-2 * r}l${-2 * r} ${2 * r}`"
        :stroke-width="1.8 * unit"
      />
      <circle v-else class="kept" :cx="s.x" :cy="s.y" :r="0.8 * r" :stroke-width="unit" />
    </template>
  </g>
</template>

<style scoped>
.reach {
  pointer-events: none;
}
.lost {
  stroke: var(--fails);
  fill: none;
}
.kept {
  stroke: var(--paper);
  fill: var(--holds);
}
</style>
