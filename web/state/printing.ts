import { defineStore } from 'pinia';
import { reactive, watch } from 'vue';
import { BAR, correction, isPaper, type PaperId } from '@core/templates/index.ts';
import { readSetting, writeSetting } from '../storage/settings.ts';

/** Paper in the printer, and what its bar of 100 mm measured, mm. */
export const usePrinting = defineStore('printing', () => {
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
  return { printing };
});
