import { stateBy, type FirmState } from '@core/firming/index.ts';
import type { FirmTimes } from '@core/found.ts';
import { minuteOf, shapedBy, shapeId, type DaysReport } from '@core/days/index.ts';
import type { Build } from '@core/record/index.ts';

/** State of every piece at a minute of the plan: not made yet, or how firm since it was shaped. */
export function statesAt(
  build: Build,
  firming: ReadonlyMap<string, FirmTimes>,
  days: DaysReport,
  minute: number,
): Map<string, FirmState | 'unmade'> {
  const out = new Map<string, FirmState | 'unmade'>();
  if (!days.plan) return out;
  // what is done is no longer in a plan that was made anew
  const ends = new Map<string, number>(
    days.origin ? build.bench.done.map((d) => [d.step, minuteOf(days.origin!, Date.parse(d.at))]) : [],
  );
  for (const session of days.plan.sessions) for (const p of session.steps) ends.set(p.step.id, p.to);
  for (const piece of build.pieces) {
    const made = ends.get(shapeId(piece.id));
    const worked = ends.get(shapedBy(piece)) ?? made;
    const firm = firming.get(piece.id);
    if (made === undefined || minute < made || !firm) out.set(piece.id, 'unmade');
    else
      out.set(
        piece.id,
        worked !== undefined && minute < worked ? 'soft' : stateBy(firm.times, minute - (worked ?? made)),
      );
  }
  return out;
}

/** State of every piece from what was really ticked off and when. */
export function statesDone(
  build: Build,
  firming: ReadonlyMap<string, FirmTimes>,
  now: Date,
): Map<string, FirmState | 'unmade'> {
  const done = new Map(build.bench.done.map((d) => [d.step, Date.parse(d.at)]));
  return new Map(
    build.pieces.map((piece) => {
      const shaped = done.get(shapeId(piece.id));
      const worked = done.get(shapedBy(piece));
      const firm = firming.get(piece.id);
      if (shaped === undefined || !firm) return [piece.id, 'unmade'];
      return [
        piece.id,
        worked === undefined ? 'soft' : stateBy(firm.times, (now.getTime() - worked) / 60000),
      ];
    }),
  );
}
