import { plannedWait } from './network.ts';
import type { Step, Timetable, Work } from './types.ts';
import { validate } from './validate.ts';

/** Takes no time at the bench and no hours: it is done as soon as it can be, wherever one is. */
export const isBeside = (step: Pick<Step, 'hands' | 'minutes'>): boolean =>
  step.hands === 0 && step.minutes <= 0;

/**
 * The same timetable with everything that is done beside the bench as soon as its waits are over; as it was where there is no room
 * for it so early.
 */
export function besideEarly(
  work: Work,
  table: Timetable,
  caution: number,
  done: ReadonlySet<string> = new Set(),
): Timetable {
  const early = [...table];
  const at = new Map(work.steps.map((s, i) => [s.id, i]));
  work.steps.forEach((step, i) => {
    if (!isBeside(step) || done.has(step.id)) return;
    const from = Math.max(
      0,
      ...work.links.flatMap((l) =>
        l.to === step.id
          ? [early[at.get(l.from)!]!.to + (l.kind === 'wait' ? plannedWait(l, caution) : 0)]
          : [],
      ),
    );
    if (from < early[i]!.from) early[i] = { ...early[i]!, from, to: from };
  });
  return validate(work, early, caution, { done }).length > validate(work, table, caution, { done }).length
    ? table
    : early;
}
