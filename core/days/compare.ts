import { formatTime, tellOdds } from '../quantity/index.ts';
import { localIso, toldStart, type Origin } from './calendar.ts';
import { PLAN_RUNS } from './odds.ts';
import { WEIGHTS } from './search/cost.ts';
import type { DaysPlan } from './report.ts';

/** Less than this is no reason to learn another plan, points: a third of a session. */
const WORTH_TELLING = WEIGHTS.usual.session / 3;

const evening = (p: DaysPlan): number =>
  p.sessions.reduce((sum, s) => sum + Math.max(0, (s.from % 1440) + (s.to - s.from) - 21 * 60), 0);

/** One difference between two plans: how much better the first is in it, below zero worse, and its words. */
interface Difference {
  readonly gain: number;
  readonly words: (origin: Origin) => string;
}

const some = (n: number, one: string, many: string): string =>
  `${Math.abs(n)} ${Math.abs(n) === 1 ? one : many}`;

/** What is different about a plan, as far as it is of note. */
function differences(found: DaysPlan, shown: DaysPlan): Difference[] {
  const fewer = shown.sessions.length - found.sessions.length;
  const later = found.startBy - shown.startBy;
  const odds = (p: DaysPlan) => tellOdds(p.chance, PLAN_RUNS);
  // what is told in the same words is no difference
  const chance =
    odds(found) === odds(shown) ? 0 : Math.round(100 * found.chance) - Math.round(100 * shown.chance);
  const early = evening(shown) - evening(found);
  const tight = (p: DaysPlan) => p.waits.filter((w) => !w.easy).length;
  const eased = tight(shown) - tight(found);
  const all: [gain: number, least: number, words: Difference['words']][] = [
    [fewer, 1, () => `${some(fewer, 'session', 'sessions')} ${fewer > 0 ? 'fewer' : 'more'}`],
    [later, 30, (o) => `start by ${toldStart(o, found.startBy)} instead of ${toldStart(o, shown.startBy)}`],
    [chance, 2, () => `on time: ${odds(found)} instead of ${odds(shown)}`],
    [
      early,
      15,
      () => `${formatTime(Math.abs(early))} ${early > 0 ? 'less' : 'more'} after nine in the evening`,
    ],
    [
      eased,
      1,
      () =>
        `${some(eased, 'wait', 'waits')} ${eased > 0 ? 'less' : 'more'} that ${Math.abs(eased) === 1 ? 'is' : 'are'} tight when slow`,
    ],
  ];
  return all
    .filter(([gain, least]) => Math.abs(gain) >= least)
    .map(([gain, , words]): Difference => ({ gain, words }));
}

/** Whether one plan is so much better than another that somebody wants to know: something they can see has to be. */
export const isBetter = (found: DaysPlan, shown: DaysPlan): boolean =>
  found.lateBy < shown.lateBy ||
  found.chance > shown.chance + 0.1 ||
  (found.caution === shown.caution &&
    (found.points ?? Infinity) < (shown.points ?? Infinity) - WORTH_TELLING &&
    found.chance >= Math.min(0.9, shown.chance) &&
    differences(found, shown).some((d) => d.gain > 0));

/** What is different about a plan, in words, what is better first; empty where nothing of note is. */
export const compared = (found: DaysPlan, shown: DaysPlan, origin: Origin): string[] =>
  differences(found, shown)
    .sort((a, b) => Number(b.gain > 0) - Number(a.gain > 0))
    .map((d) => d.words(origin));

/** Starts of a plan as a build keeps them. */
export const startsOf = (plan: DaysPlan, origin: Origin): Record<string, string> =>
  Object.fromEntries(plan.sessions.flatMap((s) => s.steps).map((p) => [p.step.id, localIso(origin, p.from)]));
