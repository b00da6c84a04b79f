<script setup lang="ts">
import { computed } from 'vue';
import type { SeenBones } from '@core/bones/index.ts';
import { project } from '@core/figure/index.ts';
import { useStage } from '../state/on-stage.ts';

/** Where the figure balances, and how far its footing reaches under it. */
const props = defineProps<{ bones: SeenBones; board: number; unit: number }>();
const stage = useStage();
const balance = computed(() => project(stage.view, props.bones.balance.point));
const footing = computed(() => {
  const outline = props.bones.figureTips.outline;
  if (outline.length < 2) return undefined;
  const k = stage.view === 'front' ? 0 : 1;
  const xs = outline.map((p) => p[k]);
  return [Math.min(...xs), Math.max(...xs)] as const;
});
</script>

<template>
  <g class="balance">
    <line
      :x1="balance[0]"
      :x2="balance[0]"
      :y1="-balance[1]"
      y2="0"
      :stroke-width="1.6 * unit"
      :stroke-dasharray="`${2 * unit} ${4 * unit}`"
    />
    <circle :cx="balance[0]" :cy="-balance[1]" :r="7 * unit" :stroke-width="2 * unit" />
    <path
      :d="`M${balance[0] - 7 * unit} ${-balance[1]}h${14 * unit}M${balance[0]} ${-balance[1] - 7 * unit}v${14 * unit}`"
      :stroke-width="1.6 * unit"
    />
    <template v-if="footing">
      <rect
        class="footing"
        :x="footing[0]"
        :y="board + 6 * unit"
        :width="footing[1] - footing[0]"
        :height="5 * unit"
      />
      <line
        :x1="balance[0]"
        :x2="balance[0]"
        :y1="board + 2 * unit"
        :y2="board + 15 * unit"
        :stroke-width="2 * unit"
      />
    </template>
  </g>
</template>

<style scoped>
.balance {
  pointer-events: none;
}
.balance circle {
  fill: var(--paper);
}
.balance line,
.balance path,
.balance circle {
  stroke: var(--ink);
}
.footing {
  fill: var(--holds);
}
</style>
