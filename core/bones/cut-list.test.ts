import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { cutFrom, cutList, rodStock, type RodReport } from './index.ts';

const rod = (length: number, stock = 'skewer3', pair = false) =>
  ({
    letter: 'A',
    rod: { pair, sleeved: false },
    stock: rodStock(stock),
    length: { name: '', value: length, unit: 'mm' },
  }) as unknown as RodReport;

/** Fewest bars by trying every order in which the pieces could be taken, one subset at a time. */
function slow(lengths: readonly number[], bar: number): number {
  const n = lengths.length;
  const best: ([bars: number, used: number] | undefined)[] = new Array(1 << n).fill(undefined);
  best[0] = [0, bar];
  for (let m = 0; m < 1 << n; m++) {
    const at = best[m];
    if (!at) continue;
    for (let i = 0; i < n; i++) {
      if ((m >> i) & 1) continue;
      const next: [number, number] =
        at[1] + lengths[i]! <= bar ? [at[0], at[1] + lengths[i]!] : [at[0] + 1, lengths[i]!];
      const known = best[m | (1 << i)];
      if (!known || next[0] < known[0] || (next[0] === known[0] && next[1] < known[1]))
        best[m | (1 << i)] = next;
    }
  }
  return best[(1 << n) - 1]![0];
}

describe('cutting rods', () => {
  it('six of 100 mm come from two bars of 300 without a saw’s width, from three with it', () => {
    const six = (l: number, kerf: number) => cutFrom([l, l, l, l, l, l], 300, kerf).bars.length;
    expect([six(100, 0), six(100, 1), six(99, 1)]).toEqual([2, 3, 2]);
  });

  it('takes the fewest bars there can be, as trying everything does, and says that it is proven', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 12, max: 60 }), { minLength: 1, maxLength: 10 }), (lengths) => {
        const { bars, fewest } = cutFrom(lengths, 100, 0);
        expect(bars.length).toBe(slow(lengths, 100));
        expect(fewest).toBe(true);
        expect(bars.flatMap((b) => b.lengths).sort()).toEqual([...lengths].sort());
        for (const b of bars) expect(b.left).toBeGreaterThanOrEqual(-1e-9);
      }),
      { numRuns: 120 },
    );
  });

  it('beats taking the longest first where that is not the best', () => {
    // longest first: 42+38, 37+34, 32+31, 29 + …: four bars; by thirds it is three
    const lengths = [42, 38, 37, 34, 32, 31, 29, 29, 28];
    expect(cutFrom(lengths, 100, 0).bars.length).toBe(slow(lengths, 100));
  });

  it('keeps kinds apart and tells what is longer than it is sold', () => {
    const list = cutList([rod(300), rod(80, 'dowel6'), rod(125, 'skewer3', true)]);
    expect(list.map((c) => [c.stock.id, c.bars.length, c.tooLong])).toEqual([
      ['skewer3', 2, [300]],
      ['dowel6', 1, []],
    ]);
  });

  it('cuts every rod of a build', () => {
    const { bones } = plan(demoBuild('ferryman-otter'));
    const wanted = bones.rods.reduce((n, r) => n + (r.rod.pair ? 2 : 1), 0);
    expect(cutList(bones.rods).reduce((n, c) => n + c.pieces.length, 0)).toBe(wanted);
  });
});
