import { formatTime, type Minutes } from '../quantity/index.ts';
import type { PartsOf, StepKind } from '../record/index.ts';
import { toldTime, type Origin } from './calendar.ts';
import type { DaysPlan } from './report.ts';
import type { PlannedWait, Session } from './sessions.ts';

/** A stretch of the strip: a sitting as long as it takes, or what lies between, folded together. */
export interface StripStretch {
  readonly kind: 'before' | 'sitting' | 'between' | 'after';
  readonly from: Minutes;
  readonly to: Minutes;
  /** Where it is drawn, shares of the strip. */
  readonly at: number;
  readonly wide: number;
}

/** The strip: time as it is drawn, and back. */
export interface Strip {
  readonly stretches: readonly StripStretch[];
  readonly from: Minutes;
  readonly to: Minutes;
  readonly shareOf: (minute: Minutes) => number;
  /** How much of the strip lies between two moments. */
  readonly span: (from: Minutes, to: Minutes) => number;
  readonly minuteAt: (share: number) => Minutes;
}

/** Before the first sitting so much is drawn, and so much after the due time, minutes. Estimate. */
const AROUND: Minutes = 180;
/** What nights, days off and the ends take of the strip in proportion to an hour of work. Estimate, looked at. */
const FOLDED = { between: 0.55, end: 0.2 };
/** A short sitting is drawn as if it took so long, minutes: its name has to stand in it. Estimate. */
const SHORTEST: Minutes = 50;

/**
 * Time folded: sittings get the room that their names need, nights and days off next to none. Within a stretch time runs
 * evenly, and it never runs back.
 * @param sittings of one person, in order
 */
export function foldedStrip(sittings: readonly Pick<Session, 'from' | 'to'>[], due: Minutes): Strip {
  const spans: { kind: StripStretch['kind']; from: Minutes; to: Minutes; weight: number }[] = [];
  let at = (sittings[0]?.from ?? due) - AROUND;
  const add = (kind: StripStretch['kind'], to: Minutes, weight: number): void => {
    if (to <= at) return;
    spans.push({ kind, from: at, to, weight });
    at = to;
  };
  sittings.forEach((s, i) => {
    add(i === 0 ? 'before' : 'between', s.from, i === 0 ? FOLDED.end : FOLDED.between);
    add('sitting', s.to, Math.max(SHORTEST, s.to - s.from) / 60);
  });
  add('after', Math.max(due, at) + AROUND, FOLDED.end);
  const all = spans.reduce((sum, s) => sum + s.weight, 0);
  let share = 0;
  const stretches = spans.map(({ kind, from, to, weight }): StripStretch => {
    const stretch = { kind, from, to, at: share, wide: weight / all };
    share += stretch.wide;
    return stretch;
  });
  const [from, to] = [stretches[0]!.from, stretches.at(-1)!.to];
  const shareOf = (minute: Minutes): number => {
    const m = Math.min(to, Math.max(from, minute));
    const s = stretches.find((x) => m <= x.to)!;
    return Math.min(1, s.at + (s.wide * (m - s.from)) / (s.to - s.from));
  };
  return {
    stretches,
    from,
    to,
    shareOf,
    span: (a, b) => shareOf(b) - shareOf(a),
    minuteAt: (x) => {
      const share = Math.min(1, Math.max(0, x));
      const s = stretches.find((y) => share <= y.at + y.wide) ?? stretches.at(-1)!;
      return s.from + Math.min(1, (share - s.at) / s.wide) * (s.to - s.from);
    },
  };
}

/** What lies between two sittings, in a word. */
export function betweenWords(from: Minutes, to: Minutes): string {
  const days = Math.round((to - from) / 1440);
  if (days >= 2) return `${days} days`;
  return to - from >= 5 * 60 ? 'night' : 'break';
}

/** Work on no piece in particular, in a word. */
const KIND_WORDS: Partial<Record<StepKind, string>> = { mix: 'mix', bones: 'cut rods', pack: 'pack' };

/** A part of a sitting with what is done in it. */
export interface SittingPart {
  readonly from: Minutes;
  readonly to: Minutes;
  readonly words: string;
}

/** A part shorter than this share of its sitting is told with its neighbour: its name has no room. Estimate. */
const LEAST_PART = 0.24;

/** And none is drawn with less than this share of the whole strip: a name has to be read in it. Estimate. */
const LEAST_SHARE = 0.045;

/**
 * A sitting in few parts by what is done: the pieces shaped, else the kind of work.
 * @param share of the strip that the sitting has
 */
export function sittingParts(
  { pieces }: PartsOf<'pieces'>,
  { from, to, steps }: Pick<Session, 'from' | 'to' | 'steps'>,
  share = 1,
): SittingPart[] {
  const nameOf = ({ step }: Session['steps'][number]): string => {
    const piece = step.piece === undefined ? undefined : pieces.find((p) => p.id === step.piece);
    return piece && step.kind !== 'mix' ? piece.name.toLowerCase() : (KIND_WORDS[step.kind] ?? step.kind);
  };
  let parts: { from: Minutes; to: Minutes; names: string[] }[] = [];
  for (const step of [...steps].sort((a, b) => a.from - b.from)) {
    const last = parts.at(-1);
    const name = nameOf(step);
    if (last?.names.includes(name)) last.to = Math.max(last.to, step.to);
    else parts.push({ from: step.from, to: step.to, names: [name] });
  }
  const least = Math.min(1, Math.max(LEAST_PART, LEAST_SHARE / share)) * (to - from);
  while (parts.length > 1) {
    const shortest = parts.reduce((a, p, i) => (p.to - p.from < parts[a]!.to - parts[a]!.from ? i : a), 0);
    if (parts[shortest]!.to - parts[shortest]!.from >= least) break;
    // to the shorter of its neighbours
    const [before, after] = [parts[shortest - 1], parts[shortest + 1]];
    const i =
      !after || (before && before.to - before.from <= after.to - after.from) ? shortest - 1 : shortest;
    const [p, q] = [parts[i]!, parts[i + 1]!];
    parts = [
      ...parts.slice(0, i),
      { from: p.from, to: Math.max(p.to, q.to), names: [...new Set([...p.names, ...q.names])] },
      ...parts.slice(i + 2),
    ];
  }
  return parts.map((p) => ({ from: p.from, to: p.to, words: p.names.join(', ') }));
}

/** Waits of one piece as the plan uses them: from when it begins to firm until it is worked on or joined. */
export interface PieceWait {
  readonly from: Minutes;
  readonly to: Minutes;
  /** From here on it is ready; a window closes here. */
  readonly turns: Minutes;
  readonly closes: boolean;
  readonly words: string;
}

/** What holds a piece to its times: windows it has to be worked in, and waits until it is ready. */
export const waitsOfPiece = (
  waits: readonly PlannedWait[],
  steps: ReadonlyMap<string, { readonly piece?: string }>,
  piece: string,
): PieceWait[] =>
  waits
    .filter((w) => steps.get(w.link.from)?.piece === piece && w.link.band.likely >= WORTH_TYING)
    .map((w) => ({
      from: w.from,
      to: Math.max(w.used, w.likely),
      turns: w.likely,
      closes: w.link.kind === 'window',
      words: w.link.why,
    }));

/** Shorter ties are not seen on the strip, minutes. Estimate. */
const WORTH_TYING: Minutes = 5;

/** Shorter waits are not worth drawing, minutes; estimate. */
const WORTH_DRAWING: Minutes = 40;

/** From the end of one session to the start of the next, with the longest wait that the next one needs. */
export interface Between {
  readonly from: Minutes;
  readonly to: Minutes;
  readonly wait?: PlannedWait;
}

/** What lies between the sessions of one person, in order. */
export function betweenSessions(
  sessions: readonly Pick<Session, 'from' | 'to'>[],
  waits: readonly PlannedWait[],
): Between[] {
  return sessions.slice(0, -1).map(({ to }, i) => {
    const next = sessions[i + 1]!;
    const wait = waits
      .filter((w) => w.from <= to && w.used >= next.from && w.link.band.likely >= WORTH_DRAWING)
      .reduce<PlannedWait | undefined>((a, w) => (!a || w.likely > a.likely ? w : a), undefined);
    return { from: to, to: next.from, ...(wait ? { wait } : {}) };
  });
}

/** What goes on at a minute of the plan: the step in hand, else the wait that ends first. */
export function momentWords(plan: Pick<DaysPlan, 'sessions' | 'waits'>, origin: Origin, at: Minutes): string {
  const doing = plan.sessions.flatMap((s) => s.steps).find((p) => p.from <= at && at < p.to);
  const soon = plan.waits.filter((w) => w.from <= at && at < w.likely).sort((a, b) => a.likely - b.likely)[0];
  const words =
    doing?.step.title ??
    (soon ? `${soon.link.why}: ${formatTime(soon.likely - at)} more` : 'nothing is waited for');
  return `${toldTime(origin, at)} — ${words}`;
}
