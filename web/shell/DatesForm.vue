<script setup lang="ts">
import { computed, ref } from 'vue';
import DatePick from '../shared/DatePick.vue';
import dayjs, { type Dayjs } from 'dayjs';
import { setDate } from '@core/edits/index.ts';
import { useBuild } from '../state/build-store.ts';
import { useOpenBuild } from '../state/here.ts';

/** Dates that are not like their weekday: a day off, or other hours. */
const store = useBuild();
const here = useOpenBuild();
const build = computed(() => here.build);
const dates = computed(() => build.value.dates ?? []);
const adding = ref<Dayjs>();
const shown = (date: string) => dayjs(date).format('ddd D MMM YYYY');
function add(off: boolean): void {
  if (!adding.value) return;
  const date = adding.value.format('YYYY-MM-DD');
  if (
    store.apply(setDate(build.value, date, off ? {} : { from: '09:00', to: '17:00' }), 'the hours of a date')
  )
    adding.value = undefined;
}
const set = (date: string, from: string, to: string) =>
  store.apply(setDate(build.value, date, { from, to }), 'the hours of a date');
</script>

<template>
  <h3>Other days</h3>
  <div v-for="d in dates" :key="d.date" class="row fields one">
    <span class="date">{{ shown(d.date) }}</span>
    <template v-if="d.from !== undefined && d.to !== undefined">
      <input
        type="time"
        :aria-label="`${shown(d.date)}, from`"
        :value="d.from"
        @change="set(d.date, ($event.target as HTMLInputElement).value, d.to!)"
      />
      to
      <input
        type="time"
        :aria-label="`${shown(d.date)}, to`"
        :value="d.to"
        @change="set(d.date, d.from!, ($event.target as HTMLInputElement).value)"
      />
    </template>
    <span v-else>off</span>
    <button
      type="button"
      class="button plain"
      :aria-label="`${shown(d.date)} as its weekday`"
      @click="store.apply(setDate(build, d.date, undefined), 'the hours of a date')"
    >
      As usual
    </button>
  </div>
  <div class="row fields">
    <label class="field"><span>A date</span><DatePick v-model:value="adding" optional :width="150" /></label>
    <button type="button" class="button" :disabled="!adding" @click="add(true)">is off</button>
    <button type="button" class="button" :disabled="!adding" @click="add(false)">has its own hours</button>
  </div>
</template>

<style scoped>
.row {
  padding-top: 6px;
}
.one {
  align-items: center;
}
.date {
  width: 120px;
}
.button:disabled {
  opacity: 0.45;
  cursor: default;
}
</style>
