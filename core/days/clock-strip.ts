import { formatTime, type Minutes } from '../quantity/index.ts';
import type { PartsOf } from '../record/index.ts';
import { toldTime, type Origin } from './calendar.ts';
import type { DaysPlan } from './report.ts';
import type { PlannedWait, Session } from './sessions.ts';

/** The stretch of time that is drawn: from three hours before the start to some room after the due time for its words. */
export function stripOf(plan: Pick<DaysPlan, 'startBy'>, due: Minutes): { from: Minutes; to: Minutes } {
  const from = plan.startBy - 180;
  return { from, to: due + Math.max(240, 0.12 * (due - from)) };
}

/** What a session is for, in a few words: the pieces shaped in it, else that it packs, else its kinds of work. */
export function sessionWords({ pieces }: PartsOf<'pieces'>, session: Pick<Session, 'steps'>): string {
  const kinds = session.steps.map((p) => p.step.kind);
  const shaped = session.steps.flatMap(({ step }) => {
    const piece = step.kind === 'shape' ? pieces.find((p) => p.id === step.piece) : undefined;
    return piece ? [piece.name.toLowerCase()] : [];
  });
  if (shaped.length > 0) return [...new Set(shaped)].join(', ');
  return kinds.includes('pack') ? 'finish, pack' : [...new Set(kinds)].join(', ');
}

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
