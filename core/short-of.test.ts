import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shapeId } from './days/index.ts';
import { demoBuild } from './files/demo.testing.ts';
import { pasteList } from './paste-list/index.ts';
import { plan } from './plan.ts';
import type { Build } from './record/index.ts';
import { enoughOf, shortOf } from './short-of.ts';
import { hiddenOptions, stretchBy } from './short-ways.ts';
import { unspoken, type StockItem } from './stores/index.ts';

const otter = demoBuild('ferryman-otter');
const batch = pasteList(otter).find((b) => b.colour.name === 'otter brown' && b.lines.length > 3)!;

describe('short of a colour', () => {
  const needed = shortOf(otter, batch.id, 0)!.need.value;
  const found = shortOf(otter, batch.id, needed - 12)!;

  it('is what is still to be made, with its spare, less what is left', () => {
    const bench = batch.lines.reduce((g, l) => g + l.start.value, 0);
    expect(needed).toBeCloseTo(bench * (1 + otter.practice.spare / 100), 6);
    expect(found.short.value).toBeCloseTo(12, 6);
    expect(shortOf(otter, batch.id, needed + 1)).toMatchObject({ enough: true, sets: [] });
    expect(shortOf(otter, batch.id, needed - 0.1)!.enough).toBe(true);
    expect(shortOf(otter, 'no/such', 10)).toBeUndefined();
    const [first] = batch.lines;
    const made: Build = {
      ...otter,
      bench: {
        ...otter.bench,
        done: plan(otter)
          .made.steps.filter((s) => s.id.split('#')[0] === shapeId(first!.piece))
          .map((s) => ({ step: s.id, at: '2026-12-07T19:00:00.000Z' })),
      },
    };
    expect(shortOf(made, batch.id, 0)!.need.value).toBeLessThan(needed);
  });

  it('is helped by sets that free enough, are in time and fail nowhere new, the least trouble first', () => {
    expect(found.sets.length).toBeGreaterThan(0);
    const { fails } = plan(otter).bones.counts;
    for (const set of found.sets) {
      expect(set.frees.value).toBeGreaterThanOrEqual(12 - 1e-6);
      expect(set.ways.length).toBeLessThanOrEqual(3);
      const as = plan(set.build, { runs: 12 });
      expect(as.days().plan!.lateBy).toBe(0);
      expect(as.bones.counts.fails).toBeLessThanOrEqual(fails);
    }
    const worths = found.sets.map((s) => s.worth.value + 0.2 * (s.frees.value - 12));
    expect(worths).toEqual([...worths].sort((a, b) => a - b));
  });

  it('frees what the model says it does', () => {
    for (const set of found.sets) {
      const after = shortOf(set.build, batch.id, 0)!.need.value / (1 + otter.practice.spare / 100);
      const before = needed / (1 + otter.practice.spare / 100);
      const atBench = set.ways.filter((w) => !w.changes);
      const byModel = set.frees.value - atBench.reduce((g, w) => g + w.frees.value, 0);
      expect(before - after).toBeCloseTo(byModel, 6);
    }
  });

  it('colours a lighter offcut of the same blend over, and never a darker one', () => {
    const ears = pasteList(otter).find((x) => x.lines.some((l) => l.name === 'Ears'))!;
    const needs = shortOf(otter, ears.id, 0)!.need.value;
    const { base, gumPaste, powder } = ears.blend;
    const offcut = (id: string, hex: string): StockItem => ({
      id,
      ingredient: base,
      name: id,
      amount: 60,
      note: '',
      offcut: { blend: { base, gumPaste, powder }, colour: { name: id, hex }, clean: true, allergens: [] },
    });
    const shelf = [offcut('cream', '#ead9b5'), offcut('coal', '#202020')];
    const { sets } = shortOf(otter, ears.id, needs - 2, shelf)!;
    const words = sets.flatMap((s) => s.ways.map((w) => w.does)).join('; ');
    expect(words).toMatch(/of cream over/);
    // what is kept for it already stays kept
    const kept = { stock: 'x', name: 'x', batch: ears.id, grams: 1, recolour: false, allergens: [] };
    const again = shortOf({ ...otter, reserves: [kept] }, ears.id, needs - 2, shelf)!;
    const taken = again.sets.find((s) => s.ways.some((w) => / over$/.test(w.does)))!;
    expect(taken.build.reserves.map((r) => r.stock)).toEqual(['x', 'cream']);
    expect(unspoken(shelf, () => 50).map((i) => i.amount)).toEqual([10, 10]);
    expect(words).not.toMatch(/coal/);
  });
});

describe('hidden ends', () => {
  const heron = demoBuild('one-legged-heron');
  const found = pasteList(heron).flatMap((x) => hiddenOptions(heron, x.lines));
  it('are as long as what a piece goes in by, less what covers the seam, and free their share of it', () => {
    const { seat, form } = heron.pieces.find((p) => p.id === 'neck')!;
    const neck = found.find((o) => o.group === 'neck')!;
    const mm = Number(/hidden (\d+) mm/.exec(neck.does)![1]);
    expect(mm).toBeGreaterThan(seat.sink - 3 - 2);
    expect(mm).toBeLessThan(form.sizes.length! / 2);
    const line = pasteList(heron).flatMap((x) => x.lines).find((l) => l.piece === 'neck')!; // prettier-ignore
    expect(neck.frees / line.start.value).toBeCloseTo(mm / form.sizes.length!, 1);
    expect(neck.change).toBeUndefined();
  });

  it('are of long pieces only, and not of what is laid round something', () => {
    expect(found.map((o) => o.group)).not.toContain('body');
    const wraps = pasteList(otter).flatMap((x) => hiddenOptions(otter, x.lines));
    expect(wraps.map((o) => o.group)).not.toContain('scarf');
  });
});

describe('paste stretched with plain', () => {
  it('is stretched no further than is seen side by side only, deep colours further than pale ones', () => {
    const { grams, off } = stretchBy(batch, 100);
    expect(grams).toBeGreaterThan(0);
    expect(off).toBeLessThanOrEqual(2.3);
    const of = (hex: string) => stretchBy({ ...batch, colour: { ...batch.colour, hex } }, 100).grams;
    expect(of('#17150f')).toBeGreaterThan(of('#b8423c'));
    // twice the paste takes twice the plain, but for whole grams
    expect(Math.abs(stretchBy(batch, 200).grams - 2 * grams)).toBeLessThanOrEqual(2);
  });
});

describe('sets that are enough', () => {
  const option = (k: number, frees: number, minutes: number) => ({
    id: `o${k}`,
    group: `g${k % 4}`,
    does: `o${k}`,
    frees,
    minutes,
    seen: 0,
    risk: 0,
  });
  const several = fc.array(fc.tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 0, max: 30 })), {
    minLength: 1,
    maxLength: 7,
  });
  it('are those of a search through all, cheapest first, none with one it can do without', () => {
    fc.assert(
      fc.property(several, fc.integer({ min: 1, max: 40 }), (all, short) => {
        const options = all.map(([g, m], k) => option(k, g, m));
        const slow: string[] = [];
        for (let mask = 1; mask < 1 << options.length; mask++) {
          const set = options.filter((_, k) => mask & (1 << k));
          const sum = set.reduce((g, o) => g + o.frees, 0);
          if (set.length > 3 || new Set(set.map((o) => o.group)).size < set.length || sum < short) continue;
          if (set.some((o) => sum - o.frees >= short)) continue;
          slow.push(set.map((o) => o.id).join());
        }
        const fast = enoughOf(options, short);
        expect(fast.map((s) => s.map((o) => o.id).join()).sort()).toEqual(slow.sort());
        const cost = (s: (typeof fast)[number]) =>
          s.reduce((c, o) => c + o.minutes, 0) + 0.2 * (s.reduce((g, o) => g + o.frees, 0) - short);
        fast.slice(1).forEach((s, k) => expect(cost(s)).toBeGreaterThanOrEqual(cost(fast[k]!) - 1e-9));
      }),
      { numRuns: 60 },
    );
  });
});
