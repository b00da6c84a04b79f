import type { PieceFirming } from '../firming/index.ts';
import { remembered, tellOdds, type Minutes } from '../quantity/index.ts';
import { wholeOf, type Build } from '../record/index.ts';
import { chanceBelow } from '../joins/index.ts';
import { minuteOf, toldTime, type Origin } from './calendar.ts';
import type { DaysPlan, DaysReport } from './report.ts';
import type { Joining } from './joining.ts';
import { joinId, shapeId } from './steps/index.ts';

/** One thing that is done, as a plan is gone through from its first step to its last. */
export interface Rehearsed {
  /** The end of it: what it makes is there. */
  readonly at: Minutes;
  readonly step: string;
  readonly piece: string | undefined;
  /** `Fri 11 Dec, 20:10 — Press the nose on to the muzzle`. */
  readonly words: string;
}

/** The steps of a plan in the order in which they end. */
export const rehearsalOf = (plan: Pick<DaysPlan, 'sessions'>, origin: Origin): Rehearsed[] =>
  plan.sessions
    .flatMap((s) => s.steps)
    .sort((a, b) => a.to - b.to)
    .map(({ step, from, to }) => ({
      at: to,
      step: step.id,
      piece: step.piece,
      words: `${toldTime(origin, from)} — ${step.title}`,
    }));

/** When each step is over, as planned or as it was ticked off. */
const endsOf = remembered((days: DaysReport, done: Build['bench']['done']): ReadonlyMap<string, Minutes> => {
  const ends = new Map((days.plan?.sessions ?? []).flatMap((s) => s.steps.map((p) => [p.step.id, p.to])));
  if (days.origin) for (const d of done) ends.set(d.step, minuteOf(days.origin, Date.parse(d.at)));
  return ends;
});

/** When the last of what is done again and again is over; of steps that are not planned, never. */
const wholeEndsOf = remembered(
  (days: DaysReport, done: Build['bench']['done']): ReadonlyMap<string, Minutes> => {
    const ends = endsOf(days, done);
    const last = new Map<string, Minutes>();
    for (const { id } of days.steps) {
      const whole = wholeOf(id);
      last.set(whole, Math.max(last.get(whole) ?? -Infinity, ends.get(id) ?? Infinity));
    }
    return last;
  },
);

/** Steps of somebody's own that are over at a minute of the plan, with their last coat. */
export function ownDoneAt(build: Build, days: DaysReport, minute: Minutes): ReadonlySet<string> {
  const ends = wholeEndsOf(days, build.bench.done);
  return new Set(build.steps.own.flatMap((o) => ((ends.get(o.id) ?? Infinity) <= minute ? [o.id] : [])));
}

/** Pieces that stand in their place at a minute of the plan, or on the board from the first where nothing joins them. */
export function joinedAt(build: Build, days: DaysReport, minute: Minutes): ReadonlySet<string> {
  const ends = endsOf(days, build.bench.done);
  const joins = new Set(days.steps.map((s) => s.id));
  return new Set(
    build.pieces.flatMap((p) => {
      const id = joinId(p.id);
      return !joins.has(id) || (ends.get(id) ?? Infinity) <= minute ? [p.id] : [];
    }),
  );
}

/** What becomes of a pose that is left to itself so long after shaping; undefined where nothing hangs out. */
export function poseAfter(firming: PieceFirming | undefined, minutes: Minutes): string | undefined {
  const band = firming?.bands.pose;
  if (!band) return undefined;
  const holds = chanceBelow(band, minutes);
  if (holds < 0.1) return 'it sinks out of its pose';
  if (holds > 0.9) return 'it keeps its pose';
  return `it keeps its pose ${tellOdds(holds, 100)}`;
}

/** Ages at which an earlier join is looked at: within a sitting, after one, overnight, minutes. Common practice. */
export const AGES: readonly Minutes[] = [5, 10, 15, 20, 30, 45, 60, 90, 120, 180, 300, 480, 720, 1440];

/** The age that is looked at which lies nearest to one, by its place. */
export const nearestAge = (minutes: Minutes): number =>
  AGES.reduce(
    (best, a, k) =>
      Math.abs(Math.log(a / Math.max(1, minutes))) < Math.abs(Math.log(AGES[best]! / Math.max(1, minutes)))
        ? k
        : best,
    0,
  );

/** How old the lower of two pieces is when they are joined, as planned: its own age where it stands on the board. */
export function ageWhenJoined(
  plan: Pick<DaysPlan, 'sessions'>,
  { piece, carrier }: Pick<Joining, 'piece' | 'carrier'>,
): Minutes | undefined {
  const steps = plan.sessions.flatMap((s) => s.steps);
  const join = steps.find((p) => wholeOf(p.step.id) === joinId(piece.id));
  const made = steps.filter((p) => wholeOf(p.step.id) === shapeId((carrier ?? piece).id)).at(-1);
  return join && made ? Math.max(0, join.from - made.to) : undefined;
}

/** Less height than this lost at once nobody sees, mm. Estimate. */
export const SEEN_LOSS = 0.1;
