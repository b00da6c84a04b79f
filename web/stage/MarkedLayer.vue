<script setup lang="ts">
import { computed } from 'vue';
import { useStage } from '../state/on-stage.ts';
import { TOKENS } from '../tokens.ts';

/** Parts of the figure marked by a lens: where a sheet shows, is pushed together or folds, and the layers of a cake. */
const props = defineProps<{ unit: number }>();
const stage = useStage();
const pathOf = (outline: readonly (readonly [number, number])[]): string =>
  `M${outline.map(([x, y]) => `${x.toFixed(2)} ${(-y).toFixed(2)}`).join('L')}Z`;
const marked = computed(() =>
  (stage.marked ?? []).map((m) => {
    const all = m.outlines.flat();
    return {
      kind: m.kind,
      says: m.says,
      d: m.outlines.map(pathOf).join(''),
      right: all.reduce((far, p) => Math.max(far, p[0]), -Infinity),
      middle: all.reduce((sum, p) => sum + p[1], 0) / Math.max(1, all.length),
    };
  }),
);
const GAP = 9;
/** Hatches told apart by their direction, not by their colour alone. */
const HATCHED = [
  { kind: 'folds', turn: 0, colour: TOKENS.elm },
  { kind: 'tears', turn: 45, colour: TOKENS.fails },
  { kind: 'thin', turn: 90, colour: '#e0a021' },
];
</script>

<template>
  <g class="marked">
    <defs>
      <pattern
        id="marked-gathers"
        patternUnits="userSpaceOnUse"
        :width="GAP * props.unit"
        :height="GAP * props.unit"
      >
        <path
          :d="`M${(GAP / 2) * unit} 0V${GAP * unit}`"
          fill="none"
          :stroke="TOKENS.elm"
          :stroke-width="1.2 * unit"
        />
      </pattern>
      <pattern
        v-for="p in HATCHED"
        :id="`marked-${p.kind}`"
        :key="p.kind"
        patternUnits="userSpaceOnUse"
        :width="(GAP / 2) * unit"
        :height="(GAP / 2) * unit"
        :patternTransform="`rotate(${p.turn})`"
      >
        <path
          :d="`M${(GAP / 4) * unit} 0V${(GAP / 2) * unit}`"
          fill="none"
          :stroke="p.colour"
          :stroke-width="2 * unit"
        />
      </pattern>
    </defs>
    <template v-for="(m, k) in marked" :key="k">
      <path
        :d="m.d"
        :class="m.kind"
        :stroke-width="1.6 * unit"
        :stroke-dasharray="`${5 * unit} ${3 * unit}`"
      />
      <text v-if="m.says" :x="m.right + 6 * unit" :y="-m.middle + 4 * unit" :font-size="13 * unit">
        {{ m.says }}
      </text>
    </template>
  </g>
</template>

<style scoped>
.marked {
  pointer-events: none;
}
path.shows {
  fill: #e0a021;
  fill-opacity: 0.6;
}
path.thin {
  fill: url('#marked-thin');
}
path.tears {
  fill: url('#marked-tears');
  stroke: var(--fails);
}
path.gathers {
  fill: url('#marked-gathers');
}
path.folds {
  fill: url('#marked-folds');
}
path.layer {
  fill: #d9b98c;
  fill-opacity: 0.42;
  stroke: #8a5a17;
}
text {
  fill: var(--ink);
  font-family: var(--font-text);
}
</style>
