import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { given } from '../quantity/index.ts';
import {
  batchFor,
  blendDensity,
  checkBlend,
  firmingOf,
  gumPasteFor,
  powderFor,
  restAfterMixing,
  startMass,
  type Blend,
} from './index.ts';

const blend = (patch: Partial<Blend> = {}): Blend => ({
  id: 'b',
  name: 'B',
  base: 'fondant',
  gumPaste: 0,
  powder: 0,
  ...patch,
});

describe('waste', () => {
  it.each([
    [0.4, 0, 250],
    [0.6, 0.8, 113.333],
    [0.8, 0.5, 112.5],
    [0.9, 0.95, 100.556],
  ])('start for 100 g at u %f, q %f', (u, q, g) => {
    expect(startMass(100, u, q)).toBeCloseTo(g, 2);
  });

  it('agrees with rolling out again and again until nothing is left', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 0.95, noNaN: true }),
        (u, q) => {
          let sheet = startMass(100, u, q);
          let used = 0;
          for (let i = 0; i < 400; i++) {
            used += sheet * u;
            sheet *= (1 - u) * q;
          }
          expect(used).toBeCloseTo(100, 4);
        },
      ),
    );
  });

  it('mixes up to the next 5 g and never less than can be kneaded', () => {
    expect([0, 3, 20, 21, 101].map((g) => batchFor(g))).toEqual([0, 20, 20, 25, 105]);
    expect([0, 3, 26].map((g) => batchFor(g, 5))).toEqual([0, 5, 30]);
    // a least amount between two steps is not undercut
    expect(batchFor(3, 22)).toBe(25);
  });
});

describe('blends', () => {
  it('weighs powder: 1.2 % of 250 g is 3 g, one level teaspoon', () => {
    const { grams, spoons } = powderFor(given('paste', 250, 'g'), 1.2);
    expect(grams.value).toBeCloseTo(3, 9);
    expect(spoons.value).toBeCloseTo(1.01442, 4);
  });

  it('weighs gum paste: 70:30 of 300 g is 90 g, and says of what', () => {
    const gum = gumPasteFor(given('paste', 300, 'g'), 30);
    expect(gum.value).toBeCloseTo(90, 9);
    expect(gum.from!.map((f) => f.value)).toEqual([300, 30]);
  });

  // common practice: fifteen to twenty minutes, at a third of a per cent as at more: less powder takes up water no sooner
  it.each([0.2, 0.33, 0.5, 1, 1.5])('rests %f %% of powder fifteen to twenty minutes', (powder) => {
    expect(restAfterMixing(blend({ powder }))).toBeGreaterThan(15);
    expect(restAfterMixing(blend({ powder }))).toBeLessThan(20);
  });

  it('needs no rest without powder, nor in chocolate, and the gum of a bought paste has long taken hold', () => {
    expect(restAfterMixing(blend({ gumPaste: 30 }))).toBe(0);
    expect(restAfterMixing(blend({ powder: 0.05 }))).toBe(0);
    expect(restAfterMixing(blend())).toBe(0);
    expect(restAfterMixing(blend({ base: 'chocolateDark' }))).toBe(0);
  });

  it('blends constants as the paper does: 70:30 has a balance of 0.727 and 0.48 % gum', () => {
    const law = firmingOf(blend({ gumPaste: 30 }));
    if (law.by !== 'drying') throw new Error('should dry');
    expect(law.constants.balance).toBeCloseTo(0.727, 6);
    expect(law.constants.gum).toBeCloseTo(0.48, 9);
    expect(law.constants.dryYield).toBeCloseTo(1500 ** 0.7 * 4000 ** 0.3, 6);
  });

  it('keeps a blend’s density between those of its pastes, and prefers the person’s own', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 100 }), (gumPaste) => {
        const rho = blendDensity(blend({ gumPaste })).value;
        expect(rho).toBeGreaterThan(1.37);
        expect(rho).toBeLessThan(1.46);
      }),
    );
    expect(blendDensity(blend({ density: 1.31 })).value).toBe(1.31);
  });

  it('refuses what nobody mixes, with a reason', () => {
    expect(checkBlend(blend({ powder: 9 })).ok).toBe(false);
    expect(checkBlend(blend({ gumPaste: 120 })).ok).toBe(false);
    expect(checkBlend(blend({ density: 2.4 })).ok).toBe(false);
    const marzipan = checkBlend(blend({ base: 'marzipan', powder: 1 }));
    expect(!marzipan.ok && marzipan.problem.text).toMatch(/Marzipan.*not stiffened/);
  });
});
