import { sessionsOf } from '../sessions.ts';
import type { Timetable } from '../types.ts';
import { copied, type Genome } from './genome.ts';
import type { FoundPlan, Planner } from './planner.ts';
import { FAR } from './problem.ts';

export interface AnnealOptions {
  readonly start: Genome;
  /** Timetables to be made. */
  readonly runs: number;
  readonly random: () => number;
  /** Points a worse plan may cost and still be gone on from, at first. */
  readonly heat: number;
  /** Told after each timetable; answers `true` to stop. */
  readonly told?: () => boolean;
}

/** Cold end of the annealing, points. */
const COLD = 0.3;
const PASS_EVERY = 400;

/**
 * Annealed local search over orders, open hours and times to finish by.
 * @returns nothing where not one clean timetable was found
 */
export function anneal(
  planner: Planner,
  { start, runs, random, heat, told }: AnnealOptions,
): FoundPlan | undefined {
  const { blocks, work } = planner;
  const n = work.steps.length;
  let best: FoundPlan | undefined;
  let current: { genome: Genome; points: number; table: Timetable } | undefined;
  let made = 0;
  let stopped = false;
  const out = () => stopped || made >= runs;
  const look = (g: Genome): number => {
    made++;
    const points = planner.weigh(g);
    if (told?.()) stopped = true;
    if (points < (best?.points ?? Infinity) - 1e-9)
      best = { genome: copied(g), points, table: planner.table() };
    return points;
  };
  const take = (g: Genome, points: number) => {
    current = { genome: { ...g, keys: planner.rank() }, points, table: planner.table() };
  };

  let genome = start;
  for (let tries = 0; !current && !out(); tries++) {
    const points = look(genome);
    if (points < Infinity) take(genome, points);
    else {
      // nothing yet: shake the order harder each time, with and without what windows tie together
      genome = copied(start);
      for (let i = 0; i < n; i++) genome.keys[i]! *= 1 + (0.2 + 0.1 * (tries % 12)) * (random() - 0.5);
      genome = { ...genome, free: tries % 2 === 1 };
    }
  }
  if (!current) return best;

  /** Sessions of the present plan, the one with the least work first. */
  const weakest = () => sessionsOf(work, current!.table).sort((a, b) => a.handsOn - b.handsOn);
  const closed = (g: Genome, s: { person: number; from: number; to: number }) => {
    for (const b of blocks.ofPerson[s.person]!)
      if (blocks.all[b]!.from < s.to && blocks.all[b]!.to > s.from) g.open[b] = 0;
  };
  /** Give back hours that are there only if need be, then whole sessions, while that makes it better. */
  const closePass = () => {
    for (const row of blocks.rows) {
      const opened = row.filter((b) => current!.genome.open[b]).length;
      for (const keep of opened > 2 ? [0, opened >> 1, opened - 1] : opened > 0 ? [0] : []) {
        if (out()) return;
        const g = copied(current!.genome);
        row.forEach((b, k) => (g.open[b] = k < keep ? 1 : 0));
        const points = look(g);
        if (points >= current!.points) continue;
        take(g, points);
        break;
      }
    }
    for (const s of weakest().slice(0, 6)) {
      if (out()) return;
      const g = copied(current!.genome);
      closed(g, s);
      const points = look(g);
      if (points < current!.points) take(g, points);
    }
  };
  closePass();
  let passedAt = made;

  while (!out()) {
    const share = made / runs;
    const warm = heat * (COLD / heat) ** share;
    let g = copied(current.genome);
    const kind = random();
    if (random() < 0.04) g = { ...g, free: !g.free };
    if (kind < 0.72 || blocks.all.length === 0) {
      const moves = 1 + Math.floor(random() ** 2 * 4);
      for (let q = 0; q < moves; q++)
        g.keys[Math.floor(random() * n)]! += (random() - 0.5) * (random() < 0.25 ? 2 * n : n * 0.25);
    } else if (kind < 0.86) {
      const b = Math.floor(random() * blocks.all.length);
      const first = Math.min(...current.table.map((s) => s.from)) - 2 * 1440;
      if (blocks.all[b]!.to < first && random() < 0.9) continue;
      if (blocks.all[b]!.ifNeeded) {
        const row = blocks.rows[Math.floor(random() * blocks.rows.length)]!;
        const keep = Math.floor(random() * (row.length + 1));
        row.forEach((x, k) => (g.open[x] = k < keep ? 1 : 0));
      } else g.open[b]! ^= 1;
    } else if (kind < 0.93) {
      const all = weakest();
      const s = all[Math.min(all.length - 1, Math.floor(random() ** 2 * all.length))];
      if (s) closed(g, s);
    } else {
      const i = Math.floor(random() * n);
      if (g.finish[i]! < FAR) g.finish[i] = FAR;
      else {
        const earlier = sessionsOf(work, current.table).filter((s) => s.to <= current!.table[i]!.from);
        const s = earlier[Math.max(0, earlier.length - 1 - Math.floor(random() ** 2 * 4))];
        g.finish[i] = s ? s.to : Math.max(0, current.table[i]!.to - 60 * Math.floor(random() * 24));
      }
    }
    const points = look(g);
    if (points === Infinity) continue;
    if (points <= current.points || random() < Math.exp((current.points - points) / warm)) take(g, points);
    if (made - passedAt > PASS_EVERY && best) {
      passedAt = made;
      planner.weigh(best.genome);
      take(best.genome, best.points);
      closePass();
    }
  }
  return best;
}
