<script setup lang="ts">
import { computed, onBeforeUnmount, watchEffect } from 'vue';
import { ribbonOf } from '@core/covers/index.ts';
import { coversPainted, mapsPainted } from '@core/templates/index.ts';
import { useOpenBuild } from '../../state/here.ts';
import { useStage } from '../../state/on-stage.ts';
import WhyButton from '../../shared/WhyButton.vue';
import BandRow from './BandRow.vue';
import RolledRow from './RolledRow.vue';
import { useSheetMaps } from './papers.ts';

/** Everything that is covered: boards, tiers, and cores of pieces. */
const here = useOpenBuild();
const stage = useStage();
const rolled = computed(() => here.report.covers);
const bands = computed(() => here.report.bands);
const ribbon = computed(() => ribbonOf(here.build));
const maps = useSheetMaps();
// by height until the triangles are found
const painted = computed(() =>
  maps.value ? mapsPainted(here.build, maps.value, stage.view) : coversPainted(here.build, stage.view),
);
const mapOf = (id: string) => maps.value?.find((m) => m.piece === id)?.map;
watchEffect(() => (stage.marked = painted.value));
onBeforeUnmount(() => (stage.marked = undefined));
const LEGEND = [
  { kind: 'tears', says: 'tears: too small for what is under it' },
  { kind: 'gathers', says: 'pushed together: work the wrinkles down' },
  { kind: 'folds', says: 'folds: led to the seam or cut off' },
  { kind: 'shows', says: 'so thin that what is under it shows' },
  { kind: 'thin', says: 'thin: do not rub it' },
] as const;
const legend = computed(() => LEGEND.filter((l) => painted.value.some((m) => m.kind === l.kind)));
</script>

<template>
  <p v-if="!rolled.length && !bands.length" class="muted empty">
    Nothing here is covered. Give a piece a coat under Shape, or the board or a tier a cover.
  </p>
  <ul v-if="legend.length" class="legend" aria-label="On the figure">
    <li v-for="l in legend" :key="l.kind"><i :class="l.kind" aria-hidden="true"></i> {{ l.says }}</li>
  </ul>
  <ul v-if="rolled.length" class="rolled">
    <RolledRow v-for="r in rolled" :key="r.id" :rolled="r" :map="mapOf(r.id)" />
  </ul>
  <p v-if="rolled.some((r) => r.kind === 'core' && r.over.sheet)" class="muted small">
    What stays is read from how a sheet is drawn and pushed together on its way down. Where the piece itself
    is weighed, under Shape, Paste and Bones, its coat counts as even.
  </p>
  <template v-if="bands.length">
    <h3>Bands</h3>
    <ul class="rolled">
      <BandRow v-for="b in bands" :key="b.piece" :band="b" :others="bands" />
    </ul>
  </template>
  <template v-if="ribbon">
    <h3>Ribbon</h3>
    <p>
      <WhyButton :figure="ribbon.length" /> long; the edge of the board is
      <WhyButton :figure="ribbon.edge" after="." />
      <span :class="{ note: !ribbon.holds }"
        ><template v-if="!ribbon.holds">◆ </template>{{ ribbon.says }}</span
      >
    </p>
  </template>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
  color: var(--ink-2);
}
.legend i {
  display: inline-block;
  width: 26px;
  height: 14px;
  vertical-align: -2px;
  border: 1px solid var(--elm);
}
.legend .gathers {
  background: repeating-linear-gradient(90deg, var(--elm) 0 1px, transparent 1px 7px);
}
.legend .folds {
  background: repeating-linear-gradient(90deg, var(--elm) 0 2px, transparent 2px 4px);
}
.legend .tears {
  border-color: var(--fails);
  background: repeating-linear-gradient(45deg, var(--fails) 0 2px, transparent 2px 5px);
}
.legend .thin {
  border-color: #e0a021;
  background: repeating-linear-gradient(0deg, #e0a021 0 2px, transparent 2px 5px);
}
.legend .shows {
  border-color: #e0a021;
  background: #e0a021;
}
h3 {
  margin: 16px 0 4px;
}
.note {
  color: var(--tight);
}
.rolled {
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
</style>
