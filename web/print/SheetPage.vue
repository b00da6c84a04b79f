<script setup lang="ts">
import { inject } from 'vue';
import { tellLocal } from '@core/quantity/index.ts';
import { tellAllergens } from '@core/pastes/index.ts';
import ShelfFigure from '../shelf/ShelfFigure.vue';
import { useBuild } from '../state/build-store.ts';
import { useOpenBuild } from '../state/here.ts';
import SheetFrame from './SheetFrame.vue';
import { TOGETHER } from './sheets.ts';

/** A sheet of A4 of one build: figure, name and what is on it, by itself or on a page among the others. */
defineProps<{ lens: string; title: string; bare?: boolean }>();
const together = inject(TOGETHER, false as const);
const store = useBuild();
const here = useOpenBuild();
</script>

<template>
  <component
    :is="together ? 'section' : SheetFrame"
    v-bind="together ? {} : { lens, title }"
    class="one-sheet"
  >
    <template v-if="store.build && store.report">
      <template v-if="!bare">
        <div class="figure"><ShelfFigure :build="store.build" /></div>
        <h1>{{ store.build.name }}</h1>
        <p class="muted">due {{ tellLocal(store.build.brief.due, store.build.brief.zone) }}</p>
      </template>
      <slot></slot>
      <p class="allergens">
        Allergens: {{ tellAllergens(here.report.pasteSums.allergens) }}; local food law comes first.
      </p>
    </template>
  </component>
</template>
