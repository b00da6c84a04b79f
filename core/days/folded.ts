import type { Minutes } from '../quantity/index.ts';
import { merged } from './calendar.ts';
import { plannedWait, plannedWindow } from './network.ts';
import { arranged, type Arranged, type Cluster } from './search/inside.ts';
import { components } from './search/order.ts';
import { plannedMinutes } from './search/problem.ts';
import type { Link, Step, Timetable, Work } from './types.ts';
import { washesOf } from './wash.ts';

/** Windows shorter than this tie steps together, minutes. Estimate. */
const TIES: Minutes = 1440;

/** Work in which each cluster is one step, and the way back to the steps themselves. */
export interface Folded {
  readonly work: Work;
  /** Undefined where nothing was folded. */
  readonly unfold: ((table: Timetable) => Timetable) | undefined;
  /** Every cluster there is was folded. */
  readonly all: boolean;
  /** Some cluster cannot be kept by one pair of hands: no plan has to be looked for. */
  readonly never: boolean;
}

/** Steps arranged as one. */
interface Composite {
  readonly members: readonly number[];
  /** Starts of the members from its own, and how long it is. */
  readonly at: Arranged;
  readonly minutes: readonly Minutes[];
  readonly step: Step;
}

/**
 * Clusters: what short windows tie together and all that has to happen in between, the strongly connected parts of the graph with
 * every link forwards and every short window backwards as well. Tarjan's components.
 */
function clustersOf(work: Work): number[][] {
  const index = new Map(work.steps.map((s, i) => [s.id, i]));
  const next: number[][] = work.steps.map(() => []);
  for (const l of work.links) {
    const [a, b] = [index.get(l.from)!, index.get(l.to)!];
    next[a]!.push(b);
    if (l.kind === 'window' && plannedWindow(l) < TIES) next[b]!.push(a);
  }
  return components(next)
    .members.filter((m) => m.length > 1)
    .map((m) => [...m].sort((a, b) => a - b));
}

/** The shortest time away from the bench, minutes. */
const shortestBreak = ({ people }: Work): Minutes => {
  const all = merged(people[0]?.stretches ?? []);
  return all.slice(1).reduce((m, s, k) => Math.min(m, s.from - all[k]!.to), Infinity);
};

const longestStretch = ({ people }: Work): Minutes =>
  merged(people[0]?.stretches ?? []).reduce((m, s) => Math.max(m, s.to - s.from), 0);

const known = new Map<string, ReturnType<typeof arranged>>();
/** A step of the method; estimate. */
const MOST_KEPT = 400;

/** Arranged once: the same cluster is asked for again at every look. */
function kept(inside: Cluster): ReturnType<typeof arranged> {
  const washes = inside.minutes.map((_, a) => inside.minutes.map((__, b) => inside.wash(a, b)));
  const key = JSON.stringify([inside.minutes, inside.lags, washes]);
  if (!known.has(key)) {
    if (known.size >= MOST_KEPT) known.clear();
    known.set(key, arranged(inside));
  }
  return known.get(key);
}

/** A kind of step that whoever does it does all of the cluster; undefined where nobody does. */
function kindOf(work: Work, members: readonly number[]): Step['kind'] | undefined {
  const kinds = [...new Set(members.map((i) => work.steps[i]!.kind))];
  const does = (k: Step['kind']) => work.people.filter((p) => !p.does || p.does.includes(k));
  // who is slower than the plan would take it apart
  const all = work.people.filter((p) => p.pace === 1 && (!p.does || kinds.every((k) => p.does!.includes(k))));
  return all.length === 0 ? undefined : kinds.find((k) => does(k).every((p) => all.includes(p)));
}

/**
 * A cluster as one step. `none` where one pair of hands cannot keep its windows in any order, or not in the longest stretch there is
 * though they are all shorter than any break: every cut of a cluster in time has a window over it.
 * @returns undefined where it has to be left to its steps
 */
function compositeOf(
  work: Work,
  members: readonly number[],
  caution: number,
): Composite | 'none' | undefined {
  const steps = members.map((i) => work.steps[i]!);
  const kind = kindOf(work, members);
  if (kind === undefined || steps.some((s) => (s.hands ?? 1) !== 1 || s.fresh)) return undefined;
  const place = new Map(steps.map((s, k) => [s.id, k]));
  const inner = work.links.filter((l) => place.has(l.from) && place.has(l.to));
  if (inner.some((l) => l.hold && work.pools.some((p) => p.id === l.hold!.space))) return undefined;
  const { colour, colours, wash } = washesOf(steps);
  const between = (a: number, b: number): Minutes => wash[a * colours + b]!;
  const minutes = steps.map((s) => plannedMinutes(s.minutes, 1, caution));
  const found = kept({
    minutes,
    lags: inner.map((l) => ({
      from: place.get(l.from)!,
      to: place.get(l.to)!,
      least: l.kind === 'wait' ? plannedWait(l, caution) : 0,
      most: l.kind === 'window' ? plannedWindow(l) : undefined,
    })),
    wash: (a, b) => between(colour[a]!, colour[b]!),
  });
  if (found === undefined || found === 'none') return found;
  const order = [...steps.keys()].sort((a, b) => found.start[a]! - found.start[b]!);
  const [first, last] = [order[0]!, order[order.length - 1]!];
  // begun and ended in one colour it is that colour; else hands are clean before it and after it
  const plain = colour[first] !== colour[last];
  const lead = plain ? between(0, colour[first]!) : 0;
  const at: Arranged = {
    start: found.start.map((t) => t + lead),
    long: lead + found.long + (plain ? between(colour[last]!, 0) : 0),
  };
  if (at.long > longestStretch(work)) {
    const over = shortestBreak(work);
    const alone = work.people.length === 1;
    return alone &&
      inner.every((l) => l.kind !== 'window' || plannedWindow(l) >= TIES || plannedWindow(l) < over)
      ? 'none'
      : undefined;
  }
  const tools = [...new Set(steps.flatMap((s) => s.tools ?? []))];
  const hex = steps[first]!.colour;
  return {
    members,
    at,
    minutes,
    step: {
      id: steps[0]!.id,
      kind,
      title: steps[first]!.title,
      notes: [],
      // the planner makes it longer again by the caution of the plan
      minutes: (at.long / plannedMinutes(1000, 1, caution)) * 1000,
      ...(!plain && hex ? { colour: hex } : {}),
      ...(tools.length > 0 ? { tools } : {}),
    },
  };
}

/** A link of a member as one of its composite: planned, and so much sooner as lies between the member and its composite's ends. */
function moved(l: Link, from: Composite | undefined, to: Composite | undefined, { work, caution }: At): Link {
  const place = (c: Composite, id: string) => c.members.findIndex((i) => work.steps[i]!.id === id);
  const k = from ? place(from, l.from) : -1;
  const after = from ? from.at.long - from.at.start[k]! - from.minutes[k]! : 0;
  const before = to ? to.at.start[place(to, l.to)]! : 0;
  const planned = l.kind === 'order' ? 0 : l.kind === 'wait' ? plannedWait(l, caution) : plannedWindow(l);
  const left = Math.max(0, planned - after - before);
  const { level: _level, looked: _looked, ...rest } = l;
  return {
    ...rest,
    from: from ? from.step.id : l.from,
    to: to ? to.step.id : l.to,
    band: { fast: left, likely: left, slow: left },
  };
}
interface At {
  readonly work: Work;
  readonly caution: number;
}

/**
 * Each cluster arranged by itself and taken as one step with fixed places inside: windows of minutes are then no matter of the search
 * over days. What cannot be arranged, is done, pinned or takes more than one pair of hands stays as it is.
 * @param apart steps that lie already
 */
export function folded(work: Work, caution: number, apart: ReadonlySet<number>): Folded {
  const clusters = clustersOf(work);
  const tried = clusters
    .filter((m) => !m.some((i) => apart.has(i)))
    .map((m) => compositeOf(work, m, caution));
  const composites = tried.filter((c) => c !== undefined && c !== 'none');
  const all = composites.length === clusters.length;
  const never = tried.includes('none');
  if (composites.length === 0) return { work, unfold: undefined, all, never };
  const of = new Map(composites.flatMap((c) => c.members.map((i) => [work.steps[i]!.id, c] as const)));
  const steps = work.steps.flatMap((s): Step[] => {
    const c = of.get(s.id);
    return c ? (c.step.id === s.id ? [c.step] : []) : [s];
  });
  const links = work.links.flatMap((l): Link[] => {
    const [a, b] = [of.get(l.from), of.get(l.to)];
    return a && a === b ? [] : a || b ? [moved(l, a, b, { work, caution })] : [l];
  });
  const place = new Map(steps.map((s, i) => [s.id, i]));
  return {
    work: { ...work, steps, links },
    all,
    never,
    unfold: (table) =>
      work.steps.map((s, i) => {
        const c = of.get(s.id);
        const slot = table[place.get(c ? c.step.id : s.id)!]!;
        if (!c) return slot;
        const from = slot.from + c.at.start[c.members.indexOf(i)]!;
        const pace = work.people[slot.who[0] ?? 0]?.pace ?? 1;
        return { ...slot, from, to: from + plannedMinutes(s.minutes, pace, caution) };
      }),
  };
}
