import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { given } from '../quantity/index.ts';
import {
  airbrushCup,
  DEPTHS,
  doseOf,
  doseSpread,
  ladderOf,
  motherBatch,
  POT_KINDS,
  smallestByDrops,
  wholeDrops,
  type DoseAsked,
} from './index.ts';

const ask = (more: Partial<DoseAsked> & { readonly g?: number } = {}) => {
  const { g = 100, ...rest } = more;
  return doseOf({
    kind: 'gel',
    depth: 'middle',
    grams: given('Batch', g, 'g' as const),
    base: 1,
    known: 'nothing',
    ...rest,
  });
};
/** Rounded outwards, as it is told. */
const whole = ([low, high]: readonly number[] = []) => [Math.floor(low!), Math.ceil(high!)];

describe('a dose', () => {
  it('is known to × 1.8 either way from its kind alone: 6 drops, 3 to 11', () => {
    const { amount, first, then } = ask();
    expect([Math.round(amount.value), ...whole(amount.range)]).toEqual([6, 3, 11]);
    expect(first).toBe(3);
    // a quarter of what is in, at least a drop
    expect(then).toBe(1);
    expect(doseSpread('nothing', 6)).toBeCloseTo(1.82, 2);
  });

  it.each([
    ['other base', 4, 8],
    ['this base', 5, 7],
  ] as const)('%s: from %i to %i', (known, low, high) => {
    expect(whole(ask({ known, took: { amount: 6, grams: 100 } }).amount.range)).toEqual([low, high]);
  });

  it('as it was mixed before it scales exactly: 14 drops in 250 g are 5.04 in 90', () => {
    expect(ask({ g: 90, known: 'this base', took: { amount: 14, grams: 250 } }).amount.value).toBeCloseTo(
      5.04,
      9,
    );
  });

  it('is never negative, rises with paste and depth, and what goes in first is never more than it', () => {
    const any = fc.record({
      kind: fc.constantFrom(...POT_KINDS),
      depth: fc.constantFrom(...DEPTHS),
      g: fc.double({ min: 5, max: 3000, noNaN: true }),
      base: fc.double({ min: 0.5, max: 2, noNaN: true }),
    });
    fc.assert(
      fc.property(any, fc.double({ min: 1, max: 5, noNaN: true }), (said, more) => {
        const [one, other] = [ask(said), ask({ ...said, g: said.g * more })];
        expect(one.amount.value).toBeGreaterThan(0);
        // scaling keeps the shade
        expect(other.amount.value / one.amount.value).toBeCloseTo(more, 9);
        const [low, high] = one.amount.range!;
        expect(low).toBeLessThan(one.amount.value);
        expect(high).toBeGreaterThan(one.amount.value);
        expect(one.first).toBeLessThanOrEqual(Math.max(low, one.by === 'g' ? 0.01 : 1) + 1e-9);
        expect(one.then).toBeLessThanOrEqual(Math.max(one.first, one.by === 'g' ? 0.01 : 1));
        const deeper = DEPTHS[DEPTHS.indexOf(said.depth) + 1];
        if (deeper) expect(ask({ ...said, depth: deeper }).amount.value).toBeGreaterThan(one.amount.value);
      }),
    );
  });

  it('better known is never wider', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 200, noNaN: true }), (n) => {
        expect(doseSpread('this base', n)).toBeLessThan(doseSpread('other base', n));
        expect(doseSpread('other base', n)).toBeLessThan(doseSpread('nothing', n));
      }),
    );
  });
});

describe('whole drops', () => {
  it('4 for 100 g and 70 g needed: 75 g and 3 drops, exact', () => {
    expect(wholeDrops([4], 70)).toEqual({ grams: 75, drops: [3], off: 0 });
  });
  it('14 and 7 in 250 g, 90 needed: 105 g with 6 and 3, 2 % off', () => {
    const found = wholeDrops([5.6, 2.8], 90);
    expect([found.grams, found.drops]).toEqual([105, [6, 3]]);
    expect(found.off).toBeCloseTo(0.02, 2);
  });
  it('is as good as any batch tried one by one, at least what is needed and at most a quarter more', () => {
    const dose = fc.double({ min: 1, max: 30, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(dose, { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 20, max: 800 }),
        (doses, need) => {
          const found = wholeDrops(doses, need);
          expect(found.grams).toBeGreaterThanOrEqual(need);
          expect(found.grams).toBeLessThanOrEqual(need * 1.25 + 5);
          const off = (g: number) =>
            Math.max(
              ...doses.map((d) => Math.abs(Math.max(1, Math.round((d * g) / 100)) / ((d * g) / 100) - 1)),
            );
          for (let g = need; g <= need * 1.25; g++)
            if (g % 5 === 0)
              expect(found.off + 0.002 * (found.grams - need)).toBeLessThanOrEqual(
                off(g) + 0.002 * (g - need) + 1e-9,
              );
        },
      ),
    );
  });
  it('2 for 100 g are right to a tenth from 250 g up', () => {
    expect(smallestByDrops([6, 2]).value).toBeCloseTo(250, 9);
  });
  it('1 for 100 g in 40: 4 drops in 20 g, of which 2.0 g go into 38.0 plain', () => {
    const mother = motherBatch(0.4, 40)!;
    expect([mother.drops, mother.mother]).toEqual([2, 20]);
    // 0.4 of 2 drops: a fifth of 20 g
    expect(mother.take.value).toBeCloseTo(4, 9);
    expect(mother.take.value + mother.plain.value).toBeCloseTo(40, 9);
    expect(motherBatch(2, 40)).toBeUndefined();
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 1.99, noNaN: true }),
        fc.double({ min: 25, max: 400, noNaN: true }),
        (d, g) => {
          const m = motherBatch(d, g)!;
          // as much colour ends in the batch as was asked for
          expect((m.take.value / m.mother) * m.drops).toBeCloseTo(d, 9);
          expect(m.take.value).toBeLessThanOrEqual(m.mother + 1e-9);
        },
      ),
    );
  });
});

describe('a ladder', () => {
  it('three times 40 g by halves: 70 made, 30 + 30, 20 + 20', () => {
    const rungs = ladderOf([40, 40, 40], 2);
    expect(rungs.map((r) => r.made.value)).toEqual([70, 60, 40]);
    expect(rungs.slice(1).map((r) => [r.taken!.value, r.plain!.value])).toEqual([
      [30, 30],
      [20, 20],
    ]);
    expect(rungs.map((r) => r.strength)).toEqual([1, 0.5, 0.25]);
  });
  it('grams and colour balance, whatever is wanted', () => {
    const grams = fc.double({ min: 1, max: 300, noNaN: true });
    fc.assert(
      fc.property(fc.array(grams, { minLength: 1, maxLength: 7 }), fc.constantFrom(2, 3), (keep, parts) => {
        const rungs = ladderOf(keep, parts);
        const kept = keep.reduce((a, b) => a + b, 0);
        const plain = rungs.reduce((a, r) => a + (r.plain?.value ?? 0), 0);
        expect(Math.abs(rungs[0]!.made.value + plain - kept)).toBeLessThan(1e-9 * kept + 1e-9);
        const colour = rungs.reduce((a, r) => a + r.keep * r.strength, 0);
        expect(Math.abs(rungs[0]!.made.value - colour)).toBeLessThan(1e-9 * kept + 1e-9);
      }),
      { numRuns: 400 },
    );
  });
});

it('60 cm² in three passes: 0.66 mL into the cup, 15 drops', () => {
  const { ml, drops } = airbrushCup(60, 3);
  expect(ml.value).toBeCloseTo(0.66, 9);
  expect(Math.round(drops.value)).toBe(15);
});
