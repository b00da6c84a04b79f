import { seeded, type Minutes } from '../quantity/index.ts';
import { NEVER_MINUTES } from './network.ts';
import type { Link, Timetable, Work } from './types.ts';

/** Half of the spread of all drying waits is one: the same room and the same week of weather. Estimate. */
const COMMON = Math.sqrt(0.5);
const P90 = 1.2816;

/** A wait drawn at z standard deviations: split-normal in the logarithm, median likely, one in ten fast, one in ten slow. */
export function sampledWait(link: Link, z: number): Minutes {
  const { fast, likely, slow } = link.band;
  if (!Number.isFinite(likely)) return NEVER_MINUTES;
  if (likely <= 0) return 0;
  const late = Number.isFinite(slow) ? slow : likely * 6;
  const sigma =
    z >= 0 ? Math.log(late / likely) / P90 : Math.log(likely / Math.max(fast, likely * 0.05)) / P90;
  return Math.min(NEVER_MINUTES, likely * Math.exp(sigma * z));
}

/**
 * Chance of being on time when every wait comes out as it likes and the plan's own order is kept: a step starts when
 * it is planned or as soon as it can, in the person's hours. Same seed, same answer.
 */
export function chanceOnTime(work: Work, table: Timetable, runs = 120, seed = 7): number {
  const random = seeded(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const index = new Map(work.steps.map((s, i) => [s.id, i]));
  const into: { from: number; link: number }[][] = work.steps.map(() => []);
  work.links.forEach((l, k) => {
    into[index.get(l.to)!]!.push({ from: index.get(l.from)!, link: k });
  });
  const order = work.steps.map((_, i) => i).sort((a, b) => table.start[a]! - table.start[b]!);
  const lastStretch = work.stretches.length - 1;
  let onTime = 0;
  for (let run = 0; run < runs; run++) {
    const weather = normal();
    const waits = work.links.map((l) =>
      l.kind === 'wait' ? sampledWait(l, COMMON * weather + Math.sqrt(1 - COMMON ** 2) * normal()) : 0,
    );
    const end = new Array<number>(work.steps.length).fill(0);
    let free = 0;
    let k = 0;
    let late = false;
    for (const i of order) {
      const minutes = work.steps[i]!.minutes;
      let t = Math.max(free, table.start[i]!);
      for (const { from, link } of into[i]!) t = Math.max(t, end[from]! + waits[link]!);
      while (k <= lastStretch && Math.max(t, work.stretches[k]!.from) + minutes > work.stretches[k]!.to) k++;
      if (k > lastStretch) {
        late = true;
        break;
      }
      t = Math.max(t, work.stretches[k]!.from);
      end[i] = t + minutes;
      free = end[i]!;
      if (end[i]! > work.due) {
        late = true;
        break;
      }
    }
    if (!late) onTime++;
  }
  return onTime / runs;
}
