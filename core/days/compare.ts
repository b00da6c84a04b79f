import { formatTime } from '../quantity/index.ts';
import { localIso, weekdayTime, type Origin } from './calendar.ts';
import { WEIGHTS } from './search/cost.ts';
import type { DaysPlan } from './report.ts';

/** Less than this is no reason to learn another plan, points: a third of a session. */
const WORTH_TELLING = WEIGHTS.usual.session / 3;

const evening = (p: DaysPlan): number =>
  p.sessions.reduce((sum, s) => sum + Math.max(0, (s.from % 1440) + (s.to - s.from) - 21 * 60), 0);

/** Whether one plan is so much better than another that somebody wants to know. */
export const isBetter = (found: DaysPlan, shown: DaysPlan): boolean =>
  found.lateBy < shown.lateBy ||
  found.chance > shown.chance + 0.1 ||
  (found.caution === shown.caution &&
    (found.points ?? Infinity) < (shown.points ?? Infinity) - WORTH_TELLING &&
    found.chance >= Math.min(0.9, shown.chance));

/** What is different about a plan, in words; empty where nothing of note is. */
export function compared(found: DaysPlan, shown: DaysPlan, origin: Origin): string[] {
  const out: string[] = [];
  const sessions = found.sessions.length - shown.sessions.length;
  if (sessions !== 0)
    out.push(
      `${Math.abs(sessions)} ${Math.abs(sessions) === 1 ? 'session' : 'sessions'} ${sessions < 0 ? 'fewer' : 'more'}`,
    );
  if (Math.abs(found.startBy - shown.startBy) >= 30)
    out.push(
      `start by ${weekdayTime(origin, found.startBy)} instead of ${weekdayTime(origin, shown.startBy)}`,
    );
  const chance = Math.round(100 * found.chance) - Math.round(100 * shown.chance);
  if (Math.abs(chance) >= 2)
    out.push(
      `on time in ${Math.round(100 * found.chance)} of 100 runs instead of ${Math.round(100 * shown.chance)}`,
    );
  const late = evening(found) - evening(shown);
  if (Math.abs(late) >= 15)
    out.push(`${formatTime(Math.abs(late))} ${late < 0 ? 'less' : 'more'} after nine in the evening`);
  const tight = (p: DaysPlan) => p.waits.filter((w) => !w.easy).length;
  const eased = tight(shown) - tight(found);
  if (eased !== 0)
    out.push(
      `${Math.abs(eased)} ${Math.abs(eased) === 1 ? 'wait' : 'waits'} ${eased > 0 ? 'less' : 'more'} that ${Math.abs(eased) === 1 ? 'is' : 'are'} tight when slow`,
    );
  return out;
}

/** Starts of a plan as a build keeps them. */
export const startsOf = (plan: DaysPlan, origin: Origin): Record<string, string> =>
  Object.fromEntries(plan.sessions.flatMap((s) => s.steps).map((p) => [p.step.id, localIso(origin, p.from)]));
