<script setup lang="ts">
import { computed } from 'vue';
import { spanBetween } from '@core/figure/index.ts';
import { formatReckoned } from '@core/quantity/index.ts';
import { usePreferences } from '../state/preferences.ts';
import { useStage } from '../state/on-stage.ts';

/** What is measured between two places that were tapped. */
const props = defineProps<{ unit: number }>();
const stage = useStage();
const { shown } = usePreferences();
const span = computed(() => {
  const [a, b] = stage.measured;
  if (!a || !b) return undefined;
  return { a, b, says: formatReckoned(spanBetween(stage.view, a, b), shown) };
});
const label = computed(() => {
  if (!span.value) return undefined;
  const { a, b, says } = span.value;
  const wide = (says.length * 7.6 + 16) * props.unit;
  return { x: (a[0] + b[0]) / 2, y: -(a[1] + b[1]) / 2 - 16 * props.unit, wide, says };
});
</script>

<template>
  <g class="measure" aria-hidden="true">
    <line v-if="span" class="under" :x1="span.a[0]" :y1="-span.a[1]" :x2="span.b[0]" :y2="-span.b[1]" />
    <line v-if="span" :x1="span.a[0]" :y1="-span.a[1]" :x2="span.b[0]" :y2="-span.b[1]" />
    <path
      v-for="(p, i) in stage.measured"
      :key="i"
      :d="`M${p[0] - 7 * unit} ${-p[1]}h${14 * unit}M${p[0]} ${-p[1] - 7 * unit}v${14 * unit}`"
    />
    <g v-if="label">
      <rect
        :x="label.x - label.wide / 2"
        :y="label.y - 13 * unit"
        :width="label.wide"
        :height="22 * unit"
        :rx="6 * unit"
      />
      <text :x="label.x" :y="label.y + 3 * unit" :font-size="13.5 * unit" text-anchor="middle">
        {{ label.says }}
      </text>
    </g>
  </g>
</template>

<style scoped>
.measure {
  pointer-events: none;
}
line,
path {
  stroke: var(--ink);
  stroke-width: 1.6px;
  vector-effect: non-scaling-stroke;
}
.under {
  stroke: var(--paper);
  stroke-width: 4.5px;
}
rect {
  fill: var(--ink);
}
text {
  fill: var(--paper);
  font-weight: 600;
}
</style>
