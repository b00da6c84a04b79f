import { add, cross, dot, length, sub, times, unit, type Vec } from '../../solids/index.ts';
import { byFormula, formula, given, GRAVITY, type Reckoned, type Unit } from '../../quantity/index.ts';
import { sideCapacity } from '../mechanics/anchorage.ts';
import { check } from './check.ts';
import { alongChecks } from './joint-along.ts';
import { heldChecks } from './joint-holding.ts';
import { heldBack, type Push } from './joint-push.ts';
import { found, type FoundCheck, type Situation } from './joint-situation.ts';
import type { Crossing, Joint } from '../paths/joints.ts';
import { strutChecks, type StrutWords } from './strut.ts';
import { inOnePlane, legForces, MEETS } from './tripod.ts';

/**
 * A rod that is braced: another meets it at an angle inside the piece and pushes or pulls along itself. Forces go
 * through the point where they meet as in a truss; the moment about that point bends the rod, held there as a beam
 * propped at its end (handbook: 3 M ÷ 2 L of shear, half the moment at its foot).
 */

/** A brace stands off the rod by at least so much, degrees; estimate. */
const LEAST_ANGLE = 20;
/** It meets the rod at least this far from the joint, mm: nearer it is no brace but a second rod. */
const LEAST_UP = 8;
/** What holds a brace gives a little, and so much of its share stays with the rod; estimate, the worse of both counts. */
const SHARES = [1, 0.75] as const;

/** Where the line of one rod comes nearest that of another: how far along each, and the gap. */
function nearest(a: { at: Vec; axis: Vec }, b: { at: Vec; axis: Vec }) {
  const w = sub(a.at, b.at);
  const c = dot(a.axis, b.axis);
  const apart = 1 - c * c;
  const onA = (c * dot(b.axis, w) - dot(a.axis, w)) / apart;
  const onB = (dot(b.axis, w) - c * dot(a.axis, w)) / apart;
  const gap = length(sub(add(a.at, times(a.axis, onA)), add(b.at, times(b.axis, onB))));
  return { onA, onB, gap };
}

/**
 * Those of some rods that brace a joint: straight, off its line, meeting it inside what it carries.
 * @returns sets of braces that work together: two that stand out to different sides, or each alone
 */
export function braces(mast: Joint, others: readonly Crossing[]): readonly (readonly Crossing[])[] {
  if (mast.crossings.some((c) => c.path.legs.length > 1)) return [];
  const reach = Math.min(...mast.crossings.map((c) => c.bare + c.heldAbove));
  const good = others.filter((c) => {
    const parallel = Math.abs(dot(c.axis, mast.axis)) > Math.cos((LEAST_ANGLE * Math.PI) / 180);
    if (parallel || c.path.legs.length > 1) return false;
    const { onA, onB, gap } = nearest(mast, c);
    return (
      gap <= MEETS &&
      onA >= LEAST_UP &&
      onA <= reach + MEETS &&
      onB >= c.bare - MEETS &&
      onB <= c.bare + c.heldAbove + MEETS
    );
  });
  const [a, b] = good;
  return good.length === 2 && !inOnePlane([mast.axis, a!.axis, b!.axis]) ? [good] : good.map((c) => [c]);
}

/** How far the rod runs free of its foot to where the braces meet it: to what they stand in too, or to the joint. */
function spanOf(mast: Joint, up: number): number {
  const ground = new Set(mast.braces!.map((b) => b.crossings[0]!.below[0]!.instance));
  const spans = mast.crossings.map((c) => {
    let s = up;
    for (const run of c.below) {
      if (ground.has(run.instance)) return s;
      s += run.thick;
    }
    // it never reaches what the braces stand in: it is held where the joint is
    return up;
  });
  return Math.min(...spans);
}

/** Where the braces meet the rod, over the joint and along each brace. */
const meetingOf = (mast: Joint): { up: number; legs: readonly Vec[]; at: Vec } => {
  const ups = mast.braces!.map((b) => nearest(mast, b).onA);
  const up = Math.min(...ups);
  const at = add(mast.at, times(mast.axis, up));
  return { up, at, legs: mast.braces!.map((b) => unit(sub(at, b.at))) };
};

/** What of a vector lies square to an axis. */
const square = (v: Vec, axis: Vec): Vec => sub(v, times(axis, dot(v, axis)));

/** Pushing in each brace so that rod and braces together bear a force at the point where they meet, N. */
function braceForces(axis: Vec, legs: readonly Vec[], force: Vec): readonly number[] | undefined {
  if (legs.length === 2) return legForces([axis, ...legs], force)?.slice(1);
  const [b] = legs as readonly [Vec];
  const aside = sub(b, times(axis, dot(b, axis)));
  return [-dot(force, aside) / dot(aside, aside)];
}

/** Turning about the rod that a brace holds: its middle in the piece cannot go round without cutting through. */
function turnHeld(mast: Joint, s: Situation): number {
  const c = s.joint.crossings[0]!;
  const middle = add(c.at, times(c.axis, c.bare + c.heldAbove / 2));
  const lever = length(square(sub(middle, mast.at), mast.axis));
  const long = c.bare + c.heldAbove / 2;
  const { section } = s.stock;
  return (
    lever *
    Math.min(
      s.above.q * s.above.held,
      sideCapacity(s.below.q, s.below.held, long),
      (s.strength.bending * section.modulus) / long,
    )
  );
}

const BRACE: StrutWords = {
  id: 'brace',
  pressed: {
    title: 'Brace pressed',
    ok: 'The brace carries it.',
    no: 'The brace folds or sinks in: thicker, or deeper at both ends.',
  },
  pulled: {
    title: 'Brace pulled out',
    ok: 'The brace stays in.',
    no: 'The brace is pulled out: deeper, glued in, or set from the other side.',
  },
  rule: 'rod and braces through one point, the rod propped at its end',
};

/** A vector as three figures. */
const along = (name: string, unit: Unit, [x, y, z]: Vec): Reckoned[] => [
  given(`${name}, to the right`, x, unit),
  given(`${name}, back`, y, unit),
  given(`${name}, up`, z, unit),
];

const BENT_AT_BRACE = formula({
  name: 'Used of its strength',
  takes: ['N·mm', 'pieces', 'mm³', 'MPa', '×'],
  unit: '',
  rule: 'M ÷ rods ÷ Z ÷ bending strength × reserve',
  source: 'handbook',
  f: (m, rods, z, f, g) => (m / rods / z / f) * g,
});

/** The rod itself where the braces meet it. */
function bentAtBrace({ strength, stock, n, loadCase }: Situation, top: number): FoundCheck {
  const { reserve } = strength.material;
  const use = BENT_AT_BRACE.f(top, n, stock.section.modulus, strength.bending, reserve);
  return found('brace-bend', use, () =>
    check({
      id: 'brace-bend',
      title: 'Rod bending where it is braced',
      situation: loadCase.name,
      use: byFormula(BENT_AT_BRACE, [
        given('Moment about the point where they meet', top, 'N·mm'),
        given('Rods', n, 'pieces'),
        given('Section modulus', stock.section.modulus, 'mm³'),
        given('Bending strength, damp', strength.bending, 'MPa', strength.tried ? 'yours' : undefined),
        given('Reserve', reserve, '×'),
      ]),
      reserve,
      trust: strength.trust,
      ok: `The ${stock.name} is strong enough there.`,
      no: `The ${stock.name} gives where the brace meets it: let them meet nearer the balance point.`,
    }),
  );
}

/** A rod clamped at its foot and propped by legs at a point of it. Unit vectors, mm. */
export interface Propped {
  readonly axis: Vec;
  /** From the foot of each brace to where it meets the rod; one or two. */
  readonly legs: readonly Vec[];
  /** From the clamped foot to that point, and from the place that is asked about to it. */
  readonly span: number;
  readonly up: number;
  /** Share of what stiff braces would bear; the rest stays with the rod. */
  readonly part: number;
}

/**
 * Who bears what: the braces by statics along themselves, the rod the rest as a beam propped at its end.
 * @param F force, N, and @param turning moment about the point where they meet, N·mm
 * @returns pushing in each brace (a minus pulls) and along the rod, N; sideways force and tilt at the place asked about,
 * and tilt where they meet, as arrows the way they lean; undefined where the legs lie in one plane with the rod
 */
export function propped({ axis: a, legs, span, up, part }: Propped, F: Vec, turning: Vec) {
  // a moment about n tilts towards n × axis
  const top = cross(turning, a);
  const full = braceForces(a, legs, sub(F, times(top, -1.5 / span)));
  if (!full) return undefined;
  const pushed = full.map((X) => X * part);
  const all = pushed.reduce<Vec>((sum, X, i) => add(sum, times(legs[i]!, X)), F);
  const shear = square(all, a);
  return { pushed, along: -dot(all, a), shear, tilt: add(top, times(shear, up)), top };
}

/**
 * What a rod and its braces have to bear for one direction of throw.
 * @param s the rod, as if alone
 * @param aside each of its braces
 */
export function bracedChecks(
  s: Situation,
  aside: readonly Situation[],
  gravity: Vec,
  u: Vec,
  w: Vec,
): FoundCheck[] {
  const { joint: mast } = s;
  const a = mast.axis;
  const weight = (mast.load.g * GRAVITY) / 1000;
  const F = times(gravity, weight);
  const { up, legs, at } = meetingOf(mast);
  const span = spanOf(mast, up);
  const turning = cross(sub(mast.load.at, at), F);
  const twist = Math.abs(dot(turning, a));
  const held = aside.reduce((sum, b) => sum + turnHeld(mast, b), 0);
  return SHARES.flatMap((part) => {
    const borne = propped({ axis: a, legs, span, up, part }, F, turning);
    if (!borne) return [];
    const { pushed, shear, along: N } = borne;
    const back = heldBack(mast, N, s.seatStrength);
    const less = (m: number) => Math.sign(m) * Math.max(0, Math.abs(m) - back);
    const p: Push = {
      along: N,
      inLine: dot(shear, u),
      acrossLine: dot(shear, w),
      momentInLine: less(dot(borne.tilt, u)),
      momentAcross: less(dot(borne.tilt, w)),
      turn: twist + 0.1 * mast.halfWidth * Math.max(length(square(F, a)), weight),
      held: back,
    };
    return [
      ...heldChecks(s, p),
      ...alongChecks(s, p, held),
      bentAtBrace(s, length(borne.top)),
      ...pushed.flatMap((X, i) =>
        strutChecks(aside[i]!, BRACE, {
          pressed: Math.max(0, X),
          pulled: Math.max(0, -X),
          from: () => [
            ...along('Push at the balance point', 'N', F),
            given('Moment about the point where they meet', length(turning), 'N·mm'),
            given('From the foot of the rod to there', span, 'mm'),
            ...along('The brace leans', '', legs[i]!),
            given('Share of it that the braces bear', part, ''),
          ],
        }),
      ),
    ];
  });
}
