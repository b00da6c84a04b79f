import type { Mm } from '../quantity/index.ts';
import type { SeenRod } from './mends/rod-report.ts';
import type { RodStock } from './stock/rods/registry.ts';

/** One whole rod and what is cut from it. */
export interface Bar {
  readonly lengths: readonly Mm[];
  readonly left: Mm;
}

/** What is cut from one kind of rod, and how many have to be bought. */
export interface CutStock {
  readonly stock: RodStock;
  /** Lengths to cut with the letters of their rods, longest first. */
  readonly pieces: readonly { readonly letter: string; readonly length: Mm; readonly sleeved: boolean }[];
  readonly bars: readonly Bar[];
  /** No way of cutting takes fewer: proven. */
  readonly fewest: boolean;
  /** Longer than the rod is sold. */
  readonly tooLong: readonly Mm[];
}

/** A saw or snips takes this off each cut; common practice, mm. */
export const KERF: Mm = 1;
const MOST_STEPS = 100_000;
const EPS = 1e-9;

/** Fewest bars there can possibly be: the bound L₂ of Martello and Toth. */
function least(sizes: readonly number[], room: number): number {
  let best = Math.ceil(sizes.reduce((a, b) => a + b, 0) / room - EPS);
  for (const k of new Set([...sizes.filter((x) => x <= room / 2), 0])) {
    const big = sizes.filter((x) => x > room - k).length;
    const mid = sizes.filter((x) => x > room / 2 && x <= room - k);
    const small = sizes.filter((x) => x >= k && x <= room / 2).reduce((a, b) => a + b, 0);
    const free = mid.length * room - mid.reduce((a, b) => a + b, 0);
    best = Math.max(best, big + mid.length + Math.max(0, Math.ceil((small - free) / room - EPS)));
  }
  return best;
}

/**
 * Cut lengths from bars of one length in as few bars as there can be: best fit, longest first, then branch and bound
 * with equal bars tried once.
 * @param lengths each no longer than the bar
 * @returns the bars, and whether fewer are proven impossible
 */
export function cutFrom(lengths: readonly Mm[], bar: Mm, kerf = KERF): { bars: Bar[]; fewest: boolean } {
  // n pieces in a bar need n − 1 cuts: every piece brings its cut and the bar one more
  const room = bar + kerf;
  const sorted = [...lengths].sort((a, b) => b - a);
  const sizes = sorted.map((l) => l + kerf);
  const n = sizes.length;
  if (n === 0) return { bars: [], fewest: true };
  const open: { free: number; pieces: number[] }[] = [];
  sizes.forEach((size, i) => {
    const fits = open.filter((b) => b.free + EPS >= size).sort((a, b) => a.free - b.free)[0];
    if (fits) {
      fits.free -= size;
      fits.pieces.push(i);
    } else open.push({ free: room - size, pieces: [i] });
  });
  let best = open.map((b) => [...b.pieces]);
  const bound = least(sizes, room);
  let steps = 0;
  const now: { free: number; pieces: number[] }[] = [];
  const rest = sizes.map((_, i) => sizes.slice(i).reduce((a, b) => a + b, 0));
  const search = (i: number): void => {
    if (++steps > MOST_STEPS || best.length === bound || now.length >= best.length) return;
    if (i === n) {
      best = now.map((b) => [...b.pieces]);
      return;
    }
    const usable = now.reduce((sum, b) => sum + (b.free >= sizes[n - 1]! - EPS ? b.free : 0), 0);
    if (now.length + Math.ceil((rest[i]! - usable) / room - EPS) >= best.length) return;
    const tried = new Set<string>();
    for (const b of now) {
      const key = b.free.toFixed(6);
      if (b.free + EPS < sizes[i]! || tried.has(key)) continue;
      tried.add(key);
      b.free -= sizes[i]!;
      b.pieces.push(i);
      search(i + 1);
      b.pieces.pop();
      b.free += sizes[i]!;
    }
    if (now.length + 1 < best.length) {
      now.push({ free: room - sizes[i]!, pieces: [i] });
      search(i + 1);
      now.pop();
    }
  };
  if (best.length > bound) search(0);
  return {
    bars: best.map((pieces) => {
      const cut = pieces.map((i) => sorted[i]!);
      return { lengths: cut, left: bar - cut.reduce((a, b) => a + b, 0) - (cut.length - 1) * kerf };
    }),
    fewest: best.length === bound || steps <= MOST_STEPS,
  };
}

/** Cut lengths by kind of rod. */
export function cutList(rods: readonly SeenRod[]): CutStock[] {
  const byStock = new Map<string, { stock: RodStock; pieces: CutStock['pieces'][number][] }>();
  for (const r of rods) {
    const group = byStock.get(r.stock.id) ?? { stock: r.stock, pieces: [] };
    for (let k = 0; k < (r.rod.pair ? 2 : 1); k++)
      group.pieces.push({ letter: r.letter, length: r.length.value, sleeved: r.rod.sleeved });
    byStock.set(r.stock.id, group);
  }
  return [...byStock.values()].map(({ stock, pieces }) => {
    const sorted = pieces.sort((a, b) => b.length - a.length);
    const tooLong = sorted.filter((p) => p.length > stock.stock).map((p) => p.length);
    const { bars, fewest } = cutFrom(
      sorted.filter((p) => p.length <= stock.stock).map((p) => p.length),
      stock.stock,
    );
    return { stock, pieces: sorted, bars, fewest, tooLong };
  });
}
