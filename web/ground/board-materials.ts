import type { Board } from '@core/record/index.ts';

/** What a board is made of, in the words of the shop. */
export const BOARD_MATERIALS: { value: Board['material']; label: string }[] = [
  { value: 'drum', label: 'cake drum' },
  { value: 'mdf', label: 'MDF' },
  { value: 'plywood', label: 'plywood' },
  { value: 'foamcore', label: 'foam board' },
];
