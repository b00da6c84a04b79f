<script setup lang="ts">
import { computed } from 'vue';
import { THREADS, type HardwareReport } from '@core/bones/index.ts';
import type { StackItem, ThreadSize } from '@core/record/index.ts';

/** The stack as it stands, at true heights; widths only tell kinds apart. */
const props = defineProps<{ report: HardwareReport; thread: ThreadSize }>();
const top = computed(() =>
  Math.max(...props.report.lines.map((l) => l.to), props.report.rodFrom + props.report.rod.value),
);
const WIDE: Record<StackItem['kind'], number> = {
  feet: 14,
  nut: 20,
  washer: 26,
  large: 34,
  base: 100,
  board: 62,
  gap: 0,
  tier: 70,
};
const FILL: Record<StackItem['kind'], string> = {
  feet: '#6d7773',
  nut: '#4d5753',
  washer: '#88928e',
  large: '#88928e',
  base: '#cfc8bb',
  board: '#cfc8bb',
  gap: 'none',
  tier: '#f1e6d4',
};
const boxes = computed(() =>
  props.report.lines.flatMap((l) => {
    const w = WIDE[l.item.kind];
    const y = top.value - l.to;
    const box = { id: l.item.id, y, h: Math.max(0.6, l.thick), fill: FILL[l.item.kind] };
    // feet stand left and right of the rod
    return l.item.kind === 'feet'
      ? [
          { ...box, x: -40, w },
          { ...box, id: `${box.id}-2`, x: 26, w },
        ]
      : [{ ...box, x: -w / 2, w }];
  }),
);
const rod = computed(() => ({
  y: top.value - props.report.rodFrom - props.report.rod.value,
  h: props.report.rod.value,
}));
</script>

<template>
  <svg
    :viewBox="`-60 -6 120 ${top + 16}`"
    class="drawing"
    role="img"
    :aria-label="`The stack, ${Math.round(top)} mm high, on an M${thread} rod`"
  >
    <rect
      v-for="b in boxes"
      :key="b.id"
      :x="b.x"
      :y="b.y"
      :width="b.w"
      :height="b.h"
      :fill="b.fill"
      class="box"
    />
    <rect class="rod" :x="-thread / 2" :y="rod.y" :width="thread" :height="rod.h" />
    <line x1="-58" x2="58" :y1="top" :y2="top" class="table" />
    <title>Hole {{ THREADS[thread].hole }} mm</title>
  </svg>
</template>

<style scoped>
.drawing {
  width: 104px;
  max-height: 420px;
}
.box {
  stroke: var(--ink);
  stroke-width: 0.8;
  vector-effect: non-scaling-stroke;
}
.rod {
  fill: var(--rod);
  fill-opacity: 0.55;
  stroke: var(--rod);
  vector-effect: non-scaling-stroke;
}
.table {
  stroke: var(--ink);
  stroke-width: 1.4;
  vector-effect: non-scaling-stroke;
}
</style>
