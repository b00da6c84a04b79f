// Control charts for weighings: Shewhart constants, limits of individuals and groups, run rules and average run lengths
// as tabulated in handbooks of statistical quality control; from memory. How fine a scale has to be is common practice.
import { describe, expect, it } from 'vitest';
import {
  capability,
  checkEvery,
  detects,
  drifts,
  grouped,
  individuals,
  outside,
  scaleFineEnough,
  SHEWHART,
} from '../bench/index.ts';

const ok = <T>(r: { ok: true; value: T } | { ok: false; problem: { text: string } }): T => {
  if (!r.ok) throw new Error(r.problem.text);
  return r.value;
};

it('keeps the constants, which follow from each other', () => {
  for (const [size, k] of Object.entries(SHEWHART)) {
    const n = Number(size);
    // A₂ = 3 ÷ (d₂ √n), to the figures printed
    expect(k.A2).toBeCloseTo(3 / (k.d2 * Math.sqrt(n)), 2);
    // c₄ = √(2 ÷ (n − 1)) Γ(n ÷ 2) ÷ Γ((n − 1) ÷ 2)
    const gamma = (x: number): number =>
      x === 0.5 ? Math.sqrt(Math.PI) : x === 1 ? 1 : (x - 1) * gamma(x - 1);
    expect(k.c4).toBeCloseTo((Math.sqrt(2 / (n - 1)) * gamma(n / 2)) / gamma((n - 1) / 2), 4);
    if (k.D3 > 0) expect(k.D3 + k.D4).toBeCloseTo(2, 2);
  }
});

describe('average weighings until a shift is noticed', () => {
  it.each([
    [0, [370.4, 370.4, 370.4, 370.4, 370.4]],
    [0.5, [155.22, 90.65, 60.69, 43.89, 33.4]],
    [1, [43.89, 17.73, 9.76, 6.3, 4.5]],
    [1.5, [14.97, 5.27, 2.91, 2, 1.57]],
    [2, [6.3, 2.32, 1.47, 1.19, 1.08]],
    [3, [2, 1.12, 1.01, 1, 1]],
  ] as const)('of %f spreads, by groups of 1 to 5', (shift, arl) => {
    arl.forEach((x, i) => expect(Math.abs(detects(shift, i + 1).samples / x - 1)).toBeLessThan(0.005));
  });

  it('five at a time notice one spread in four and a half looks: the textbook value', () => {
    expect(detects(1, 5).chance).toBeCloseTo(0.222454, 5);
    expect(checkEvery(50, 1.5, 3)).toBe(20);
    expect(checkEvery(50, 1, 5)).toBe(12);
  });
});

describe('limits', () => {
  it('of groups: X̄ ± A₂ R̄', () => {
    const c = ok(
      grouped([
        [14.1, 13.9, 14, 14.2, 13.8],
        [14.3, 14, 13.9, 14.1, 14.2],
      ]),
    );
    expect(c.mean).toBeCloseTo(14.05, 9);
    expect(c.sigma).toBeCloseTo(0.171969, 5);
    expect([c.upper, c.lower]).toEqual([expect.closeTo(14.2808, 4), expect.closeTo(13.8192, 4)]);
    expect(c.rangeUpper).toBeCloseTo(0.8456, 4);
  });

  it('of single ones: mean ± 2.66 moving range', () => {
    const c = ok(individuals([14, 14.2, 13.9]));
    expect(c.mean).toBeCloseTo(14.0333, 4);
    expect(c.sigma).toBeCloseTo(0.221631, 5);
    expect(c.upper).toBeCloseTo(14.69833, 5);
    expect(c.lower).toBeCloseTo(13.36833, 5);
  });

  it('says why there are none', () => {
    expect(individuals([14]).ok).toBe(false);
    expect(grouped([[1, 2, 3, 4, 5, 6, 7]]).ok).toBe(false);
    expect(grouped([[1, 2], [1]]).ok).toBe(false);
  });
});

describe('run rules', () => {
  const rules = (x: number[]) => drifts(x, 0, 1).map((d) => [d.at, d.rule]);
  it('one far off, two of three, four of five, eight in a row', () => {
    expect(rules([0, 3.2])).toEqual([[1, 1]]);
    expect(rules([2.1, 0, 2.2])).toEqual([[2, 2]]);
    expect(rules([1.2, 1.4, 0.2, 1.3, 1.5])).toEqual([[4, 3]]);
    expect(rules([0.1, 0.2, 0.1, 0.3, 0.1, 0.2, 0.1, 0.2])).toEqual([[7, 4]]);
  });

  it('both sides alike, and a steady hand is left in peace', () => {
    expect(drifts([0, -3.2], 0, 1)[0]!.side).toBe('light');
    expect(rules([0.4, -0.3, 0.8, -0.9, 0.2, -0.1, 0.5, -0.6])).toEqual([]);
    expect(drifts([5, 6], 0, 0)).toEqual([]);
  });
});

it('shares outside and capability by the normal table', () => {
  expect(outside(0.25, 0.5)).toBeCloseTo(0.0455003, 6);
  expect(outside(0.25, 0.5, 0.2)).toBeCloseTo(0.117625, 5);
  expect(capability(14.1, 0.25, 13.5, 14.5)).toBeCloseTo(0.53333, 5);
  expect([scaleFineEnough(0.5, 0.1), scaleFineEnough(0.5, 1)]).toEqual([true, false]);
});
