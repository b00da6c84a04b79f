import type { Labour } from '../../quantity/index.ts';

/** Minutes in the record of a shape are for a piece of this many grams; time goes with the fourth root of the mass. Estimate. */
const USUAL_GRAMS = 40;

/** Weigh, roll and shape: so many minutes for one of the usual size. Common practice. */
export const shaped = (each: number): Labour => ({
  once: 1,
  each,
  size: { usual: USUAL_GRAMS, power: 0.25 },
});
