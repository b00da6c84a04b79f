import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { carlsonD, carlsonF, carlsonG, ellipticE } from './elliptic.ts';

/** Slow and obvious: Simpson's rule. */
function simpson(f: (x: number) => number, a: number, b: number, n = 2000): number {
  const h = (b - a) / n;
  let sum = f(a) + f(b);
  for (let i = 1; i < n; i++) sum += (i % 2 ? 4 : 2) * f(a + i * h);
  return (sum * h) / 3;
}

describe('elliptic integrals', () => {
  it('E(m) as tabled (Abramowitz & Stegun 17.1, from memory) and as integrated', () => {
    expect(ellipticE(0)).toBeCloseTo(Math.PI / 2, 12);
    expect(ellipticE(0.5)).toBeCloseTo(1.3506438810476755, 12);
    expect(ellipticE(1)).toBe(1);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.999, noNaN: true }), (m) => {
        const slow = simpson((t) => Math.sqrt(1 - m * Math.sin(t) ** 2), 0, Math.PI / 2);
        expect(ellipticE(m)).toBeCloseTo(slow, 8);
      }),
    );
  });

  it('Carlson’s forms: equal arguments, E through them, and the surface of a ball', () => {
    expect(carlsonF(4, 4, 4)).toBeCloseTo(0.5, 12);
    expect(carlsonD(4, 4, 4)).toBeCloseTo(1 / 8, 12);
    expect(carlsonG(9, 9, 9)).toBeCloseTo(3, 12);
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 0.999, noNaN: true }), (m) => {
        // E(m) = R_F(0, 1 − m, 1) − m ÷ 3 R_D(0, 1 − m, 1); DLMF 19.25.1
        expect(carlsonF(0, 1 - m, 1) - (m / 3) * carlsonD(0, 1 - m, 1)).toBeCloseTo(ellipticE(m), 9);
      }),
    );
  });

  it('R_G does not mind the order of its arguments, and grows with each', () => {
    const positive = fc.double({ min: 0.01, max: 100, noNaN: true });
    fc.assert(
      fc.property(positive, positive, positive, (x, y, z) => {
        const g = carlsonG(x, y, z);
        expect(carlsonG(z, x, y) / g).toBeCloseTo(1, 9);
        expect(carlsonG(x * 1.1, y, z)).toBeGreaterThan(g);
      }),
    );
  });
});
