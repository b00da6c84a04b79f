import { defineStore } from 'pinia';
import { reactive, watch } from 'vue';
import { METRIC, type Shown } from '@core/quantity/index.ts';
import { readSetting, writeSetting } from '../storage/settings.ts';

/** What the person chose to see: grams or ounces, millimetres or inches. Inside everything stays grams and millimetres. */
export const usePreferences = defineStore('preferences', () => {
  // one object that changes: who holds it sees what is chosen later
  const shown = reactive<{ -readonly [K in keyof Shown]: Shown[K] }>({ ...METRIC });
  let loaded = false;
  void readSetting<Shown>('shown', METRIC).then((value) => {
    Object.assign(shown, value);
    loaded = true;
  });
  watch(shown, (value) => {
    if (loaded) void writeSetting('shown', { ...value });
  });
  return { shown };
});
