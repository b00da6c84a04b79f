<script setup lang="ts">
import { computed, defineAsyncComponent, provide, ref, shallowRef } from 'vue';
import {
  firstOfCarving,
  firstOfCounts,
  firstOfCovers,
  firstOfCut,
  type FirstWord as Said,
} from '@core/first-words.ts';
import { pagesOf, PAPERS, type Template } from '@core/templates/index.ts';
import { useOpenBuild } from '../../state/here.ts';
import { usePreferences } from '../../state/preferences.ts';
import { usePrinting } from '../../state/printing.ts';
import FirstWord from '../../shared/FirstWord.vue';
import Segments from '../../shared/Segments.vue';
import { EXTRA_PAPERS, useTemplates } from './papers.ts';
import SavePages from '../../shared/pages/SavePages.vue';
import TemplatesView from './TemplatesView.vue';

/** Last on the page, and not needed for its first view. */
const TakeCare = defineAsyncComponent(() => import('../../shared/TakeCare.vue'));

/** What is cut, carved and covered: paper at true size, sheets, layers of cake, and counts that come out even. */
const CoversView = defineAsyncComponent(() => import('./CoversView.vue'));
const CarvingView = defineAsyncComponent(() => import('./CarvingView.vue'));
const CountsView = defineAsyncComponent(() => import('./CountsView.vue'));
const here = useOpenBuild();
const { printing } = usePrinting();
const { shown } = usePreferences();
type View = 'templates' | 'covers' | 'carving' | 'counts';
const VIEWS: { value: View; label: string }[] = [
  { value: 'templates', label: 'Templates' },
  { value: 'covers', label: 'Covers' },
  { value: 'carving', label: 'Carving' },
  { value: 'counts', label: 'Counts' },
];
const view = ref<View>('templates');

const found = useTemplates();
const extra = shallowRef<readonly Template[]>([]);
provide(EXTRA_PAPERS, extra);
const templates = computed(() => found.value && [...found.value, ...extra.value]);
const left = ref<ReadonlySet<string>>(new Set());
const taken = computed(() => (templates.value ?? []).filter((t) => !left.value.has(t.id)));
/** Those that are wanted twice: one stays whole. */
const twice = ref<ReadonlySet<string>>(new Set());
const papers = computed(() => taken.value.flatMap((t) => (twice.value.has(t.id) ? [t, t] : [t])));
const pages = computed(() => pagesOf(papers.value, here.build.name, printing));
const made = computed(() => (pages.value.ok ? pages.value.value : []));
const WORDS: Record<View, () => Said> = {
  templates: () => firstOfCut(templates.value, made.value.length, PAPERS[printing.paper].name),
  covers: () => firstOfCovers(here.report.covers, shown),
  carving: () => firstOfCarving(here.report.carvings, shown),
  counts: firstOfCounts,
};
const word = computed(() => WORDS[view.value]());
const turned = (set: ReadonlySet<string>, id: string, on: boolean): ReadonlySet<string> => {
  const next = new Set(set);
  if (on) next.add(id);
  else next.delete(id);
  return next;
};
const take = (t: Template, on: boolean): void => {
  left.value = turned(left.value, t.id, !on);
};
const double = (t: Template, on: boolean): void => {
  twice.value = turned(twice.value, t.id, on);
};
</script>

<template>
  <div class="panel-scroll">
    <FirstWord lens="Cut" :word="word">
      <SavePages v-if="view === 'templates' && made.length" :pages="made" />
    </FirstWord>
    <p v-if="view === 'templates' && !pages.ok" class="trouble">
      <span aria-hidden="true">◆</span> {{ pages.problem.text }}
    </p>
    <div class="panel-top">
      <Segments v-model:value="view" heading :options="VIEWS" label="What is cut" />
    </div>
    <TemplatesView
      v-if="view === 'templates'"
      :templates="templates"
      :made="made"
      :left="left"
      :twice="twice"
      @take="take"
      @double="double"
    />
    <CoversView v-else-if="view === 'covers'" />
    <CarvingView v-else-if="view === 'carving'" />
    <CountsView v-else />
    <TakeCare place="cut" />
  </div>
</template>
