import { defineStore } from 'pinia';
import { ref, watch } from 'vue';
import { lifeUnit, perMmByCard, USUAL_PER_MM } from '@core/quantity/index.ts';
import { readSetting, writeSetting } from '../storage/settings.ts';

/** How large a millimetre is on this screen, once a card was held against it. */
export const useScreen = defineStore('screen', () => {
  /** True pixels in a millimetre; undefined until it was measured. */
  const perMm = ref<number>();
  let loaded = false;
  void readSetting<number | undefined>('screen', undefined).then((value) => {
    perMm.value ??= value;
    loaded = true;
  });
  watch(perMm, (value) => {
    if (loaded) void writeSetting('screen', value);
  });
  return {
    perMm,
    /** The card fits where it is drawn so many pixels wide. */
    fits: (across: number) => (perMm.value = perMmByCard(across, window.devicePixelRatio)),
    /** Millimetres under one pixel of the page at life size. */
    unit: () => lifeUnit(perMm.value ?? USUAL_PER_MM * window.devicePixelRatio, window.devicePixelRatio),
  };
});
