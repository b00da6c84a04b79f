import FlatQueue from 'flatqueue';
import type { SchedulingProblem } from './problem.ts';

/** Windows shorter than this tie steps together, minutes. */
const TIES = 1440;

/** What comes before what, and what short windows tie together. */
export interface Structure {
  readonly next: readonly (readonly number[])[];
  /** How many links lead into each step. */
  readonly into: Int32Array;
  /** Group of each step; a group of one is free. */
  readonly group: Int32Array;
  readonly members: readonly (readonly number[])[];
}

/** Groups of nodes that lead back to themselves; Tarjan's strongly connected components. */
export function components(next: readonly (readonly number[])[]): { group: Int32Array; members: number[][] } {
  const n = next.length;
  const index = new Int32Array(n).fill(-1);
  const low = new Int32Array(n);
  const group = new Int32Array(n).fill(-1);
  const members: number[][] = [];
  const stack: number[] = [];
  let counter = 0;
  for (let root = 0; root < n; root++) {
    if (index[root]! >= 0) continue;
    const walk: [node: number, child: number][] = [[root, 0]];
    while (walk.length > 0) {
      const frame = walk[walk.length - 1]!;
      const [v, child] = frame;
      if (child === 0) {
        index[v] = low[v] = counter++;
        stack.push(v);
      }
      if (child < next[v]!.length) {
        frame[1]++;
        const w = next[v]![child]!;
        if (index[w]! < 0) walk.push([w, 0]);
        else if (group[w]! < 0) low[v] = Math.min(low[v]!, index[w]!);
        continue;
      }
      walk.pop();
      const parent = walk.at(-1)?.[0];
      if (parent !== undefined) low[parent] = Math.min(low[parent]!, low[v]!);
      if (low[v] !== index[v]) continue;
      const own: number[] = [];
      let w: number;
      do {
        w = stack.pop()!;
        group[w] = members.length;
        own.push(w);
      } while (w !== v);
      members.push(own);
    }
  }
  return { group, members };
}

/** What a step's place in an order hangs on: what comes before it, and what windows tie together (strongly connected components). */
export function structureOf(p: SchedulingProblem): Structure {
  const next: number[][] = Array.from({ length: p.steps }, () => []);
  const tied: number[][] = Array.from({ length: p.steps }, () => []);
  const into = new Int32Array(p.steps);
  p.before.forEach((a, k) => {
    const b = p.after[k]!;
    next[a]!.push(b);
    tied[a]!.push(b);
    into[b]!++;
    if (p.most[k]! >= 0 && p.most[k]! < TIES) tied[b]!.push(a);
  });
  const { group, members } = components(tied);
  return { next, into, group, members };
}

/** Place of each by its key, the smaller index first where keys are equal: an order that does not hang on the queue. */
function ranksOf(keys: Float64Array): Int32Array {
  const ranks = new Int32Array(keys.length);
  Uint32Array.from(keys, (_, i) => i)
    .sort((a, b) => keys[a]! - keys[b]! || a - b)
    .forEach((i, rank) => (ranks[i] = rank));
  return ranks;
}

/** A priority queue of steps, the smallest rank first. */
function queueOf(ranks: Int32Array) {
  const queue = new FlatQueue<number>();
  return { push: (i: number) => queue.push(i, ranks[i]!), pop: () => queue.pop() };
}

/**
 * An order that respects every link, the smallest key first; unless `free`, what windows tie together stands together.
 * @returns fewer steps than there are where links run in a circle
 */
export function orderBy(s: Structure, keys: Float64Array, free: boolean): number[] {
  const n = s.into.length;
  const waiting = s.into.slice();
  const order: number[] = [];
  if (free) {
    const ready = queueOf(ranksOf(keys));
    for (let i = 0; i < n; i++) if (waiting[i] === 0) ready.push(i);
    for (let i = ready.pop(); i !== undefined; i = ready.pop()) {
      order.push(i);
      for (const j of s.next[i]!) if (--waiting[j]! === 0) ready.push(j);
    }
    return order;
  }
  // group by group; inside a group the links of the group alone decide
  const groups = s.members.length;
  const ranks = ranksOf(keys);
  const groupKeys = new Float64Array(groups).fill(Infinity);
  const groupWaits = new Int32Array(groups);
  for (let i = 0; i < n; i++) {
    const g = s.group[i]!;
    groupKeys[g] = Math.min(groupKeys[g]!, keys[i]!);
    for (const j of s.next[i]!) if (s.group[j] !== g) groupWaits[s.group[j]!]!++;
  }
  const ready = queueOf(ranksOf(groupKeys));
  for (let g = 0; g < groups; g++) if (groupWaits[g] === 0) ready.push(g);
  for (let g = ready.pop(); g !== undefined; g = ready.pop()) {
    const own = s.members[g]!;
    if (own.length === 1) order.push(own[0]!);
    else {
      const inner = new Map(own.map((i) => [i, 0]));
      for (const i of own) for (const j of s.next[i]!) if (inner.has(j)) inner.set(j, inner.get(j)! + 1);
      const heap = queueOf(ranks);
      for (const i of own) if (inner.get(i) === 0) heap.push(i);
      for (let i = heap.pop(); i !== undefined; i = heap.pop()) {
        order.push(i);
        for (const j of s.next[i]!) {
          const left = inner.get(j);
          if (left === undefined) continue;
          inner.set(j, left - 1);
          if (left === 1) heap.push(j);
        }
      }
    }
    for (const i of own)
      for (const j of s.next[i]!)
        if (s.group[j] !== g && --groupWaits[s.group[j]!]! === 0) ready.push(s.group[j]!);
  }
  return order;
}
