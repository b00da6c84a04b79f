<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { scaledLot, TRIED, type Lot } from '@core/days/index.ts';
import { setStepMinutes } from '@core/edits/index.ts';
import { formatTime } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';
import QuantityField from '../../shared/QuantityField.vue';
import WhyButton from '../../shared/WhyButton.vue';

/** Of a large lot ten are timed, and the rest of the plan reckons with that. */
const props = defineProps<{ lot: Lot }>();
const store = useBuild();
const here = useOpenBuild();
const tried = ref(TRIED);
const took = ref<number>();
watch(
  () => props.lot.id,
  () => ((tried.value = TRIED), (took.value = undefined)),
);
const scaled = computed(() =>
  took.value === undefined ? undefined : scaledLot(props.lot, tried.value, took.value),
);
function take(): void {
  if (!scaled.value) return;
  const minutes = Math.max(1, Math.round(scaled.value.value));
  if (store.apply(setStepMinutes(here.build, props.lot.id, minutes), 'how long a lot takes'))
    took.value = undefined;
}
</script>

<template>
  <div class="trial fields">
    <span>{{ lot.all }} of them, {{ formatTime(lot.minutes) }} as reckoned. Time a few:</span>
    <QuantityField
      label="How many"
      kind="count"
      :width="84"
      :value="tried"
      @change="(v) => (tried = Math.max(1, Math.min(lot.all, Math.round(v))))"
    />
    <QuantityField
      label="They took"
      kind="time"
      :width="110"
      :value="took ?? 0"
      @change="(v) => (took = v > 0 ? v : undefined)"
    />
    <template v-if="scaled">
      <span>then all take <WhyButton :figure="scaled" />.</span>
      <button type="button" class="button" @click="take">Plan with that</button>
    </template>
  </div>
</template>

<style scoped>
.trial {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: end;
  padding: 14px 0;
  border-bottom: 1px solid var(--line);
  font-size: 17px;
}
.trial > span {
  padding-bottom: 8px;
}
.button {
  min-height: 44px;
}
</style>
