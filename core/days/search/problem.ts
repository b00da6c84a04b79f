import type { Minutes } from '../../quantity/index.ts';
import { washesOf } from '../wash.ts';
import { plannedWait, plannedWindow } from '../network.ts';
import type { Work } from '../types.ts';

/** Later than everything, and still a small integer. */
export const FAR = 1 << 29;

/** A step that lies already: pinned, and then it takes hands, or done. */
export interface Fixed {
  readonly from: Minutes;
  readonly to: Minutes;
  readonly busy: boolean;
}

/** What the clock and the bench say of single steps, in the order of `Work.steps`. */
export interface Limits {
  /** Not before. */
  readonly from?: readonly Minutes[];
  /** Ended by. */
  readonly by?: readonly Minutes[];
  /** Where a step lies already: pinned, or done. */
  readonly fixed?: ReadonlyMap<number, Fixed>;
}

/**
 * Work written as numbers, the same forwards and, mirrored, backwards: time runs from the horizon, starts and ends, what
 * comes before and after are exchanged. Planning backwards from the due time is planning forwards in the mirror.
 */
export interface SchedulingProblem {
  readonly steps: number;
  readonly horizon: Minutes;
  readonly mirrored: boolean;
  readonly people: number;
  /** Minutes of each step in the hands of each person. */
  readonly minutes: readonly Int32Array[];
  /** At the usual pace: for what goes on by itself or takes two. */
  readonly base: Int32Array;
  readonly hands: Uint8Array;
  /** A bit for each person who may do it. */
  readonly able: Int32Array;
  readonly from: Int32Array;
  readonly by: Int32Array;
  readonly fixed: ReadonlyMap<number, Fixed>;
  readonly colour: Uint8Array;
  readonly colours: number;
  readonly wash: Int16Array;
  readonly capacity: Float64Array;
  /** Pools taken while a step is done. */
  readonly tools: readonly (readonly number[])[];
  /** Links: start(to) − end(from) ≥ gap, and ≤ most where that is not negative. */
  readonly before: Int32Array;
  readonly after: Int32Array;
  readonly gap: Int32Array;
  readonly most: Int32Array;
  /** Space held over a link. */
  readonly holds: readonly { readonly link: number; readonly pool: number; readonly takes: number }[];
}

/** How a piece of work is to be written down. */
export interface Written {
  readonly caution: number;
  /** Lengths of the waits instead of those of the caution. */
  readonly waits?: (link: number) => Minutes;
  readonly limits?: Limits;
  readonly due?: Minutes;
}

/** How much longer a step may take than it is said to, one in ten; and shorter. Estimate. */
export const SLOW_HANDS = 1.3;
export const QUICK_HANDS = 0.85;

/** A step with the caution of the plan in it. */
export const plannedMinutes = (minutes: Minutes, pace: number, caution: number): Minutes =>
  Math.ceil(minutes * pace * (1 + Math.min(1, caution) * 0.5 * (SLOW_HANDS - 1)) - 1e-9);

/** Work and its limits as numbers. */
export function write(
  work: Work,
  { caution, waits, limits = {}, due = work.due }: Written,
): SchedulingProblem {
  const n = work.steps.length;
  const index = new Map(work.steps.map((s, i) => [s.id, i]));
  const pools = new Map(work.pools.map((p, i) => [p.id, i]));
  const ints = (of: (i: number) => number) => Int32Array.from({ length: n }, (_, i) => of(i));
  const { colour, colours, wash } = washesOf(work.steps);
  const place = (id: string): number => {
    const i = index.get(id);
    if (i === undefined) throw new Error(`a link names a step that is not there: ${id}`);
    return i;
  };
  const fixed: ReadonlyMap<number, Fixed> = limits.fixed ?? new Map();
  const took = (i: number, pace: number) => {
    const at = fixed.get(i);
    // what is done took as long as it took
    return at && !at.busy ? at.to - at.from : plannedMinutes(work.steps[i]!.minutes, pace, caution);
  };
  return {
    steps: n,
    horizon: due,
    mirrored: false,
    people: work.people.length,
    minutes: work.people.map((p) => ints((i) => took(i, p.pace))),
    base: ints((i) => took(i, 1)),
    hands: Uint8Array.from(work.steps, (s, i) => (fixed.get(i)?.busy === false ? 0 : (s.hands ?? 1))),
    able: ints((i) =>
      work.people.reduce(
        (mask, p, k) => (!p.does || p.does.includes(work.steps[i]!.kind) ? mask | (1 << k) : mask),
        0,
      ),
    ),
    from: ints((i) => Math.max(0, bounded(limits.from?.[i], 0), oldest(work, i))),
    by: ints((i) => Math.min(due, bounded(limits.by?.[i], due))),
    fixed,
    colour,
    colours,
    wash,
    capacity: Float64Array.from(work.pools, (p) => p.capacity),
    tools: work.steps.map((s) =>
      (s.tools ?? []).flatMap((t) => {
        const k = pools.get(t);
        return k === undefined ? [] : [k];
      }),
    ),
    before: Int32Array.from(work.links, (l) => place(l.from)),
    after: Int32Array.from(work.links, (l) => place(l.to)),
    gap: Int32Array.from(work.links, (l, k) =>
      l.kind === 'wait' ? Math.min(FAR >> 2, waits?.(k) ?? plannedWait(l, caution)) : 0,
    ),
    most: Int32Array.from(work.links, (l) => (l.kind === 'window' ? plannedWindow(l) : -1)),
    holds: work.links.flatMap((l, link) => {
      const pool = l.hold && pools.get(l.hold.space);
      return pool === undefined ? [] : [{ link, pool, takes: l.hold!.takes }];
    }),
  };
}

const bounded = (x: number | undefined, otherwise: number): number =>
  x !== undefined && Number.isFinite(x) ? Math.ceil(x) : otherwise;

/** What keeps only so long may not be made before that. */
const oldest = (work: Work, i: number): Minutes => {
  const fresh = work.steps[i]!.fresh;
  return fresh ? Math.ceil(work.due - fresh.most * 60 - work.steps[i]!.minutes) : 0;
};

/** Time run backwards from the horizon. */
export function mirroredProblem(p: SchedulingProblem): SchedulingProblem {
  const H = p.horizon;
  const wash = new Int16Array(p.colours * p.colours);
  for (let a = 0; a < p.colours; a++)
    for (let b = 0; b < p.colours; b++) wash[a * p.colours + b] = p.wash[b * p.colours + a]!;
  return {
    ...p,
    mirrored: !p.mirrored,
    from: p.by.map((x) => H - x),
    by: p.from.map((x) => H - x),
    fixed: new Map([...p.fixed].map(([i, f]) => [i, { ...f, from: H - f.to, to: H - f.from }])),
    wash,
    before: p.after,
    after: p.before,
  };
}
