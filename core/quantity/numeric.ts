/**
 * Root of a function that changes sign between `low` and `high`, by halving.
 * @returns the root, or undefined when there is no change of sign
 */
export function bisect(f: (x: number) => number, low: number, high: number, steps = 80): number | undefined {
  let fLow = f(low);
  const fHigh = f(high);
  if (fLow === 0) return low;
  if (fHigh === 0) return high;
  if (!(fLow * fHigh < 0)) return undefined;
  for (let i = 0; i < steps; i++) {
    const mid = (low + high) / 2;
    const fMid = f(mid);
    if (fMid === 0) return mid;
    if (fMid > 0 === fLow > 0) {
      low = mid;
      fLow = fMid;
    } else high = mid;
  }
  return (low + high) / 2;
}

/** Standard normal distribution function, |error| < 1.5e-7 (Abramowitz & Stegun 7.1.26, from memory). */
export function normalCdf(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const poly =
    t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const erf = 1 - poly * Math.exp(-x * x);
  return z >= 0 ? 0.5 * (1 + erf) : 0.5 * (1 - erf);
}

/** Density of the normal distribution, φ(z). */
export const normalPdf = (z: number): number => Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI);

/** Small seeded generator (mulberry32): the same seed gives the same numbers on every machine. */
export function seeded(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Standard normal quantile of nine in ten: the ends of a band lie so many deviations out. Handbook. */
export const NINE_IN_TEN = 1.281551;
