<script setup lang="ts">
import { computed } from 'vue';
import { BESIDE_KINDS, type BesideKind, type BuildOverTime } from '@core/log-report.ts';
import { TOKENS } from '../../tokens.ts';
import PlotFigure from '../../shared/PlotFigure.vue';

/** How builds went against their plans, one after the other: on the line is as planned. */
const props = defineProps<{ builds: readonly BuildOverTime[] }>();
const DRAWN: readonly { kind: BesideKind; color: string; symbol: string }[] = [
  { kind: 'grams', color: TOKENS.elm, symbol: 'circle' },
  { kind: 'minutes', color: TOKENS.tight, symbol: 'diamond' },
  { kind: 'waits', color: TOKENS.ink2, symbol: 'square' },
];
const names = computed(() => props.builds.map((b) => b.name));
const data = computed(() =>
  DRAWN.map(({ kind, color, symbol }) => ({
    type: 'scatter' as const,
    mode: 'lines+markers' as const,
    name: BESIDE_KINDS[kind].name,
    x: props.builds.map((_, i) => i + 1),
    y: props.builds.map((b) => b.ratios[kind] ?? null),
    text: names.value,
    line: { color, width: 1.5 },
    marker: { color, symbol, size: 9 },
    hovertemplate: '%{text}: %{y:.2f}<extra></extra>',
  })),
);
const layout = computed(() => ({
  shapes: [
    {
      type: 'line' as const,
      xref: 'paper' as const,
      x0: 0,
      x1: 1,
      y0: 1,
      y1: 1,
      line: { color: TOKENS.ink3, width: 1, dash: 'dash' as const },
    },
  ],
  xaxis: { tickvals: props.builds.map((_, i) => i + 1), ticktext: names.value },
  yaxis: { title: { text: 'real ÷ planned' } },
  showlegend: true,
  legend: { orientation: 'h' as const, y: 1.15 },
}));
</script>

<template>
  <PlotFigure
    :data="data"
    :layout="layout"
    :height="260"
    label="Weights, time at the bench and waits of each build against its plan, in the order they were due"
  />
  <table class="plain">
    <thead>
      <tr>
        <th scope="col">Build</th>
        <th scope="col" class="n">went wrong</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="b in builds" :key="b.id">
        <td>{{ b.name }}</td>
        <td class="n">
          {{ b.troubles === 0 ? 'nothing' : b.troubles === 1 ? 'once' : `${b.troubles} times` }}
        </td>
      </tr>
    </tbody>
  </table>
</template>
