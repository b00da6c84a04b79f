import type { ThreadSize, Washer } from '../record/index.ts';
import type { Grams, Mm } from '../quantity/index.ts';

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

/** Steel, g/mm³. Handbook. */
const STEEL_WEIGHS = 7.85e-3;
/** A rod fills this share of its outer circle, of what the thread leaves of it; derived from ISO 68 profiles. */
const THREAD_FILLS = 0.8;

/** A length of threaded rod. */
export const rodWeighs = (thread: ThreadSize, long: Mm): Grams =>
  STEEL_WEIGHS * THREAD_FILLS * (Math.PI / 4) * thread ** 2 * long;
/** The root of a thread, in shares of its width; derived from ISO 68 profiles. */
const ROOT = 0.84;
/** A hexagon of this spanner less its hole. */
export const nutWeighs = (thread: ThreadSize): Grams => {
  const { spanner, nut } = THREADS[thread];
  return STEEL_WEIGHS * nut * ((Math.sqrt(3) / 2) * spanner ** 2 - (Math.PI / 4) * (ROOT * thread) ** 2);
};
/** A disc less its hole. */
export const washerWeighs = (thread: ThreadSize, kind: Washer): Grams =>
  STEEL_WEIGHS *
  washerThick(thread, kind) *
  (Math.PI / 4) *
  (washerAcross(thread, kind) ** 2 - THREADS[thread].hole ** 2);
