import type { Minutes } from '../quantity/index.ts';
import { timetableAt } from './agreed.ts';
import type { Calendar } from './calendar.ts';
import { folded } from './folded.ts';
import { limitsOf, type Given, type Remaining } from './given.ts';
import { simulate } from './odds.ts';
import { repair } from './repair.ts';
import type { DaysPlan } from './report.ts';
import { latest, Planner, quickly, runsFor, search, type FoundPlan } from './search/index.ts';
import type { Timetable, Work } from './types.ts';
import { validate } from './validate.ts';

/** How cautious a plan may be: 0 plans every wait at its likely length, 1 at its slow one, more beyond it. */
export const CAUTION = [0.5, 0.75, 1, 1.5] as const;
/** Minutes kept free before the due time by a cautious plan. Estimate. */
const KEPT_FREE = 60;
/** Nine chances in ten. */
export const WANTED_CHANCE = 0.9;
/** So much less is taken for keeping near a plan that was taken. */
export const NEARLY = 0.05;

/** A timetable that answers, how cautious it is and how often it is in time. */
export interface Answer extends Pick<FoundPlan, 'table'>, Partial<Pick<FoundPlan, 'points' | 'genome'>> {
  readonly caution: number;
  readonly chance: number;
}

/** The whole of what is to be scheduled, with what is done and pinned. */
export interface Asking {
  readonly work: Work;
  readonly given: Given;
  readonly rest: Remaining;
  readonly calendar: Calendar;
}

const plannerFor = (work: Work, { given }: Asking, caution: number): Planner =>
  new Planner(work, {
    caution,
    limits: limitsOf(work, given),
    by: work.due - KEPT_FREE * Math.min(1, 2 * caution),
    ...(given.rather ? { rather: given.rather } : {}),
  });

/** Steps that lie already: done, or pinned. */
const apartIn = ({ work, given, rest }: Asking): Set<number> =>
  new Set([...rest.done, ...work.steps.flatMap((s, i) => (given.pins?.has(s.id) ? [i] : []))]);

/**
 * A search with each cluster taken as one step, and where that finds nothing that can be done, with every step by itself.
 * @param look what searches
 */
function searched(
  job: Asking,
  caution: number,
  look: (planner: Planner) => FoundPlan | undefined,
): FoundPlan | undefined {
  const { work } = job;
  const apart = apartIn(job);
  const { work: less, unfold, all } = folded(work, caution, apart);
  if (unfold) {
    const found = look(plannerFor(less, job, caution));
    const table = found && unfold(found.table);
    const done = new Set([...job.rest.done].map((i) => work.steps[i]!.id));
    if (found && table && validate(work, table, caution, { done }).length === 0) return { ...found, table };
    // what does not fit with its clusters in one does not fit with their steps strewn about either
    if (!found && all) return undefined;
  }
  return look(plannerFor(work, job, caution));
}

/** Share of simulated runs that end in time. */
export const chanceOf = ({ work, rest }: Asking, table: Timetable): number =>
  simulate(work, table, { done: rest.done }).chance;

/** The first caution that is on time in nine runs of ten, planned quickly; the most cautious one that can be done. */
export function firstAnswer(job: Asking, runs: number, told: (runs: number) => boolean): Answer | undefined {
  let best: Answer | undefined;
  for (const caution of CAUTION) {
    const found = searched(job, caution, (p) => quickly(p, runs, () => told(1)));
    if (!found) break;
    best = { ...found, caution, chance: chanceOf(job, found.table) };
    if (best.chance >= WANTED_CHANCE) return best;
  }
  if (best) return best;
  const bare = searched(job, 0, (p) => quickly(p, runs, () => told(1)));
  return bare && { ...bare, caution: 0, chance: chanceOf(job, bare.table) };
}

/** From the first answer on: the same caution searched well, or a higher one where that turns out too hasty. */
export function longAnswer(job: Asking, first: Answer, told: (share: number) => boolean): Answer {
  let best = first;
  for (const caution of CAUTION.filter((c) => c >= first.caution)) {
    const found = searched(job, caution, (planner) =>
      search(planner, {
        runs: runsFor(planner.work.steps.length),
        seed: 1,
        told,
        ...(caution === first.caution && first.genome?.keys.length === planner.work.steps.length
          ? { start: first.genome }
          : {}),
      }),
    );
    if (!found) break;
    const answer = { ...found, caution, chance: chanceOf(job, found.table) };
    if (caution === first.caution || answer.chance > best.chance) best = answer;
    if (answer.chance >= WANTED_CHANCE || told(1)) break;
  }
  // a better plan that is late more often is no better plan
  return best.chance < Math.min(WANTED_CHANCE, first.chance) ? first : best;
}

/** When it can be ready at the earliest where it cannot be ready in time. */
export function lateAnswer(job: Asking, runs: number): Answer | undefined {
  const { work, given } = job;
  const planner = new Planner(work, { caution: 0, limits: limitsOf(work, given), forwards: true });
  const found = quickly(planner, runs);
  return found && { ...found, caution: 0, chance: 0 };
}

const LATEST_RUNS = 40;

/** Latest start when waits are fast, likely or slow: no caution, nothing kept free, and how rarely that is in time. */
export function latestStarts(job: Asking): DaysPlan['latest'] {
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

/** The plan that was taken, where it still is one: every step at its time, as cautious as it turns out to be. */
export function stillAgreed({
  work,
  given,
  rest,
}: Asking): { table: Timetable; caution: number } | undefined {
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

/** What does not keep is not made days sooner because somebody happens to be there, minutes. */
const SOON: Minutes = 720;

/**
 * The same plan with the next steps drawn forward to now, where somebody is at the bench: as many of them as fit into the time
 * they stay, as long as that makes nothing late and nothing riskier.
 */
export function drawnForward(job: Asking, answer: Answer): Answer {
  const { work, given, rest } = job;
  const { here, from } = given;
  if (here === undefined || from === undefined || here <= from) return answer;
  const starts = new Map(work.steps.map((s, i) => [s.id, answer.table[i]!.from]));
  const next = [...work.steps.keys()]
    .filter((i) => !rest.done.has(i) && given.pins?.get(work.steps[i]!.id) === undefined)
    .filter((i) => !work.steps[i]!.fresh || answer.table[i]!.from < from + SOON)
    .sort((a, b) => answer.table[a]!.from - answer.table[b]!.from);
  let minutes = 0;
  const fit = next.filter((i) => (minutes += work.steps[i]!.minutes) <= here - from);
  for (let k = fit.length; k >= 1; k = Math.floor(k / 2)) {
    const wanted = new Map(starts);
    let at = from;
    for (const i of fit.slice(0, k)) {
      wanted.set(work.steps[i]!.id, Math.min(at, answer.table[i]!.from));
      at += work.steps[i]!.minutes;
    }
    const caution = answer.caution > 0 ? 0.5 : 0;
    const found = repair(work, { caution, limits: limitsOf(work, given) }, wanted, from);
    if (!found || Math.max(...found.table.map((s) => s.to)) > work.due) continue;
    const soonest = fit[0]!;
    if (found.table[soonest]!.from >= answer.table[soonest]!.from) continue;
    const chance = chanceOf(job, found.table);
    if (chance >= Math.min(WANTED_CHANCE, answer.chance) - NEARLY) return { ...found, caution, chance };
  }
  return answer;
}

/**
 * A plan near the one that was taken. Before work has begun it has to be about as safe as a new one would be; after
 * that it may be late, for when a new one would be late as well.
 */
export function nearAgreed(job: Asking): Answer | undefined {
  const { work, given } = job;
  if (!given.agreed) return undefined;
  const begun = given.begun ?? false;
  for (const caution of [0.5, 0]) {
    const found = repair(work, { caution, limits: limitsOf(work, given) }, given.agreed, given.from ?? 0);
    if (!found) continue;
    const late = Math.max(...found.table.map((s) => s.to)) > work.due;
    if (late && (caution > 0 || !begun)) continue;
    const chance = late ? 0 : chanceOf(job, found.table);
    if (begun || chance >= WANTED_CHANCE - NEARLY) return { ...found, caution, chance };
  }
  return undefined;
}
