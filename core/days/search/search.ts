import { seeded } from '../../quantity/index.ts';
import { anneal } from './anneal.ts';
import { climb } from './climb.ts';
import type { Genome } from './genome.ts';
import type { FoundPlan, Planner } from './planner.ts';

export interface SearchBudget {
  /** Timetables to be made in all; the same number gives the same plan. */
  readonly runs: number;
  readonly seed: number;
  /** Told with the share done; answers `true` to stop with the best so far. */
  readonly told?: (share: number) => boolean;
  /** A plan found before, to begin from. */
  readonly start?: Genome;
}

/** Budgets by size: a second for a hundred steps, five for four hundred; more finds little more. */
export const runsFor = (steps: number): number =>
  steps <= 40 ? 4000 : steps <= 70 ? 2200 : steps <= 100 ? 1300 : steps <= 200 ? 1000 : 800;
/** What the first answer is allowed. */
export const FIRST_RUNS = 90;

const better = (a: FoundPlan | undefined, b: FoundPlan | undefined): FoundPlan | undefined =>
  !a ? b : !b || a.points <= b.points ? a : b;

/** How many times longer it looks where one clean timetable is hard to find; a run that fails is soon over. */
const PATIENCE = 5;

/** A first answer: orders by how much hangs on each step, hours closed from the left, a short annealing. */
export function quickly(planner: Planner, runs: number, told?: () => boolean): FoundPlan | undefined {
  const looks = planner.blocks.rows.length > 0 ? [false, true] : [false];
  for (const most of [runs, PATIENCE * runs])
    for (const ifNeeded of looks) {
      const found = anneal(planner, {
        start: planner.first(ifNeeded),
        runs: most,
        random: seeded(11),
        heat: 20,
        ...(told ? { told } : {}),
      });
      if (found) return found;
    }
  return undefined;
}

/** Genomes in which nothing is done before a working block, the latest first; only those that can be done. */
function* probes(planner: Planner): Generator<Genome> {
  if (!planner.problem.mirrored) return;
  const begins = [
    ...new Set(planner.blocks.all.filter((b) => !b.ifNeeded && b.from < planner.due).map((b) => b.from)),
  ].sort((a, b) => b - a);
  for (const from of begins)
    for (const free of [false, true]) {
      const g = { ...planner.first(true), free };
      planner.blocks.all.forEach((b, k) => {
        if (b.to <= from) g.open[k] = 0;
      });
      if (!Number.isFinite(planner.weigh(g))) continue;
      yield g;
      break;
    }
}

/** The first so many of them. */
function firstProbes(planner: Planner, most: number): Genome[] {
  const found: Genome[] = [];
  for (const g of probes(planner)) if (found.push(g) >= most) break;
  return found;
}

/** A plan that begins as late as was found to be possible. */
export function latest(planner: Planner, runs: number): FoundPlan | undefined {
  const [start = planner.first(true)] = firstProbes(planner, 1);
  return anneal(planner, { start, runs, random: seeded(11), heat: 20 });
}

/**
 * Successive halving: short annealings from different starts, the best three go on cooler, the best one colder, then a
 * hill climb on the times.
 */
export function search(planner: Planner, { runs, seed, told, start }: SearchBudget): FoundPlan | undefined {
  const begun = planner.runs;
  let stopped = false;
  const tell = (): boolean => {
    if (told?.(Math.min(1, (planner.runs - begun) / runs))) stopped = true;
    return stopped;
  };
  const number = Math.max(2, Math.min(8, Math.round(runs / 300)));
  const starts: Genome[] = [
    ...(start ? [start] : []),
    planner.first(false),
    ...(planner.blocks.rows.length > 0 ? [planner.first(true)] : []),
  ];
  const probed = firstProbes(planner, 2 * number);
  for (let k = 0; starts.length < number && k < probed.length; k++)
    starts.push(probed[Math.floor((k * probed.length) / Math.max(1, number - starts.length))] ?? probed[k]!);
  let pool: FoundPlan[] = [];
  starts.slice(0, number).forEach((from, k) => {
    if (stopped) return;
    const found = anneal(planner, {
      start: from,
      runs: Math.ceil((0.34 * runs) / number),
      random: seeded(seed * 101 + k),
      heat: 50,
      told: tell,
    });
    if (found) pool.push(found);
  });
  pool = pool.sort((a, b) => a.points - b.points).slice(0, 3);
  let best = pool[0];
  pool.forEach((p, k) => {
    if (stopped) return;
    best = better(
      best,
      anneal(planner, {
        start: p.genome,
        runs: Math.ceil((0.27 * runs) / pool.length),
        random: seeded(seed * 101 + 20 + k),
        heat: 25,
        told: tell,
      }),
    );
  });
  if (!best || stopped) return best;
  best = better(
    best,
    anneal(planner, {
      start: best.genome,
      runs: Math.ceil(0.24 * runs),
      random: seeded(seed * 101 + 77),
      heat: 12,
      told: tell,
    }),
  )!;
  return stopped ? best : climb(planner, best, Math.max(20, runs - (planner.runs - begun)), tell);
}
