import { drivenInto, groundOf } from '../../ground/index.ts';
import { framesOf, height, measureOf, rodEndOn } from '../../figure/index.ts';
import { add, cross, dot, length, sub, toWorld, times, unit, type Vec } from '../../solids/index.ts';
import { addRod } from '../../edits/index.ts';
import { BOARD, pieceOf, type Build } from '../../record/index.ts';
import { byFormula, formula, given, GRAVITY, solveLinear } from '../../quantity/index.ts';
import { momentCapacity } from '../mechanics/anchorage.ts';
import { check, share, used } from './check.ts';
import { found, HOLDING_RESERVE, type FoundCheck, type Situation } from './joint-situation.ts';
import type { Joint } from '../paths/joints.ts';
import { strutChecks, type StrutWords } from './strut.ts';

/** Three legs that lean together: they carry forces through the point where they meet, and no moment about it. */

/** Legs further out of parallel than this stand as a tripod, degrees. */
const SPREAD = 8;
/** Lines that pass this near to one point meet in it, mm. */
export const MEETS = 12;

/** Where three lines nearly meet: the point nearest to all of them. */
function meetingPoint(lines: readonly { at: Vec; along: Vec }[]): Vec | undefined {
  const rows = [0, 1, 2].map((i) =>
    [0, 1, 2].map((j) => lines.reduce((s, l) => s + (i === j ? 1 : 0) - l.along[i]! * l.along[j]!, 0)),
  );
  const right = [0, 1, 2].map((i) =>
    lines.reduce((s, l) => s + l.at[i]! - l.along[i]! * dot(l.along, l.at), 0),
  );
  const found = solveLinear(rows, right);
  return found && [found[0]!, found[1]!, found[2]!];
}

/** Three directions this near to one plane bear nothing across it: their determinant; estimate. */
const FLAT = 0.05;
/** Whether three directions of length one lie so near to one plane that they bear nothing across it. */
export const inOnePlane = ([a, b, c]: readonly Vec[]): boolean => Math.abs(dot(a!, cross(b!, c!))) < FLAT;

export interface Tripod {
  readonly apex: Vec;
  /** From each foot to the apex, of length one. */
  readonly legs: readonly Vec[];
}

/** The tripod a joint stands on, when its three rods lean together. */
export function tripodOf(joint: Joint): Tripod | undefined {
  if (joint.crossings.length !== 3) return undefined;
  const axes = joint.crossings.map((c) => c.axis);
  const wide = Math.cos((SPREAD * Math.PI) / 180);
  for (let i = 0; i < 3; i++) if (Math.abs(dot(axes[i]!, axes[(i + 1) % 3]!)) > wide) return undefined;
  if (inOnePlane(axes)) return undefined;
  const apex = meetingPoint(joint.crossings.map((c) => ({ at: c.at, along: c.axis })));
  if (!apex) return undefined;
  for (const c of joint.crossings) {
    const to = sub(apex, c.at);
    if (length(sub(to, times(c.axis, dot(to, c.axis)))) > MEETS) return undefined;
  }
  return { apex, legs: joint.crossings.map((c) => unit(sub(apex, c.at))) };
}

/** Pressing in each of three legs under a force at the point where they meet; a minus pulls. N. */
export function legForces(legs: readonly Vec[], force: Vec): readonly number[] | undefined {
  return solveLinear(
    [0, 1, 2].map((k) => legs.map((u) => u[k]!)),
    [-force[0], -force[1], -force[2]],
  );
}

const LEG: StrutWords = {
  id: 'leg',
  pressed: {
    title: 'Leg pressed hardest',
    ok: 'The legs carry it.',
    no: 'A leg folds or sinks in: thicker legs, feet wider apart, or legs down to the board.',
  },
  pulled: {
    title: 'Leg pulled out',
    ok: 'The legs stay in.',
    no: 'A leg is pulled out: feet wider apart, or glue it in.',
  },
  rule: 'three legs through one point',
};

/** Length of a vector product: how far a force passes from a point, times the force. */
const TILTS = formula({
  name: 'Moment about the point where the legs meet',
  takes: ['mm', 'mm', 'mm', 'N', 'N', 'N'],
  unit: 'N·mm',
  rule: 'push × how far its balance point lies from there, square to the push',
  f: (x, y, z, fx, fy, fz) => length(cross([x, y, z], [fx, fy, fz])),
});
const LEGS_HOLD = formula({
  name: 'The ends of three legs hold',
  takes: ['mm', 'N/mm', 'MPa', 'mm³'],
  unit: 'N·mm',
  rule: '3 × the lesser of q L² ÷ 4 and bending strength × Z',
  f: (held, q, bending, modulus) => 3 * Math.min(momentCapacity(q, held), bending * modulus),
});

/** What the legs of a tripod have to bear for one direction of throw. */
export function tripodChecks(s: Situation, tripod: Tripod, gravity: Vec): FoundCheck[] {
  const { joint, stock, strength, above, loadCase } = s;
  const F = times(gravity, (joint.load.g * GRAVITY) / 1000);
  const forces = legForces(tripod.legs, F);
  if (!forces) return [];
  const arm = sub(joint.load.at, tripod.apex);
  const demand = TILTS.f(...arm, ...F);
  const { modulus } = stock.section;
  const push = () =>
    [
      given('Push, to the right', F[0], 'N'),
      given('Push, back', F[1], 'N'),
      given('Push, up', F[2], 'N'),
    ] as const;
  return [
    ...strutChecks(s, LEG, {
      pressed: Math.max(0, ...forces),
      pulled: Math.max(0, ...forces.map((f) => -f)),
      from: () => [
        ...push(),
        ...tripod.legs.map((leg, k) =>
          given(
            `Leg ${k + 1} out of upright`,
            (Math.acos(Math.min(1, Math.abs(leg[2]))) * 180) / Math.PI,
            '°',
          ),
        ),
      ],
    }),
    found(
      'tripod-turn',
      used(demand, HOLDING_RESERVE, LEGS_HOLD.f(above.held, above.q, strength.bending, modulus)),
      () =>
        check({
          id: 'tripod-turn',
          title: 'Tilting on the tripod',
          situation: loadCase.name,
          use: share(
            byFormula(TILTS, [
              given('Balance point from there, to the right', arm[0], 'mm'),
              given('Balance point from there, back', arm[1], 'mm'),
              given('Balance point from there, up', arm[2], 'mm'),
              ...push(),
            ]),
            byFormula(LEGS_HOLD, [
              given('Held above', above.held, 'mm'),
              given('Sideways strength', above.q, 'N/mm', 'estimate'),
              given('Bending strength of a leg, damp', strength.bending, 'MPa'),
              given('Section modulus', modulus, 'mm³'),
            ]),
            HOLDING_RESERVE,
          ),
          reserve: HOLDING_RESERVE,
          trust: 'C',
          ok: 'The balance point lies near enough to where the legs meet.',
          no: 'A tripod carries weight, not tilting: bring the balance point to where its legs meet, or give it a stiff mast.',
        }),
    ),
  ];
}

/** Feet of a tripod stand out by this share of its height; common practice. */
const FEET_OUT = 0.55;
/** Share of the piece's height at which the legs meet. */
const MEET_UP = 0.35;
/** Deepest that legs go into a carrier, mm; a third of a small figure. */
const INTO = 60;
/** Legs go on past the point where they meet, so that their ends lie in paste, mm. */
const PAST = 6;

/**
 * Three legs under a piece, meeting inside it: into what carries it where that is wide enough for their feet, else down
 * to the board. Undefined when there is no such piece.
 */
export function tripodInto(build: Build, pieceId: string): { build: Build; id: string } | undefined {
  const piece = pieceOf(build, pieceId);
  const frames = framesOf(build, pieceId);
  if (!piece || !frames) return undefined;
  const carrier = pieceOf(build, piece.seat.on);
  const meets = toWorld(frames.own, [0, 0, measureOf(piece).height * MEET_UP]);
  const deep = Math.min(INTO, height(build) / 3);
  const seat = toWorld(frames.carrier, piece.seat.at);
  const outFor = (low: number) => Math.max(8, (meets[2] - low) * FEET_OUT);
  const wide = carrier ? Math.min(measureOf(carrier).width, measureOf(carrier).depth) / 2 : 0;
  const inCarrier = carrier !== undefined && outFor(seat[2] - deep) < wide * 0.8;
  const low = inCarrier ? seat[2] - deep : -drivenInto(groundOf(build));
  const out = outFor(low);
  let next = build;
  let id = '';
  for (let k = 0; k < 3; k++) {
    const a = (2 * Math.PI * k) / 3 - Math.PI / 2;
    const foot: Vec = [meets[0] + out * Math.cos(a), meets[1] + out * Math.sin(a), low];
    const top = add(meets, times(unit(sub(meets, foot)), PAST));
    const made = addRod(next, {
      name: `${piece.name}, leg ${k + 1}`,
      stock: 'skewer3',
      from: rodEndOn(build, inCarrier ? carrier.id : BOARD, foot),
      to: rodEndOn(build, pieceId, top),
      pair: false,
      sleeved: false,
      bundle: `${piece.name} tripod`,
    });
    next = made.build;
    id ||= made.id;
  }
  return { build: next, id };
}
