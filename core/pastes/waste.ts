import type { Grams, Mm } from '../quantity/index.ts';

/**
 * Paste to put on the bench so that `used` ends in pieces, when each rolling yields the share `u` and the share
 * `q` of the trimmings is kneaded back, over and over: used × (1 − (1 − u) q) ÷ u. Derived, geometric series.
 */
export const startMass = (used: number, u: number, q: number): number => (used * (1 - (1 - u) * q)) / u;

/** Spare by default: what stays in the bowl, on the hands and in the colour test. Common practice, per cent. */
export const USUAL_SPARE = 10;
/** Less than this cannot be kneaded by hand; common practice, grams. */
export const SMALLEST_BATCH: Grams = 20;
/** Batches are weighed out in steps of this many grams. */
export const BATCH_STEP: Grams = 5;

/** Batch to mix for a need: up to the next step, never under what can be kneaded. */
export const batchFor = (need: Grams, least: Grams = SMALLEST_BATCH): Grams =>
  need <= 0 ? 0 : Math.ceil(Math.max(least, need) / BATCH_STEP - 1e-9) * BATCH_STEP;

/** Certainty with which enough pieces should survive. */
const CERTAIN = 0.95;

/**
 * Pieces to make so that at least `n` are whole with 95 % certainty, when each breaks with chance `p`: the smallest N
 * with P(Binomial(N, 1 − p) ≥ n) ≥ 0.95, the tail added up term by term. Derived.
 * @param n whole pieces needed
 * @param p chance that one breaks, 0 to 0.9
 */
export function makeCount(n: number, p: number, certain = CERTAIN): number {
  if (n <= 0 || p <= 0) return Math.max(0, n);
  // a small p and a large n make the first term vanish: sums are kept as logarithms
  const lnP = Math.log(p);
  const lnQ = Math.log1p(-p);
  for (let made = n; ; made++) {
    let term = made * lnQ;
    let sum = Math.exp(term);
    for (let broken = 1; broken <= made - n; broken++) {
      term += Math.log((made - broken + 1) / broken) + lnP - lnQ;
      sum += Math.exp(term);
    }
    if (sum >= certain) return made;
  }
}

/** A tuck below the edge of a draped cover, mm each side; common practice. */
export const TUCK: Mm = 20;

/**
 * Share of a draped disc that covers a round tier: (d² + 4 d h) ÷ (d + 2 h + 2 a)². The disc wastes π h² whatever the
 * diameter. Derived.
 */
export const drapeUse = (d: Mm, h: Mm, tuck: Mm = TUCK): number =>
  (d * d + 4 * d * h) / (d + 2 * h + 2 * tuck) ** 2;

/** The same for a square tier and a square sheet. */
export const drapeUseSquare = (side: Mm, h: Mm, tuck: Mm = TUCK): number =>
  (side * side + 4 * side * h) / (side + 2 * h + 2 * tuck) ** 2;

/**
 * A disc gathered over a ball down to a polar angle: its area over the area it covers, θ² ÷ 2(1 − cos θ), at constant
 * thickness. 2.47 all the way round: more than half is pleats, eased in or cut off. Derived.
 * @param degrees polar angle from the top, 0 to 180
 */
export function gatherRatio(degrees: number): number {
  const t = (degrees * Math.PI) / 180;
  return (t * t) / (2 * (1 - Math.cos(t)));
}

/** Share of a wrap that lies over its own beginning: o ÷ (girth + o). Derived. */
export const lapShare = (girth: Mm, lap: Mm): number => lap / (girth + lap);
