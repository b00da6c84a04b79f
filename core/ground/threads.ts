import type { ThreadSize, Washer } from '../record/index.ts';
import type { Mm } from '../quantity/index.ts';

/** Sizes of the hardware of a thread, mm: ISO 4032 nuts (greatest height), ISO 7089 and 7093 washers, ISO 273 medium holes; from memory. */
export const THREADS: Readonly<
  Record<ThreadSize, { nut: Mm; washer: Mm; washerWide: Mm; large: Mm; largeWide: Mm; hole: Mm; spanner: Mm }>
> = {
  6: { nut: 5.2, washer: 1.6, washerWide: 12, large: 1.6, largeWide: 18, hole: 6.6, spanner: 10 },
  8: { nut: 6.8, washer: 1.6, washerWide: 16, large: 2, largeWide: 24, hole: 9, spanner: 13 },
  10: { nut: 8.4, washer: 2, washerWide: 20, large: 2.5, largeWide: 30, hole: 11, spanner: 16 },
  12: { nut: 10.8, washer: 2.5, washerWide: 24, large: 3, largeWide: 37, hole: 13.5, spanner: 18 },
};

/** Thickness of a washer. */
export const washerThick = (thread: ThreadSize, kind: Washer): Mm => THREADS[thread][kind];
/** Width of a washer. */
export const washerAcross = (thread: ThreadSize, kind: Washer): Mm =>
  kind === 'large' ? THREADS[thread].largeWide : THREADS[thread].washerWide;
/** A nut with its washer, high. */
export const nutWithWasher = (thread: ThreadSize, kind: Washer): Mm =>
  THREADS[thread].nut + washerThick(thread, kind);
