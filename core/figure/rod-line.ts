import type { Mm } from '../quantity/index.ts';
import { add, length, sub, times, unit, type Vec } from '../solids/index.ts';
import type { Rod, RodEnd } from '../record/index.ts';

/** The line a rod follows, from its first end over its bends to its last: two points at least. */
export type Line = readonly Vec[];

/** One straight stretch between bends. */
export interface Leg {
  readonly from: Vec;
  readonly to: Vec;
  readonly length: Mm;
  /** Along the rod to where it begins. */
  readonly start: Mm;
  /** Of length one; zero where two points lie on each other. */
  readonly along: Vec;
}

/** The straight stretches of a line, in order. */
export function legsOf(line: Line): Leg[] {
  let start = 0;
  return line.slice(1).map((to, i) => {
    const from = line[i]!;
    const d = sub(to, from);
    const leg: Leg = { from, to, length: length(d), start, along: unit(d) };
    start += leg.length;
    return leg;
  });
}

/** Length of a line, bend by bend, mm. */
export const lineLength = (line: Line): Mm => legsOf(line).reduce((sum, leg) => sum + leg.length, 0);

/** The place at a distance along a line, and which way it runs there; its end legs go on straight outside it. */
export function alongLine(line: Line, s: Mm): { readonly at: Vec; readonly along: Vec } {
  const legs = legsOf(line).filter((leg) => leg.length > 0);
  const leg = legs.find((l) => s <= l.start + l.length) ?? legs.at(-1);
  if (!leg) return { at: line[0]!, along: [0, 0, 1] };
  return { at: add(leg.from, times(leg.along, s - leg.start)), along: leg.along };
}

/** Middle of a line, each stretch counting by its length. */
export function lineCentre(line: Line): Vec {
  const legs = legsOf(line);
  const whole = legs.reduce((sum, leg) => sum + leg.length, 0);
  if (!(whole > 0)) return line[0]!;
  return times(
    legs.reduce<Vec>((sum, l) => add(sum, times(add(l.from, l.to), l.length / 2)), [0, 0, 0]),
    1 / whole,
  );
}

/** Every place a rod is fixed to: its ends with the bends between them. */
export const pointsOf = (rod: Rod): readonly RodEnd[] => [rod.from, ...(rod.bends ?? []), rod.to];

/** What moves ends and bends alike. */
export function mapPoints(rod: Rod, move: (end: RodEnd) => RodEnd): Pick<Rod, 'from' | 'to' | 'bends'> {
  return {
    from: move(rod.from),
    to: move(rod.to),
    ...(rod.bends ? { bends: rod.bends.map(move) } : {}),
  };
}
