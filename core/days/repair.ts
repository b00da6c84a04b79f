import { seeded, type Minutes } from '../quantity/index.ts';
import { copied, type Genome } from './search/genome.ts';
import { Planner, type Asked, type Found } from './search/planner.ts';
import type { Work } from './types.ts';

/** Points for a step that is moved, and for one that is moved to another day. */
const MOVED = 12;
const OTHER_DAY = 24;
/** Moved by less than this nobody minds, minutes. */
const SAME: Minutes = 15;
const SEARCH_RUNS = 250;

export interface Repaired extends Found {
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
  asked: Asked,
  agreed: ReadonlyMap<string, Minutes>,
  now: Minutes,
): Repaired | undefined {
  const planner = new Planner(work, { ...asked, forwards: true });
  const n = work.steps.length;
  const old = work.steps.map((s) => agreed.get(s.id));
  const target = Int32Array.from(old, (t) =>
    t === undefined ? Math.ceil(now) : Math.max(Math.ceil(now), t),
  );
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
    return own + moved + 1000 * Math.max(0, lastEnd(planner) - work.due);
  };
  let best: Found | undefined;
  const look = (g: Genome, aim: Int32Array): number => {
    const p = points(g, aim);
    if (p < (best?.points ?? Infinity)) best = { genome: copied(g), points: p, table: planner.table() };
    return p;
  };
  for (const keys of [keyed(() => now), keyed((i) => work.due + tails[i]!), keyed(() => work.due)])
    for (const ifNeeded of [false, true]) look(genome(keys, ifNeeded), target);
  if (best && best.points < Infinity && latest(best) <= work.due) return { ...best, planner };

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
const latest = (f: Found): Minutes => Math.max(...f.table.map((s) => s.to));
