import { cross } from '../../solids/index.ts';
import { MAST } from '../../figure/index.ts';
import { groundOf } from '../../ground/index.ts';
import { type Build } from '../../record/index.ts';
import { GRAVITY } from '../../quantity/index.ts';
import { bracedChecks } from './braced.ts';
import { alongChecks } from './joint-along.ts';
import { clampedSide, clampOf } from './clamped.ts';
import { gluedTwist } from './glued-twist.ts';
import { heldChecks } from './joint-holding.ts';
import { forces, sideOf, softOf, type Push, type Firmed } from './joint-push.ts';
import type { FoundCheck, Situation } from './joint-situation.ts';
import type { Crossing, Joint } from '../paths/joints.ts';
import { tripodChecks, tripodOf } from './tripod.ts';
import { apparent, type LoadCase } from './load-cases.ts';
import type { Run } from '../runs/rod-paths.ts';
import { rodStrength } from '../stock/stock.ts';

/** Directions of throw a joint is looked at in: a push between two is missed by 1 − cos 11¼°, 2 %. */
const DIRECTIONS = 16;

/** Rods on their own count one each; n of them taped together are √n rods wide. */
function holdersOf(joint: Joint): number {
  const bundles = new Map<string, number>();
  let alone = 0;
  for (const { path } of joint.crossings) {
    const { bundle } = path.placed.rod;
    // the mirrored half of a bundle is a bundle of its own
    if (bundle === undefined) alone++;
    else {
      const key = `${bundle}/${path.placed.index}`;
      bundles.set(key, (bundles.get(key) ?? 0) + 1);
    }
  }
  return alone + [...bundles.values()].reduce((sum, n) => sum + Math.sqrt(n), 0);
}

function situationOf(
  build: Build,
  joint: Joint,
  names: Situation['names'],
  firmed: Firmed,
  loadCase: LoadCase,
): Situation {
  const weakest = joint.crossings.reduce((a, c) =>
    c.path.stock.section.modulus < a.path.stock.section.modulus ? c : a,
  );
  const { stock } = weakest.path;
  const soft = (r: Run) => softOf(build, r, firmed, loadCase.hours);
  const least = (held: (c: Crossing) => number, of: (c: Crossing) => readonly Run[]) =>
    sideOf(of(joint.crossings.reduce((a, c) => (held(c) < held(a) ? c : a))), stock.section.diameter, soft);
  const below = least(
    (c) => c.heldBelow,
    (c) => c.below,
  );
  const above = least(
    (c) => c.heldAbove,
    (c) => c.above,
  );
  const clamp =
    joint.crossings.length === 1 && weakest.path.placed.rod.id === MAST
      ? clampOf(groundOf(build), joint)
      : undefined;
  return {
    joint,
    names,
    loadCase,
    clamp,
    n: joint.crossings.length,
    holders: holdersOf(joint),
    stock,
    strength: rodStrength(stock, loadCase.hours),
    below: clamp ? clampedSide(groundOf(build), below) : below,
    above,
    onBoard: joint.crossings.every((c) => c.below.some((r) => r.part === 'board')),
    seatStrength: Math.min(below.main.now, above.main.now),
    glue: gluedTwist(build, joint.upper, firmed, loadCase),
  };
}

const unbraced = (s: Situation, push: Push): FoundCheck[] => [
  ...heldChecks(s, push),
  ...alongChecks(s, push),
];

/**
 * All that can go wrong at one joint in one load case, each in its worst direction: the rod cutting through what
 * holds it above or below, bending or snapping, folding where it is bare, the piece turning, sinking, pulling off.
 */
export function findings(
  build: Build,
  joint: Joint,
  names: Situation['names'],
  firmed: Firmed,
  loadCase: LoadCase,
): FoundCheck[] {
  const s = situationOf(build, joint, names, firmed, loadCase);
  const u = joint.across;
  const w = cross(joint.axis, u);
  const weight = (joint.load.g * GRAVITY) / 1000;
  const directions = loadCase.sideways > 0 || loadCase.tilt > 0 ? DIRECTIONS : 1;
  const factors = loadCase.up === loadCase.down ? [loadCase.down] : [loadCase.down, loadCase.up];
  const tripod = tripodOf(joint);
  const aside = (joint.braces ?? []).map((b) => situationOf(build, b, names, firmed, loadCase));
  const worst = new Map<string, FoundCheck>();
  for (let k = 0; k < directions; k++)
    for (const factor of factors) {
      const gravity = apparent(loadCase, (2 * Math.PI * k) / directions, factor);
      const all = tripod
        ? tripodChecks(s, tripod, gravity)
        : aside.length > 0
          ? bracedChecks(s, aside, gravity, u, w)
          : unbraced(s, forces(joint, gravity, u, w, weight, s.seatStrength));
      for (const f of all) {
        const known = worst.get(f.id);
        if (!known || f.use > known.use) worst.set(f.id, f);
      }
    }
  return [...worst.values()];
}
