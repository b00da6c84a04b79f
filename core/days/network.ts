import { formatTime, type Minutes } from '../quantity/index.ts';
import type { Link, Step, Work } from './types.ts';

/** One bound between two starts: start(to) − start(from) ≥ gap. A window is an edge back with a negative gap. */
export interface Edge {
  readonly from: number;
  readonly to: number;
  readonly gap: Minutes;
  /** Which link it came from. */
  readonly link: number;
  readonly closes: boolean;
}

export interface Network {
  readonly minutes: readonly Minutes[];
  readonly edges: readonly Edge[];
  readonly due: Minutes;
}

/** A wait that is never over is planned as this long, and said; three weeks. */
export const NEVER_MINUTES = 21 * 1440;

/** Length a wait is planned on: likely plus a share of what makes it slow. */
export const plannedWait = (link: Link, caution: number): Minutes => {
  const { likely, slow } = link.band;
  if (!Number.isFinite(likely)) return NEVER_MINUTES;
  const late = Number.isFinite(slow) ? slow : likely * 2.5;
  return Math.min(NEVER_MINUTES, Math.ceil(likely + caution * (late - likely)));
};

/** Windows are planned on their shortest, but never shorter than it takes to reach for the tool. */
export const plannedWindow = (link: Link): Minutes => Math.max(1, Math.floor(link.band.fast));

/** Turn steps and links into bounds between starts. */
export function networkOf(work: Work, caution: number, lengths?: (link: number) => Minutes): Network {
  const index = new Map(work.steps.map((s, i) => [s.id, i]));
  const edges: Edge[] = [];
  work.links.forEach((link, k) => {
    const from = index.get(link.from);
    const to = index.get(link.to);
    if (from === undefined || to === undefined)
      throw new Error(`link names a step that is not there: ${link.from} → ${link.to}`);
    const d = work.steps[from]!.minutes;
    if (link.kind === 'window') {
      edges.push({ from, to, gap: d, link: k, closes: false });
      const open = plannedWindow(link);
      edges.push({ from: to, to: from, gap: -(open + d), link: k, closes: true });
    } else {
      const wait = link.kind === 'order' ? 0 : (lengths?.(k) ?? plannedWait(link, caution));
      edges.push({ from, to, gap: d + wait, link: k, closes: false });
    }
  });
  return { minutes: work.steps.map((s) => s.minutes), edges, due: work.due };
}

/** Time run backwards: start′ = due − end. Planning forwards in the mirror is planning backwards from the due time. */
export const mirrorNetwork = (n: Network): Network => ({
  ...n,
  edges: n.edges.map((e) => ({
    ...e,
    from: e.to,
    to: e.from,
    gap: e.gap + n.minutes[e.to]! - n.minutes[e.from]!,
  })),
});

export interface Contradiction {
  /** Minutes by which it cannot be. */
  readonly excess: Minutes;
  readonly lines: readonly string[];
  readonly text: string;
}

/** Longest paths by Bellman–Ford; a cycle that gains time is a contradiction, told in the person's words. */
export function contradiction(work: Work, network: Network): Contradiction | undefined {
  const n = network.minutes.length;
  const at = new Array<number>(n).fill(0);
  const by = new Array<Edge | undefined>(n).fill(undefined);
  let touched = -1;
  for (let round = 0; round <= n; round++) {
    touched = -1;
    for (const e of network.edges) {
      const t = at[e.from]! + e.gap;
      if (t > at[e.to]!) {
        at[e.to] = t;
        by[e.to] = e;
        touched = e.to;
      }
    }
    if (touched < 0) return undefined;
  }
  // after n rounds the last touched node hangs off a cycle: walk back into it, then round it once
  let node = touched;
  for (let i = 0; i < n; i++) node = by[node]!.from;
  const cycle: Edge[] = [];
  let walk = node;
  do {
    const e = by[walk]!;
    cycle.unshift(e);
    walk = e.from;
  } while (walk !== node);
  const excess = cycle.reduce((sum, e) => sum + e.gap, 0);
  const title = (i: number) => `“${work.steps[i]!.title}”`;
  const lines = cycle.map((e) => {
    const link = work.links[e.link]!;
    if (e.closes)
      return `${link.why}: at most ${formatTime(-e.gap - network.minutes[e.to]!)} after ${title(e.to)}`;
    const wait = e.gap - network.minutes[e.from]!;
    return wait > 0
      ? `${link.why}: at least ${formatTime(wait)} after ${title(e.from)}`
      : `${title(e.from)} comes before ${title(e.to)}`;
  });
  const windows = cycle.filter((e) => e.closes).length;
  return {
    excess,
    lines,
    text: windows
      ? `This cannot be done by ${formatTime(excess)}: what has to happen inside the window takes longer than it stays open.`
      : 'These steps each wait for the other.',
  };
}

/** Groups of steps tied together by short windows, so that they are placed as one; Tarjan's components. */
export function clusters(network: Network, shorterThan: Minutes = 1440): number[] {
  const n = network.minutes.length;
  const next: number[][] = Array.from({ length: n }, () => []);
  for (const e of network.edges) if (!e.closes || -e.gap < shorterThan) next[e.from]!.push(e.to);
  const index = new Array<number>(n).fill(-1);
  const low = new Array<number>(n).fill(0);
  const group = new Array<number>(n).fill(-1);
  const stack: number[] = [];
  let counter = 0;
  let groups = 0;
  for (let root = 0; root < n; root++) {
    if (index[root]! >= 0) continue;
    const work: [node: number, child: number][] = [[root, 0]];
    while (work.length > 0) {
      const frame = work[work.length - 1]!;
      const [v, child] = frame;
      if (child === 0) {
        index[v] = low[v] = counter++;
        stack.push(v);
      }
      if (child < next[v]!.length) {
        frame[1]++;
        const w = next[v]![child]!;
        if (index[w]! < 0) work.push([w, 0]);
        else if (group[w]! < 0) low[v] = Math.min(low[v]!, index[w]!);
      } else {
        work.pop();
        const parent = work.at(-1)?.[0];
        if (parent !== undefined) low[parent] = Math.min(low[parent]!, low[v]!);
        if (low[v] === index[v]) {
          let w: number;
          do {
            w = stack.pop()!;
            group[w] = groups;
          } while (w !== v);
          groups++;
        }
      }
    }
  }
  return group;
}

export type { Step };
