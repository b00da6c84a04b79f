import { defineStore } from 'pinia';
import { reactive, watch } from 'vue';
import { METRIC, type Shown } from '@core/quantity/index.ts';
import { BAR, correction, isPaper, type PaperId } from '@core/templates/index.ts';
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

  /** Paper in the printer, and what its bar of 100 mm measured, mm. */
  const printing = reactive<{ paper: PaperId; measured: number }>({ paper: 'A4', measured: BAR });
  let printerKnown = false;
  void readSetting<{ paper: PaperId; measured: number }>('printing', { ...printing }).then((value) => {
    if (isPaper(value.paper)) printing.paper = value.paper;
    if (correction(value.measured).ok) printing.measured = value.measured;
    printerKnown = true;
  });
  watch(printing, (value) => {
    if (printerKnown) void writeSetting('printing', { ...value });
  });
  return { shown, printing };
});
