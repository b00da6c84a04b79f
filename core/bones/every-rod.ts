import type { SeenRod } from './mends/rod-report.ts';

/** The rods of a figure, and the threaded rod of its board where that stands up into it. */
export const everyRod = <R extends SeenRod>({
  rods,
  mast,
}: {
  readonly rods: readonly R[];
  readonly mast: R | undefined;
}): readonly R[] => (mast ? [...rods, mast] : rods);
