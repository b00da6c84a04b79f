<script setup lang="ts">
import type { Reckoned } from '@core/quantity/index.ts';
import WhyButton from './WhyButton.vue';

/** A row of figures, each over what it is; a figure opens to its sum. Other cells go in the slot as `div`s. */
defineProps<{ sums?: readonly { readonly figure: Reckoned; readonly says: string }[] }>();
</script>

<template>
  <div class="sums">
    <div v-for="s in sums" :key="s.says">
      <strong><WhyButton :figure="s.figure" /></strong><span>{{ s.says }}</span>
    </div>
    <slot></slot>
  </div>
</template>

<style>
.sums {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 30px;
  padding: 4px 0 8px;
}
.sums strong {
  display: block;
  font: 650 21px/1.2 var(--font-title);
}
.sums span {
  color: var(--ink-2);
}
</style>
