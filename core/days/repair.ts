import { seeded, type Minutes } from '../quantity/index.ts';
import { plannedWait } from './network.ts';
import { copied, type Genome } from './search/genome.ts';
import { Planner, type SearchAsked, type FoundPlan } from './search/planner.ts';
import type { Work } from './types.ts';

/** Points for a step that is moved, and for one that is moved to another day. */
const MOVED = 12;
const OTHER_DAY = 24;
/** Moved by less than this nobody minds, minutes. */
const SAME: Minutes = 15;
const SEARCH_RUNS = 250;

export interface Repaired extends FoundPlan {
  readonly planner: Planner;
}

/**
 * A plan as near as can be to one that was agreed: forwards, in the old order, every step at its old time where that can
 * be kept. More hands are tried before the plan is touched; only where that is not clean or in time are steps let go.
 * @param agreed start of each step; new ones have none
 * @param now nothing that is not done lies before it
 */
export function repair(
  work: Work,
  asked: SearchAsked,
  agreed: ReadonlyMap<string, Minutes>,
  now: Minutes,
): Repaired | undefined {
  const planner = new Planner(work, { ...asked, forwards: true });
  const n = work.steps.length;
  const old = work.steps.map((s) => agreed.get(s.id));
  const latest = latestBefore(work, old, asked.caution);
  /** Steps there were at their old time; new ones so many of the own sittings before what needs them, at last from now. */
  const aimed = (sittings: number): Int32Array =>
    Int32Array.from(old, (t, i) =>
      Math.max(Math.ceil(now), t ?? (sittings === Infinity ? now : sitting(work, i, latest[i]!, sittings))),
    );
  const target = aimed(1);
  const tails = planner.first(false).keys;
  /** New steps after what they hang on: as soon as they can be, or by how much hangs on them. */
  const keyed = (fresh: (i: number) => number): Float64Array =>
    Float64Array.from(old, (t, i) => t ?? fresh(i));
  const genome = (keys: Float64Array, ifNeeded: boolean): Genome => ({ ...planner.first(ifNeeded), keys });
  const points = (g: Genome, aim: Int32Array): number => {
    const own = planner.weigh(g, aim);
    if (own === Infinity) return Infinity;
    let moved = 0;
    planner.decoder.start.forEach((at, i) => {
      const was = old[i];
      if (was === undefined || planner.done.has(i)) return;
      const by = Math.abs(at - Math.max(was, now));
      if (by > SAME) moved += Math.floor(at / 1440) === Math.floor(was / 1440) ? MOVED : OTHER_DAY;
    });
    // a new step long before anything needs it is work that might never be wanted
    planner.decoder.start.forEach((at, i) => {
      if (old[i] === undefined && !planner.done.has(i))
        moved += (OTHER_DAY * Math.max(0, latest[i]! - at - SAME)) / 1440;
    });
    return own + moved + 1000 * Math.max(0, lastEnd(planner) - work.due);
  };
  let best: FoundPlan | undefined;
  const look = (g: Genome, aim: Int32Array): number => {
    const p = points(g, aim);
    if (p < (best?.points ?? Infinity)) best = { genome: copied(g), points: p, table: planner.table() };
    return p;
  };
  for (const sittings of [0, 1, 2, 4, Infinity])
    for (const keys of [keyed((i) => latest[i]!), keyed((i) => work.due + tails[i]!), keyed(() => now)])
      for (const ifNeeded of [false, true]) look(genome(keys, ifNeeded), aimed(sittings));
  if (best && best.points < Infinity && endOf(best) <= work.due) return { ...best, planner };

  const random = seeded(3);
  let current =
    best?.genome ??
    genome(
      keyed((i) => work.due + tails[i]!),
      true,
    );
  let aim = target.slice();
  let at = best?.points ?? Infinity;
  for (let k = 0; k < SEARCH_RUNS; k++) {
    const g = copied(current);
    const nextAim = aim.slice();
    if (random() < 0.5)
      for (let q = 0; q < 3; q++) g.keys[Math.floor(random() * n)]! += (random() - 0.5) * 2880;
    else
      for (let q = 0; q < 4; q++) {
        const i = Math.floor(random() * n);
        nextAim[i] = nextAim[i] === Math.ceil(now) ? target[i]! : Math.ceil(now);
      }
    const p = look(g, nextAim);
    if (p <= at + 5 * (1 - k / SEARCH_RUNS)) {
      at = p;
      current = g;
      aim = nextAim;
    }
  }
  return best ? { ...best, planner } : undefined;
}

const lastEnd = (p: Planner): Minutes => p.decoder.end.reduce((m, t) => Math.max(m, t), 0);
const endOf = (f: FoundPlan): Minutes => Math.max(...f.table.map((s) => s.to));

/**
 * When each step has to begin at the latest so that what was agreed keeps its time: back along the waits from the steps
 * that have one, from the due time for those that nothing hangs on.
 */
function latestBefore(work: Work, old: readonly (Minutes | undefined)[], caution: number): Float64Array {
  const index = new Map(work.steps.map((s, i) => [s.id, i]));
  const at = Float64Array.from(work.steps, (s, i) => old[i] ?? work.due - s.minutes);
  for (let round = 0, moved = true; moved && round < work.steps.length; round++) {
    moved = false;
    for (const l of work.links) {
      const [i, j] = [index.get(l.from)!, index.get(l.to)!];
      if (old[i] !== undefined) continue;
      const wait = l.kind === 'wait' ? plannedWait(l, caution) : 0;
      const by = at[j]! - wait - work.steps[i]!.minutes;
      if (by < at[i]! - 1e-6) {
        at[i] = by;
        moved = true;
      }
    }
  }
  return at;
}

/** Where a step may begin so many of its person's stretches before a time; as late as can be in the very last with none. */
function sitting(work: Work, i: number, by: Minutes, before: number): Minutes {
  const { minutes } = work.steps[i]!;
  const fits = (work.people[0]?.stretches ?? []).filter(
    (s) => !s.ifNeeded && s.to - s.from >= minutes && s.from <= by,
  );
  const last = fits.at(-1);
  if (!last) return by;
  if (before === 0) return Math.min(by, last.to - minutes);
  return (fits.at(-before) ?? fits[0]!).from;
}
