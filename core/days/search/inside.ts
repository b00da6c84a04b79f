import type { Minutes } from '../../quantity/index.ts';

/** Steps of one cluster: minutes of each, lags from the end of one to the start of another, and hands washed between. */
export interface Cluster {
  readonly minutes: readonly Minutes[];
  readonly lags: readonly {
    readonly from: number;
    readonly to: number;
    readonly least: Minutes;
    /** Undefined where it may wait for ever. */
    readonly most: Minutes | undefined;
  }[];
  /** Minutes between two that follow each other. */
  readonly wash: (from: number, to: number) => Minutes;
}

/** When each step of a cluster begins, from the beginning of the first, and how long all of it takes. */
export interface Arranged {
  readonly start: readonly Minutes[];
  readonly long: Minutes;
}

/** Orders looked at before the best so far is taken. A step of the method; estimate. */
const MOST_NODES = 4000;
/** Each costs with the square of the steps: so much work in all, and three dives at the least. A step of the method; estimate. */
const WORK = 400_000;
const DIVES = 3;
/** Windows longer than this do not press, minutes. Estimate. */
const LONG = 1440;

interface Arc {
  readonly to: number;
  readonly gap: Minutes;
}

/** Bounds between starts, both ways, and what comes before what. */
function arcsOf({ minutes, lags }: Cluster): { out: Arc[][]; before: number[][] } {
  const out: Arc[][] = minutes.map(() => []);
  const before: number[][] = minutes.map(() => []);
  for (const l of lags) {
    out[l.from]!.push({ to: l.to, gap: minutes[l.from]! + l.least });
    before[l.to]!.push(l.from);
    if (l.most !== undefined) out[l.to]!.push({ to: l.from, gap: -(minutes[l.from]! + l.most) });
  }
  return { out, before };
}

/**
 * Earliest starts with this chain of steps one after another and everything else after its last: every rule only pushes starts later,
 * so the first common fixpoint is the earliest timetable, or there is none.
 */
function earliest(
  inside: Cluster,
  out: readonly (readonly Arc[])[],
  chain: readonly number[],
  from: Float64Array,
): Float64Array | undefined {
  const n = inside.minutes.length;
  const start = from.slice();
  const next = new Int32Array(n).fill(-1);
  const placed = new Uint8Array(n);
  for (let k = 0; k < chain.length; k++) {
    placed[chain[k]!] = 1;
    if (k + 1 < chain.length) next[chain[k]!] = chain[k + 1]!;
  }
  const last = chain[chain.length - 1] ?? -1;
  const queue: number[] = [];
  const queued = new Uint8Array(n);
  const touch = (i: number) => {
    if (queued[i]) return;
    queued[i] = 1;
    queue.push(i);
  };
  const push = (i: number, t: number) => {
    if (t <= start[i]!) return;
    start[i] = t;
    touch(i);
  };
  for (let i = 0; i < n; i++) touch(i);
  for (let work = 0; queue.length > 0; work++) {
    if (work > 60 * n + 400) return undefined;
    const i = queue.pop()!;
    queued[i] = 0;
    for (const a of out[i]!) push(a.to, start[i]! + a.gap);
    const end = start[i]! + inside.minutes[i]!;
    if (next[i]! >= 0) push(next[i]!, end + inside.wash(i, next[i]!));
    else if (i === last) for (let k = 0; k < n; k++) if (!placed[k]) push(k, end);
  }
  return start;
}

/** Windows used up: to the last minute counts 1, half of it an eighth. */
const pressed = ({ minutes, lags }: Cluster, start: Float64Array): number =>
  lags.reduce((sum, { from, to, most }) => {
    if (most === undefined || most >= LONG) return sum;
    const used = Math.max(0, start[to]! - start[from]! - minutes[from]!);
    return sum + (used / Math.max(1, most)) ** 3;
  }, 0);

/** Longest way from the start of a step to the end of all, by what must follow. */
function tailsOf({ minutes }: Cluster, out: readonly (readonly Arc[])[]): Float64Array {
  const tail = Float64Array.from(minutes);
  for (let round = 0, moved = true; moved && round <= minutes.length; round++) {
    moved = false;
    out.forEach((arcs, i) => {
      for (const { to, gap } of arcs)
        if (gap >= 0 && gap + tail[to]! > tail[i]!) {
          tail[i] = gap + tail[to]!;
          moved = true;
        }
    });
  }
  return tail;
}

/**
 * The shortest order in which one pair of hands keeps every lag of a cluster, as if its sitting had no end, and of those the calmest:
 * depth first over orders, each prefix propagated, bounded by the work that is left (branch and bound).
 * @returns `none` where every order was looked at and none will do; undefined where none was found within the effort
 */
export function arranged(inside: Cluster): Arranged | 'none' | undefined {
  const n = inside.minutes.length;
  const { out, before } = arcsOf(inside);
  const tail = tailsOf(inside, out);
  const placed = new Uint8Array(n);
  const chain: number[] = [];
  let best: { start: Float64Array; end: number; used: number } | undefined;
  let nodes = 0;
  const most = Math.max(DIVES * n, Math.min(MOST_NODES, WORK / (n * n)));
  const endOf = (start: Float64Array) => start.reduce((m, t, i) => Math.max(m, t + inside.minutes[i]!), 0);
  const go = (start: Float64Array, left: number): void => {
    if (++nodes > most) return;
    if (chain.length === n) {
      const end = endOf(start);
      const used = pressed(inside, start);
      if (!best || end < best.end - 1e-9 || (end <= best.end + 1e-9 && used < best.used))
        best = { start, end, used };
      return;
    }
    const ready: number[] = [];
    for (let i = 0; i < n; i++) if (!placed[i] && before[i]!.every((b) => placed[b])) ready.push(i);
    ready.sort((a, b) => start[a]! - tail[a]! - (start[b]! - tail[b]!) || a - b);
    for (const i of ready) {
      chain.push(i);
      const then = earliest(inside, out, chain, start);
      if (then) {
        let bound = then[i]! + left;
        for (let k = 0; k < n; k++) if (!placed[k]) bound = Math.max(bound, then[k]! + tail[k]!);
        if (!best || bound <= best.end + 1e-9) {
          placed[i] = 1;
          go(then, left - inside.minutes[i]!);
          placed[i] = 0;
        }
      }
      chain.pop();
      if (nodes > most) return;
    }
  };
  const first = earliest(inside, out, [], new Float64Array(n));
  if (first)
    go(
      first,
      inside.minutes.reduce((a, b) => a + b, 0),
    );
  if (!best) return nodes > most ? undefined : 'none';
  const { start, end } = best;
  const begins = start.reduce((m, t) => Math.min(m, t), Infinity);
  return { start: [...start].map((t) => t - begins), long: end - begins };
}
