import { tellOdds, type Minutes } from '../quantity/index.ts';
import {
  CAUTION,
  chanceOf,
  drawnForward,
  firstAnswer,
  lateAnswer,
  latestStarts,
  longAnswer,
  NEARLY,
  nearAgreed,
  stillAgreed,
  WANTED_CHANCE,
  type Answer,
  type Asking,
} from './answers.ts';
import { besideEarly } from './beside.ts';
import { dayName, type Calendar } from './calendar.ts';
import { conflictOf } from './conflict.ts';
import { folded } from './folded.ts';
import { pinTrouble, remaining, type Given, type Remaining } from './given.ts';
import { PLAN_RUNS, simulate, startCurve } from './odds.ts';
import type { DaysPlan, DaysReport, Moved } from './report.ts';
import { FIRST_RUNS, runsFor } from './search/index.ts';
import { relaxed, relaxedTo } from './relaxed.ts';
import { sessionsOf, waitsOf, type PlannedWait } from './sessions.ts';
import { slackOf } from './slack.ts';
import type { Link, Pool, Step, Work } from './types.ts';
import { validate } from './validate.ts';
import { handsTrouble, neverTrouble, spaceTrouble, whyNot } from './why-not.ts';

export interface SearchOptions {
  /** What the clock and the bench have decided already. */
  readonly given?: Given;
  /** `first` gives the first good answer; `long` goes on looking for a better one. */
  readonly effort?: 'first' | 'long';
  /** Timetables made for each caution; the same number gives the same plan. */
  readonly runs?: number;
  /** Told with the share done; answer `true` to stop with the best so far. */
  readonly progress?: (share: number) => boolean | void;
  /** Told the first good answer while the search goes on. */
  readonly first?: (report: DaysReport) => void;
}

/** Said when nothing is left to plan. */
export const ALL_DONE = 'Everything is done.';

/** Few changes are worth this much of being on time, in one; estimate. */
const RISKIER = 0.15;

/** Everything told of a timetable. */
function told(
  job: Asking,
  { table: found, caution, chance, points }: Answer,
  agreed: boolean,
  full: boolean,
): DaysPlan {
  const { work, rest, calendar, given } = job;
  const open = [...work.steps.keys()].filter((i) => !rest.done.has(i));
  const over = new Set([...rest.done].map((i) => work.steps[i]!.id));
  const whole = agreed ? found : besideEarly(work, found, caution, over);
  const left: Work = { ...work, steps: open.map((i) => work.steps[i]!), links: openLinks(work, rest) };
  const table = open.map((i) => whole[i]!);
  const wrong = validate(work, whole, caution, { done: over });
  const ends = Math.max(...table.map((s) => s.to));
  const lateBy = Math.max(0, ends - work.due);
  if (wrong.length > 0 && lateBy === 0)
    throw new Error(`the scheduler made a plan that cannot be done: ${wrong[0]}`);
  const sessions = sessionsOf(left, table);
  const waits = waitsOf(work, whole).filter((w) => !over.has(w.link.to));
  const tightest = waits.reduce<PlannedWait | undefined>(
    (a, w) => (!a || w.used - w.slow < a.used - a.slow ? w : a),
    undefined,
  );
  const lived = simulate(work, whole, { done: rest.done });
  const slack = slackOf(left, table, caution);
  const moved: Moved[] = given.agreed
    ? left.steps.flatMap((step, i) => {
        const was = given.agreed!.get(step.id);
        // what is drawn forward because somebody is there is no news to them
        const drawn = given.here !== undefined && table[i]!.from < given.here;
        return was !== undefined && !drawn && Math.abs(was - table[i]!.from) > 1
          ? [{ step, from: was, to: table[i]!.from }]
          : [];
      })
    : [];
  const lastStart = full ? latestStarts(job) : undefined;
  return {
    caution,
    chance,
    missed: lived.missed,
    late: lived.late,
    ...(points === undefined ? {} : { points }),
    startBy: sessions[0]!.from,
    sessions,
    waits,
    handsOn: left.steps.reduce((sum, s) => sum + s.minutes * (s.hands ?? 1), 0),
    spare: Math.max(0, calendar.due - ends),
    lateBy,
    odds: startCurve(work, whole, (m) => dayName(calendar.origin, m), rest.done, given.from),
    ...(tightest ? { critical: tightest } : {}),
    decides: lived.decides.map((d) => d.link),
    slack: Object.fromEntries(left.steps.map((s, i) => [s.id, slack[i]!])),
    ...(lastStart ? { latest: lastStart } : {}),
    agreed,
    moved,
    added: given.agreed ? left.steps.filter((s) => !given.agreed!.has(s.id)) : [],
  };
}

const DAY: Minutes = 1440;
const endOf = ({ table }: Answer): Minutes => Math.max(...table.map((s) => s.to));
/** When the first thing begins that is not done. */
const startOf = ({ rest }: Asking, { table }: Answer): Minutes =>
  table.reduce((m, s, i) => (rest.done.has(i) ? m : Math.min(m, s.from)), Infinity);
/** When the plan that was taken would begin with what is left of it. */
const agreedStart = ({ work, rest, given }: Asking): Minutes =>
  work.steps.reduce(
    (m, s, i) => (rest.done.has(i) ? m : Math.min(m, given.agreed?.get(s.id) ?? m)),
    Infinity,
  );

const openLinks = (work: Work, { done }: Remaining): Link[] => {
  const ids = new Set([...done].map((i) => work.steps[i]!.id));
  return work.links.filter((l) => !ids.has(l.from) && !ids.has(l.to));
};

/** How surely windows of joins are planned, where not all can be kept together: the first with which a plan is found. */
const SURELY: readonly (number | undefined)[] = [1, 0.5, undefined];

/**
 * Plan back from the due time: for rising caution a first good plan, the first that is on time in nine runs of ten; then,
 * where asked, a long search from there. A plan that was taken is kept while it can be kept, and once work has begun the
 * rest is repaired with few changes. Every plan in time passes `validate`.
 */
export function schedule(
  steps: readonly Step[],
  links: readonly Link[],
  calendar: Calendar,
  options: SearchOptions & { readonly pools?: readonly Pool[] } = {},
): DaysReport {
  const { people, due } = calendar;
  const whole: Work = { steps, links, people, pools: options.pools ?? [], due };
  const soft = relaxed(whole);
  let report: DaysReport | undefined;
  const { ended, pins } = options.given ?? {};
  const apart = new Set(steps.flatMap((s, i) => (ended?.has(s.id) || pins?.has(s.id) ? [i] : [])));
  for (const level of SURELY) {
    const eased = level === 1 ? { work: soft.work, says: [] } : relaxedTo(soft.work, level);
    if (level !== 1 && eased.work.links.every((l, k) => l === soft.work.links[k])) continue;
    if (level !== undefined && folded(eased.work, 0, apart).never) continue;
    report = scheduled(steps, eased.work.links, calendar, options, [...soft.says, ...eased.says]);
    if (report.plan || report.conflict || !soft.work.links.some((l) => l.level !== undefined)) break;
  }
  return report ?? scheduled(steps, soft.work.links, calendar, options, soft.says);
}

/** The same with its windows as they are. */
function scheduled(
  steps: readonly Step[],
  links: readonly Link[],
  calendar: Calendar,
  options: SearchOptions & { readonly pools?: readonly Pool[] },
  eased: readonly string[],
): DaysReport {
  const given = options.given ?? {};
  const base = {
    origin: calendar.origin,
    due: calendar.due,
    people: calendar.people.map((p) => p.name),
    steps,
    links,
  };
  const say = (...trouble: string[]): DaysReport => ({
    ...base,
    trouble: [...new Set([...trouble, ...calendar.says])],
  });
  if (steps.length === 0) return say('There is nothing to plan yet: add a piece.');
  const whole: Work = {
    steps,
    links,
    people: calendar.people,
    pools: options.pools ?? [],
    due: calendar.due,
  };
  const rest = remaining(whole, given);
  const job: Asking = { work: rest.work, given, rest, calendar };
  if (rest.done.size === steps.length) return say(ALL_DONE);
  if (given.from !== undefined && given.from >= calendar.due)
    return say('The due time has passed: move it, then the rest is planned.');
  const left: Work = {
    ...job.work,
    links: openLinks(job.work, rest),
    steps: steps.filter((_, i) => !rest.done.has(i)),
  };
  const early = [
    ...pinTrouble(left, given, calendar.origin),
    ...neverTrouble(left),
    ...spaceTrouble(left),
    ...handsTrouble(left),
  ];
  if (early.length > 0) return say(...early);
  const conflict = conflictOf(left);
  if (conflict) return { ...say(conflict.text, ...conflict.lines), conflict };

  const runs = options.runs ?? FIRST_RUNS;
  const all = runs * CAUTION.length + (options.effort === 'long' ? runsFor(steps.length) : 0);
  let made = 0;
  let stopped = false;
  const tell = (share: number): boolean => {
    if (!stopped && options.progress?.(Math.min(1, share)) === true) stopped = true;
    return stopped;
  };
  const reported = (
    found: Answer,
    agreed: boolean,
    full: boolean,
    more: readonly string[] = [],
  ): DaysReport => {
    const answer = drawnForward(job, found);
    const plan = told(job, answer, agreed, full);
    return {
      ...base,
      plan,
      trouble: [...troubleOf(plan, job), ...more, ...eased, ...rest.missed, ...calendar.says],
    };
  };

  const kept = stillAgreed(job);
  if (kept) return reported({ ...kept, chance: chanceOf(job, kept.table) }, true, options.effort === 'long');
  const near = nearAgreed(job);
  const asNear = (answer: Answer) => reported(answer, false, options.effort === 'long' && !given.begun);
  const inTime = near !== undefined && endOf(near) <= calendar.due;
  const before = near && given.agreed ? startOf(job, near) < agreedStart(job) - DAY : false;
  if (near && inTime && !before && near.chance >= WANTED_CHANCE - NEARLY) return asNear(near);
  // few changes are worth less than being in time, and than a start days sooner
  const first = firstAnswer(job, runs, () => tell(++made / all));
  const sooner = near && first && before && startOf(job, near) < startOf(job, first) - DAY;
  if (near && (!first || (inTime && !sooner && near.chance >= first.chance - RISKIER))) return asNear(near);
  if (!first) {
    const late = lateAnswer(job, runs);
    const why = whyNot(left);
    if (!late || endOf(late) <= calendar.due) return say(...why);
    const report = reported(late, false, false);
    return { ...report, trouble: [...report.trouble, ...why] };
  }
  const renewed = given.agreed
    ? ['The plan you took no longer fits what is to be done; this is a new one.']
    : [];
  const report = reported(first, false, false, renewed);
  if (options.effort !== 'long' || stopped) return report;
  options.first?.(report);
  const better = longAnswer(job, first, (share) => tell((made + share * (all - made)) / all));
  return reported(better, false, true, renewed);
}

function troubleOf(plan: DaysPlan, { calendar }: Asking): string[] {
  const out: string[] = [];
  if (plan.lateBy > 0)
    out.push(
      `It cannot be ready in time: kept to every wait, it is ready ${readyAt(plan.lateBy)} after it is due. Move the due time, add hours, or make it simpler.`,
    );
  else if (plan.chance < WANTED_CHANCE)
    out.push(
      `Even planned cautiously the odds of being on time are only ${tellOdds(plan.chance, PLAN_RUNS)}: a drier room, a stiffer blend or more hours would help.`,
    );
  if (plan.startBy < 1440 && calendar.due > 20 * 1440)
    out.push('It begins with the first day that is looked at: there may be earlier ones.');
  return out;
}

const readyAt = (minutes: Minutes): string =>
  minutes >= 2880 ? `${Math.ceil(minutes / 1440)} days` : `${Math.ceil(minutes / 60)} h`;
