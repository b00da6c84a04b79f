import { sessionsOf } from '../sessions.ts';
import { copied, type Genome } from './genome.ts';
import type { FoundPlan, Planner } from './planner.ts';
import { FAR } from './problem.ts';

/**
 * Hill climb on the times: for each step a few moments to be finished by that mean something, in the session before or
 * early enough for the slow end of the wait that follows; then neighbours in the order exchanged.
 */
export function climb(planner: Planner, from: FoundPlan, runs: number, told?: () => boolean): FoundPlan {
  const { work } = planner;
  let best = from;
  let made = 0;
  let stopped = false;
  const out = () => stopped || made >= runs;
  const better = (g: Genome): boolean => {
    made++;
    const points = planner.weigh(g);
    if (told?.()) stopped = true;
    if (points >= best.points - 1e-9) return false;
    best = { genome: copied(g), points, table: planner.table() };
    return true;
  };
  // the order of the plan instead of the keys that led to it
  planner.weigh(best.genome);
  const ranked = { ...best.genome, keys: planner.rank() };
  if (planner.weigh(ranked) <= best.points + 1e-9) best = { ...best, genome: ranked };

  for (let pass = 0, improved = true; pass < 3 && improved && !out(); pass++) {
    improved = false;
    const order = work.steps.map((_, i) => i).sort((a, b) => best.table[b]!.to - best.table[a]!.to);
    for (const i of order) {
      if (out()) return best;
      const at = best.table[i]!;
      const wanted = new Set<number>();
      if (best.genome.finish[i]! < FAR) wanted.add(FAR);
      for (const l of work.links) {
        if (l.from !== work.steps[i]!.id || l.kind !== 'wait' || !Number.isFinite(l.band.slow)) continue;
        const to = work.steps.findIndex((s) => s.id === l.to);
        const by = Math.floor(best.table[to]!.from - l.band.slow);
        if (by < at.to && by > 0) wanted.add(by);
      }
      const mine = sessionsOf(work, best.table).filter((s) => at.who.includes(s.person));
      const here = mine.findIndex((s) => s.from <= at.from && s.to >= at.to);
      const minutes = at.to - at.from;
      if (here > 0) wanted.add(mine[here - 1]!.to + minutes);
      if (here >= 0 && mine[here]!.from < at.from) wanted.add(mine[here]!.from + minutes);
      for (const t of wanted) {
        const g = copied(best.genome);
        g.finish[i] = t;
        if (better(g)) improved = true;
      }
    }
    for (let k = 0; k + 1 < order.length && !out(); k++) {
      const g = copied(best.genome);
      const byKey = work.steps.map((_, i) => i).sort((a, b) => g.keys[a]! - g.keys[b]!);
      const [a, b] = [byKey[k]!, byKey[k + 1]!];
      [g.keys[a], g.keys[b]] = [g.keys[b]!, g.keys[a]!];
      if (better(g)) improved = true;
    }
  }
  return best;
}
