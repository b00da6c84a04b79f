/**
 * Paste to put on the bench so that `used` ends in pieces, when each rolling yields the share `u` and the share
 * `q` of the trimmings is kneaded back, over and over: used × (1 − (1 − u) q) ÷ u. Derived, geometric series.
 */
export const startMass = (used: number, u: number, q: number): number => (used * (1 - (1 - u) * q)) / u;

/** Spare by default: what stays in the bowl, on the hands and in the colour test. Common practice, per cent. */
export const USUAL_SPARE = 10;
/** Less than this cannot be kneaded by hand; common practice, grams. */
export const SMALLEST_BATCH = 20;
/** Batches are weighed out in steps of this many grams. */
export const BATCH_STEP = 5;

/** Batch to mix for a need: up to the next step, never under what can be kneaded. */
export const batchFor = (need: number): number =>
  need <= 0 ? 0 : Math.max(SMALLEST_BATCH, Math.ceil(need / BATCH_STEP - 1e-9) * BATCH_STEP);
