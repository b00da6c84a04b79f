import type { Minutes } from '../quantity/index.ts';
import { merged } from './calendar.ts';
import { plannedMinutes } from './search/problem.ts';
import type { Slot, Timetable, Work } from './types.ts';
import { washesOf } from './wash.ts';

/** Assignments looked at before it is given up. */
const MOST_LOOKS = 20_000;

/**
 * A timetable with exactly these starts, who does what found anew: steps in the order of their starts, each given to
 * anybody who is there, able and free, clean hands counted.
 * @param done steps that have no start any more
 * @returns undefined where nobody can keep to them; what lies between steps is not looked at
 */
export function timetableAt(
  work: Work,
  starts: ReadonlyMap<string, Minutes>,
  caution: number,
  done: ReadonlyMap<number, Slot> = new Map(),
): Timetable | undefined {
  const { steps, people } = work;
  const { colour, colours, wash } = washesOf(steps);
  const hours = people.map((p) => merged(p.stretches));
  const open = [...steps.keys()].filter((i) => !done.has(i));
  if (open.some((i) => !starts.has(steps[i]!.id))) return undefined;
  open.sort((a, b) => starts.get(steps[a]!.id)! - starts.get(steps[b]!.id)! || a - b);
  const table: Slot[] = steps.map((_, i) => done.get(i) ?? { from: 0, to: 0, who: [] });
  const last = people.map(() => ({ to: -Infinity, colour: 0 }));
  let looks = 0;
  const free = (k: number, i: number, from: Minutes, to: Minutes): boolean =>
    (!people[k]!.does || people[k]!.does.includes(steps[i]!.kind)) &&
    from >= last[k]!.to + wash[last[k]!.colour * colours + colour[i]!]! * (last[k]!.to > -Infinity ? 1 : 0) &&
    hours[k]!.some((s) => s.from <= from && s.to >= to);
  const place = (q: number): boolean => {
    const i = open[q];
    if (i === undefined) return true;
    if (++looks > MOST_LOOKS) return false;
    const step = steps[i]!;
    const from = starts.get(step.id)!;
    for (const who of groups(people.length, step.hands ?? 1)) {
      const pace = who.length === 1 ? people[who[0]!]!.pace : 1;
      const to = from + plannedMinutes(step.minutes, pace, caution);
      if (!who.every((k) => free(k, i, from, to))) continue;
      table[i] = { from, to, who };
      const was = who.map((k) => last[k]!);
      for (const k of who) last[k] = { to, colour: colour[i]! };
      if (place(q + 1)) return true;
      who.forEach((k, n) => (last[k] = was[n]!));
    }
    return false;
  };
  return place(0) ? table : undefined;
}

/** Everybody alone, every pair, or nobody. */
function groups(people: number, hands: 0 | 1 | 2): number[][] {
  const all = Array.from({ length: people }, (_, k) => k);
  if (hands === 0) return [[]];
  return hands === 1 ? all.map((k) => [k]) : all.flatMap((a) => all.slice(a + 1).map((b) => [a, b]));
}
