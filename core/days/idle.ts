import type { Minutes } from '../quantity/index.ts';
import type { DaysPlan } from './report.ts';
import type { PlannedStep, PlannedWait, Session } from './sessions.ts';
import type { Link, Step } from './types.ts';

/** Hands that have nothing to do inside a session, why, and what they could do meanwhile. */
export interface Idle {
  readonly from: Minutes;
  readonly to: Minutes;
  readonly because: readonly PlannedWait[];
  readonly could: readonly Step[];
}

/** Shorter than this nobody begins anything, minutes. Common practice. */
const WORTH_FILLING: Minutes = 12;

/**
 * Gaps in a session with what could be done in them: steps of later sessions whose waits are over, that fit, open or use no
 * window and need no tool; what has least room to spare first.
 */
export function idleOf(session: Session, plan: DaysPlan, links: readonly Link[]): Idle[] {
  const all = plan.sessions.flatMap((s) => s.steps);
  const ends = new Map(all.map((p) => [p.step.id, p.to]));
  const later = plan.sessions
    .filter((s) => s.from > session.from && s.person === session.person)
    .flatMap((s) => s.steps);
  const hands = session.steps.filter((p) => p.who.length > 0);
  return hands.slice(1).flatMap((next, k): Idle[] => {
    const from = hands[k]!.to;
    const to = next.from;
    if (to - from < WORTH_FILLING) return [];
    const could = later
      .filter((p) => fits(p, from, to, ends, links))
      .sort((a, b) => (plan.slack[a.step.id] ?? 0) - (plan.slack[b.step.id] ?? 0))
      .slice(0, 3)
      .map((p) => p.step);
    const because = plan.waits.filter((w) => w.link.to === next.step.id && w.from <= from && w.used > from);
    return [{ from, to, because, could }];
  });
}

function fits(
  { step }: PlannedStep,
  from: Minutes,
  to: Minutes,
  ends: ReadonlyMap<string, Minutes>,
  links: readonly Link[],
): boolean {
  if (step.minutes > to - from || step.fresh || step.tools?.length || (step.hands ?? 1) !== 1) return false;
  for (const l of links) {
    if (l.kind === 'window' && (l.from === step.id || l.to === step.id)) return false;
    if (l.to !== step.id) continue;
    const end = ends.get(l.from);
    // what is done already asks for nothing here but its wait, which the plan has kept
    if (end !== undefined && end + (l.kind === 'wait' ? l.band.slow : 0) > from) return false;
  }
  return true;
}
