import type { Grams } from '../quantity/index.ts';

/** How one weighs after the other on the same scale: a weight counts once, and the next only after it was lifted off. */
export interface WeighRun {
  /** Waits for a weight, has taken one and waits until it is lifted off. */
  readonly waits: 'weight' | 'lift';
  /** Steady readings near enough, one after the other. */
  readonly steady: number;
}

/** Nothing was weighed yet. */
export const NEW_RUN: WeighRun = { waits: 'weight', steady: 0 };

/** So many steady readings near enough are a weight; one could be a hand resting on it. Estimate. */
const STEADY_READINGS = 3;
/** It is lifted off below this share of what is wanted. Estimate. */
const LIFTED = 0.5;

/**
 * What a reading makes of the run.
 * @returns the run, and the weight where this reading is what makes it count
 */
export function runAfter(
  run: WeighRun,
  reading: { readonly grams: Grams; readonly steady: boolean },
  wanted: Grams,
  within: Grams,
): { readonly run: WeighRun; readonly weighed?: Grams } {
  const { grams, steady } = reading;
  if (run.waits === 'lift') return { run: grams < LIFTED * wanted ? NEW_RUN : run };
  if (!steady || Math.abs(grams - wanted) > within + 1e-9) return { run: NEW_RUN };
  if (run.steady + 1 < STEADY_READINGS) return { run: { waits: 'weight', steady: run.steady + 1 } };
  return { run: { waits: 'lift', steady: 0 }, weighed: grams };
}
