import { formatTime, type Minutes } from '../quantity/index.ts';
import { plannedWait, plannedWindow } from './network.ts';
import type { Stretch, Timetable, Work } from './types.ts';
import { washesOf } from './wash.ts';

/** Steps that are done: what they did is past, but what they left on a shelf is still there. */
export interface AlreadyDone {
  readonly done?: ReadonlySet<string>;
}

/**
 * Check a timetable against the work it is for, from the links themselves; shares nothing with what made it.
 * @returns a sentence for each thing that is wrong, none when the plan can be done
 */
export function validate(
  work: Work,
  table: Timetable,
  caution: number,
  { done = new Set() }: AlreadyDone = {},
): string[] {
  const wrong: string[] = [];
  const at = new Map(work.steps.map((s, i) => [s.id, table[i]!]));
  const open = work.steps.filter((s) => !done.has(s.id));
  for (const s of open) {
    const slot = at.get(s.id)!;
    if (!Number.isFinite(slot.from)) wrong.push(`${s.title} has no time`);
    if (slot.to > work.due)
      wrong.push(`${s.title} ends ${formatTime(slot.to - work.due)} after the due time`);
    if (s.fresh && slot.to < work.due - s.fresh.most * 60 - s.minutes)
      wrong.push(`${s.title} is too old when it is due`);
    const hands = s.hands ?? 1;
    if (slot.who.length !== hands) wrong.push(`${s.title} has ${slot.who.length} people for ${hands}`);
    const pace = hands === 1 ? (work.people[slot.who[0]!]?.pace ?? 1) : 1;
    if (slot.to - slot.from < Math.floor(s.minutes * pace)) wrong.push(`${s.title} is cut short`);
    for (const k of slot.who) {
      const p = work.people[k]!;
      if (p.does && !p.does.includes(s.kind)) wrong.push(`${s.title} is not for ${p.name}`);
      if (!inside(p.stretches, slot.from, slot.to)) wrong.push(`${s.title} lies outside the working hours`);
    }
    if (hands === 0 && !work.people.some((p) => inside(p.stretches, slot.from, slot.to)))
      wrong.push(`nobody is there while ${s.title}`);
  }
  const { colour, colours, wash } = washesOf(work.steps);
  work.people.forEach((p, k) => {
    const busy = work.steps
      .map((s, i) => ({ s, i, ...table[i]! }))
      .filter((x) => !done.has(x.s.id) && x.who.includes(k) && x.to > x.from)
      .sort((a, b) => a.from - b.from);
    busy.forEach((b, n) => {
      const a = busy[n - 1];
      if (!a) return;
      const need = wash[colour[a.i]! * colours + colour[b.i]!]!;
      if (b.from < a.to + need)
        wrong.push(
          `${p.name}: ${b.s.title} begins ${b.from - a.to} min after ${a.s.title}, which asks for ${need}`,
        );
    });
  });
  for (const link of work.links) {
    if (done.has(link.to)) continue;
    const gap = at.get(link.to)!.from - at.get(link.from)!.to;
    if (gap < 0) wrong.push(`${link.to} starts before ${link.from} ends`);
    if (link.kind === 'wait' && gap < plannedWait(link, caution))
      wrong.push(`${link.why}: ${gap} min instead of ${plannedWait(link, caution)}`);
    if (link.kind === 'window' && gap > plannedWindow(link))
      wrong.push(`${link.why}: ${gap} min, it closes after ${plannedWindow(link)}`);
  }
  for (const pool of work.pools) wrong.push(...overfull(work, at, pool, done));
  return wrong;
}

function inside(stretches: readonly Stretch[], from: Minutes, to: Minutes): boolean {
  let t = from;
  for (const s of [...stretches].sort((a, b) => a.from - b.from)) if (s.from <= t && s.to > t) t = s.to;
  return t >= to && (to > from || stretches.length > 0);
}

/** More taken than there is: tools while they are used, space from the end of one step to the start of another. */
function overfull(
  work: Work,
  at: ReadonlyMap<string, { from: Minutes; to: Minutes }>,
  pool: Work['pools'][number],
  done: ReadonlySet<string>,
): string[] {
  const changes: { t: Minutes; by: number; what: string }[] = [];
  const use = (from: Minutes, to: Minutes, by: number, what: string) => {
    if (to > from) changes.push({ t: from, by, what }, { t: to, by: -by, what });
  };
  for (const s of work.steps)
    if (!done.has(s.id) && s.tools?.some((t) => t === pool.id))
      use(at.get(s.id)!.from, at.get(s.id)!.to, 1, s.title);
  for (const l of work.links)
    if (l.hold?.space === pool.id && !done.has(l.to))
      use(at.get(l.from)!.to, at.get(l.to)!.from, l.hold.takes, l.why);
  changes.sort((a, b) => a.t - b.t || a.by - b.by);
  let now = 0;
  return changes.flatMap(({ t, by, what }) => {
    now += by;
    return by > 0 && now > pool.capacity + 1e-6
      ? [`${pool.name}: ${Math.round(now)} of ${pool.capacity} at ${t} (${what})`]
      : [];
  });
}
