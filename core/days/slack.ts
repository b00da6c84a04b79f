import type { Minutes } from '../quantity/index.ts';
import { merged } from './calendar.ts';
import { plannedWait, plannedWindow } from './network.ts';
import type { Stretch, Timetable, Work } from './types.ts';
import { washesOf } from './wash.ts';

/** Latest end inside working hours that leaves so many minutes before it; −Infinity where there is none. */
function latestIn(hours: readonly Stretch[], end: Minutes, minutes: Minutes): Minutes {
  for (let k = hours.length - 1; k >= 0; k--) {
    const to = Math.min(end, hours[k]!.to);
    if (to - minutes >= hours[k]!.from) return to;
  }
  return -Infinity;
}

/**
 * How much later each step may run, everybody keeping to the plan's own order and hours, on top of the caution in the
 * waits: minutes in the order of the steps. A step in a window may be moved only as far as the step that opened it
 * lets it.
 */
export function slackOf(work: Work, table: Timetable, caution: number): Minutes[] {
  const n = work.steps.length;
  const index = new Map(work.steps.map((s, i) => [s.id, i]));
  const { colour, colours, wash } = washesOf(work.steps);
  const latestEnd = new Array<Minutes>(n).fill(work.due);
  const order = work.steps
    .map((_, i) => i)
    .sort((a, b) => table[b]!.from - table[a]!.from || table[b]!.to - table[a]!.to);
  const out = work.steps.map(() => [] as number[]);
  work.links.forEach((l, k) => out[index.get(l.from)!]!.push(k));
  const into = work.steps.map(() => [] as number[]);
  work.links.forEach((l, k) => into[index.get(l.to)!]!.push(k));
  /** What each pair of hands and each single tool does next. */
  const next = new Map<string, number>();
  const hours = work.people.map((p) => merged(p.stretches));
  const slack = new Array<Minutes>(n).fill(0);
  for (const i of order) {
    const slot = table[i]!;
    const minutes = slot.to - slot.from;
    let end = latestEnd[i]!;
    for (const k of out[i]!) {
      const l = work.links[k]!;
      const j = index.get(l.to)!;
      const start = table[j]!.from + slack[j]!;
      end = Math.min(end, start - (l.kind === 'wait' ? plannedWait(l, caution) : 0));
    }
    for (const k of into[i]!) {
      const l = work.links[k]!;
      if (l.kind === 'window')
        end = Math.min(end, table[index.get(l.from)!]!.to + plannedWindow(l) + minutes);
    }
    const taken = [...slot.who.map((k) => `p${k}`), ...(work.steps[i]!.tools ?? [])];
    for (const t of taken) {
      const j = next.get(t);
      if (j === undefined) continue;
      const clean = t.startsWith('p') ? wash[colour[i]! * colours + colour[j]!]! : 0;
      end = Math.min(end, table[j]!.from + slack[j]! - clean);
    }
    for (const k of slot.who) end = latestIn(hours[k]!, end, minutes);
    slack[i] = Math.max(0, Math.floor(end - slot.to));
    for (const t of taken) next.set(t, i);
  }
  return slack;
}
