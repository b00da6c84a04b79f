import type { FirmState } from '@core/firming/index.ts';

/** How firm each piece is, or that it is not made yet. */
export type States = ReadonlyMap<string, FirmState | 'unmade'>;

/** Whether two looks at all pieces show the same. */
export const sameStates = (a: States, b: States): boolean =>
  a.size === b.size && [...a].every(([id, state]) => b.get(id) === state);
