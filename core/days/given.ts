import { formatTime, type Minutes } from '../quantity/index.ts';
import type { PartsOf, Rather } from '../record/index.ts';
import { CLOSING, QUESTIONS, type Question } from '../firming/index.ts';
import { atBenchUntil, minuteOf, minuteOfLocal, toldTime, type Origin } from './calendar.ts';
import { plannedWait, plannedWindow } from './network.ts';
import type { Fixed, Limits } from './search/problem.ts';
import type { Link, Work } from './types.ts';

/** What the clock and the bench have decided already. */
export interface Given {
  /** Steps that begin at a certain time. */
  readonly pins?: ReadonlyMap<string, Minutes>;
  /** Steps that are done, and when each ended. */
  readonly ended?: ReadonlyMap<string, Minutes>;
  /** The present, or the moment from which the rest was planned anew: nothing that is not done lies before it. */
  readonly from?: Minutes;
  /** Until when somebody is at the bench now. */
  readonly here?: Minutes;
  /** Something is ticked off, or the rest was planned anew: work goes on. */
  readonly begun?: boolean;
  readonly rather?: Rather;
  /** Starts agreed on, from which a new plan keeps as many as it can. */
  readonly agreed?: ReadonlyMap<string, Minutes>;
  /** What was said of pieces by touch, by their ids, in the order it was said. */
  readonly said?: ReadonlyMap<string, readonly Touch[]>;
}

/** What a finger found, and when. */
export interface Touch {
  readonly at: Minutes;
  readonly question: Question;
  readonly firm: boolean;
}

/** Who looked and saw that it is not firm looks again after this share of the time it has had, and this at the least. */
const LOOK_AGAIN = 0.2;
const LOOK_AGAIN_AFTER: Minutes = 15;

/** How long after a look that found it not firm the next one is worth while. @param had minutes it had had by then */
export const looksAgainAfter = (had: Minutes): Minutes => Math.max(LOOK_AGAIN_AFTER, LOOK_AGAIN * had);

/**
 * What a build says of that: its pins, the plan that was taken and, where it is known what time it is, what is ticked off.
 * @param now the present instant, ms; without it the plan keeps its own days until the rest was planned anew
 */
export function givenOf({ steps, bench }: PartsOf<'steps' | 'bench'>, origin: Origin, now?: number): Given {
  const local = (at: Readonly<Record<string, string>>) =>
    new Map(Object.entries(at).map(([id, t]) => [id, minuteOfLocal(origin, t)]));
  const own = {
    pins: local(steps.pins ?? {}),
    ...(steps.rather ? { rather: steps.rather } : {}),
    ...(steps.agreed ? { agreed: local(steps.agreed) } : {}),
  };
  if (bench.from === undefined && now === undefined) return own;
  const until = now === undefined ? undefined : atBenchUntil({ bench }, now);
  const from = Math.max(now ?? -Infinity, bench.from === undefined ? -Infinity : Date.parse(bench.from));
  return {
    ...own,
    said: saidOf(bench, origin),
    from: Math.max(0, Math.ceil(minuteOf(origin, from))),
    ...(until === undefined ? {} : { here: Math.floor(minuteOf(origin, until)) }),
    begun: bench.from !== undefined || bench.done.length > 0,
    ended: new Map(bench.done.map((d) => [d.step, Math.floor(minuteOf(origin, Date.parse(d.at)))])),
  };
}

function saidOf({ said = [] }: PartsOf<'bench'>['bench'], origin: Origin): Map<string, Touch[]> {
  const by = new Map<string, Touch[]>();
  for (const s of said)
    by.set(s.piece, [
      ...(by.get(s.piece) ?? []),
      {
        at: Math.ceil(minuteOf(origin, Date.parse(s.at))),
        question: s.question as Question,
        firm: s.firm,
      },
    ]);
  return by;
}

const lastOf = (said: readonly Touch[] = [], fits: (t: Touch) => boolean): Touch | undefined =>
  [...said].reverse().find(fits);

/** What is firm enough for one thing is for everything before it in this list. */
const FIRMER = QUESTIONS.filter((q) => !CLOSING.has(q));

/**
 * Whether the last word on a piece is that it is firm enough for what a wait asks of it, said since the wait began: then
 * it is over, whatever was reckoned.
 */
export function saidFirm(
  link: Pick<Link, 'piece' | 'asks'>,
  since: Minutes,
  said: Given['said'],
): Touch | undefined {
  if (link.piece === undefined || link.asks === undefined) return undefined;
  const last = lastOf(said?.get(link.piece), (t) => t.at >= since);
  return last?.firm && FIRMER.indexOf(last.question) >= FIRMER.indexOf(link.asks) ? last : undefined;
}

/** Work with what is done in it: which steps those are, and what windows have closed meanwhile. */
export interface Remaining {
  readonly work: Work;
  readonly done: ReadonlySet<number>;
  readonly missed: readonly string[];
}

/** What is left of some work: links that no longer ask for anything let go, with a sentence for each missed window. */
export function remaining(work: Work, { ended, from, said }: Given): Remaining {
  if (from === undefined || !ended) return { work, done: new Set(), missed: [] };
  const done = new Set(work.steps.flatMap((s, i) => (ended.has(s.id) ? [i] : [])));
  const missed: string[] = [];
  const keeps = (l: Link): boolean => {
    const at = ended.get(l.from);
    if (ended.has(l.to)) return false;
    if (at === undefined) return true;
    if (l.kind === 'wait') return !saidFirm(l, at, said);
    if (l.kind !== 'window') return true;
    if (at + plannedWindow(l) >= from) return true;
    missed.push(`Missed: ${l.why}. See whether it can still be done, or make it again.`);
    return false;
  };
  const links = work.links.filter(keeps).map((l) => longer(l, ended, said));
  return { work: { ...work, links }, done, missed: [...new Set(missed)] };
}

/** A wait that goes on because the piece was looked at and was not firm yet. */
function longer(l: Link, ended: ReadonlyMap<string, Minutes>, said: Given['said']): Link {
  const since = ended.get(l.from);
  const seen = l.piece === undefined ? undefined : lastOf(said?.get(l.piece), (t) => !t.firm)?.at;
  if (l.kind !== 'wait' || since === undefined || seen === undefined || seen <= since) return l;
  const had = seen - since;
  // what was over long before was not what was looked for
  if (2 * l.band.slow < had) return l;
  const least = had + looksAgainAfter(had);
  const { fast, likely, slow } = l.band;
  return {
    ...l,
    band: { fast: Math.max(fast, least), likely: Math.max(likely, least), slow: Math.max(slow, least) },
  };
}

/** Limits that what is done and what is pinned put on some work. */
export function limitsOf(work: Work, given: Given): Limits {
  const fixed = new Map<number, Fixed>();
  work.steps.forEach((s, i) => {
    const ended = given.from === undefined ? undefined : given.ended?.get(s.id);
    const pin = given.pins?.get(s.id);
    if (ended !== undefined) fixed.set(i, { from: ended, to: ended, busy: false });
    else if (pin !== undefined) fixed.set(i, { from: pin, to: pin + s.minutes, busy: true });
  });
  return {
    ...(given.from === undefined ? {} : { from: work.steps.map(() => given.from!) }),
    fixed,
  };
}

/** Pins that cannot be, in the person's words: outside working hours, in the past, on top of each other, out of order. */
export function pinTrouble(work: Work, given: Given, origin: Origin): string[] {
  const out: string[] = [];
  const pinned = work.steps.flatMap((s) => {
    const at = given.pins?.get(s.id);
    return at === undefined || given.ended?.has(s.id) ? [] : [{ s, at, to: at + s.minutes }];
  });
  for (const { s, at, to } of pinned) {
    const when = toldTime(origin, at);
    if (given.from !== undefined && at < given.from)
      out.push(`“${s.title}” is pinned to ${when}, which has passed. Take the pin out or move it.`);
    if (!work.people.some((p) => covers(p.stretches, at, to)))
      out.push(
        `“${s.title}” is pinned to ${when} and takes ${formatTime(s.minutes)}: that does not lie in the working hours. Move the pin or add hours.`,
      );
    if (to > work.due)
      out.push(`“${s.title}” is pinned to ${when}, after it is due. Move the pin or the due time.`);
  }
  const sorted = [...pinned].sort((a, b) => a.at - b.at);
  sorted.forEach((b, k) => {
    const a = sorted[k - 1];
    if (a && a.to > b.at)
      out.push(`“${a.s.title}” and “${b.s.title}” are pinned on top of each other: move one of the pins.`);
  });
  const at = new Map(pinned.map((p) => [p.s.id, p]));
  for (const l of work.links) {
    const a = at.get(l.from);
    const b = at.get(l.to);
    if (!a || !b) continue;
    const need = l.kind === 'wait' ? plannedWait(l, 0) : 0;
    if (b.at < a.to + need)
      out.push(
        `“${b.s.title}” is pinned ${formatTime(Math.abs(b.at - a.to))} ${b.at < a.to ? 'before' : 'after'} the end of “${a.s.title}”${need > 0 ? `, and ${l.why}: ${formatTime(need)}` : ''}. Move one of the pins.`,
      );
    if (l.kind === 'window' && b.at > a.to + plannedWindow(l))
      out.push(`“${b.s.title}” is pinned too late after “${a.s.title}”: ${l.why}. Move one of the pins.`);
  }
  return [...new Set(out)];
}

/** Whether stretches that touch cover a time. */
function covers(stretches: readonly { from: Minutes; to: Minutes }[], from: Minutes, to: Minutes): boolean {
  let t = from;
  for (const s of [...stretches].sort((a, b) => a.from - b.from)) if (s.from <= t && s.to > t) t = s.to;
  return t >= to;
}
