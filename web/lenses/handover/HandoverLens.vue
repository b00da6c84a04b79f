<script setup lang="ts">
import { computed, ref, defineAsyncComponent } from 'vue';
import { firstOfHandover } from '@core/first-words.ts';
import { useFound } from '../../state/found.ts';
import { usePreferences } from '../../state/preferences.ts';
import FirstWord from '../../shared/FirstWord.vue';
import Segments from '../../shared/Segments.vue';
import CardView from './CardView.vue';
import TravelView from './TravelView.vue';

/** Last on the page, and not needed for its first view. */
const TakeCare = defineAsyncComponent(() => import('../../shared/TakeCare.vue'));

/** The way out of the kitchen: how it travels, and the card for whoever serves it. */
const { shown } = usePreferences();
const travel = useFound('travel');
const card = useFound('handover');
const better = useFound('betterApart');
const word = computed(() =>
  travel.value && card.value ? firstOfHandover(travel.value, card.value, better.value, shown) : undefined,
);
type View = 'travel' | 'card';
const VIEWS: { value: View; label: string }[] = [
  { value: 'travel', label: 'The way there' },
  { value: 'card', label: 'The card' },
];
const view = ref<View>('travel');
</script>

<template>
  <div class="panel-scroll">
    <FirstWord lens="Handover" :word="word ?? { how: 'fine', says: 'Looking at the way there…' }" />
    <div class="panel-top">
      <Segments v-model:value="view" heading :options="VIEWS" label="What is handed over" />
    </div>
    <TravelView v-if="view === 'travel' && travel" :travel="travel" :better="better ?? []" />
    <CardView v-else-if="view === 'card' && card" :card="card" />
    <TakeCare place="handover" />
  </div>
</template>
