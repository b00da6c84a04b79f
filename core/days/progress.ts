import { stateAt, type Band, type FirmState, type PieceFirming } from '../firming/index.ts';
import { formatTime, type Minutes } from '../quantity/index.ts';
import type { Build, PartsOf, Piece } from '../record/index.ts';
import { clockTime, minuteOf, type Origin } from './calendar.ts';
import { givenOf } from './given.ts';
import { heldBy, type Held } from './held.ts';
import { plannedWindow } from './network.ts';
import { preflight, type Preflight } from './preflight.ts';
import type { DaysReport } from './report.ts';
import { ALL_DONE } from './schedule.ts';
import type { PlannedStep, Session } from './sessions.ts';
import { shapedBy, shapeId } from './steps/types.ts';
import type { Link } from './types.ts';

/** How far the bench has got with a plan. */
export interface Progress {
  /** Every step of the plan once, in order of time; what two do together stands in the session of each. */
  readonly all: readonly PlannedStep[];
  /** Steps ticked off, and those that are not. */
  readonly finished: number;
  readonly ahead: number;
  /** The first that is not ticked off, the session it stands in, and those after it. */
  readonly current?: PlannedStep;
  readonly session?: Session;
  readonly next: readonly PlannedStep[];
  /** Waits that it still has to sit out. */
  readonly holding: readonly Held[];
  /** Windows that are open now and closing, the first to close first. */
  readonly closing: readonly Closing[];
  /** What to be sure of before it cannot be undone. */
  readonly before: readonly Preflight[];
  /** Who does it, where that is not the person's own two hands. */
  readonly doneBy?: string;
  /** Nothing is left to do. */
  readonly over: boolean;
}

/** A window that was opened by what is done: what has to be done before it closes. */
export interface Closing {
  readonly step: PlannedStep;
  /** `Press the ear on to the head before 20:35, in 14 min`. */
  readonly text: string;
  /** Minutes left of it as surely as it was planned, and the instant it closes, ms; less than nothing when it has closed. */
  readonly left: Minutes;
  readonly until: number;
}

/** A window is told while it is no longer than this, minutes, and so long after it has closed. Estimates. */
const TELLS: Minutes = 240;
/** A step of the method; estimate. */
const MISSED: Minutes = 120;

/** What comes of it once a window has closed. */
export const AFTER = 'after that it may crack.';
/** What to do about a window that has. */
export const missedWords = (clock: string): string =>
  `that was to be done before ${clock}. Try it on a corner nobody sees; if it cracks, make it again.`;

function closingText({ step }: PlannedStep, left: Minutes, until: number, origin: Origin): string {
  const clock = clockTime(origin, minuteOf(origin, until));
  return left > 0
    ? `${step.title} before ${clock}, in ${formatTime(Math.max(1, Math.floor(left)))}: ${AFTER}`
    : `${step.title}: ${missedWords(clock)}`;
}

/** Windows between what is ticked off and what is not, the first to close first. */
function closingOf(
  links: readonly Link[],
  all: readonly PlannedStep[],
  done: ReadonlyMap<string, number>,
  now: number,
  origin: Origin,
): Closing[] {
  const open = new Map(all.map((p) => [p.step.id, p]));
  return links
    .flatMap((l): Closing[] => {
      const since = done.get(l.from);
      const step = open.get(l.to);
      if (l.kind !== 'window' || since === undefined || done.has(l.to) || !step) return [];
      const long = plannedWindow(l);
      const until = since + long * 60_000;
      const left = (until - now) / 60_000;
      return long > TELLS || left < -MISSED
        ? []
        : [{ step, text: closingText(step, left, until, origin), left, until }];
    })
    .sort((a, b) => a.until - b.until);
}

/** When each step was ticked off, ms, by its id. */
export const tickedAt = ({ bench }: PartsOf<'bench'>): ReadonlyMap<string, number> =>
  new Map(bench.done.map((d) => [d.step, Date.parse(d.at)]));

const whoDoes = (who: readonly number[], people: readonly string[]): string | undefined => {
  if (people.length < 2 || (who.length === 1 && who[0] === 0)) return undefined;
  return who.length === 0 ? 'it goes on by itself' : who.map((k) => people[k]).join(' and ');
};

/**
 * How far the bench has got.
 * @param days the plan worked to; where there is none, nothing is current
 * @param now the present instant, ms
 * @param shown how many steps after the current one, and lines before it, are listed
 */
export function progressOf(
  build: Build,
  days: DaysReport | undefined,
  now: number,
  shown = { next: 4, before: 6 },
): Progress {
  const done = tickedAt(build);
  const sessions = days?.plan?.sessions ?? [];
  const all = [...new Map(sessions.flatMap((s) => s.steps).map((p) => [p.step.id, p])).values()].sort(
    (a, b) => a.from - b.from,
  );
  const left = all.filter((p) => !done.has(p.step.id));
  const current = left[0];
  const over =
    left.length === 0 && done.size > 0 && (days?.plan !== undefined || !!days?.trouble.includes(ALL_DONE));
  const base = { all, finished: done.size, ahead: left.length, over };
  if (!current || !days?.origin) return { ...base, next: [], holding: [], closing: [], before: [] };
  const { origin, links, people } = days;
  const session = sessions.find((s) => s.steps.includes(current));
  const doneBy = whoDoes(current.who, people);
  const at = all.indexOf(current);
  return {
    ...base,
    current,
    ...(session ? { session } : {}),
    next: all.slice(at + 1, at + 1 + shown.next),
    holding: heldBy(links, current.step.id, done, {
      origin,
      said: givenOf(build, origin, now).said,
      now,
    }),
    closing: closingOf(links, all, done, now, origin),
    before: preflight(build, days, current.step).slice(0, shown.before),
    ...(doneBy === undefined ? {} : { doneBy }),
  };
}

/** Pieces that are shaped, whatever is still to be done to them. */
export const shapedPieces = (build: Build): ReadonlySet<string> => {
  const done = tickedAt(build);
  return new Set(build.pieces.filter((p) => done.has(shapeId(p.id))).map((p) => p.id));
};

/** A piece that was shaped and is not long past handling. */
export interface FirmingNow {
  readonly piece: Piece;
  /** Since it was last worked on. */
  readonly minutes: Minutes;
  readonly since: number;
  readonly band: Band;
  readonly state: FirmState;
  readonly firming: PieceFirming;
}

/** What firms at this instant, from what was really ticked off; a piece is listed until a fifth past its slow time. */
export function firmingNow(
  build: Build,
  firming: ReadonlyMap<string, PieceFirming>,
  now: number,
): FirmingNow[] {
  const done = tickedAt(build);
  return build.pieces.flatMap((piece) => {
    const since = done.get(shapedBy(piece));
    const f = firming.get(piece.id);
    const band = f?.bands.handle;
    if (since === undefined || !f || !band) return [];
    const minutes = (now - since) / 60_000;
    if (minutes > Math.max(band.slow, 60) * 1.2) return [];
    return [{ piece, minutes, since, band, state: stateAt(f, minutes), firming: f }];
  });
}

/** What was last said of a piece by touch, and whether it still counts: what was said before it was worked on again does not. */
export function lastSaid(build: Build, piece: Piece): { firm: boolean; at: number } | undefined {
  const last = build.bench.said?.filter((s) => s.piece === piece.id).at(-1);
  if (!last) return undefined;
  const at = Date.parse(last.at);
  return { firm: last.firm && at >= (tickedAt(build).get(shapedBy(piece)) ?? 0), at };
}
