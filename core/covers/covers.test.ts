import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { given } from '../quantity/index.ts';
import type { Build } from '../record/index.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import { setCover } from '../edits/index.ts';
import { formBody, turned, type Form, type StackBody } from '../solids/index.ts';
import { coverOver, wayDown, rolledOf, sheetOver, takesOf, COVERINGS, type Takes } from './index.ts';
import { lengthDown, skinOf } from './profile.ts';

const rho = (x: number) => given('Density', x, 'g/cm³' as const);
/** Covering paste with a little stiffening powder. */
const POWDERED = takesOf({ id: 'x', name: 'x', base: 'fondant', powder: 0.3, gumPaste: 0 });
const INCH = 25.4;
const body = (form: Form) => formBody(form) as StackBody;
const ballOf = (d: number) => wayDown(body({ kind: 'ball', sizes: { diameter: d, press: 0 } }), 'under');
const gatheredOver = (d: number, t: number, takes: Takes, density: ReturnType<typeof rho>) =>
  sheetOver(ballOf(d), t, COVERINGS.gathered, takes, density);
const thin = (d: number, t: number) => {
  const blend = { ...blank.blends[0]!, base: 'fondant' as const, powder: 0.3, gumPaste: 0 };
  return coverOver(
    plainPiece('b', { kind: 'ball', sizes: { diameter: d, press: 0 }, coat: { thickness: t, under: true } }),
    blend,
  )!;
};
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
        const [slim, fat] = [t1, t2].sort((a, b) => a - b) as [number, number];
        const of = (d: number, t: number) => gatheredOver(d, t, POWDERED, rho(1.38));
        expect(of(small, slim).thinnest.value).toBeLessThanOrEqual(of(small, fat).thinnest.value);
        expect(of(large, slim).round.value).toBeGreaterThan(of(small, slim).round.value - 1e-9);
        const { rolled, stays, smooth, folds } = of(small, slim);
        expect(stays.value).toBeLessThan(rolled.value);
        expect(smooth.value).toBeLessThan(folds.value);
      }),
      { numRuns: 80 },
    );
    expect(thin(100, 2).says[0]).toMatch(/ends at 1\.7 mm and shows.*roll 2\.5 mm/);
    expect(thin(100, 2.5).says).toEqual([]);
  });
});

describe('a sheet over other bodies', () => {
  const EVEN: Takes = { pull: 0, ease: 100, worked: 100, hides: 0 };
  const tier = body({ kind: 'rope', sizes: { diameter: 150, length: 100 } });
  /** Nothing over at the foot, whatever the way. */
  const flush = { ...COVERINGS.draped, over: 0, worked: 100 };

  it('a round tier takes d + 2 h, and π h² of it is cut off at an even thickness', () => {
    const { round, rolled, stays } = sheetOver(wayDown(tier, 'board'), 4, flush, EVEN, rho(1.38));
    expect(round.value).toBeCloseTo(350, 1);
    // top and side of a cylinder, by hand
    const grams = ((Math.PI * 75 * 75 + Math.PI * 150 * 100) * 4 * 1.38) / 1000;
    expect(stays.value / grams).toBeCloseTo(1, 3);
    const off = (Math.PI * 100 * 100 * 4 * 1.38) / 1000;
    expect((rolled.value - stays.value) / off).toBeCloseTo(1, 2);
  });

  it('an egg of 100 by 140 gathered: what the sheet over thousands of triangles gave', () => {
    // two half ellipses, 84 mm over the widest place and 56 under it
    const wide = (z: number) => 50 * Math.sqrt(Math.max(0, 1 - ((z - 56) / (z > 56 ? 84 : 56)) ** 2));
    const egg = turned(wide, [0, 56, 140]);
    // over the skin from end to end: two quarter ellipses by quadrature
    expect(lengthDown(wayDown(egg, 'under'))).toBeCloseTo(190.26, 1);
    const found = sheetOver(wayDown(egg, 'under'), 3.5, COVERINGS.gathered, POWDERED, rho(1.38));
    const told = { round: 399, rolled: 603, stays: 265, smooth: 41 };
    for (const [k, want] of Object.entries(told))
      expect(Math.abs(found[k as keyof typeof told].value / want - 1), k).toBeLessThan(0.02);
  });

  it('the skin is that of the shape, whatever it is: foot, side and top', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 200, noNaN: true }),
        fc.double({ min: 20, max: 200, noNaN: true }),
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        (d, h, taper) => {
          const form: Form = { kind: 'truncatedCone', sizes: { foot: d, top: d * taper, height: h } };
          const [R, r] = [d / 2, (d * taper) / 2];
          const wanted = Math.PI * (R * R + r * r + (R + r) * Math.hypot(h, R - r));
          expect(skinOf(wayDown(body(form), 'under')) / wanted).toBeCloseTo(1, 3);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('turned under at the foot it takes a hem of 12 mm instead of 20 to trim, and nothing else is another', () => {
    const dome = { kind: 'dome' as const, sizes: { diameter: 120, height: 50 }, coat: { thickness: 3, under: false } }; // prettier-ignore
    const sheet = (cover: 'draped' | 'tucked') =>
      coverOver({ ...plainPiece('b', dome), cover }, blank.blends[0]!)!.sheet!;
    const [draped, tucked] = [sheet('draped'), sheet('tucked')];
    expect(draped.round.value - tucked.round.value).toBeCloseTo(16, 6);
    expect(tucked.stays.value).toBeCloseTo(draped.stays.value, 6);
    expect(tucked.off.value).toBeLessThan(draped.off.value);
  });

  it('says where a belly leaves it hanging free, and only there', () => {
    const coated = (kind: 'ball' | 'dome', sizes: Record<string, number>) =>
      coverOver(
        { ...plainPiece('b', { kind, sizes, coat: { thickness: 3, under: false } }), cover: 'draped' },
        blank.blends[0]!,
      )!.says.join();
    expect(coated('ball', { diameter: 120, press: 0 })).toMatch(/goes in by 60 mm/);
    expect(coated('dome', { diameter: 120, height: 50 })).not.toMatch(/goes in/);
  });
});

describe('what is covered', () => {
  const skin = (core: number, coat: number) =>
    plainPiece('head', { kind: 'skinOverBall', sizes: { core, coat } });

  it('is every cover of boards and tiers, and every core under paste', () => {
    const board = { ...blank.board, cover: { thickness: 3, blend: blank.blends[0]!.id, colour: 'c' } };
    const all = rolledOf({
      ...blank,
      board,
      pieces: [skin(80, 4), plainPiece('b', { kind: 'ball', sizes: { diameter: 30, press: 0 } })],
    });
    expect(all.map((r) => [r.id, r.kind])).toEqual([
      ['board', 'plain'],
      ['head', 'core'],
    ]);
    // eight millimetres over a ball of fifty is a lump of its own, pressed round
    const head = rolledOf(demoBuild('ferryman-otter')).find((r) => r.id === 'head')!;
    expect(head.kind === 'core' && head.over.way.id).toBe('eased');
  });

  it('goes the way that was chosen, with what speaks against it, and back', () => {
    const build: Build = { ...blank, pieces: [skin(80, 3)] };
    const way = (b: Build) => {
      const [r] = rolledOf(b);
      if (r?.kind !== 'core') throw new Error('It is not covered.');
      return r.over;
    };
    expect(way(build).way.id).toBe('gathered');
    const lump = way(setCover(build, 'head', 'eased'));
    expect(lump.sheet).toBeUndefined();
    expect(lump.says.join()).toMatch(/thin for a lump pressed round 80 mm/);
    expect(way(setCover(setCover(build, 'head', 'eased'), 'head', undefined)).way.id).toBe('gathered');
  });

  it('gathering over a 4 inch ball takes about a quarter of an hour, beside kneading and rolling: common practice', () => {
    const { way } = thin(4 * INCH, 3.5);
    const dm2 = skinOf(ballOf(4 * INCH)) / 1e4;
    expect(Math.abs(way.minutes[0] + way.minutes[1] * dm2 - 15)).toBeLessThan(2);
  });
});
