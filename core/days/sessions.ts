import type { Minutes } from '../quantity/index.ts';
import type { Link, Step, Timetable, Work } from './types.ts';
import { isBeside } from './beside.ts';
import { washesOf } from './wash.ts';

/** A pause at least this long begins a new session, minutes. Common practice. */
export const SESSION_GAP = 45;

export interface PlannedStep {
  readonly step: Step;
  readonly from: Minutes;
  readonly to: Minutes;
  /** Places in `Work.people`. */
  readonly who: readonly number[];
  /** Minutes for washing before it. */
  readonly wash: Minutes;
}

/** One sitting of one person at the bench. */
export interface Session {
  /** Place in `Work.people`. */
  readonly person: number;
  readonly from: Minutes;
  readonly to: Minutes;
  readonly steps: readonly PlannedStep[];
  readonly handsOn: Minutes;
}

/** A wait as the plan uses it. */
export interface PlannedWait {
  readonly link: Link;
  readonly from: Minutes;
  readonly likely: Minutes;
  readonly slow: Minutes;
  readonly used: Minutes;
  /** Still in time when it is slow. */
  readonly easy: boolean;
}

/**
 * Sessions of everybody, in order of time. What goes on by itself stands in the session in which it is started.
 */
export function sessionsOf(work: Work, table: Timetable): Session[] {
  const out: Session[] = [];
  const { colour, colours, wash } = washesOf(work.steps);
  work.people.forEach((_, person) => {
    const mine = work.steps
      .map((step, i) => ({ step, i, slot: table[i]! }))
      .filter(({ slot }) => slot.who.includes(person) || (slot.who.length === 0 && person === 0))
      .sort((a, b) => a.slot.from - b.slot.from || a.slot.to - b.slot.to || a.i - b.i);
    let last: { from: number; to: number; steps: PlannedStep[]; handsOn: number; person: number } | undefined;
    let on = 0;
    for (const { step, i, slot } of mine) {
      const alone = slot.who.length === 0;
      // what takes no time at the bench belongs to the sitting before it, whenever it is done
      const beside = isBeside(step) && last !== undefined;
      const planned = {
        step,
        ...slot,
        wash: last && slot.from - last.to < SESSION_GAP ? wash[on * colours + colour[i]!]! : 0,
      };
      if (!alone) on = colour[i]!;
      if (last && (beside || slot.from - last.to < SESSION_GAP)) {
        // the session ends with the hands: what goes on by itself may outlast it
        if (!alone) last.to = Math.max(last.to, slot.to);
        last.steps.push(planned);
        if (!alone) last.handsOn += slot.to - slot.from;
      } else {
        last = {
          person,
          from: slot.from,
          to: alone ? slot.from : slot.to,
          steps: [planned],
          handsOn: alone ? 0 : slot.to - slot.from,
        };
        out.push(last);
      }
    }
  });
  return out.sort((a, b) => a.from - b.from || a.person - b.person);
}

/** Waits of a quarter hour and more; of several on one piece from one moment the one used first is told. */
export function waitsOf(work: Work, table: Timetable): PlannedWait[] {
  const at = new Map(work.steps.map((s, i) => [s.id, table[i]!]));
  const kept = new Map<string, PlannedWait>();
  for (const link of work.links) {
    if (link.kind !== 'wait' || !(link.band.likely >= 15)) continue;
    const from = at.get(link.from)!.to;
    const used = at.get(link.to)!.from;
    const wait = {
      link,
      from,
      likely: from + link.band.likely,
      slow: from + link.band.slow,
      used,
      easy: used >= from + link.band.slow,
    };
    const key = `${link.piece ?? link.from}|${from}|${Math.round(link.band.likely)}`;
    const known = kept.get(key);
    if (!known || used < known.used) kept.set(key, wait);
  }
  return [...kept.values()].sort((a, b) => a.from - b.from);
}
