import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import type { Reckoned } from '@core/quantity/index.ts';

/** The figure whose sum is looked at; one dialog shows it, wherever it was asked for. */
export const useSums = defineStore('sums', () => {
  const figure = shallowRef<Reckoned>();
  const open = (of: Reckoned): void => {
    figure.value = of;
  };
  const close = (): void => {
    figure.value = undefined;
  };
  return { figure, open, close };
});
