// Tables of waste worked out apart from this project: rolling and kneading back (a geometric series), how many to make
// when some break (binomial tail, as in any handbook of quality control), discs over balls and tiers (sphere and disc
// areas of any handbook). Shares of each technique are common practice.
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  drapeUse,
  drapeUseSquare,
  gatherRatio,
  lapShare,
  makeCount,
  startMass,
  TECHNIQUES,
} from '../pastes/index.ts';

const BACK = [0, 0.5, 0.8, 0.95];
const STARTS = [
  [0.4, 250, 175, 130, 107.5],
  [0.5, 200, 150, 120, 105],
  [0.6, 166.7, 133.3, 113.3, 103.3],
  [0.7, 142.9, 121.4, 108.6, 102.1],
  [0.8, 125, 112.5, 105, 101.3],
  [0.9, 111.1, 105.6, 102.2, 100.6],
] as const;

describe.each(STARTS)('used %f of each rolling', (u, ...grams) => {
  it.each(BACK.map((q, i) => [q, grams[i]!] as const))('%f kneaded back: %f g for 100 g', (q, g) => {
    expect(Math.abs(startMass(100, u, q) - g)).toBeLessThan(0.051);
  });
});

const BREAKS = [0.02, 0.05, 0.1, 0.2, 0.3];
const MAKES = [
  [1, 1, 1, 2, 2, 3],
  [5, 6, 6, 7, 9, 10],
  [10, 11, 12, 13, 16, 19],
  [20, 22, 23, 25, 29, 35],
  [50, 53, 56, 60, 69, 81],
  [100, 105, 109, 117, 135, 156],
] as const;

describe('how many to make', () => {
  it.each(MAKES)('for %i whole ones', (n, ...made) => {
    expect(BREAKS.map((p) => makeCount(n, p))).toEqual(made);
  });

  it('agrees with breaking them one by one, and one fewer would not do', () => {
    /** Chance of at least n whole ones out of N, by adding pieces one at a time. */
    const atLeast = (n: number, N: number, p: number): number => {
      let whole = [1];
      for (let k = 0; k < N; k++) {
        const next = new Array<number>(whole.length + 1).fill(0);
        whole.forEach((chance, w) => {
          next[w]! += chance * p;
          next[w + 1]! += chance * (1 - p);
        });
        whole = next;
      }
      return whole.slice(n).reduce((a, b) => a + b, 0);
    };
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.double({ min: 0.005, max: 0.5, noNaN: true }),
        (n, p) => {
          const N = makeCount(n, p);
          expect(atLeast(n, N, p)).toBeGreaterThanOrEqual(0.95 - 1e-9);
          if (N > n) expect(atLeast(n, N - 1, p)).toBeLessThan(0.95 + 1e-9);
        },
      ),
    );
  });

  it('makes no more when nothing breaks, and none when none are needed', () => {
    expect([makeCount(7, 0), makeCount(0, 0.3)]).toEqual([7, 0]);
  });
});

describe('covers', () => {
  it.each([
    [45, 1.053],
    [60, 1.0966],
    [90, 1.2337],
    [110, 1.3733],
    [120, 1.4622],
    [135, 1.626],
    [150, 1.8365],
    [180, 2.4674],
  ])('a disc gathered over a ball down to %i° is %f of what it covers', (degrees, ratio) => {
    expect(gatherRatio(degrees)).toBeCloseTo(ratio, 4);
  });

  it('a draped disc wastes π h² before the tuck, whatever the diameter', () => {
    for (const d of [80, 200, 350]) {
      const disc = (Math.PI / 4) * (d + 200) ** 2;
      expect(disc * (1 - drapeUse(d, 100, 0))).toBeCloseTo(Math.PI * 100 ** 2, 6);
    }
    expect(drapeUse(200, 100)).toBeCloseTo(94247.78 / ((Math.PI / 4) * 440 ** 2), 6);
    expect(drapeUseSquare(200, 100)).toBeCloseTo(120000 / 440 ** 2, 9);
  });

  it('a lap of 10 mm round a 150 mm tier is 2 % of the wrap', () => {
    expect(lapShare(471.24, 10)).toBeCloseTo(0.02078, 5);
  });
});

it('every technique uses some and keeps some: common practice, 0.6 from a sheet to 0.98 by hand', () => {
  for (const t of Object.values(TECHNIQUES)) {
    expect(t.used).toBeGreaterThanOrEqual(0.6);
    expect(t.used).toBeLessThanOrEqual(0.98);
    expect(t.kneadedBack).toBe(0.8);
  }
});
