import type { Minutes } from '../quantity/index.ts';
import { dayName, type Calendar } from './calendar.ts';
import { timetableAt } from './agreed.ts';
import { conflictOf } from './conflict.ts';
import { limitsOf, pinTrouble, remaining, type Given, type Remaining } from './given.ts';
import { simulate, startCurve } from './odds.ts';
import { repair } from './repair.ts';
import type { DaysPlan, DaysReport, Moved } from './report.ts';
import { FIRST_RUNS, latest, Planner, quickly, runsFor, search, type Found } from './search/index.ts';
import { sessionsOf, waitsOf, type PlannedWait } from './sessions.ts';
import { slackOf } from './slack.ts';
import type { Link, Pool, Step, Timetable, Work } from './types.ts';
import { validate } from './validate.ts';
import { handsTrouble, neverTrouble, spaceTrouble, whyNot } from './why-not.ts';

/** How cautious a plan may be: 0 plans every wait at its likely length, 1 at its slow one, more beyond it. */
export const CAUTION = [0.5, 0.75, 1, 1.5] as const;
/** Minutes kept free before the due time by a cautious plan. Estimate. */
const KEPT_FREE = 60;
/** Nine chances in ten. */
export const WANTED_CHANCE = 0.9;

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

interface Answer extends Pick<Found, 'table'>, Partial<Pick<Found, 'points' | 'genome'>> {
  readonly caution: number;
  readonly chance: number;
}

/** The whole of what is to be scheduled, with what is done and pinned. */
interface Job {
  readonly work: Work;
  readonly given: Given;
  readonly rest: Remaining;
  readonly calendar: Calendar;
}

const plannerFor = ({ work, given }: Job, caution: number): Planner =>
  new Planner(work, {
    caution,
    limits: limitsOf(work, given),
    by: work.due - KEPT_FREE * Math.min(1, 2 * caution),
    ...(given.rather ? { rather: given.rather } : {}),
  });

const chanceOf = ({ work, rest }: Job, table: Timetable): number =>
  simulate(work, table, { done: rest.done }).chance;

/** The first caution that is on time in nine runs of ten, planned quickly; the most cautious one that can be done. */
function firstAnswer(job: Job, runs: number, told: (runs: number) => boolean): Answer | undefined {
  let best: Answer | undefined;
  for (const caution of CAUTION) {
    const found = quickly(plannerFor(job, caution), runs, () => told(1));
    if (!found) break;
    best = { ...found, caution, chance: chanceOf(job, found.table) };
    if (best.chance >= WANTED_CHANCE) return best;
  }
  if (best) return best;
  const bare = quickly(plannerFor(job, 0), runs, () => told(1));
  return bare && { ...bare, caution: 0, chance: chanceOf(job, bare.table) };
}

/** From the first answer on: the same caution searched well, or a higher one where that turns out too hasty. */
function longAnswer(job: Job, first: Answer, told: (share: number) => boolean): Answer {
  let best = first;
  for (const caution of CAUTION.filter((c) => c >= first.caution)) {
    const found = search(plannerFor(job, caution), {
      runs: runsFor(job.work.steps.length),
      seed: 1,
      told,
      ...(caution === first.caution && first.genome ? { start: first.genome } : {}),
    });
    if (!found) break;
    const answer = { ...found, caution, chance: chanceOf(job, found.table) };
    if (caution === first.caution || answer.chance > best.chance) best = answer;
    if (answer.chance >= WANTED_CHANCE || told(1)) break;
  }
  // a better plan that is late more often is no better plan
  return best.chance < Math.min(WANTED_CHANCE, first.chance) ? first : best;
}

/** When it can be ready at the earliest where it cannot be ready in time. */
function lateAnswer(job: Job, runs: number): Answer | undefined {
  const { work, given } = job;
  const planner = new Planner(work, { caution: 0, limits: limitsOf(work, given), forwards: true });
  const found = quickly(planner, runs);
  return found && { ...found, caution: 0, chance: 0 };
}

const LATEST_RUNS = 40;

/** Latest start when waits are fast, likely or slow: no caution, nothing kept free, and how rarely that is in time. */
function latestStarts(job: Job): DaysPlan['latest'] {
  const tableOf = (end: 'fast' | 'likely' | 'slow'): Timetable | undefined => {
    const planner = new Planner(job.work, {
      caution: 0,
      limits: limitsOf(job.work, job.given),
      rather: 'later',
      waits: (k) => {
        const band = job.work.links[k]!.band;
        return Math.ceil(Number.isFinite(band[end]) ? band[end] : band.likely * 2.5);
      },
    });
    return latest(planner, LATEST_RUNS)?.table;
  };
  const startOf = (table: Timetable | undefined): Minutes =>
    table ? begins(table, job.rest.done) : -Infinity;
  const [fast, likely, slow] = [tableOf('fast'), tableOf('likely'), tableOf('slow')];
  if (!likely) return undefined;
  // a search may find the easier case less well than the harder one
  const mid = Math.max(startOf(likely), startOf(slow));
  return {
    fast: Math.max(startOf(fast), mid),
    likely: mid,
    slow: slow ? startOf(slow) : mid,
    chance: chanceOf(job, likely),
  };
}

const begins = (table: Timetable, done: ReadonlySet<number>): Minutes =>
  table.reduce((m, s, i) => (done.has(i) ? m : Math.min(m, s.from)), Infinity);

/** Everything told of a timetable. */
function told(
  job: Job,
  { table: whole, caution, chance, points }: Answer,
  agreed: boolean,
  full: boolean,
): DaysPlan {
  const { work, rest, calendar, given } = job;
  const open = [...work.steps.keys()].filter((i) => !rest.done.has(i));
  const left: Work = { ...work, steps: open.map((i) => work.steps[i]!), links: openLinks(work, rest) };
  const table = open.map((i) => whole[i]!);
  const doneIds = new Set([...rest.done].map((i) => work.steps[i]!.id));
  const wrong = validate(work, whole, caution, { done: doneIds });
  const ends = Math.max(...table.map((s) => s.to));
  const lateBy = Math.max(0, ends - work.due);
  if (wrong.length > 0 && lateBy === 0)
    throw new Error(`the scheduler made a plan that cannot be done: ${wrong[0]}`);
  const sessions = sessionsOf(left, table);
  const waits = waitsOf(work, whole).filter((w) => !doneIds.has(w.link.to));
  const tightest = waits.reduce<PlannedWait | undefined>(
    (a, w) => (!a || w.used - w.slow < a.used - a.slow ? w : a),
    undefined,
  );
  const lived = simulate(work, whole, { done: rest.done });
  const slack = slackOf(left, table, caution);
  const moved: Moved[] = given.agreed
    ? left.steps.flatMap((step, i) => {
        const was = given.agreed!.get(step.id);
        return was !== undefined && Math.abs(was - table[i]!.from) > 1
          ? [{ step, from: was, to: table[i]!.from }]
          : [];
      })
    : [];
  const lastStart = full ? latestStarts(job) : undefined;
  return {
    caution,
    chance,
    missed: lived.missed,
    ...(points === undefined ? {} : { points }),
    startBy: sessions[0]!.from,
    sessions,
    waits,
    handsOn: left.steps.reduce((sum, s) => sum + s.minutes * (s.hands ?? 1), 0),
    spare: Math.max(0, calendar.due - ends),
    lateBy,
    odds: startCurve(work, whole, (m) => dayName(calendar.origin, m), rest.done),
    ...(tightest ? { critical: tightest } : {}),
    decides: lived.decides.map((d) => d.link),
    slack: Object.fromEntries(left.steps.map((s, i) => [s.id, slack[i]!])),
    ...(lastStart ? { latest: lastStart } : {}),
    agreed,
    moved,
    added: given.agreed ? left.steps.filter((s) => !given.agreed!.has(s.id)) : [],
  };
}

const openLinks = (work: Work, { done }: Remaining): Link[] => {
  const ids = new Set([...done].map((i) => work.steps[i]!.id));
  return work.links.filter((l) => !ids.has(l.from) && !ids.has(l.to));
};

/** The plan that was taken, where it still is one: every step at its time, as cautious as it turns out to be. */
function stillAgreed({ work, given, rest }: Job): { table: Timetable; caution: number } | undefined {
  const { agreed } = given;
  if (!agreed) return undefined;
  const fixed = limitsOf(work, given).fixed ?? new Map();
  const done = new Map(
    [...rest.done].map((i) => [i, { from: fixed.get(i)!.from, to: fixed.get(i)!.to, who: [] }]),
  );
  const doneIds = new Set([...rest.done].map((i) => work.steps[i]!.id));
  const begun = given.from ?? 0;
  if (work.steps.some((s, i) => !done.has(i) && (agreed.get(s.id) ?? -1) < begun)) return undefined;
  for (const [id, at] of given.pins ?? []) if (!doneIds.has(id) && agreed.get(id) !== at) return undefined;
  for (const caution of [...[...CAUTION].reverse(), 0]) {
    const table = timetableAt(work, agreed, caution, done);
    if (table && validate(work, table, caution, { done: doneIds }).length === 0) return { table, caution };
  }
  return undefined;
}

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
  const given = options.given ?? {};
  const base = {
    origin: calendar.origin,
    due: calendar.due,
    people: calendar.people.map((p) => p.name),
    steps,
    links,
  };
  const say = (...trouble: string[]): DaysReport => ({ ...base, trouble: [...new Set(trouble)] });
  if (steps.length === 0) return say('There is nothing to plan yet: add a piece.');
  const whole: Work = {
    steps,
    links,
    people: calendar.people,
    pools: options.pools ?? [],
    due: calendar.due,
  };
  const rest = remaining(whole, given);
  const job: Job = { work: rest.work, given, rest, calendar };
  if (rest.done.size === steps.length) return say('Everything is done.');
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
  const reported = (answer: Answer, agreed: boolean, full: boolean): DaysReport => {
    const plan = told(job, answer, agreed, full);
    return { ...base, plan, trouble: [...troubleOf(plan, job), ...rest.missed] };
  };

  const kept = stillAgreed(job);
  if (kept) return reported({ ...kept, chance: chanceOf(job, kept.table) }, true, options.effort === 'long');
  if (given.agreed && given.from !== undefined) {
    for (const caution of [0.5, 0]) {
      const near = repair(job.work, { caution, limits: limitsOf(job.work, given) }, given.agreed, given.from);
      if (!near) continue;
      const late = Math.max(...near.table.map((s) => s.to)) > calendar.due;
      if (late && caution > 0) continue;
      return reported({ ...near, caution, chance: late ? 0 : chanceOf(job, near.table) }, false, false);
    }
  }
  const first = firstAnswer(job, runs, () => tell(++made / all));
  if (!first) {
    const late = lateAnswer(job, runs);
    const why = whyNot(left);
    if (!late || Math.max(...late.table.map((s) => s.to)) <= calendar.due) return say(...why);
    const report = reported(late, false, false);
    return { ...report, trouble: [...report.trouble, ...why] };
  }
  const report = reported(first, false, false);
  if (options.effort !== 'long' || stopped) return report;
  options.first?.(report);
  const better = longAnswer(job, first, (share) => tell((made + share * (all - made)) / all));
  return reported(better, false, true);
}

function troubleOf(plan: DaysPlan, { given, calendar }: Job): string[] {
  const out: string[] = [];
  if (plan.lateBy > 0)
    out.push(
      `It cannot be ready in time: kept to every wait, it is ready ${readyAt(plan.lateBy)} after it is due. Move the due time, add hours, or make it simpler.`,
    );
  else if (plan.chance < WANTED_CHANCE)
    out.push(
      `Even planned cautiously this is on time in only ${Math.round(plan.chance * 100)} of 100 runs: a drier room, a stiffer blend or more hours would help.`,
    );
  if (given.agreed && !plan.agreed && given.from === undefined)
    out.push('The plan you took no longer fits what is to be done; this is a new one.');
  if (plan.startBy < 1440 && calendar.due > 20 * 1440)
    out.push('It begins with the first day that is looked at: there may be earlier ones.');
  return out;
}

const readyAt = (minutes: Minutes): string =>
  minutes >= 2880 ? `${Math.ceil(minutes / 1440)} days` : `${Math.ceil(minutes / 60)} h`;
