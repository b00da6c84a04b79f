import type { Minutes } from '../quantity/index.ts';
import { clusters, type Network } from './network.ts';
import type { Stretch } from './types.ts';

/** Starts found, or the steps for which no time could be found. */
export interface Generated {
  readonly start: readonly Minutes[];
  readonly unplaced: readonly number[];
}

const NONE = Number.POSITIVE_INFINITY;

/** One pair of hands: what it is busy with, in order of time. */
class Hands {
  private readonly busy: { from: Minutes; to: Minutes; step: number }[] = [];
  constructor(private readonly stretches: readonly Stretch[]) {}

  /** Earliest start ≥ t at which the hands have d free minutes inside one working stretch. */
  fit(t: Minutes, d: Minutes): Minutes {
    let low = 0;
    let high = this.stretches.length;
    while (low < high) {
      const mid = (low + high) >> 1;
      if (this.stretches[mid]!.to > t) high = mid;
      else low = mid + 1;
    }
    let b = this.after(t);
    for (let k = low; k < this.stretches.length; k++) {
      const stretch = this.stretches[k]!;
      let s = Math.max(t, stretch.from);
      while (s + d <= stretch.to) {
        while (b < this.busy.length && this.busy[b]!.to <= s) b++;
        const block = this.busy[b];
        if (!block || s + d <= block.from) return s;
        s = block.to;
      }
    }
    return NONE;
  }

  private after(t: Minutes): number {
    let low = 0;
    let high = this.busy.length;
    while (low < high) {
      const mid = (low + high) >> 1;
      if (this.busy[mid]!.to > t) high = mid;
      else low = mid + 1;
    }
    return low;
  }

  take(from: Minutes, to: Minutes, step: number): void {
    if (to > from) this.busy.splice(this.after(from), 0, { from, to, step });
  }

  release(step: number): void {
    const k = this.busy.findIndex((b) => b.step === step);
    if (k >= 0) this.busy.splice(k, 1);
  }
}

/** Steps in an order that respects every bound forwards; clusters together, the smallest key first. */
export function orderBy(network: Network, keys: readonly number[], group: readonly number[]): number[] {
  const n = network.minutes.length;
  const groupKey = new Map<number, number>();
  group.forEach((g, i) => groupKey.set(g, Math.min(groupKey.get(g) ?? NONE, keys[i]!)));
  const waiting = new Array<number>(n).fill(0);
  const next: number[][] = Array.from({ length: n }, () => []);
  for (const e of network.edges)
    if (!e.closes) {
      waiting[e.to]!++;
      next[e.from]!.push(e.to);
    }
  const ready: number[] = [];
  waiting.forEach((w, i) => {
    if (w === 0) ready.push(i);
  });
  const order: number[] = [];
  let current = -1;
  while (ready.length > 0) {
    let pick = 0;
    for (let k = 1; k < ready.length; k++) {
      const a = ready[k]!;
      const b = ready[pick]!;
      const aIn = group[a] === current;
      const bIn = group[b] === current;
      const better =
        aIn !== bIn
          ? aIn
          : groupKey.get(group[a]!)! - groupKey.get(group[b]!)! || keys[a]! - keys[b]! || a - b;
      if (better === true || (typeof better === 'number' && better < 0)) pick = k;
    }
    const [i] = ready.splice(pick, 1);
    current = group[i!]!;
    order.push(i!);
    for (const j of next[i!]!) if (--waiting[j]! === 0) ready.push(j);
  }
  return order;
}

/**
 * Serial generation with unscheduling: steps are placed one after the other at their earliest fitting time; when one
 * finds an earlier one too early for its window, that one is taken out with all that hangs on it and placed later.
 * @param keys priority of each step, smaller first
 */
export function generate(
  network: Network,
  stretches: readonly Stretch[],
  keys: readonly number[],
): Generated {
  const n = network.minutes.length;
  const hands = new Hands(stretches);
  const group = clusters(network);
  const order = orderBy(network, keys, group);
  if (order.length < n)
    return { start: new Array<number>(n).fill(0), unplaced: order.length ? [order[0]!] : [0] };
  const position = new Array<number>(n);
  order.forEach((i, k) => (position[i] = k));
  const into: { from: number; gap: number }[][] = Array.from({ length: n }, () => []);
  const out: { to: number; gap: number }[][] = Array.from({ length: n }, () => []);
  const after: number[][] = Array.from({ length: n }, () => []);
  for (const e of network.edges) {
    into[e.to]!.push({ from: e.from, gap: e.gap });
    out[e.from]!.push({ to: e.to, gap: e.gap });
    if (!e.closes) after[e.from]!.push(e.to);
  }
  const members = new Map<number, number[]>();
  group.forEach((g, i) => members.set(g, [...(members.get(g) ?? []), i]));

  const start = new Array<number>(n).fill(NONE);
  const raised = new Array<number>(n).fill(0);
  const unplaced: number[] = [];
  let kicks = 0;
  let k = 0;
  const unschedule = (first: number): void => {
    const queue = [...members.get(group[first]!)!, first];
    while (queue.length > 0) {
      const i = queue.pop()!;
      if (start[i] === NONE) continue;
      start[i] = NONE;
      hands.release(i);
      k = Math.min(k, position[i]!);
      queue.push(...after[i]!);
    }
  };
  while (k < n) {
    const i = order[k]!;
    if (start[i] !== NONE) {
      k++;
      continue;
    }
    let earliest = raised[i]!;
    for (const { from, gap } of into[i]!)
      if (start[from] !== NONE) earliest = Math.max(earliest, start[from]! + gap);
    const s = hands.fit(earliest, network.minutes[i]!);
    if (s === NONE) {
      unplaced.push(i);
      start[i] = earliest;
      k++;
      continue;
    }
    const tooEarly = out[i]!.filter(({ to, gap }) => start[to] !== NONE && start[to]! < s + gap);
    if (tooEarly.length > 0 && kicks < 30 * n + 200) {
      kicks++;
      for (const { to, gap } of tooEarly) {
        raised[to] = Math.max(raised[to]!, s + gap);
        unschedule(to);
      }
      continue;
    }
    if (tooEarly.length > 0) unplaced.push(i);
    start[i] = s;
    hands.take(s, s + network.minutes[i]!, i);
    k++;
  }
  return { start, unplaced };
}
