import type { Mm } from '../quantity/index.ts';
import type { RodReport } from './reckon-bones.ts';
import type { RodStock } from './rods/registry.ts';

/** What is cut from one kind of rod, and how many have to be bought. */
export interface CutStock {
  readonly stock: RodStock;
  /** Lengths to cut, longest first. */
  readonly lengths: readonly Mm[];
  /** Whole rods it takes, the longest piece first into the first rod with room. */
  readonly rods: number;
  /** Longer than the rod is sold. */
  readonly tooLong: readonly Mm[];
}

/** A saw or snips takes this off each cut; common practice, mm. */
const KERF: Mm = 1;

/** Cut lengths by kind of rod: first fit, longest first, within 11/9 of the fewest there can be (Johnson 1973). */
export function cutList(rods: readonly RodReport[]): CutStock[] {
  const byStock = new Map<string, { stock: RodStock; lengths: Mm[] }>();
  for (const r of rods) {
    const group = byStock.get(r.stock.id) ?? { stock: r.stock, lengths: [] };
    for (let k = 0; k < (r.rod.pair ? 2 : 1); k++) group.lengths.push(r.length.value);
    byStock.set(r.stock.id, group);
  }
  return [...byStock.values()].map(({ stock, lengths }) => {
    const sorted = [...lengths].sort((a, b) => b - a);
    const left: Mm[] = [];
    for (const l of sorted) {
      if (l > stock.stock) continue;
      const k = left.findIndex((room) => room + 1e-9 >= l);
      if (k < 0) left.push(stock.stock - l - KERF);
      else left[k] = left[k]! - l - KERF;
    }
    return { stock, lengths: sorted, rods: left.length, tooLong: sorted.filter((l) => l > stock.stock) };
  });
}
