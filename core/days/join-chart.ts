import { quantileOf } from '../joins/index.ts';
import type { PieceFirming } from '../firming/index.ts';
import { formatTime, type Minutes } from '../quantity/index.ts';
import { readStepId, wholeOf } from '../record/index.ts';
import { clockTime, type Origin } from './calendar.ts';
import type { FaceAsk, Joining } from './joining.ts';
import { LEVELS, LOOKED_AT } from './levels.ts';
import type { DaysPlan } from './report.ts';
import type { PlannedStep, Session } from './sessions.ts';
import { joinId, shapeId } from './steps/index.ts';

/** A stretch of a line, in per cent of the sitting. */
export interface LineBar {
  readonly left: number;
  readonly width: number;
}

/** One piece over one sitting: its shaping, how long it still gives, and from when it is firm to hold. */
export interface JoinRow {
  readonly piece: string;
  readonly name: string;
  readonly colour: string | undefined;
  readonly shaped: LineBar | undefined;
  readonly soft: LineBar | undefined;
  /** Said under it: `gives for 8 min`. */
  readonly gives: string | undefined;
  readonly firm: LineBar | undefined;
}

/** A join between two lines, or on the board. */
export interface JoinTie {
  readonly piece: string;
  readonly left: number;
  /** Rows of what is joined and of what it is joined to. */
  readonly row: number;
  readonly onRow: number | undefined;
  /** When it is planned. */
  readonly at: Minutes;
  /** From when and until when it may be made, as surely as is planned. */
  readonly opens: Minutes;
  readonly closes: Minutes;
  /** Minutes after a face no longer gives; nought when it is kept. */
  readonly late: Minutes;
  readonly words: string;
}

/** The joins of one sitting. */
export interface JoinChart {
  readonly key: string;
  readonly from: Minutes;
  readonly to: Minutes;
  readonly hours: readonly { readonly left: number; readonly label: string }[];
  readonly rows: readonly JoinRow[];
  readonly ties: readonly JoinTie[];
  readonly late: number;
}

/** Hours are ticked so far apart, minutes. Estimate. */
const TICK = 30;
/** Drawn no thinner than this, per cent. Estimate. */
const THIN = 0.6;

interface Known {
  readonly joinings: readonly Joining[];
  readonly firming: ReadonlyMap<string, PieceFirming>;
  readonly plan: Pick<DaysPlan, 'sessions'>;
  readonly origin: Origin;
}

/** When a piece was shaped: its last part. */
function shapedAt(plan: Known['plan'], piece: string): PlannedStep | undefined {
  const all = plan.sessions.flatMap((s) => s.steps).filter((p) => wholeOf(p.step.id) === shapeId(piece));
  return all.reduce<PlannedStep | undefined>((a, p) => (!a || p.to > a.to ? p : a), undefined);
}

/** Until when a face may be joined, minutes after it was shaped, as surely as is planned; the soonest of all that close. */
function givesFor(joinings: readonly Joining[], piece: string): Minutes | undefined {
  const all = joinings.flatMap((j) =>
    [...j.up.closes, ...j.down.closes]
      .filter((c) => c.piece === piece)
      .map((c) => quantileOf(c.band, 1 - (j.level ?? LEVELS[0]))),
  );
  return all.length > 0 ? Math.min(...all) : undefined;
}

/** From when and until when a join may be made on both faces. */
function windowOfJoin({ plan }: Known, j: Joining): { opens: Minutes; closes: Minutes } {
  const level = j.level ?? LEVELS[0];
  const after = (asks: readonly FaceAsk[], p: number): Minutes[] =>
    asks.flatMap((c) => {
      const shaped = shapedAt(plan, c.piece);
      return shaped ? [shaped.to + quantileOf(c.band, p)] : [];
    });
  return {
    opens: Math.max(-Infinity, ...after([...j.up.opens, ...j.down.opens], LOOKED_AT)),
    closes: Math.min(Infinity, ...after([...j.up.closes, ...j.down.closes], 1 - level)),
  };
}

/** How far outside its window a join at a minute would be, and on which side; undefined within it. A minute more is no matter. */
export function outsideBy(
  { opens, closes }: Pick<JoinTie, 'opens' | 'closes'>,
  at: Minutes,
): { readonly minutes: Minutes; readonly side: 'early' | 'late' } | undefined {
  if (at > closes + 1) return { minutes: at - closes - 1, side: 'late' };
  if (at < opens - 1) return { minutes: opens - at, side: 'early' };
  return undefined;
}

function chartOf(known: Known, session: Session): JoinChart | undefined {
  const { joinings, plan, origin } = known;
  const joins = session.steps.flatMap((p) => {
    const ref = readStepId(p.step.id);
    const j = ref?.task === 'join' ? joinings.find((x) => x.piece.id === ref.of) : undefined;
    return j && j.carrier ? [{ j, at: p.from }] : [];
  });
  if (joins.length === 0) return undefined;
  const span = Math.max(1, session.to - session.from);
  const share = (t: Minutes) =>
    (100 * (Math.min(session.to, Math.max(session.from, t)) - session.from)) / span;
  const bar = (from: Minutes, to: Minutes): LineBar | undefined =>
    to <= session.from || from >= session.to
      ? undefined
      : { left: share(from), width: Math.max(THIN, share(to) - share(from)) };
  const used = new Set(joins.flatMap(({ j }) => [j.piece.id, j.carrier!.id]));
  const begins = (id: string) => shapedAt(plan, id)?.from ?? -Infinity;
  const ids = [...used].sort((a, b) => begins(a) - begins(b));
  const rows = ids.map((id): JoinRow => {
    const piece = joinings.find((j) => j.piece.id === id)!.piece;
    const shaped = shapedAt(plan, id);
    const gives = givesFor(joinings, id);
    const firm = known.firming.get(id)?.bands.handle?.likely ?? Infinity;
    const end = shaped?.to ?? session.from;
    return {
      piece: id,
      name: piece.name,
      colour: shaped?.step.colour,
      shaped: shaped && bar(shaped.from, shaped.to),
      soft: gives === undefined ? undefined : bar(end, end + gives),
      gives:
        gives === undefined || end + gives <= session.from ? undefined : `gives for ${formatTime(gives)}`,
      firm: bar(end + firm, Infinity),
    };
  });
  const ties = joins.map(({ j, at }): JoinTie => {
    const span = windowOfJoin(known, j);
    const out = outsideBy(span, at);
    const late = out?.side === 'late' ? out.minutes : 0;
    return {
      ...span,
      at,
      piece: j.piece.id,
      left: share(at),
      row: ids.indexOf(j.piece.id),
      onRow: ids.indexOf(j.carrier!.id),
      late,
      words: `${j.kind.does(j.piece.name.toLowerCase(), `the ${j.carrier!.name.toLowerCase()}`)}, ${clockTime(origin, at)}`,
    };
  });
  const first = Math.ceil(session.from / TICK) * TICK;
  const count = Math.max(0, Math.floor((session.to - first) / TICK) + 1);
  return {
    key: `${session.person}-${session.from}`,
    from: session.from,
    to: session.to,
    hours: Array.from({ length: count }, (_, k) => ({
      left: share(first + k * TICK),
      label: clockTime(origin, first + k * TICK),
    })),
    rows,
    ties,
    late: ties.filter((t) => t.late > 0).length,
  };
}

/** The joins of a plan, sitting by sitting; of the person's own first. What only stands on the board is no join. */
export const joinCharts = (known: Known): JoinChart[] =>
  known.plan.sessions.flatMap((s) => chartOf(known, s) ?? []);

/** When a join is planned; undefined where it is not. */
export const plannedJoin = (plan: Known['plan'], piece: string): PlannedStep | undefined =>
  plan.sessions.flatMap((s) => s.steps).find((p) => wholeOf(p.step.id) === joinId(piece));
