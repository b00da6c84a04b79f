import { place } from '../../figure/index.ts';
import { type Build } from '../../record/index.ts';
import { dot } from '../../solids/index.ts';
import { braces } from './braced.ts';
import { jointBy, type Crossing, type Joint } from '../paths/joints.ts';
import { tripodOf } from './tripod.ts';

/** Rods further out of parallel than this do not work as a row, degrees; estimate. */
const IN_LINE = 15;
const inLine = (a: Crossing, b: Crossing): boolean =>
  Math.abs(dot(a.axis, b.axis)) > Math.cos((IN_LINE * Math.PI) / 180);

/** Rods of one kind that run one way. */
function kindsOf(crossings: readonly Crossing[]): Crossing[][] {
  const kinds: { name: string; rods: Crossing[] }[] = [];
  for (const c of crossings) {
    const name = `${c.path.stock.name}/${c.path.placed.rod.bundle ?? ''}`;
    const like = kinds.find((k) => k.name === name && k.rods.every((r) => inLine(r, c)));
    if (like) like.rods.push(c);
    else kinds.push({ name, rods: [c] });
  }
  return kinds.map((k) => k.rods);
}

/**
 * The ways a joint may be looked at as held: by all its rods in a row or on three legs, by each kind of rod alone, by a
 * rod with braces. Rods that differ share a load as their stiffness bids, which nobody knows in paste: what one way can
 * hold is held, so the best of them counts and never their sum.
 */
export function waysHeld(build: Build, joint: Joint): readonly Joint[] {
  const kinds = kindsOf(joint.crossings);
  if (kinds.length < 2) return [joint];
  const tripod = tripodOf(joint) !== undefined;
  const instance = place(build)[joint.upper]!;
  const by = (rods: readonly Crossing[]) => jointBy(instance, joint.upper, joint.load, rods, joint.seat);
  const row = tripod || joint.crossings.every((c) => inLine(joint.crossings[0]!, c)) ? [joint] : [];
  const braced = kinds.flatMap((mast): Joint[] => {
    const held = by(mast);
    const others = joint.crossings.filter((c) => !mast.includes(c));
    return braces(held, others).map((set) => ({ ...held, braces: set.map((c) => by([c])) }));
  });
  // one leg of a tripod is not asked to hold it alone
  return [...row, ...(tripod ? [] : kinds.map(by)), ...braced];
}
