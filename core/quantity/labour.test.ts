import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areaLabour, labourOf, labourSum, powerSum, rhythm, type Labour } from './labour.ts';

const count = fc.integer({ min: 1, max: 600 });
const work: fc.Arbitrary<Labour> = fc.record({
  once: fc.double({ min: 0, max: 10, noNaN: true }),
  each: fc.double({ min: 0.05, max: 10, noNaN: true }),
});

describe('the rhythm of many alike', () => {
  it('sums powers as adding them one by one does', () => {
    for (const n of [1, 2, 7, 30, 110, 350]) {
      const slow = Array.from({ length: n }, (_, k) => (k + 1) ** -0.3).reduce((a, b) => a + b, 0);
      expect(powerSum(n)).toBeCloseTo(slow, 2);
    }
    expect(powerSum(0)).toBe(0);
  });

  it('takes more time with every one more, and none of them more than the one before by a third', () => {
    fc.assert(
      fc.property(work, count, (w, n) => {
        const [a, b] = [labourOf(w, n), labourOf(w, n + 1)];
        expect(b).toBeGreaterThan(a);
        if (n > 4) expect(b - a).toBeLessThan((a / n) * 1.34);
      }),
    );
  });

  it('falls to what a hand settles at and never below', () => {
    fc.assert(
      fc.property(count, (n) => {
        expect(rhythm(n + 1)).toBeLessThan(rhythm(n) + 1e-12);
        expect(rhythm(n)).toBeGreaterThan(0.55);
      }),
    );
    expect([1, 2, 4, 5, 10, 30, 110, 350].map((n) => Number(rhythm(n).toFixed(2)))).toEqual([
      1, 0.96, 0.91, 0.89, 0.84, 0.77, 0.7, 0.66,
    ]);
  });

  it('is told by the same sum that it is reckoned with', () => {
    const w: Labour = { once: 1, each: 4, size: { usual: 40, power: 0.25 } };
    const told = labourSum('Shape them', w, 12, 80);
    expect(told.value).toBeCloseTo(labourOf(w, 12, 80), 9);
    expect(told.from!.map((f) => f.name)).toEqual([
      'Getting ready',
      'The first of them',
      'By its size',
      'How many',
    ]);
    expect(labourOf(w, 0)).toBe(0);
  });

  it('goes on over an area, sooner in its rhythm', () => {
    expect(areaLabour(1, 0.45, 0)).toBe(0);
    expect(areaLabour(1, 0.45, 100)).toBeLessThan(2 * areaLabour(1, 0.45, 50));
    // common practice: fur snipped on a hundred square centimetres is three quarters of an hour
    expect(areaLabour(1, 0.45, 100)).toBeGreaterThan(38);
    expect(areaLabour(1, 0.45, 100)).toBeLessThan(46);
  });
});
