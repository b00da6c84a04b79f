import { pushRecord, type Build, type Change, type Journey, type PushFactors } from '../../record/index.ts';
import { ok, remembered, inLimits, inWords } from '../../quantity/index.ts';

/** A situation a figure has to get through. Common driving figures, estimates; a build may have its own. */
export interface LoadCase extends PushFactors {
  readonly name: string;
  /** Hours it lasts: creep and damp count from two hours up. */
  readonly hours: number;
}

export const LOAD_CASES: Record<Journey, LoadCase> = {
  table: { name: 'standing on a table', sideways: 0, tilt: 1, down: 1, up: 1, hours: 24 },
  carry: { name: 'carried by hand', sideways: 0.15, tilt: 5, down: 1.2, up: 0.9, hours: 0 },
  carFlat: {
    name: 'in a car, flat floor, gentle driving',
    sideways: 0.3,
    tilt: 2,
    down: 1.3,
    up: 0.85,
    hours: 0,
  },
  carSeat: { name: 'on a car seat, gentle driving', sideways: 0.3, tilt: 10, down: 1.3, up: 0.85, hours: 0 },
  carHard: { name: 'in a car, hard braking', sideways: 0.5, tilt: 2, down: 1.3, up: 0.85, hours: 0 },
};

/**
 * Apparent gravity in g for a throw in the direction phi (radians), with the board leaning the same way:
 * along the board a cos t + f sin t, into it f cos t − a sin t.
 */
export function apparent(c: LoadCase, phi: number, factor: number): readonly [number, number, number] {
  const t = (c.tilt * Math.PI) / 180;
  const along = c.sideways * Math.cos(t) + factor * Math.sin(t);
  const into = factor * Math.cos(t) - c.sideways * Math.sin(t);
  return [along * Math.cos(phi), along * Math.sin(phi), -into];
}

/** Give a situation figures of this build's own. */
export function setPush(build: Build, journey: Journey, patch: Partial<PushFactors>): Change {
  const asked = inLimits(pushRecord, patch, {
    sideways: (least, most) =>
      `A sideways push lies between ${least} and ${most} g: hard braking is about a half.`,
    tilt: (least, most) => `A board leans between ${least} and ${most}°.`,
    down: (least, most) => `Weight presses between ${inWords(least)} and ${inWords(most)} times.`,
    up: (least, most) => `It is still held down by ${100 * least} to ${100 * most} % of its weight.`,
  });
  if (!asked.ok) return asked;
  const { sideways, tilt, down, up } = caseOf(build, journey);
  const push: PushFactors = { sideways, tilt, down, up, ...patch };
  return ok({
    ...build,
    brief: { ...build.brief, loads: { ...build.brief.loads, [journey]: push } },
  });
}

/** Back to the usual figures for a situation. */
export function usualPush(build: Build, journey: Journey): Build {
  const { loads, ...brief } = build.brief;
  const { [journey]: _own, ...rest } = loads ?? {};
  return { ...build, brief: Object.keys(rest).length > 0 ? { ...brief, loads: rest } : brief };
}

const ownCase = remembered((usual: LoadCase, push: PushFactors): LoadCase => ({ ...usual, ...push }));

/** A situation as this build has it: the usual one, or with the figures typed for it. */
export function caseOf(build: Pick<Build, 'brief'>, journey: Journey): LoadCase {
  const push = build.brief.loads?.[journey];
  return push ? ownCase(LOAD_CASES[journey], push) : LOAD_CASES[journey];
}

/** Does one situation push as hard as another in every way, both pressing and lifting? */
function harder(a: LoadCase, b: LoadCase): boolean {
  const sideways = (c: LoadCase, factor: number) => apparent(c, 0, factor)[0];
  return (
    a.down >= b.down &&
    a.up <= b.up &&
    sideways(a, a.down) >= sideways(b, b.down) &&
    sideways(a, a.up) >= sideways(b, b.up)
  );
}

/** Every situation a build has to get through: the table, being carried, and the way there. */
export function casesOf(build: Pick<Build, 'brief'>): LoadCase[] {
  const { journey } = build.brief;
  const way = caseOf(build, journey);
  const carried = caseOf(build, 'carry');
  const table = caseOf(build, 'table');
  if (journey === 'table') return [table];
  // what is driven is carried to the car first; where the drive is harder in everything, that says enough
  return journey === 'carry' || harder(way, carried) ? [table, way] : [table, carried, way];
}
