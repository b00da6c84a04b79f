import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { cutList, rodStock, type RodReport } from './index.ts';

const rod = (length: number, stock = 'skewer3', pair = false) =>
  ({
    rod: { pair },
    stock: rodStock(stock),
    length: { name: '', value: length, unit: 'mm' },
  }) as unknown as RodReport;

describe('what is cut from what', () => {
  it('puts the longest first and fills the rest of a rod, with a cut’s width between', () => {
    // 250 mm skewers: 150 + 90, 120 + 120
    expect(cutList([rod(90), rod(150), rod(120, 'skewer3', true)])).toMatchObject([
      { rods: 2, lengths: [150, 120, 120, 90], tooLong: [] },
    ]);
    // two of 125 do not fit one of 250: the saw takes its millimetre
    expect(cutList([rod(125, 'skewer3', true)])[0]!.rods).toBe(2);
  });

  it('keeps kinds apart and tells what is longer than it is sold', () => {
    const list = cutList([rod(300), rod(80, 'dowel6')]);
    expect(list.map((c) => [c.stock.id, c.rods, c.tooLong])).toEqual([
      ['skewer3', 0, [300]],
      ['dowel6', 1, []],
    ]);
  });

  it('cuts every rod of a build', () => {
    const { bones } = plan(demoBuild('ferryman-otter'));
    const wanted = bones.rods.reduce((n, r) => n + (r.rod.pair ? 2 : 1), 0);
    expect(cutList(bones.rods).reduce((n, c) => n + c.lengths.length, 0)).toBe(wanted);
  });
});
