import { seeded, type Minutes } from '../quantity/index.ts';
import { isBeside } from './beside.ts';
import { drawn, drawnWaits } from './draws.ts';
import { SESSION_GAP } from './sessions.ts';
import { QUICK_HANDS, SLOW_HANDS } from './search/problem.ts';
import { merged } from './calendar.ts';
import type { Link, Stretch, Timetable, Work } from './types.ts';

/** Who is in the middle of a sitting stays so much longer than planned to finish it, minutes. Common practice. */
const STAYS: Minutes = 45;

/** So many windows are named. Estimate. */
const MOST_LATE = 3;
/** A face that no longer gives is wetted, glued and held all the same, minutes. Common practice. */
const MENDED: Minutes = 4;

export interface SimulateOptions {
  readonly runs?: number;
  readonly seed?: number;
  /** Begin then instead of as planned, and do everything that keeps as soon as it can be done. */
  readonly from?: Minutes;
  /** Steps that are done, by place. */
  readonly done?: ReadonlySet<number>;
}

export interface Simulated {
  /** Share of runs that end in time. */
  readonly chance: number;
  /** Share of runs in which a window closed before it was used. */
  readonly missed: number;
  /** Windows that closed too soon in some runs, the most often missed first. */
  readonly late: readonly { readonly link: Link; readonly share: number }[];
  /** When each run ended, the earliest first. */
  readonly ends: readonly Minutes[];
  /** Waits by how far the end goes with their length, the strongest first. */
  readonly decides: readonly { readonly link: Link; readonly weight: number }[];
}

const nextStretch = (hours: readonly Stretch[], k: number, t: Minutes, minutes: Minutes): number => {
  let at = k;
  while (at < hours.length && Math.max(t, hours[at]!.from) + minutes > hours[at]!.to) at++;
  return at;
};

/**
 * Monte Carlo simulation of a plan: the plan lived through many times: every wait and every step comes out as it likes, everybody keeps to the plan's own
 * order and starts a step when it is planned or as soon as it can, in their hours. Same seed, same answer.
 */
export function simulate(work: Work, table: Timetable, options: SimulateOptions = {}): Simulated {
  const { runs = PLAN_RUNS, seed = 7, from, done = new Set() } = options;
  const random = seeded(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const n = work.steps.length;
  const index = new Map(work.steps.map((s, i) => [s.id, i]));
  const into: { from: number; link: number }[][] = work.steps.map(() => []);
  work.links.forEach((l, k) => into[index.get(l.to)!]!.push({ from: index.get(l.from)!, link: k }));
  const order = work.steps
    .map((_, i) => i)
    .filter((i) => !done.has(i))
    .sort((a, b) => table[a]!.from - table[b]!.from);
  /** The first of a sitting is begun when it is planned, what follows as soon as the one before is done. */
  const sits = new Uint8Array(n);
  const lastEnd = work.people.map(() => -Infinity);
  for (const i of order) {
    const slot = table[i]!;
    if (slot.who.length > 0 && slot.who.every((k) => slot.from - lastEnd[k]! < SESSION_GAP)) sits[i] = 1;
    if (isBeside(work.steps[i]!)) sits[i] = 1;
    for (const k of slot.who) lastEnd[k] = slot.to;
  }
  const keeps = from === undefined ? undefined : keepsUntilUsed(work, index);
  const held: number[][] = work.steps.map((s) =>
    (s.tools ?? []).flatMap((t) => {
      const k = work.pools.findIndex((p) => p.id === t && p.capacity === 1);
      return k < 0 ? [] : [k];
    }),
  );
  const hours = work.people.map((p) => merged(p.stretches));
  const lengths: Float64Array[] = [];
  const ends: number[] = [];
  let onTime = 0;
  let missed = 0;
  const lateBy = new Float64Array(work.links.length);
  for (let run = 0; run < runs; run++) {
    const waits = drawnWaits(work, normal);
    const end = new Float64Array(n);
    for (const i of done) end[i] = table[i]!.to;
    const free = work.people.map(() => 0);
    const stretch = work.people.map(() => 0);
    const toolFree = work.pools.map(() => 0);
    let last = 0;
    let closed = false;
    for (const i of order) {
      const s = work.steps[i]!;
      const slot = table[i]!;
      let t = sits[i] ? 0 : from === undefined || keeps!.has(i) ? Math.max(slot.from, from ?? 0) : from;
      for (const l of into[i]!)
        t = Math.max(t, end[l.from]! + (work.links[l.link]!.kind === 'wait' ? waits[l.link]! : 0));
      for (const k of held[i]!) t = Math.max(t, toolFree[k]!);
      const planned = slot.to - slot.from;
      const took =
        s.minutes <= 0 ? 0 : drawn(QUICK_HANDS, 1, SLOW_HANDS, normal()) * s.minutes * paceOf(work, slot.who);
      for (let moved = true, round = 0; moved && round < 50; round++) {
        moved = false;
        for (const k of slot.who) {
          t = Math.max(t, free[k]!);
          // a sitting that runs late is stayed for; what begins one has to fit
          const needs = sits[i] ? took - STAYS : Math.max(Math.min(planned, took), took - STAYS);
          stretch[k] = nextStretch(hours[k]!, stretch[k]!, t, needs);
          const begins = hours[k]![stretch[k]!]?.from;
          if (begins === undefined) t = Infinity;
          else if (begins > t) {
            t = begins;
            moved = slot.who.length > 1;
          }
        }
      }
      const late = into[i]!.filter(
        (l) => work.links[l.link]!.kind === 'window' && t - end[l.from]! > Math.max(waits[l.link]!, 1),
      );
      for (const l of late) lateBy[l.link]!++;
      if (late.length > 0) closed = true;
      end[i] = t + took + (late.length > 0 ? MENDED : 0);
      for (const k of slot.who) free[k] = end[i]!;
      for (const k of held[i]!) toolFree[k] = end[i]!;
      last = Math.max(last, end[i]!);
      if (last === Infinity) break;
    }
    if (last <= work.due) onTime++;
    if (closed) missed++;
    ends.push(last);
    lengths.push(waits);
  }
  return {
    chance: onTime / runs,
    missed: missed / runs,
    late: work.links
      .flatMap((link, k) => (lateBy[k]! > 0 ? [{ link, share: lateBy[k]! / runs }] : []))
      .sort((a, b) => b.share - a.share)
      .slice(0, MOST_LATE),
    decides: deciding(work, lengths, ends),
    ends: [...ends].sort((a, b) => a - b),
  };
}

const paceOf = (work: Work, who: readonly number[]): number =>
  who.length === 1 ? (work.people[who[0]!]?.pace ?? 1) : 1;

/** What does not keep, and everything after it: it is not done earlier because work began earlier. */
function keepsUntilUsed(work: Work, index: ReadonlyMap<string, number>): Set<number> {
  const late = new Set(work.steps.flatMap((s, i) => (s.fresh ? [i] : [])));
  for (let grew = true; grew;) {
    grew = false;
    for (const l of work.links) {
      const to = index.get(l.to)!;
      if (late.has(index.get(l.from)!) && !late.has(to)) {
        late.add(to);
        grew = true;
      }
    }
  }
  return late;
}

/** Correlation of each wait's length with the end, for waits that matter at all. */
function deciding(
  work: Work,
  lengths: readonly Float64Array[],
  ends: readonly Minutes[],
): Simulated['decides'] {
  const worst = Math.max(...ends.filter(Number.isFinite), 0) + 1440;
  const y = ends.map((e) => (Number.isFinite(e) ? e : worst));
  const my = mean(y);
  const sy = Math.sqrt(mean(y.map((v) => (v - my) ** 2)));
  if (sy < 1e-6) return [];
  return work.links
    .map((link, k) => {
      if (link.kind !== 'wait' || !(link.band.likely >= 15)) return { link, weight: 0 };
      const x = lengths.map((l) => l[k]!);
      const mx = mean(x);
      const sx = Math.sqrt(mean(x.map((v) => (v - mx) ** 2)));
      return { link, weight: sx < 1e-9 ? 0 : mean(x.map((v, i) => (v - mx) * (y[i]! - my))) / (sx * sy) };
    })
    .filter((d) => d.weight > 0.2)
    .sort((a, b) => b.weight - a.weight)
    .slice(0, 5);
}

const mean = (xs: readonly number[]): number => xs.reduce((a, b) => a + b, 0) / Math.max(1, xs.length);

/** Runs that a plan is lived through, and each day of the start curve. */
export const PLAN_RUNS = 120;
export const CURVE_RUNS = 80;

/** Chance of being on time when work begins on a day. */
export interface StartOdds {
  readonly from: Minutes;
  readonly chance: number;
}

/**
 * The start curve: for each working day from two before the plan’s own start to the due time, the chance of being on time
 * when work begins with that day and everything that keeps is done as soon as it can be, in the plan’s order.
 * @param dayOf tells days apart
 * @param since no day before this is told
 */
export function startCurve(
  work: Work,
  table: Timetable,
  dayOf: (m: Minutes) => string,
  done: ReadonlySet<number> = new Set(),
  since: Minutes = -Infinity,
): StartOdds[] {
  const open = table.filter((_, i) => !done.has(i));
  const first = Math.min(...open.map((s) => s.from));
  const days = new Map<string, Minutes>();
  for (const s of work.people[0]?.stretches ?? [])
    if (!s.ifNeeded && s.to > since && s.from < work.due) {
      const from = Math.max(s.from, since);
      if (!days.has(dayOf(from))) days.set(dayOf(from), from);
    }
  const begins = [...days.values()];
  const own = begins.filter((m) => m <= first).length - 1;
  return begins
    .slice(Math.max(0, own - 2))
    .slice(0, 14)
    .map((from) => ({ from, chance: simulate(work, table, { runs: CURVE_RUNS, from, done }).chance }));
}
