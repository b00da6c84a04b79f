import type { Minutes } from '../quantity/index.ts';
import type { Link, Step, Timetable, Work } from './types.ts';

/** A pause at least this long begins a new session, minutes. Common practice. */
export const SESSION_GAP = 45;

export interface PlannedStep {
  readonly step: Step;
  readonly from: Minutes;
  readonly to: Minutes;
}

/** One sitting at the bench. */
export interface Session {
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

export function sessionsOf(work: Work, table: Timetable): Session[] {
  const planned = work.steps
    .map((step, i) => ({ step, from: table.start[i]!, to: table.start[i]! + step.minutes }))
    .sort((a, b) => a.from - b.from || a.to - b.to);
  const out: { from: number; to: number; steps: PlannedStep[]; handsOn: number }[] = [];
  for (const p of planned) {
    const last = out.at(-1);
    if (last && p.from - last.to < SESSION_GAP) {
      last.to = Math.max(last.to, p.to);
      last.steps.push(p);
      last.handsOn += p.to - p.from;
    } else out.push({ from: p.from, to: p.to, steps: [p], handsOn: p.to - p.from });
  }
  return out;
}

/** Waits of a quarter hour and more; of several on one piece from one moment the one used first is told. */
export function waitsOf(work: Work, table: Timetable): PlannedWait[] {
  const at = new Map(
    work.steps.map((s, i) => [s.id, { from: table.start[i]!, to: table.start[i]! + s.minutes }]),
  );
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
