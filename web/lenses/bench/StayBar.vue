<script setup lang="ts">
import { computed } from 'vue';
import { asksUntil } from '@core/days/index.ts';
import { stayUntil } from '@core/edits/index.ts';
import { tellClock } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import { useOpenBuild } from '../../state/here.ts';

/** Somebody who works outside their hours is asked once how long they stay. */
const props = defineProps<{ now: number }>();
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const asks = computed(() => asksUntil(build.value, props.now));
const STAYS = [30, 60, 120, 180];
const choices = computed(() => STAYS.map((minutes) => props.now + minutes * 60_000));
const clockOf = (at: number) => tellClock(at, { zone: store.days?.origin?.zone ?? build.value.brief.zone });
const stay = (at: number) =>
  store.apply(stayUntil(build.value, new Date(at).toISOString()), 'how long you stay');
</script>

<template>
  <div v-if="asks" class="until" role="group" aria-label="Go on until">
    <span>You are at the bench outside your hours. Go on until?</span>
    <button v-for="at in choices" :key="at" type="button" class="button" @click="stay(at)">
      {{ clockOf(at) }}
    </button>
    <button type="button" class="button" @click="stay(now)">I stop now</button>
  </div>
</template>

<style scoped>
.until {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin-bottom: 18px;
  padding: 12px 16px;
  border-left: 4px solid var(--elm-pale);
  background: var(--slab);
}
.until > span {
  flex: 1 1 220px;
  font-size: 18px;
}
.button {
  min-height: 56px;
  font-size: 17px;
}
</style>
