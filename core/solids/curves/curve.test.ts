import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contains, moments } from '../polygon.ts';
import { closedTrouble, crossesItself, fittedToBox, reachAt, sampled, type Curve } from './curve.ts';

const square: Curve = [[0, 0, 1], [2, 0, 1], [2, 1, 1], [0, 1, 1]]; // prettier-ignore
const round = (n: number): Curve =>
  Array.from(
    { length: n },
    (_, i) => [Math.cos((2 * Math.PI * i) / n), Math.sin((2 * Math.PI * i) / n)] as const,
  );

describe('lines drawn by hand', () => {
  it('corners make straight sides, smooth points a round', () => {
    expect(sampled(square, true)).toHaveLength(4);
    expect(moments(sampled(square, true)).area).toBe(2);
    expect(moments(sampled(round(12), true)).area / Math.PI).toBeCloseTo(1, 1);
  });
  it('go through every point they were given', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.double({ min: -1, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true })),
          { minLength: 3, maxLength: 9 },
        ),
        (points) => {
          const chain = sampled(points as unknown as Curve, true);
          for (const p of points)
            expect(chain.some((q) => Math.hypot(q[0] - p[0], q[1] - p[1]) < 1e-9)).toBe(true);
        },
      ),
    );
  });
  it('tell when they cross themselves, as every pair of sides looked at by hand does', () => {
    expect(
      crossesItself([
        [0, 0],
        [10, 10],
        [10, 0],
        [0, 10],
      ]),
    ).toBe(true);
    expect(crossesItself(sampled(square, true))).toBe(false);
    expect(
      closedTrouble(
        [
          [0, 0],
          [1, 1],
        ],
        'It',
      ),
    ).toMatch(/three points/);
    expect(
      closedTrouble(
        [
          [0, 0],
          [1, NaN],
          [1, 0],
        ],
        'It',
      ),
    ).toMatch(/not a number/);
  });
  it('fill their box, and reach as far at a level as points inside them say', () => {
    const box = fittedToBox(sampled(round(16), true));
    expect(Math.min(...box.map((p) => p[0]))).toBeCloseTo(-0.5, 9);
    expect(Math.max(...box.map((p) => p[1]))).toBeCloseTo(1, 9);
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 0.98, noNaN: true }), (z) => {
        const [left, right] = reachAt(box, z)!;
        expect(contains(box, left + 1e-6, z)).toBe(true);
        expect(contains(box, left - 1e-6, z)).toBe(false);
        expect(contains(box, right + 1e-6, z)).toBe(false);
      }),
    );
    expect(reachAt(box, 2)).toBeUndefined();
  });
});
