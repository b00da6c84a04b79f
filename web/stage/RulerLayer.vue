<script setup lang="ts">
import { computed } from 'vue';
import type { Shown } from '@core/quantity/index.ts';
import { rulerMarks, type Window } from './geometry.ts';

/** Heights above the board, in the person's own units. */
const props = defineProps<{ frame: Window; unit: number; length: Shown['length'] }>();
const marks = computed(() => rulerMarks(props.frame, props.unit, props.length));
</script>

<template>
  <g class="ruler" :font-size="11 * unit" aria-hidden="true">
    <template v-for="m in marks" :key="m.up">
      <line
        :x1="frame.left + 38 * unit"
        :x2="frame.left + frame.width"
        :y1="-m.up"
        :y2="-m.up"
        :stroke-width="unit * 0.7"
      />
      <text :x="frame.left + 33 * unit" :y="-m.up + 3.5 * unit" text-anchor="end">{{ m.says }}</text>
    </template>
  </g>
</template>

<style scoped>
.ruler {
  pointer-events: none;
}
.ruler line {
  stroke: var(--slab-3);
}
.ruler text {
  fill: var(--ink-3);
}
</style>
