import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { given } from '../quantity/index.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import { gatheredOver, rolledOf, takesOf, type Takes } from './index.ts';

const rho = (x: number) => given('Density', x, 'g/cm³' as const);
/** Covering paste with a little stiffening powder. */
const POWDERED = takesOf({ id: 'x', name: 'x', base: 'fondant', powder: 0.3, gumPaste: 0 });
const INCH = 25.4;
const four = gatheredOver(4 * INCH, 3.5, POWDERED, rho(1.38));

describe('a ball gathered at the bottom', () => {
  it('a 4 inch ball takes about a pound of paste: common practice', () => {
    expect(four.rolled.value).toBeGreaterThan(0.9 * 453.6);
    expect(four.rolled.value).toBeLessThan(1.1 * 453.6);
    // 2 to 3 mm at its thinnest: common practice
    expect(four.thinnest.value).toBeGreaterThan(2);
    expect(four.thinnest.value).toBeLessThan(3);
  });

  // closed form by hand and, beside it, the sheet drawn over 20 000 triangles
  it.each([
    ['round', four.round.value, 342.8],
    ['rolled', four.rolled.value, 445.9],
    ['stays', four.stays.value, 197.5],
    ['off', four.off.value, 248.4],
    ['smooth', four.smooth.value, 56.3],
    ['folds', four.folds.value, 89],
    ['least', four.least.value, 320.5],
  ])('%s', (_, found, wanted) => {
    expect(Math.abs(found - wanted)).toBeLessThan(0.002 * wanted);
  });

  it('drawn by nothing and pushed together without end, it is the area of the ball and nothing more', () => {
    const plain: Takes = { pull: 0, ease: 100, worked: 100, hides: 0 };
    const even = gatheredOver(100, 3, plain, rho(1));
    // π d², and of the round 4 ÷ π² stays: a disc round a ball is larger than the ball by (π ÷ 2)²
    expect(even.stays.value).toBeCloseTo((Math.PI * 100 * 100 * 3) / 1000, 1);
    const disc = even.round.value - 50;
    expect(even.stays.value / (((Math.PI / 4) * disc * disc * 3) / 1000)).toBeCloseTo(4 / Math.PI ** 2, 4);
  });

  it('by adding up thin rings, as slowly as one likes, the same stays', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 250, noNaN: true }),
        fc.double({ min: 2, max: 6, noNaN: true }),
        fc.integer({ min: 2, max: 30 }),
        fc.integer({ min: 115, max: 180 }),
        (d, t, pull, worked) => {
          const takes: Takes = { pull, ease: 90, worked, hides: 2 };
          const { stays } = gatheredOver(d, t, takes, rho(1.3));
          const [r, e, n] = [d / 2, 1 + pull / 200, 4000];
          let sum = 0;
          for (let i = 0; i < n; i++) {
            const a = ((i + 0.5) * Math.PI) / n;
            const thick = Math.min((a * t) / (e * e * Math.sin(a)), (worked / 100) * t);
            sum += thick * 2 * Math.PI * r * Math.sin(a) * ((r * Math.PI) / n) * 1.3;
          }
          expect(stays.value).toBeGreaterThan((0.995 * sum) / 1000);
          expect(stays.value).toBeLessThan((1.005 * sum) / 1000);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('thicker never shows more, a larger ball never takes less, and nothing stays that was not rolled', () => {
    const size = fc.double({ min: 15, max: 300, noNaN: true });
    const thick = fc.double({ min: 1.5, max: 8, noNaN: true });
    fc.assert(
      fc.property(size, size, thick, thick, (d1, d2, t1, t2) => {
        const [small, large] = [d1, d2].sort((a, b) => a - b) as [number, number];
        const [thin, fat] = [t1, t2].sort((a, b) => a - b) as [number, number];
        const of = (d: number, t: number) => gatheredOver(d, t, POWDERED, rho(1.38));
        expect(of(small, thin).says.length).toBeGreaterThanOrEqual(of(small, fat).says.length);
        expect(of(large, thin).round.value).toBeGreaterThanOrEqual(of(small, thin).round.value);
        const { rolled, stays, smooth, folds } = of(small, thin);
        expect(stays.value).toBeLessThan(rolled.value);
        expect(smooth.value).toBeLessThan(folds.value);
      }),
      { numRuns: 80 },
    );
    expect(gatheredOver(100, 2, POWDERED, rho(1.38)).says[0]).toMatch(
      /ends at 1\.7 mm and shows.*roll 2\.5 mm/,
    );
    expect(gatheredOver(100, 2.5, POWDERED, rho(1.38)).says).toEqual([]);
  });
});

describe('what is rolled without a paper', () => {
  it('is every cover of boards and tiers, and every ball with a coat', () => {
    const head = plainPiece('head', { kind: 'skinOverBall', sizes: { core: 80, coat: 4 } });
    const board = { ...blank.board, cover: { thickness: 3, blend: blank.blends[0]!.id, colour: 'c' } };
    const all = rolledOf({
      ...blank,
      board,
      pieces: [head, plainPiece('b', { kind: 'ball', sizes: { diameter: 30, press: 0 } })],
    });
    expect(all.map((r) => [r.id, r.kind])).toEqual([
      ['board', 'draped'],
      ['head', 'gathered'],
    ]);
    // eight millimetres over a ball of fifty is a lump of its own, pressed round
    expect(rolledOf(demoBuild('ferryman-otter')).some((r) => r.id === 'head')).toBe(false);
  });
});
