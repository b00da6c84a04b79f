import { fail, normalCdf, ok, type Grams, type Result } from '../quantity/index.ts';

/** Shewhart constants by size of the group: limits of the mean, of the range, and what turns a range into a spread. */
export const SHEWHART: Readonly<
  Record<number, { A2: number; D3: number; D4: number; d2: number; c4: number }>
> = {
  2: { A2: 1.88, D3: 0, D4: 3.267, d2: 1.128, c4: 0.7979 },
  3: { A2: 1.023, D3: 0, D4: 2.574, d2: 1.693, c4: 0.8862 },
  4: { A2: 0.729, D3: 0, D4: 2.282, d2: 2.059, c4: 0.9213 },
  5: { A2: 0.577, D3: 0, D4: 2.114, d2: 2.326, c4: 0.94 },
  6: { A2: 0.483, D3: 0, D4: 2.004, d2: 2.534, c4: 0.9515 },
  8: { A2: 0.373, D3: 0.136, D4: 1.864, d2: 2.847, c4: 0.965 },
  10: { A2: 0.308, D3: 0.223, D4: 1.777, d2: 3.078, c4: 0.9727 },
};

const mean = (x: readonly number[]): number => x.reduce((a, b) => a + b, 0) / x.length;

/** Limits from pieces weighed one by one: mean ± 2.66 mean moving range. Handbook. */
export interface Chart {
  readonly mean: Grams;
  /** Mean difference from one to the next. */
  readonly movingRange: Grams;
  readonly sigma: Grams;
  readonly upper: Grams;
  readonly lower: Grams;
}

/**
 * A control chart of single weighings: middle and limits from the mean moving range (Shewhart).
 * @returns a refusal with fewer than two
 */
export function individuals(x: readonly Grams[]): Result<Chart> {
  if (x.length < 2) return fail('Weigh at least two to see how they scatter.');
  const X = mean(x);
  const movingRange = mean(x.slice(1).map((v, i) => Math.abs(v - x[i]!)));
  const sigma = movingRange / SHEWHART[2]!.d2;
  return ok({ mean: X, movingRange, sigma, upper: X + 2.66 * movingRange, lower: X - 2.66 * movingRange });
}

/** Limits from groups of the same size, X̄ ± A₂ R̄. Handbook. */
export function grouped(
  groups: readonly (readonly Grams[])[],
): Result<Chart & { rangeUpper: number; rangeLower: number }> {
  const n = groups[0]?.length ?? 0;
  const k = SHEWHART[n];
  if (!k) return fail('Groups of 2 to 6, 8 or 10 have limits.');
  if (groups.some((g) => g.length !== n)) return fail('All groups have to be of one size.');
  const X = mean(groups.map(mean));
  const R = mean(groups.map((g) => Math.max(...g) - Math.min(...g)));
  return ok({
    mean: X,
    movingRange: R,
    sigma: R / k.d2,
    upper: X + k.A2 * R,
    lower: X - k.A2 * R,
    rangeUpper: k.D4 * R,
    rangeLower: k.D3 * R,
  });
}

/** Signs of drift, in the order of how much they say. Standard run rules, handbook. */
export const RUN_RULES = [
  { last: 1, beyond: 3, at: 1, says: 'far off: weigh everything since the last good one again' },
  { last: 3, beyond: 2, at: 2, says: 'two of the last three far to one side' },
  { last: 5, beyond: 1, at: 4, says: 'four of the last five to one side' },
  { last: 8, beyond: 0, at: 8, says: 'eight in a row to one side' },
] as const;

export interface Drift {
  /** Which weighing, from 0. */
  readonly at: number;
  /** 1 to 4. */
  readonly rule: number;
  readonly side: 'heavy' | 'light';
  readonly says: string;
}

/** Where a run of weighings shows that the rolling has drifted from its target. */
export function drifts(x: readonly Grams[], target: Grams, sigma: Grams): Drift[] {
  if (!(sigma > 0)) return [];
  const z = x.map((v) => (v - target) / sigma);
  const out: Drift[] = [];
  z.forEach((now, at) => {
    RUN_RULES.forEach(({ last, beyond, at: wanted, says }, k) => {
      if (at < last - 1) return;
      const run = z.slice(at - last + 1, at + 1);
      for (const side of [1, -1])
        // the newest has to be one of them, or an old run would be told again and again
        if (now * side > beyond && run.filter((v) => v * side > beyond).length >= wanted)
          out.push({ at, rule: k + 1, side: side > 0 ? 'heavy' : 'light', says });
    });
  });
  return out;
}

/** Chance that one sample shows a shift, and how many samples that takes on average. Derived. */
export function detects(shift: number, n: number): { chance: number; samples: number } {
  const s = Math.abs(shift) * Math.sqrt(n);
  const chance = normalCdf(s - 3) + normalCdf(-s - 3);
  return { chance, samples: 1 / chance };
}

/** Pieces between checks so that no more than so many are made off before a shift is noticed. Derived. */
export const checkEvery = (off: number, shift: number, n: number): number =>
  Math.max(n, Math.floor(off / (detects(shift, n).samples - 0.5) + 1e-9));

/** Share that falls outside target ± within, when the mean is off by so much. */
export const outside = (sigma: Grams, within: Grams, off: Grams = 0): number =>
  normalCdf((-within - off) / sigma) + 1 - normalCdf((within - off) / sigma);

/** How often the spread fits between the mean and the nearer limit: 1 is just, 1.33 is comfortable. */
export const capability = (m: Grams, sigma: Grams, low: Grams, high: Grams): number =>
  Math.min(high - m, m - low) / (3 * sigma);

/** A scale is fine enough when its step is at most a quarter of the tolerance. Common practice. */
export const scaleFineEnough = (within: Grams, step: Grams): boolean => step <= within / 4 + 1e-12;
