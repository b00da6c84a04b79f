<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';
import AheadView from './AheadView.vue';
import PlanView from './PlanView.vue';
import Segments from '../../shared/Segments.vue';

/** The days before it is due: what is done when, and how each piece firms meanwhile. */
const JoinsView = defineAsyncComponent(() => import('./JoinsView.vue'));
const FirmingView = defineAsyncComponent(() => import('./FirmingView.vue'));
const VIEWS = [
  { value: 'plan', label: 'Sessions' },
  { value: 'joins', label: 'Joins' },
  { value: 'ahead', label: 'Ahead' },
  { value: 'firming', label: 'Firming' },
];
const view = ref<'plan' | 'joins' | 'ahead' | 'firming'>('plan');
</script>

<template>
  <div class="panel-scroll">
    <div class="panel-top">
      <h2>Days</h2>
      <Segments v-model:value="view" :options="VIEWS" label="What of the days" />
    </div>
    <PlanView v-if="view === 'plan'" />
    <JoinsView v-else-if="view === 'joins'" />
    <AheadView v-else-if="view === 'ahead'" />
    <FirmingView v-else />
  </div>
</template>
