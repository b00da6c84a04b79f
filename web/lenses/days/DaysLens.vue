<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { firstOfDays } from '@core/first-words.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import FirstWord from '../../shared/FirstWord.vue';
import AheadView from './AheadView.vue';
import PlanView from './PlanView.vue';
import Segments from '../../shared/Segments.vue';

/** Last on the page, and not needed for its first view. */
const TakeCare = defineAsyncComponent(() => import('../../shared/TakeCare.vue'));

/** The days before it is due: what is done when, and how each piece firms meanwhile. */
const JoinsView = defineAsyncComponent(() => import('./JoinsView.vue'));
const FirmingView = defineAsyncComponent(() => import('./FirmingView.vue'));
const store = useBuild();
const here = useOpenBuild();
const word = computed(() => firstOfDays(store.days, here.build.bench.done.length > 0));
const VIEWS = [
  { value: 'plan', label: 'Sessions' },
  { value: 'joins', label: 'Joins' },
  { value: 'ahead', label: 'Make ahead' },
  { value: 'firming', label: 'Firming' },
];
const view = ref<'plan' | 'joins' | 'ahead' | 'firming'>('plan');
</script>

<template>
  <div class="panel-scroll">
    <FirstWord lens="Days" :word="word" />
    <div class="panel-top">
      <Segments v-model:value="view" heading :options="VIEWS" label="What of the days" />
    </div>
    <PlanView v-if="view === 'plan'" />
    <JoinsView v-else-if="view === 'joins'" />
    <AheadView v-else-if="view === 'ahead'" />
    <FirmingView v-else />
    <TakeCare place="days" />
  </div>
</template>
