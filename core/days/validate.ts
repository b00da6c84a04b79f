import { formatTime, type Minutes } from '../quantity/index.ts';
import { plannedWait, plannedWindow } from './network.ts';
import type { Timetable, Work } from './types.ts';

/**
 * Check a timetable against the work it is for, from the links themselves; shares nothing with what made it.
 * @returns a sentence for each thing that is wrong, none when the plan can be done
 */
export function validate(work: Work, table: Timetable, caution: number): string[] {
  const wrong: string[] = [];
  const at = new Map<string, { from: Minutes; to: Minutes }>();
  work.steps.forEach((s, i) => {
    const from = table.start[i]!;
    const to = from + s.minutes;
    at.set(s.id, { from, to });
    if (!Number.isFinite(from)) wrong.push(`${s.title} has no time`);
    if (s.minutes > 0 && !work.stretches.some((w) => w.from <= from && to <= w.to))
      wrong.push(`${s.title} lies outside the working hours`);
    if (to > work.due) wrong.push(`${s.title} ends ${formatTime(to - work.due)} after the due time`);
  });
  const busy = work.steps.map((s) => ({ s, ...at.get(s.id)! })).filter((x) => x.to > x.from);
  busy.sort((a, b) => a.from - b.from);
  for (let i = 1; i < busy.length; i++)
    if (busy[i]!.from < busy[i - 1]!.to) wrong.push(`${busy[i]!.s.title} overlaps ${busy[i - 1]!.s.title}`);
  for (const link of work.links) {
    const gap = at.get(link.to)!.from - at.get(link.from)!.to;
    if (gap < 0) wrong.push(`${link.to} starts before ${link.from} ends`);
    if (link.kind === 'wait' && gap < plannedWait(link, caution))
      wrong.push(`${link.why}: ${gap} min instead of ${plannedWait(link, caution)}`);
    if (link.kind === 'window' && gap > plannedWindow(link))
      wrong.push(`${link.why}: ${gap} min, it closes after ${plannedWindow(link)}`);
  }
  return wrong;
}
