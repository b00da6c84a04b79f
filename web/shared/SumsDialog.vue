<script setup lang="ts">
import { shallowRef, watch } from 'vue';
import type { Reckoned } from '@core/quantity/index.ts';
import { useSums } from '../state/sums.ts';
import WhyTree from './WhyTree.vue';

/** The sum behind a figure. There is one of these for all figures; it stands over every other drawer and dialog. */
const sums = useSums();
/** Still shown while the dialog fades. */
const shown = shallowRef<Reckoned>();
watch(
  () => sums.figure,
  (figure) => {
    if (figure) shown.value = figure;
  },
  { immediate: true },
);
</script>

<template>
  <a-modal
    :open="sums.figure !== undefined"
    :title="shown?.name"
    :footer="null"
    :z-index="1100"
    width="560px"
    @cancel="sums.close"
  >
    <WhyTree v-if="shown" :key="shown.name" :figure="shown" />
  </a-modal>
</template>
