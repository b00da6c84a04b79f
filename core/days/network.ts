import { quantileOf } from '../joins/index.ts';
import { LOOKED_AT } from './levels.ts';
import { readStepId } from '../record/index.ts';
import { formatTime, type Minutes } from '../quantity/index.ts';
import type { Link, Work } from './types.ts';

/** One bound between two starts: start(to) − start(from) ≥ gap. A window is an edge back with a negative gap. */
export interface Arc {
  readonly from: number;
  readonly to: number;
  readonly gap: Minutes;
  /** Which link it came from. */
  readonly link: number;
  readonly closes: boolean;
}

export interface Network {
  readonly minutes: readonly Minutes[];
  readonly edges: readonly Arc[];
  readonly due: Minutes;
}

/** A wait that is never over is planned as this long, and said; three weeks. */
export const NEVER_MINUTES = 21 * 1440;

/** How surely what is looked at is over when it is planned: more surely in a plan that has to be safer. */
const lookedAt = (caution: number): number => LOOKED_AT + 0.2 * Math.max(0, caution - 0.5);

/** Length a wait is planned on: likely plus a share of what makes it slow. */
export const plannedWait = (link: Link, caution: number): Minutes => {
  const { likely, slow } = link.band;
  if (!Number.isFinite(likely)) return NEVER_MINUTES;
  if (link.looked) return Math.ceil(quantileOf(link.band, lookedAt(caution)));
  const late = Number.isFinite(slow) ? slow : likely * 2.5;
  return Math.min(NEVER_MINUTES, Math.ceil(likely + caution * (late - likely)));
};

/** Windows are planned on their shortest, but never shorter than it takes to reach for the tool. */
export const plannedWindow = (link: Link): Minutes =>
  Math.max(1, Math.floor(link.level === undefined ? link.band.fast : quantileOf(link.band, 1 - link.level)));

/** Turn steps and links into bounds between starts, each step as quick as anybody does it. */
export function networkOf(work: Work, caution: number): Network {
  const minutes = work.steps.map((s) => {
    const paces = work.people.filter((p) => !p.does || p.does.includes(s.kind)).map((p) => p.pace);
    return s.hands === undefined || s.hands === 1 ? Math.ceil(s.minutes * Math.min(1, ...paces)) : s.minutes;
  });
  const index = new Map(work.steps.map((s, i) => [s.id, i]));
  const edges: Arc[] = [];
  work.links.forEach((link, k) => {
    const from = index.get(link.from);
    const to = index.get(link.to);
    if (from === undefined || to === undefined)
      throw new Error(`link names a step that is not there: ${link.from} → ${link.to}`);
    const d = minutes[from]!;
    if (link.kind === 'window') {
      edges.push({ from, to, gap: d, link: k, closes: false });
      const open = plannedWindow(link);
      edges.push({ from: to, to: from, gap: -(open + d), link: k, closes: true });
    } else {
      const wait = link.kind === 'order' ? 0 : plannedWait(link, caution);
      edges.push({ from, to, gap: d + wait, link: k, closes: false });
    }
  });
  return { minutes, edges, due: work.due };
}

export interface Contradiction {
  /** Minutes by which it cannot be. */
  readonly excess: Minutes;
  readonly lines: readonly string[];
  readonly text: string;
  /** The bounds that go round in a circle. */
  readonly cycle: readonly Arc[];
}

/** Longest paths by Bellman–Ford; a cycle that gains time is a contradiction, told in the person's words. */
export function contradiction(work: Work, network: Network): Contradiction | undefined {
  const n = network.minutes.length;
  const at = new Array<number>(n).fill(0);
  const by = new Array<Arc | undefined>(n).fill(undefined);
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
  const cycle: Arc[] = [];
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
      : `${title(e.from)} comes before ${title(e.to)}${link.why === 'in this order' ? '' : `: ${link.why}`}`;
  });
  const windows = cycle.filter((e) => e.closes).map((e) => work.links[e.link]!);
  const waits = cycle
    .filter((e) => !e.closes)
    .map((e) => ({ link: work.links[e.link]!, long: e.gap - network.minutes[e.from]! }))
    .filter((w) => w.long > 0)
    .sort((a, b) => b.long - a.long);
  return {
    cycle,
    excess,
    lines: [...lines, ...waysOut(work, windows, waits[0]?.link, cycle, excess)],
    text: windows.length
      ? `This cannot be done: what has to happen inside the window takes ${formatTime(excess)} longer than it stays open.`
      : 'These steps each wait for the other.',
  };
}

/** Up to three ways out of a contradiction: keep the window open, shorten the wait, or take something out of the order. */
function waysOut(
  work: Work,
  windows: readonly Link[],
  longest: Link | undefined,
  cycle: readonly Arc[],
  excess: Minutes,
): string[] {
  const out: string[] = [];
  const title = (i: number) => `“${work.steps[i]!.title}”`;
  if (windows[0])
    out.push(
      `Way out: keep it open for ${formatTime(excess)} longer, in a bag between steps or with a softer paste (${windows[0].why}).`,
    );
  if (longest) out.push(`Way out: shorten a wait, with a stick, a brace or drier air (${longest.why}).`);
  const isOwn = (i: number): boolean => readStepId(work.steps[i]!.id)?.task === 'own';
  const own = cycle.find((e) => isOwn(e.from) || isOwn(e.to));
  if (own) {
    const mine = isOwn(own.from) ? own.from : own.to;
    const first = cycle.find((e) => e.from === mine);
    out.push(
      `Way out: do ${title(mine)} earlier${first ? `, before ${title(first.to)}` : ''}; what covers it comes after.`,
    );
  } else if (windows[0]) {
    const inner = cycle.find((e) => !e.closes && work.links[e.link] !== windows[0]);
    if (inner) out.push(`Way out: do ${title(inner.from)} before the window opens.`);
  }
  return out.slice(0, 3);
}
