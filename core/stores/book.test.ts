import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { colouringOf, mixesFor, type Batch } from '../paste-list/index.ts';
import { plan } from '../plan.ts';
import {
  asBooked,
  booked,
  bookedFor,
  checkBooked,
  driftOf,
  leftOf,
  matchesIn,
  nextNumber,
  swatchesOf,
  usualDrift,
  type BookedBatch,
  type StockItem,
} from './index.ts';

const otter = demoBuild('ferryman-otter');
const batches = plan(otter).paste;
const brown = batches.find((b) => b.colour.name === 'otter brown')!;
const base = brown.blend.base;
const batch = (number: number, more: Partial<BookedBatch> = {}): BookedBatch => ({
  ...booked(
    { build: otter, batch: brown, grams: 250, took: [14], hex: brown.colour.hex, on: '2026-10-17' },
    `b${number}`,
    number,
  ),
  ...more,
});

describe('the book of what was mixed', () => {
  it('numbers on, and never gives a number again', () => {
    expect(nextNumber([])).toBe(1);
    expect(nextNumber([batch(3), batch(7)])).toBe(8);
  });

  it('holds what went in, in drops, and refuses what cannot be', () => {
    expect(batch(1).pots).toEqual([{ name: 'bark brown', kind: 'gel', depth: 'strong', amount: 14 }]);
    expect(value(checkBooked(batch(1)))).toEqual(batch(1));
    expect(refusal(checkBooked(batch(1, { grams: 0 })))).toMatch(/how much paste/);
    expect(refusal(checkBooked(batch(1, { later: 'brown' })))).toMatch(/#8b6a4f/);
    expect(refusal(checkBooked(batch(1, { pots: [{ ...batch(1).pots[0]!, amount: 0 }] })))).toMatch(/a drop/);
  });

  it('finds what comes near: the same paste before another, then the nearest, and says what speaks against it', () => {
    const other = { base: 'marzipan', gumPaste: 0, powder: 0 } as const;
    const book = [
      batch(1, { hex: '#8f6d51' }),
      batch(2, { blend: other, later: brown.colour.hex }),
      batch(3, { hex: '#2b3f7c' }),
      batch(4, { mixed: '2020-01-01' }),
      batch(5, { pots: [] }),
    ];
    const found = matchesIn(book, brown, '2026-11-30');
    expect(found.map((m) => m.batch.number)).toEqual([4, 1, 2]);
    expect(found[0]!.off).toBeCloseTo(0, 6);
    expect(found[0]!.doubts.join(' ')).toMatch(/over a year ago.*a day later was not noted/s);
    expect(found[2]!.doubts).toMatchObject(
      [/^It was mixed in marzipan.*: begin with half/].map((r) => expect.stringMatching(r)),
    );
  });

  it('colours as batch 7: 14 and 7 drops in 250 g are 6 and 3 in 105 g for 90', () => {
    const seven = batch(7, {
      later: '#826249',
      pots: ['leaf green', 'egg yellow'].map((name, k) => ({ name, kind: 'gel', depth: 'middle', amount: k ? 7 : 14 })), // prettier-ignore
    });
    const build = value(asBooked(otter, brown.colour.id, seven));
    const colour = build.colours.find((c) => c.id === brown.colour.id)!;
    expect(colour.hex).toBe('#826249');
    const ninety = { name: 'Batch', value: 90, unit: 'g' as const };
    const found = colouringOf({ ...brown, colour, mix: ninety, fresh: ninety, need: ninety } as Batch);
    expect(found.pots.map((p) => p.known)).toEqual(['this base', 'this base']);
    expect(found.whole).toMatchObject({ grams: 105, drops: [6, 3] });
    expect(found.pots[0]!.dose.amount.range!.map(Math.round)).toEqual([5, 6]);
  });

  it('keeps the shade whatever the batch weighs', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 5000, noNaN: true }), (grams) => {
        const colour = value(asBooked(otter, brown.colour.id, batch(7))).colours.find(
          (c) => c.id === brown.colour.id,
        )!;
        const much = { name: 'Batch', value: grams, unit: 'g' as const };
        const [p] = colouringOf({ ...brown, colour, mix: much, fresh: much, need: much } as Batch).pots;
        expect(p!.dose.amount.value / grams).toBeCloseTo(14 / 250, 9);
        expect(p!.dose.first).toBeGreaterThan(0);
      }),
    );
  });

  it('teaches its pots: what a single pot gave is a swatch, as it looked a day later', () => {
    const book = [
      batch(2, { later: '#7d5c42' }),
      batch(1),
      batch(3, { pots: [...batch(3).pots, ...batch(3).pots] }),
    ];
    expect(swatchesOf(book)).toEqual([
      { name: 'bark brown', base, hex: brown.colour.hex, drops: 5.6 },
      { name: 'bark brown', base, hex: '#7d5c42', drops: 5.6 },
    ]);
    const known = (noted: BookedBatch[]) =>
      mixesFor({ colours: [] }, brown, swatchesOf(noted)).mixes.map((m) => m.known);
    expect(known([]).join()).not.toMatch(/of yours/);
    expect(known([batch(1)])).toContain('by one swatch of yours in this paste');
  });

  it('says how it dried, and how yours do', () => {
    expect(driftOf(batch(1))).toBeUndefined();
    expect(driftOf(batch(1, { later: brown.colour.hex }))).toBe('as it was');
    expect(driftOf(batch(1, { hex: '#8b6a4f', later: '#7b5a41' }))).toBe('much deeper');
    expect(usualDrift([batch(1, { later: '#7b5a41' })])).toBeUndefined();
    const usual = usualDrift([batch(1, { later: '#7b5a41' }), batch(2, { later: brown.colour.hex })])!;
    expect(usual.value).toBeLessThan(-2);
    expect(usual.value).toBeCloseTo(usual.from!.reduce((n, f) => n + f.value, 0) / 2, 9);
  });

  it('knows what is left by the entry of the stores it went into', () => {
    const item: StockItem = { id: 'rest', ingredient: base, name: 'rest', amount: 44, note: '' };
    expect(leftOf(batch(1, { offcut: 'rest' }), [item])?.amount).toBe(44);
    expect(leftOf(batch(1), [item])).toBeUndefined();
    const book = [
      batch(1, { from: otter.name }),
      batch(2),
      batch(3, { offcut: 'rest' }),
      batch(4, { from: 'x' }),
    ];
    expect(bookedFor(book, otter, brown)?.number).toBe(2);
  });
});
