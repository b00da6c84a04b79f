<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, ref } from 'vue';
import { useStage } from '../../state/on-stage.ts';
import { useFound } from '../../state/found.ts';
import { useOpenBuild } from '../../state/here.ts';
import EaterNotes from '../../shared/EaterNotes.vue';
import WhyButton from '../../shared/WhyButton.vue';
import { usePreferences } from '../../state/preferences.ts';
import { firstOfColours, firstOfPaste } from '@core/first-words.ts';
import FirstWord from '../../shared/FirstWord.vue';
import MixView from './MixView.vue';
import Segments from '../../shared/Segments.vue';

/** Last on the page, and not needed for its first view. */
const TakeCare = defineAsyncComponent(() => import('../../shared/TakeCare.vue'));

const VIEWS = {
  mix: { name: 'Mix', view: MixView },
  blends: { name: 'Blends', view: defineAsyncComponent(() => import('./BlendsView.vue')) },
  colours: { name: 'Colours', view: defineAsyncComponent(() => import('./ColoursView.vue')) },
  join: { name: 'Glue and core', view: defineAsyncComponent(() => import('./JoinView.vue')) },
  cake: { name: 'Cake', view: defineAsyncComponent(() => import('./CakeView.vue')) },
  portions: { name: 'Portions', view: defineAsyncComponent(() => import('./PortionsView.vue')) },
  buy: { name: 'Buy', view: defineAsyncComponent(() => import('./BuyView.vue')) },
} as const;
type View = keyof typeof VIEWS;

const stage = useStage();
const here = useOpenBuild();
const eaters = useFound('eaters');
const preferences = usePreferences();
const view = ref<View>('mix');
const sums = computed(() => here.report.pasteSums);
/** What this build has nothing of stays behind. */
const idle = computed((): Partial<Record<View, boolean>> => ({
  cake: here.report.cake.parts.length === 0,
  portions: here.report.portions === undefined,
  join: true,
}));
const options = computed(() =>
  (Object.keys(VIEWS) as View[]).map((value) => ({
    value,
    label: VIEWS[value].name,
    rest: idle.value[value] ?? false,
  })),
);
const word = computed(() =>
  view.value === 'colours' ? firstOfColours(here.report.paste) : firstOfPaste(sums.value, preferences.shown),
);
function show(next: View): void {
  stage.lit = undefined;
  view.value = next;
}
onBeforeUnmount(() => (stage.lit = undefined));
</script>

<template>
  <div class="panel-scroll">
    <FirstWord lens="Paste" :word="word" />
    <div class="panel-top">
      <Segments :value="view" heading :options="options" label="What of the paste" @change="show" />
    </div>
    <div v-if="view === 'mix'" class="facts">
      <span><WhyButton :figure="sums.mix" /> to mix in all</span>
      <span v-if="sums.powder.value > 0"><WhyButton :figure="sums.powder" /> of stiffening powder in it</span>
      <span v-if="sums.offcuts.value > 0"><WhyButton :figure="sums.offcuts" /> of it offcuts</span>
      <span
        >allergens: <b>{{ sums.allergens.length ? sums.allergens.join(', ') : 'not entered' }}</b>, and read
        every label</span
      >
    </div>
    <EaterNotes v-if="view === 'mix'" :notes="eaters?.notes ?? []" :at="['paste', 'glue', 'cake']" />
    <component :is="VIEWS[view].view" @go="(v: View) => show(v)" />
    <TakeCare place="paste" />
  </div>
</template>
