import type { MaterialId } from '../pastes/index.ts';

/** What pastes look like that are not white, as they come. Estimates. */
const FACES: Partial<Record<MaterialId, string>> = {
  chocolateDark: '#4a3429',
  chocolateMilk: '#81604b',
  marzipan: '#e4cfa2',
  chocolateWhite: '#efdcb4',
};
/** White covering paste. Estimate. */
export const WHITE_PASTE = '#f5f3ec';

/** Whether a paste comes white. */
export const isWhite = (base: string): boolean => FACES[base as MaterialId] === undefined;
/** What a paste looks like before anything is kneaded in, `#rrggbb`. */
export const baseHex = (base: string): string => FACES[base as MaterialId] ?? WHITE_PASTE;
