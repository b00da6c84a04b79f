import { legsOf, place } from '../../figure/index.ts';
import { dot } from '../../solids/index.ts';
import { type Build } from '../../record/index.ts';
import { listed } from '../../quantity/index.ts';
import type { Clash } from '../paths/clash.ts';
import { jointsOf, type Crossing, type Joint } from '../paths/joints.ts';
import { waysHeld } from './ways-held.ts';

/** A piece goes on to its rods where they are straight inside it and run one way; what braces it goes in after it. */

/** Rods of one piece this far out of parallel do not let it slide on, degrees. */
const PARALLEL = 3;
const lower = (name: string): string => name.toLowerCase();

/** Is the rod bent within the piece it holds, more than a slide allows? */
function bendsInside({ arm, bare }: Crossing): boolean {
  const inside = legsOf(arm).filter((leg) => leg.start + leg.length > bare + 1 && leg.length > 1);
  return inside
    .slice(1)
    .some((leg, k) => dot(leg.along, inside[k]!.along) < Math.cos((PARALLEL * Math.PI) / 180));
}

/** A braced piece is slid on to its rod, and the brace pushed in after it; undefined where none braces it. */
function bracedLast(build: Build, joint: Joint, letterOf: (id: string) => string): Clash | undefined {
  const way = waysHeld(build, joint).find((w) => w.braces);
  if (!way) return undefined;
  const idsOf = (crossings: readonly Crossing[]) => [...new Set(crossings.map((c) => c.path.placed.rod.id))];
  const rods = idsOf(way.crossings);
  const last = idsOf(way.braces!.flatMap((b) => b.crossings));
  const name = lower(place(build)[joint.upper]!.piece.name);
  const words = (ids: readonly string[]) => listed(ids.map(letterOf));
  return {
    kind: 'order',
    rods: [...rods, ...last],
    title: `${words(last)} ${last.length > 1 ? 'go' : 'goes'} in last`,
    text: `Slide the ${name} on to ${words(rods)}, then push ${words(last)} through it into what it stands in, and glue both ends.`,
    verdict: 'tight',
    mend: undefined,
  };
}

/** Pieces that cannot be slid on to their rods as they are, and those that need an order. */
export function slideClashes(build: Build, letterOf: (id: string) => string): Clash[] {
  const instances = place(build);
  return jointsOf(build).joints.flatMap((joint): Clash[] => {
    const { index, piece } = instances[joint.upper]!;
    if (index > 0) return [];
    const [first, ...rest] = joint.crossings;
    const bent = joint.crossings.find((c) => bendsInside(c));
    if (bent) {
      const { id } = bent.path.placed.rod;
      return [
        {
          kind: 'slide',
          rods: [id],
          title: `The ${lower(piece.name)} cannot be slid on`,
          text: `${letterOf(id)} is bent inside it: build it round the rod, or bend the rod outside it.`,
          verdict: 'tight',
          mend: undefined,
        },
      ];
    }
    for (const c of rest) {
      const angle = (Math.acos(Math.min(1, Math.abs(dot(first!.axis, c.axis)))) * 180) / Math.PI;
      if (angle <= PARALLEL) continue;
      const braced = bracedLast(build, joint, letterOf);
      if (braced) return [braced];
      const ids = [first!.path.placed.rod.id, c.path.placed.rod.id];
      return [
        {
          kind: 'slide',
          rods: [...new Set(ids)],
          title: `The ${lower(piece.name)} cannot be slid on`,
          text: `${letterOf(ids[0]!)} and ${letterOf(ids[1]!)} are ${Math.round(angle)}° out of parallel: build it round them, or set them parallel.`,
          verdict: 'tight',
          mend: undefined,
        },
      ];
    }
    return [];
  });
}
