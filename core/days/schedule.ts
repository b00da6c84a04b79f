import { formatTime, seeded, type Minutes } from '../quantity/index.ts';
import type { Calendar } from './calendar.ts';
import { generate } from './generate.ts';
import { clusters, contradiction, mirrorNetwork, networkOf, type Network } from './network.ts';
import { chanceOnTime } from './odds.ts';
import { sessionsOf, waitsOf, type PlannedWait, type Session } from './sessions.ts';
import type { Link, Step, Stretch, Timetable, Work } from './types.ts';
import { validate } from './validate.ts';

/** How cautious a plan may be: 0 plans every wait at its likely length, 1 at its slow one, more beyond it. */
export const CAUTION = [0, 0.5, 0.75, 1, 1.5] as const;
/** Minutes kept free before the due time by a cautious plan. Estimate. */
const KEPT_FREE = 60;
/** Nine chances in ten. */
export const WANTED_CHANCE = 0.9;

export interface DaysReport {
  /** Undefined when no plan could be made; `trouble` says why. */
  readonly plan?: {
    readonly caution: number;
    /** Share of simulated runs that end in time. */
    readonly chance: number;
    readonly startBy: Minutes;
    readonly sessions: readonly Session[];
    readonly waits: readonly PlannedWait[];
    readonly handsOn: Minutes;
    readonly spare: Minutes;
    /** The wait that is used with the least room when it is slow. */
    readonly critical?: PlannedWait;
  };
  readonly origin?: Calendar['origin'];
  readonly due?: Minutes;
  readonly steps: readonly Step[];
  readonly links: readonly Link[];
  /** Plain sentences: what stands in the way, what to keep an eye on. */
  readonly trouble: readonly string[];
}

export interface SearchOptions {
  /** Orders tried for each caution; the same number gives the same plan. */
  readonly tries?: number;
  /** Told after each try with the share done; answer `true` to stop with the best so far. */
  readonly progress?: (share: number) => boolean | void;
}

/** Latest timetable of a piece of work: forwards in the mirror. */
function backwards(
  work: Work,
  network: Network,
  keys: readonly number[],
): { table: Timetable; clean: boolean } {
  const H = work.due;
  const stretches: Stretch[] = work.stretches
    .map((s) => ({ from: H - Math.min(H, s.to), to: H - s.from }))
    .filter((s) => s.to > s.from)
    .reverse();
  const { start, unplaced } = generate(network, stretches, keys);
  return {
    table: { start: start.map((s, i) => H - s - work.steps[i]!.minutes) },
    clean: unplaced.length === 0,
  };
}

/** Points a plan costs: later is better, fewer and fuller sessions are better. */
function cost(work: Work, table: Timetable): number {
  const sessions = sessionsOf(work, table);
  const first = sessions[0]?.from ?? work.due;
  const short = sessions.reduce((sum, s) => sum + Math.max(0, 60 - (s.to - s.from)), 0);
  const idle = sessions.reduce((sum, s) => sum + (s.to - s.from - s.handsOn), 0);
  return (work.due - first) / 60 + 10 * sessions.length + 0.1 * short + 0.05 * idle;
}

/** How long each step's chain still is, in the mirror: the longest goes first. */
function tails(network: Network): number[] {
  const n = network.minutes.length;
  const tail = [...network.minutes];
  for (let round = 0; round < n; round++) {
    let moved = false;
    for (const e of network.edges)
      if (!e.closes && tail[e.from]! < e.gap + tail[e.to]!) {
        tail[e.from] = e.gap + tail[e.to]!;
        moved = true;
      }
    if (!moved) break;
  }
  return tail;
}

const hopeless = (table: Timetable): boolean => table.start.some((s) => !Number.isFinite(s) || s < 0);

/**
 * Plan back from the due time: for rising caution, try orders and keep the best; stop at the first caution that is on
 * time in nine runs of ten. Every plan given passes `validate`.
 */
export function schedule(
  steps: readonly Step[],
  links: readonly Link[],
  calendar: Calendar,
  options: SearchOptions = {},
): DaysReport {
  const tries = options.tries ?? 12;
  const trouble: string[] = [];
  const base = { origin: calendar.origin, due: calendar.due, steps, links };
  const work: Work = { steps, links, stretches: calendar.stretches, due: calendar.due };
  if (steps.length === 0) return { ...base, trouble: ['There is nothing to plan yet: add a piece.'] };
  for (const link of links)
    if (link.kind === 'wait' && !Number.isFinite(link.band.likely))
      trouble.push(`Never in this room: ${link.why}. It needs a drier room, another blend or a core.`);
  if (trouble.length > 0) return { ...base, trouble: [...new Set(trouble)] };

  const impossible = contradiction(work, networkOf(work, 0));
  if (impossible) return { ...base, trouble: [impossible.text, ...impossible.lines] };

  let best: { table: Timetable; caution: number; chance: number } | undefined;
  let done = 0;
  let stopped = false;
  for (const caution of CAUTION) {
    const early: Work = { ...work, due: work.due - KEPT_FREE * Math.min(1, 2 * caution) };
    const network = mirrorNetwork(networkOf(early, caution));
    const long = tails(network);
    const random = seeded(11 + Math.round(caution * 100));
    let found: { table: Timetable; cost: number } | undefined;
    for (let t = 0; t < tries && !stopped; t++) {
      const spread = t === 0 ? 0 : 0.15 + (0.5 * t) / tries;
      const keys = long.map((x) => -x * (1 + spread * (random() - 0.5)));
      const { table, clean } = backwards(early, network, keys);
      if (clean && !hopeless(table)) {
        const c = cost(work, table);
        if (!found || c < found.cost) found = { table, cost: c };
      }
      done++;
      stopped = options.progress?.(done / (tries * CAUTION.length)) === true;
    }
    if (!found) break;
    best = { table: found.table, caution, chance: chanceOnTime(work, found.table) };
    if (best.chance >= WANTED_CHANCE || stopped) break;
  }
  if (!best) return { ...base, trouble: whyNot(work) };
  const wrong = validate(work, best.table, best.caution);
  if (wrong.length > 0) throw new Error(`the scheduler made a plan that cannot be done: ${wrong[0]}`);
  const sessions = sessionsOf(work, best.table);
  const waits = waitsOf(work, best.table);
  const tightest = waits.reduce<PlannedWait | undefined>(
    (a, w) => (!a || w.used - w.slow < a.used - a.slow ? w : a),
    undefined,
  );
  if (best.chance < WANTED_CHANCE)
    trouble.push(
      `Even planned cautiously this is on time in only ${Math.round(best.chance * 100)} of 100 runs: a drier room, a stiffer blend or more hours would help.`,
    );
  return {
    ...base,
    plan: {
      caution: best.caution,
      chance: best.chance,
      startBy: sessions[0]!.from,
      sessions,
      waits,
      handsOn: steps.reduce((sum, s) => sum + s.minutes, 0),
      spare: calendar.due - sessions.at(-1)!.to,
      ...(tightest ? { critical: tightest } : {}),
    },
    trouble,
  };
}

/** Why no plan was found, in words that name what to change. */
function whyNot(work: Work): string[] {
  const longest = work.stretches.reduce((m, s) => Math.max(m, s.to - s.from), 0);
  const tooLong = work.steps.find((s) => s.minutes > longest);
  if (tooLong)
    return [
      `“${tooLong.title}” takes ${formatTime(tooLong.minutes)} in one go; the longest working stretch is ${formatTime(longest)}. Make fewer at once or work longer.`,
    ];
  const group = clusters(networkOf(work, 0));
  const size = new Map<number, number>();
  group.forEach((g, i) => size.set(g, (size.get(g) ?? 0) + work.steps[i]!.minutes));
  for (const [g, minutes] of size)
    if (minutes > longest) {
      const names = work.steps.filter((_, i) => group[i] === g).map((s) => `“${s.title}”`);
      return [
        `${names.join(', ')} hang together by short windows and need ${formatTime(minutes)} in one go; the longest working stretch is ${formatTime(longest)}.`,
      ];
    }
  const hands = work.steps.reduce((sum, s) => sum + s.minutes, 0);
  const open = work.stretches.reduce((sum, s) => sum + s.to - s.from, 0);
  return [
    `No plan fits before the due time: ${formatTime(hands)} of work in ${formatTime(open)} of working hours, with the waits between. Move the due time or add hours.`,
  ];
}
