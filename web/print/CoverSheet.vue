<script setup lang="ts">
import { computed } from 'vue';
import {
  firstOfBones,
  firstOfDays,
  firstOfHandover,
  firstOfPaste,
  firstOfShape,
  type FirstWord,
} from '@core/first-words.ts';
import { forPaper } from '@core/days/index.ts';
import { tellLocal } from '@core/quantity/index.ts';
import ShelfFigure from '../shelf/ShelfFigure.vue';
import { useBuild } from '../state/build-store.ts';
import { useFound } from '../state/found.ts';
import { usePreferences } from '../state/preferences.ts';
import SheetPage from './SheetPage.vue';

/** On top of the others: the figure as it will stand, when it is due, and the one thing that each lens says first. */
const store = useBuild();
const { shown } = usePreferences();
const [bones, hovers, travel, card, better] = [
  useFound('bones'),
  useFound('hovers'),
  useFound('travel'),
  useFound('handover'),
  useFound('betterApart'),
];

const words = computed((): { lens: string; word: FirstWord }[] => {
  const { build, report, days } = store;
  if (!build || !report) return [];
  const begun = build.bench.done.length > 0;
  return [
    { lens: 'Shape', word: firstOfShape(report.figure, shown) },
    ...(bones.value ? [{ lens: 'Bones', word: firstOfBones(bones.value, hovers.value) }] : []),
    { lens: 'Paste', word: firstOfPaste(report.pasteSums, shown) },
    ...(days
      ? [
          {
            lens: 'Days',
            word: firstOfDays({ ...days, origin: days.origin && forPaper(days.origin) }, begun),
          },
        ]
      : []),
    ...(travel.value && card.value
      ? [{ lens: 'Handover', word: firstOfHandover(travel.value, card.value, better.value, shown) }]
      : []),
  ];
});
const SIGN = { fails: '▲', tight: '◆', fine: '●' } as const;
</script>

<template>
  <SheetPage lens="shape" title="Cover" bare>
    <template v-if="store.build">
      <h1 class="cover">{{ store.build.name }}</h1>
      <p class="due">due {{ tellLocal(store.build.brief.due, store.build.brief.zone) }}</p>
      <div class="both">
        <ShelfFigure :build="store.build" />
        <ShelfFigure :build="store.build" view="side" />
      </div>
      <table class="said">
        <tbody>
          <tr v-for="w in words" :key="w.lens">
            <th scope="row">{{ w.lens }}</th>
            <td>
              <strong>{{ SIGN[w.word.how] }} {{ w.word.says }}</strong>
              <span v-if="w.word.more">{{ ' ' }}{{ w.word.more }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </SheetPage>
</template>

<style scoped>
.cover {
  font-size: 34px;
}
.due {
  font-size: 17px;
}
.both {
  --tall: auto;
  display: flex;
  gap: 8mm;
  align-items: flex-end;
  margin: 12mm 0 8mm;
}
.both > * {
  flex: 1;
  min-width: 0;
  max-height: 128mm;
}
.said {
  font-size: 14px;
}
.said th {
  width: 26mm;
}
</style>
