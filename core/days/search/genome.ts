import type { Minutes } from '../../quantity/index.ts';
import type { Stretch, Work } from '../types.ts';
import type { OpenHours } from './hands.ts';

/** If-need-be hours are opened half an hour at a time, from the side that touches regular ones. */
const SLICE: Minutes = 30;

/** A stretch that can be opened or closed, and for slices the row they belong to. */
export interface Block extends Stretch {
  readonly person: number;
}

/** What may be opened: single stretches, and rows of slices of which the first so many are open. */
export interface Blocks {
  readonly all: readonly Block[];
  readonly ofPerson: readonly (readonly number[])[];
  readonly rows: readonly (readonly number[])[];
}

/** The stretches of everybody that a genome opens and closes: those within reach of the due time, in order, with their rows by day. */
export function blocksOf(work: Work): Blocks {
  const all: Block[] = [];
  const rows: number[][] = [];
  const ofPerson = work.people.map(({ stretches }, person) => {
    const mine: number[] = [];
    const add = (s: Stretch) => mine.push(all.push({ ...s, person }) - 1);
    for (const s of stretches) {
      if (!s.ifNeeded) {
        add(s);
        continue;
      }
      const before = stretches.some((r) => !r.ifNeeded && r.from === s.to);
      const cuts: Stretch[] = [];
      if (before)
        for (let t = s.to; t > s.from; t -= SLICE)
          cuts.push({ from: Math.max(s.from, t - SLICE), to: t, ifNeeded: true });
      else
        for (let t = s.from; t < s.to; t += SLICE)
          cuts.push({ from: t, to: Math.min(s.to, t + SLICE), ifNeeded: true });
      const row: number[] = [];
      for (const c of cuts) {
        add(c);
        row.push(all.length - 1);
      }
      rows.push(row);
    }
    return mine;
  });
  return { all, ofPerson, rows };
}

/** What the search changes. */
export interface Genome {
  /** Priority of each step, smaller first. */
  readonly keys: Float64Array;
  /** Open blocks. */
  readonly open: Uint8Array;
  /** Each step is to be finished by this minute; FAR where it is free. */
  readonly finish: Int32Array;
  /** What windows tie together may lie apart in the order. */
  readonly free: boolean;
}

/** A copy whose numbers may be changed. */
export const copied = (g: Genome): Genome => ({
  keys: g.keys.slice(),
  open: g.open.slice(),
  finish: g.finish.slice(),
  free: g.free,
});

/** Hours of each person that are open, those that touch made one. */
export function openHours({ all, ofPerson }: Blocks, open: Uint8Array): OpenHours[] {
  return ofPerson.map((mine) => {
    const kept = mine
      .filter((b) => open[b])
      .map((b) => all[b]!)
      .sort((a, b) => a.from - b.from);
    const from: number[] = [];
    const to: number[] = [];
    for (const s of kept)
      if (to.length > 0 && s.from <= to[to.length - 1]!)
        to[to.length - 1] = Math.max(to[to.length - 1]!, s.to);
      else {
        from.push(s.from);
        to.push(s.to);
      }
    return { from: Int32Array.from(from), to: Int32Array.from(to) };
  });
}

/** The same backwards from the horizon; what lies after it is cut off. */
export function hoursMirrored(hours: readonly OpenHours[], H: Minutes): OpenHours[] {
  return hours.map(({ from, to }) => {
    const back: number[] = [];
    const end: number[] = [];
    for (let k = from.length - 1; k >= 0; k--) {
      const s = Math.max(0, H - to[k]!);
      if (H - from[k]! <= s) continue;
      back.push(s);
      end.push(H - from[k]!);
    }
    return { from: Int32Array.from(back), to: Int32Array.from(end) };
  });
}
