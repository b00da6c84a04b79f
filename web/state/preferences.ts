import { defineStore } from 'pinia';
import { computed, reactive, ref, watch } from 'vue';
import { AS_WRITTEN, METRIC, type Custom, type Shown } from '@core/quantity/index.ts';
import { readSetting, writeSetting } from '../storage/settings.ts';
import { isTongue, type TongueId } from '../words/tongues.ts';
import { tune } from '../words/tune.ts';

type Open<T> = { -readonly [K in keyof T]: T[K] };

/** What a person is used to beside the units of weight and length. */
export interface Customs extends Omit<Custom, keyof Shown> {
  /** The day a week begins with, 1 is Monday. */
  readonly firstDay: 1 | 7;
  readonly tongue: TongueId;
}

const { temperature, volume, clock } = AS_WRITTEN;
export const USUAL: Customs = { temperature, volume, clock, firstDay: 1, tongue: 'en' };

/** What was kept, as far as it can be understood. */
export function customsKept(value: unknown): Customs {
  const kept = (typeof value === 'object' && value !== null ? value : {}) as Record<string, unknown>;
  const one = <T>(found: unknown, all: readonly T[], otherwise: T): T =>
    all.includes(found as T) ? (found as T) : otherwise;
  return {
    temperature: one(kept.temperature, ['C', 'F'], USUAL.temperature),
    volume: one(kept.volume, ['mL', 'spoons'], USUAL.volume),
    clock: one(kept.clock, [24, 12], USUAL.clock),
    firstDay: one(kept.firstDay, [1, 7], USUAL.firstDay),
    tongue: isTongue(kept.tongue) ? kept.tongue : USUAL.tongue,
  };
}

/** What the person chose to see: units, clock, week and tongue. Inside everything stays metric, by the clock of 24 hours and in English. */
export const usePreferences = defineStore('preferences', () => {
  // one object that changes: who holds it sees what is chosen later
  const shown = reactive<Open<Shown>>({ ...METRIC });
  const customs = reactive<Open<Customs>>({ ...USUAL });
  /** Why what was chosen is not how it is said now. */
  const unsaid = ref<string>();

  const speak = (): Promise<void> =>
    tune({ ...shown, ...customs }, customs.tongue).then(
      () => void (unsaid.value = undefined),
      () =>
        void (unsaid.value =
          'The words for that did not come: there is no network. It is kept for the next time.'),
    );
  let loaded = false;
  /** Once it is known how everything is to be said. */
  const ready = Promise.all([
    readSetting<Shown>('shown', METRIC).catch(() => METRIC),
    readSetting<unknown>('customs', USUAL).catch(() => USUAL),
  ]).then(([units, kept]) => {
    Object.assign(shown, units);
    Object.assign(customs, customsKept(kept));
    loaded = true;
    return speak();
  });
  watch(shown, (value) => {
    if (loaded) void writeSetting('shown', { ...value });
  });
  watch(customs, (value) => {
    if (loaded) void writeSetting('customs', { ...value });
  });
  watch([shown, customs], () => {
    if (loaded) void speak();
  });
  const custom = computed((): Custom => ({ ...shown, ...customs }));

  return { shown, customs, custom, unsaid, ready };
});
