<script setup lang="ts">
import { computed } from 'vue';
import type { PortionReport } from '@core/bench/index.ts';
import { TOKENS } from '../../tokens.ts';
import PlotFigure from '../../shared/PlotFigure.vue';

/** Weighings one after the other between their own limits and the tolerance; drifting ones are marked. */
const props = defineProps<{ report: PortionReport; weighed: readonly number[] }>();
const marked = computed(() => new Set(props.report.weighed?.drifts.map((d) => d.at)));
const x = computed(() => props.weighed.map((_, i) => i + 1));
const level = (y: number, color: string, dash: 'solid' | 'dash' | 'dot', width = 1.2) => ({
  type: 'line' as const,
  xref: 'paper' as const,
  x0: 0,
  x1: 1,
  y0: y,
  y1: y,
  line: { color, width, dash },
});
const data = computed(() => [
  {
    type: 'scatter' as const,
    mode: 'lines+markers' as const,
    x: x.value,
    y: [...props.weighed],
    line: { color: TOKENS.ink2, width: 1.2 },
    marker: {
      size: x.value.map((_, i) => (marked.value.has(i) ? 12 : 8)),
      symbol: x.value.map((_, i) => (marked.value.has(i) ? 'diamond' : 'circle')),
      color: x.value.map((_, i) => (marked.value.has(i) ? TOKENS.tight : TOKENS.elm)),
    },
    hovertemplate: '%{y:.2f} g<extra></extra>',
  },
]);
const layout = computed(() => {
  const { target, within, weighed } = props.report;
  const chart = weighed!.chart;
  return {
    shapes: [
      level(target, TOKENS.elm, 'solid'),
      level(target + within, TOKENS.fails, 'dash'),
      level(target - within, TOKENS.fails, 'dash'),
      level(chart.upper, TOKENS.ink3, 'dot'),
      level(chart.lower, TOKENS.ink3, 'dot'),
    ],
    xaxis: { title: { text: 'weighing' }, dtick: Math.max(1, Math.ceil(x.value.length / 10)) },
    yaxis: { title: { text: 'g' } },
  };
});
</script>

<template>
  <PlotFigure
    :data="data"
    :layout="layout"
    :height="190"
    label="Weighings one after the other; aimed-at line, give-or-take in red dashes, their own limits dotted"
  />
</template>
