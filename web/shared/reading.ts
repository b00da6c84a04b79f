import { computed, onBeforeUnmount, ref } from 'vue';
import { useLocalStorage } from '@vueuse/core';
import type { ReadingAt } from '@core/brief/index.ts';
import { usePreferences } from '../state/preferences.ts';

/** How often the clock is looked at, ms. */
const LOOK_EVERY = 60_000;

/** Whether the month is written before the day where this browser is at home. */
const monthFirst = (): boolean => {
  const parts = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'numeric' }).formatToParts(0);
  return parts.find((p) => p.type === 'day' || p.type === 'month')?.type === 'month';
};

/** The clock, zone, units and custom of this browser, as what is typed is read by. */
export function useReading() {
  const preferences = usePreferences();
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const now = ref(Date.now());
  const clock = setInterval(() => (now.value = Date.now()), LOOK_EVERY);
  onBeforeUnmount(() => clearInterval(clock));
  const dayFirst = useLocalStorage('day-first', !monthFirst());
  return computed((): ReadingAt => ({
    now: now.value,
    zone,
    shown: preferences.shown,
    dayFirst: dayFirst.value,
  }));
}
