import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { enclosingCircle } from './enclosing.ts';

type P = readonly [number, number];

/** Every circle on two points as its diameter and through three, the smallest that holds all. */
function slow(points: readonly P[]): number {
  let best = Infinity;
  const holds = (x: number, y: number, r: number) =>
    points.every((p) => Math.hypot(p[0] - x, p[1] - y) <= r + 1e-7);
  points.forEach((a, i) =>
    points.slice(i + 1).forEach((b, j) => {
      const r = Math.hypot(a[0] - b[0], a[1] - b[1]) / 2;
      if (r < best && holds((a[0] + b[0]) / 2, (a[1] + b[1]) / 2, r)) best = r;
      for (const c of points.slice(i + j + 2)) {
        const d = 2 * (a[0] * (b[1] - c[1]) + b[0] * (c[1] - a[1]) + c[0] * (a[1] - b[1]));
        if (Math.abs(d) < 1e-9) continue;
        const s = (p: P) => p[0] ** 2 + p[1] ** 2;
        const x = (s(a) * (b[1] - c[1]) + s(b) * (c[1] - a[1]) + s(c) * (a[1] - b[1])) / d;
        const y = (s(a) * (c[0] - b[0]) + s(b) * (a[0] - c[0]) + s(c) * (b[0] - a[0])) / d;
        const q = Math.hypot(a[0] - x, a[1] - y);
        if (q < best && holds(x, y, q)) best = q;
      }
    }),
  );
  return 2 * best;
}

describe('the smallest circle round points', () => {
  it('of a flat triangle is on its long side, of an even one round its corners', () => {
    expect(
      enclosingCircle([
        [0, 0],
        [10, 0],
        [5, 1],
      ]),
    ).toBeCloseTo(10, 9);
    expect(
      enclosingCircle([
        [0, 0],
        [10, 0],
        [5, 5 * Math.sqrt(3)],
      ]),
    ).toBeCloseTo(11.547005, 5);
    expect(
      enclosingCircle([
        [0, 0],
        [100, 0],
        [100, 100],
        [0, 100],
      ]),
    ).toBeCloseTo(141.421, 3);
    expect([enclosingCircle([]), enclosingCircle([[3, 4]])]).toEqual([0, 0]);
  });

  it('is the one that trying every circle finds', () => {
    const at = fc.integer({ min: -60, max: 60 });
    fc.assert(
      fc.property(fc.array(fc.tuple(at, at), { minLength: 2, maxLength: 9 }), (points) => {
        const apart = new Set(points.map(String)).size > 1;
        expect(enclosingCircle(points)).toBeCloseTo(apart ? slow(points) : 0, 5);
      }),
      { numRuns: 200 },
    );
  });
});
