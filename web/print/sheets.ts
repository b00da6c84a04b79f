import type { InjectionKey } from 'vue';

/** Sheets of a build on paper, in the order they lie on each other; `PrintView` knows what is on each. */
export const SHEETS = [
  { id: 'cover', name: 'Cover' },
  { id: 'paste', name: 'Paste' },
  { id: 'bones', name: 'Rods' },
  { id: 'days', name: 'Days' },
  { id: 'card', name: 'The card' },
  { id: 'all', name: 'All sheets' },
] as const;
export type SheetId = (typeof SHEETS)[number]['id'];

/** Set where several sheets are printed as one: the way back, the print button and the figure come once. */
export const TOGETHER: InjectionKey<true> = Symbol('together');
