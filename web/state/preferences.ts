import { defineStore } from 'pinia';
import { ref, watch } from 'vue';
import { METRIC, type Shown } from '@core/quantity/index.ts';
import { readSetting, writeSetting } from '../storage/settings.ts';

/** What the person chose to see: grams or ounces, millimetres or inches. Inside everything stays grams and millimetres. */
export const usePreferences = defineStore('preferences', () => {
  const shown = ref<Shown>(METRIC);
  let loaded = false;
  void readSetting<Shown>('shown', METRIC).then((value) => {
    shown.value = value;
    loaded = true;
  });
  watch(shown, (value) => {
    if (loaded) void writeSetting('shown', { ...value });
  });
  return { shown };
});
