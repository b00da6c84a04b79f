import { bodyReach, dot, type Vec } from '../solids/index.ts';
import type { Build } from './build.ts';
import { place, type Instance } from './place.ts';

/** Furthest reach of a body along a direction of length one, in the board's coordinates. */
export function reach({ frame, body }: Instance, along: Vec): number {
  const local: Vec = [dot(along, frame.x), dot(along, frame.y), dot(along, frame.z)];
  return dot(frame.origin, along) + bodyReach(body, local);
}

export interface Extent {
  readonly left: number;
  readonly right: number;
  readonly front: number;
  readonly back: number;
  readonly top: number;
}

const memo = new WeakMap<Build['pieces'], Extent>();

/** How far the figure reaches to each side and up, mm from the centre of the board's top. */
export function extent(build: Build): Extent {
  const known = memo.get(build.pieces);
  if (known) return known;
  let [left, right, front, back, top] = [0, 0, 0, 0, 0];
  for (const i of place(build)) {
    left = Math.min(left, -reach(i, [-1, 0, 0]));
    right = Math.max(right, reach(i, [1, 0, 0]));
    front = Math.min(front, -reach(i, [0, -1, 0]));
    back = Math.max(back, reach(i, [0, 1, 0]));
    top = Math.max(top, reach(i, [0, 0, 1]));
  }
  const found = { left, right, front, back, top };
  memo.set(build.pieces, found);
  return found;
}

/** Finished height over the board, mm. */
export const height = (build: Build): number => extent(build).top;
