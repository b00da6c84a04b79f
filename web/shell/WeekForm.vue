<script setup lang="ts">
import { computed } from 'vue';
import { Plus, X } from '@lucide/vue';
import { usePreferences } from '../state/preferences.ts';
import type { Hours } from '@core/record/index.ts';

/** Hours of a working week, some of them only if need be. */
const props = defineProps<{ hours: readonly Hours[]; whose?: string }>();
const emit = defineEmits<{ change: [hours: Hours[]] }>();
const DAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const preferences = usePreferences();
const byDay = computed(() =>
  DAYS.map((_, d) => (d + preferences.customs.firstDay - 1) % 7).map((d) => ({
    name: DAYS[d]!,
    day: d + 1,
    rows: props.hours.map((h, i) => ({ h, i })).filter((x) => x.h.day === d + 1),
  })),
);
const setAt = (i: number, patch: Partial<Hours>) =>
  emit(
    'change',
    props.hours.map((h, k) => {
      const { ifNeeded, ...rest } = { ...h, ...patch };
      return k !== i ? h : ifNeeded ? { ...rest, ifNeeded } : rest;
    }),
  );
/** New hours begin where those of the day end. */
function addOn(day: number): void {
  const last = props.hours.filter((h) => h.day === day).map((h) => h.to);
  const from = last.sort().at(-1) ?? '19:00';
  const to = `${String(Math.min(23, Number(from.slice(0, 2)) + 2)).padStart(2, '0')}:${from.slice(3)}`;
  emit('change', [...props.hours, { day, from: to > from ? from : '19:00', to: to > from ? to : '21:00' }]);
}
const label = (day: string, end: string) => `${props.whose ? `${props.whose}, ` : ''}${day}, ${end}`;
</script>

<template>
  <div v-for="d in byDay" :key="d.day" class="day">
    <div class="name">
      {{ d.name.slice(0, 3) }}
      <button
        type="button"
        class="button plain mark"
        :title="`Add hours on ${d.name}`"
        :aria-label="label(d.name, 'add hours')"
        @click="addOn(d.day)"
      >
        <Plus :size="15" />
      </button>
    </div>
    <div class="rows">
      <span v-if="!d.rows.length" class="muted">off</span>
      <div v-for="r in d.rows" :key="r.i" class="hours">
        <input
          type="time"
          :aria-label="label(d.name, 'from')"
          :value="r.h.from"
          @change="setAt(r.i, { from: ($event.target as HTMLInputElement).value })"
        />
        to
        <input
          type="time"
          :aria-label="label(d.name, 'to')"
          :value="r.h.to"
          @change="setAt(r.i, { to: ($event.target as HTMLInputElement).value })"
        />
        <a-checkbox
          :checked="r.h.ifNeeded === true"
          @change="setAt(r.i, { ifNeeded: ($event.target as HTMLInputElement).checked })"
          >if need be</a-checkbox
        >
        <button
          type="button"
          class="button plain mark"
          :aria-label="label(d.name, 'remove these hours')"
          @click="
            emit(
              'change',
              hours.filter((_, k) => k !== r.i),
            )
          "
        >
          <X :size="15" />
        </button>
      </div>
    </div>
  </div>
</template>

<style scoped>
.day {
  display: grid;
  grid-template-columns: 76px 1fr;
  padding: 4px 0;
  border-top: 1px solid var(--slab-3);
}
.name,
.hours {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 36px;
}
.name {
  align-self: start;
  justify-content: space-between;
  padding-right: 12px;
}
.rows {
  align-self: center;
}
.mark {
  padding: 5px;
}
input[type='time'] {
  font: inherit;
  height: 34px;
  width: 112px;
  border: 1px solid var(--line);
  border-radius: 8px;
  padding: 0 6px;
}
</style>
