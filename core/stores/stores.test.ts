import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { readStores, storesFrom, writeStores } from '../stores-file.ts';
import { demoBuild } from '../files/demo.testing.ts';
import { pasteCsv, shoppingCsv } from '../lists.ts';
import { type Batch } from '../paste-list/index.ts';
import { plan } from '../plan.ts';
import { addDays, daysBetween, isDay } from '../quantity/index.ts';
import {
  asText,
  blendKeepBy,
  checkItem,
  checkPacks,
  EMPTY_STORES,
  firstOut,
  freshness,
  INGREDIENTS,
  ingredientOf,
  keptOf,
  offcutsFor,
  packsFor,
  released,
  reserved,
  shoppingList,
  takeOut,
  usualKeepBy,
  type BookedBatch,
  type StockItem,
  type Stores,
} from './index.ts';

const item = (id: string, ingredient: string, amount: number, keepBy?: string): StockItem => ({
  id,
  ingredient,
  name: id,
  amount,
  note: '',
  ...(keepBy ? { keepBy } : {}),
});
const offcut = (id: string, hex: string, amount: number, keepBy: string, more: object = {}): StockItem => ({
  ...item(id, 'fondant', amount, keepBy),
  offcut: {
    blend: { base: 'fondant', gumPaste: 0, powder: 0 },
    colour: { name: id, hex },
    clean: true,
    allergens: [],
    ...more,
  },
});
const RED = '#b22a2a';
const WHITE = '#fbfaf4';
const BLACK = '#151515';
const needOf = (grams: number, hex = RED) =>
  ({
    id: 'plain/red',
    blend: { id: 'plain', name: 'Plain', base: 'fondant', gumPaste: 0, powder: 0 },
    colour: { id: 'red', name: 'red', hex },
    mix: { name: 'Mix', value: grams, unit: 'g' },
  }) as unknown as Batch;
const otter = demoBuild('ferryman-otter');
const report = plan(otter);

describe('days', () => {
  it('knows which days there are, across leap years', () => {
    expect(['2024-02-29', '2026-12-31'].map(isDay)).toEqual([true, true]);
    expect(['2025-02-29', '2024-13-01', '2024-2-1', 'soon'].some(isDay)).toBe(false);
    expect(addDays('2024-02-28', 2)).toBe('2024-03-01');
    expect(() => addDays('2024-13-01', 1)).toThrow(RangeError);
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
  });
});

describe('offcuts', () => {
  const shelf = [
    offcut('red-feb', RED, 30, '2025-02-01'),
    offcut('red-jan', RED, 30, '2025-01-20'),
    offcut('white', WHITE, 100, '2025-01-15'),
    offcut('red-old', RED, 500, '2025-01-05'),
    offcut('black', BLACK, 500, '2025-03-01'),
  ];

  it('for 200 g of red takes both reds, first to expire first, then white to be coloured, up to half', () => {
    const { use, fresh, keepBy } = offcutsFor(shelf, needOf(200), '2025-01-10');
    expect(use.map((u) => [u.item.id, u.grams, u.recolour])).toEqual([
      ['red-jan', 30, false],
      ['red-feb', 30, false],
      ['white', 40, true],
    ]);
    expect(fresh).toBe(100);
    expect(keepBy).toBe('2025-01-15');
  });

  it('leaves alone what is past its date, darker, dusted or of another blend', () => {
    const wrong = [
      shelf[3]!,
      shelf[4]!,
      offcut('dusted', RED, 50, '2025-02-01', { clean: false }),
      offcut('stiff', RED, 50, '2025-02-01', { blend: { base: 'fondant', gumPaste: 30, powder: 0 } }),
    ];
    expect(offcutsFor(wrong, needOf(200), '2025-01-10').use).toEqual([]);
  });

  it('does not keep the same lump twice', () => {
    const { use } = offcutsFor(shelf, needOf(200), '2025-01-10', (id) => (id === 'red-jan' ? 25 : 0));
    expect(use.find((u) => u.item.id === 'red-jan')!.grams).toBe(5);
  });

  it('kept for a batch they come off what is mixed fresh, allergens travel with them, and they can be let go', () => {
    const batch = report.paste.find((b) => b.id === 'figure-paste/otter-brown')!;
    const lump: StockItem = {
      ...item('brown', 'fondant', 65, '2027-01-01'),
      offcut: {
        blend: { base: 'fondant', gumPaste: 30, powder: 0 },
        colour: batch.colour,
        clean: true,
        allergens: ['hazelnut'],
      },
    };
    const { use } = offcutsFor([lump], batch, '2026-12-12');
    const kept = reserved(otter, batch, use);
    const now = plan(kept).paste.find((b) => b.id === batch.id)!;
    expect(now.mix.value).toBe(batch.mix.value);
    expect(now.fresh.value).toBe(batch.mix.value - 65);
    expect(now.parts.reduce((g, p) => g + p.weigh, 0)).toBe(batch.mix.value - 65);
    expect(now.allergens).toContain('hazelnut');
    expect(keptOf(kept, 'another')('brown')).toBe(65);
    expect(keptOf(kept, batch.id)('brown')).toBe(0);
    expect(plan(released(kept, batch.id)).paste.find((b) => b.id === batch.id)!.fresh.value).toBe(
      batch.mix.value,
    );
    const step = plan(kept)
      .days()
      .steps.find((s) => s.id === `mix:${batch.id}`)!;
    expect(step.notes.join(' ')).toMatch(/65 g of the brown kept for it/);
  });
});

describe('what there is', () => {
  it('goes out first to expire first, and past its date not at all', () => {
    const shelf = [
      item('new', 'fondant', 500, '2027-03-01'),
      item('old', 'fondant', 200, '2026-12-20'),
      item('gone', 'fondant', 900, '2026-01-01'),
      item('salt', 'powder', 40),
    ];
    expect(firstOut(shelf).map((i) => i.id)).toEqual(['gone', 'old', 'new', 'salt']);
    const out = takeOut(shelf, 'fondant', 300, '2026-12-01');
    expect(out.taken).toBe(300);
    expect(out.items.map((i) => [i.id, i.amount])).toEqual([
      ['new', 400],
      ['gone', 900],
      ['salt', 40],
    ]);
    expect(takeOut(shelf, 'fondant', 5000, '2026-12-01').taken).toBe(700);
    expect([freshness(shelf[2]!, '2026-12-01'), freshness(shelf[3]!, '2026-12-01')]).toEqual([
      'past',
      'good',
    ]);
    expect(freshness(item('x', 'fondant', 1, '2026-12-05'), '2026-12-01')).toBe('soon');
  });

  it('refuses what cannot be on a shelf, in words', () => {
    const say = (i: StockItem) => {
      const r = checkItem(i);
      return r.ok ? '' : r.problem.text;
    };
    expect(say(item('x', 'fondant', -5))).toMatch(/less than nothing/);
    expect(say(item('x', 'fondant', NaN))).toMatch(/how much/);
    expect(say(item('x', 'fondant', 1e9))).toMatch(/check the unit/);
    expect(say(item('x', 'fondant', 5, '2026-02-30'))).toMatch(/not a day/);
    expect(say(item('x', 'moon', 5))).toMatch(/do not know/);
    expect(say(item('x', 'rod-skewer3', 2.5))).toMatch(/whole pieces/);
    expect(say({ ...item('x', 'fondant', 5), name: ' ' })).toMatch(/needs a name/);
    expect(checkPacks([250, -1]).ok).toBe(false);
    const packs = checkPacks([1000, 250, 250]);
    expect(packs.ok && packs.value).toEqual([250, 1000]);
  });

  it('says how long a kind keeps, a blend as long as the shortest of its parts', () => {
    expect(usualKeepBy('fondant', '2026-12-01')).toBe('2026-12-31');
    expect(usualKeepBy('rod-skewer3', '2026-12-01')).toBeUndefined();
    expect(blendKeepBy({ base: 'gumPaste', gumPaste: 0 }, '2026-12-01')).toBe('2027-01-30');
    expect(blendKeepBy({ base: 'fondant', gumPaste: 30 }, '2026-12-01')).toBe('2026-12-31');
  });

  it('knows every ingredient once, and a paste of one’s own by what it is like', () => {
    expect(new Set(INGREDIENTS.map((i) => i.id)).size).toBe(INGREDIENTS.length);
    const own = { id: 'own-1', name: 'Ours', like: 'fondant', allergens: [], note: '' };
    expect(ingredientOf('own-1', [own])).toMatchObject({ name: 'Ours', kind: 'paste', unit: 'g' });
    expect(ingredientOf('own-1')).toBeUndefined();
  });
});

describe('packs', () => {
  it.each([
    [900, [250, 1000], '1000×1'],
    [1100, [250, 1000], '1000×1 250×1'],
    [600, [250, 1000], '250×3'],
    [5, [50], '50×1'],
    [1000, [400, 700], '700×1 400×1'],
  ])('%i g from %j', (short, sizes, says) => {
    expect(
      packsFor(short, sizes)
        .map((p) => `${p.size}×${p.number}`)
        .join(' '),
    ).toBe(says);
  });

  it('leaves the least over and takes the fewest: as trying everything does', () => {
    const slow = (short: number, sizes: readonly number[]) => {
      let best = { total: Infinity, packs: Infinity };
      const go = (k: number, total: number, packs: number): void => {
        if (total >= short) {
          if (total < best.total || (total === best.total && packs < best.packs)) best = { total, packs };
          return;
        }
        if (k === sizes.length || total > best.total) return;
        for (let n = 0; total + n * sizes[k]! <= short + sizes[k]!; n++)
          go(k + 1, total + n * sizes[k]!, packs + n);
      };
      go(0, 0, 0);
      return best;
    };
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 900 }),
        fc.uniqueArray(fc.integer({ min: 40, max: 500 }), { minLength: 1, maxLength: 3 }),
        (short, sizes) => {
          const found = packsFor(short, sizes);
          const total = found.reduce((g, p) => g + p.size * p.number, 0);
          const packs = found.reduce((n, p) => n + p.number, 0);
          expect({ total, packs }).toEqual(slow(short, sizes));
        },
      ),
    );
  });

  it('a large order stays quick and still covers it; nothing short buys nothing', () => {
    const big = packsFor(123_456, [250, 1000]);
    expect(big.reduce((g, p) => g + p.size * p.number, 0)).toBe(123_500);
    expect(packsFor(0, [250])).toEqual([]);
    expect(packsFor(30, [])).toEqual([]);
  });
});

describe('shopping', () => {
  const stores: Stores = {
    items: [
      item('open', 'fondant', 430, '2026-12-20'),
      item('stale', 'modellingPaste', 180, '2026-12-05'),
      item('skewers', 'rod-skewer3', 34),
    ],
    packs: { fondant: [250, 1000] },
    pastes: [],
    book: [],
  };
  const lines = shoppingList(report.needs, stores, '2026-12-12');
  const of = (id: string) => lines.find((l) => l.need.id === id)!;

  it('needs what the batches are weighed out from, and nothing else of paste', () => {
    const parts = report.paste.flatMap((b) => b.parts);
    const kinds = new Set(['paste', 'stiffener', 'chocolate', 'syrup', 'icing']);
    const needed = report.needs.filter((n) => kinds.has(n.kind)).reduce((g, n) => g + n.amount.value, 0);
    expect(needed).toBeCloseTo(
      parts.reduce((g, p) => g + p.grams.value, 0),
      6,
    );
  });

  it('takes off what is good on the day and buys the rest in packs', () => {
    const line = of('fondant');
    expect(line.short.value).toBeCloseTo(line.need.amount.value - 430, 6);
    expect(line.bought).toBeGreaterThanOrEqual(line.short.value);
    expect(line.left.value).toBeCloseTo(430 + line.bought - line.need.amount.value, 6);
    expect(of('rod-skewer3').short.value).toBe(0);
  });

  it('tells that there is some which will be past its date', () => {
    expect(of('modellingPaste')).toMatchObject({ past: 180 });
    expect(of('modellingPaste').have.value).toBe(0);
  });

  it('goes out as CSV that reads back, formulas quoted off, and as text', () => {
    const rows = Papa.parse<Record<string, string>>(pasteCsv(report.paste), {
      header: true,
      skipEmptyLines: true,
    });
    expect(rows.errors).toEqual([]);
    expect(rows.data).toHaveLength(report.paste.reduce((n, b) => n + b.parts.length, 0));
    const grams = rows.data.filter((r) => r.batch === 'figure-paste/otter-brown').map((r) => Number(r.grams));
    expect(grams.reduce((a, b) => a + b, 0)).toBe(
      report.paste.find((b) => b.id === 'figure-paste/otter-brown')!.mix.value,
    );
    const evil = { ...report.paste[0]!, colour: { ...report.paste[0]!.colour, name: '=HYPERLINK("x")' } };
    expect(pasteCsv([evil])).toMatch(/'=HYPERLINK/);
    const buys = Papa.parse<Record<string, string>>(shoppingCsv(lines), {
      header: true,
      skipEmptyLines: true,
    });
    expect(buys.data.find((r) => r.what === 'Covering paste')!.packs).toMatch(/× /);
    const words = asText(otter.name, report.paste, lines);
    expect(words).toMatch(/^Ferryman otter/);
    expect(words).toMatch(/To buy[\s\S]*Covering paste/);
    expect(asText('x', [], [])).toMatch(/Nothing to buy/);
  });
});

describe('the stores as a file', () => {
  const green: BookedBatch = {
    id: 'seven',
    number: 7,
    name: 'green',
    hex: '#6f9a55',
    blend: { base: 'fondant', gumPaste: 0, powder: 0 },
    grams: 250,
    pots: [{ name: 'leaf green', kind: 'gel', depth: 'middle', amount: 14 }],
    mixed: '2026-10-17',
    from: 'Kitchen garden',
    note: '',
  };
  it('of version 2 open with an empty book', () => {
    const { book: _none, ...old } = JSON.parse(writeStores(EMPTY_STORES));
    expect(storesFrom({ ...old, version: 2 })).toEqual({ ok: true, value: EMPTY_STORES });
  });

  const stores: Stores = {
    items: [item('a', 'fondant', 3, '2026-12-24'), offcut('b', RED, 20, '2026-12-24')],
    packs: { fondant: [250] },
    pastes: [{ id: 'own', name: 'Ours', like: 'fondant', density: 1.36, allergens: [], note: '' }],
    book: [green],
  };
  it('come back as they were', () => {
    expect(readStores(writeStores(stores))).toEqual({ ok: true, value: stores });
    expect(readStores(writeStores(EMPTY_STORES)).ok).toBe(true);
  });

  it.each<[string, (s: any) => unknown, RegExp]>([
    ['damaged', () => '{', /damaged/],
    ['something else', () => '{"format":"x"}', /does not hold stores/],
    ['newer', (s) => ({ ...s, version: 9 }), /newer Elm Spindle/],
    ['less than nothing', (s) => ({ ...s, items: [{ ...s.items[0], amount: -2 }] }), /at least 0/],
    ['no day', (s) => ({ ...s, items: [{ ...s.items[0], keepBy: '2026-02-31' }] }), /not a day/],
    ['two the same', (s) => ({ ...s, items: [s.items[0], s.items[0]] }), /same id/],
    ['of nothing known', (s) => ({ ...s, items: [{ ...s.items[0], ingredient: 'moon' }] }), /do not know/],
    ['a batch twice', (s) => ({ ...s, book: [s.book[0], { ...s.book[0], id: 'again' }] }), /same number/],
    ['paste of nothing', (s) => ({ ...s, book: [{ ...s.book[0], grams: 0 }] }), /at least 1/],
    ['a field too many', (s) => ({ ...s, evil: 1 }), /does not belong/],
    ['inedible', (s) => ({ ...s, pastes: [{ ...s.pastes[0], density: 8 }] }), /at most 1.7/],
  ])('%s is refused with a sentence', (_, change, says) => {
    const plain: unknown = change(JSON.parse(writeStores(stores)));
    const r = typeof plain === 'string' ? readStores(plain) : storesFrom(plain);
    expect(!r.ok && r.problem.text).toMatch(says);
  });
});
