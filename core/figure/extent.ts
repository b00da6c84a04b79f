import { remembered } from '../quantity/index.ts';
import { bodyReach, dot, type Body, type Vec } from '../solids/index.ts';
import { fromBuild } from '../record/index.ts';
import { place, type Instance, type Stance } from './place.ts';

/** The six ways to look; bodies remember how far they reach along each by these very objects. */
export const LEFT: Vec = [-1, 0, 0];
export const RIGHT: Vec = [1, 0, 0];
export const FRONT: Vec = [0, -1, 0];
export const BACK: Vec = [0, 1, 0];
export const DOWN: Vec = [0, 0, -1];
export const UP: Vec = [0, 0, 1];

const reaches = new WeakMap<Stance, Map<Vec, number>>();

/** Alike bodies that are turned alike reach equally far from where they stand. */
const reachOf = remembered(
  (body: Body, x: number, y: number, z: number): number => bodyReach(body, [x, y, z]),
  Object.is,
  48,
);

/** How far a body that is turned so reaches from where it stands along a direction of length one, mm. */
function reachFrom(stance: Stance, along: Vec): number {
  let known = reaches.get(stance);
  if (!known) reaches.set(stance, (known = new Map()));
  let far = known.get(along);
  if (far === undefined) {
    const { body, x, y, z } = stance;
    known.set(along, (far = reachOf(body, dot(along, x), dot(along, y), dot(along, z))));
  }
  return far;
}

/** Furthest reach of a standing body along a direction of length one, in the board's coordinates. */
export const reach = (instance: Instance, along: Vec): number =>
  dot(instance.frame.origin, along) + reachFrom(instance.stance, along);

export interface Extent {
  readonly left: number;
  readonly right: number;
  readonly front: number;
  readonly back: number;
  readonly top: number;
}

/** How far the figure reaches to each side and up, mm from the centre of the board's top. */
export const extent = fromBuild(['pieces'], (build): Extent => {
  let [left, right, front, back, top] = [0, 0, 0, 0, 0];
  let stance: Stance | undefined;
  let [l, r, f, b, t] = [0, 0, 0, 0, 0];
  for (const i of place(build)) {
    // alike ones of a batch follow one another
    if (i.stance !== stance) {
      stance = i.stance;
      l = reachFrom(stance, LEFT);
      r = reachFrom(stance, RIGHT);
      f = reachFrom(stance, FRONT);
      b = reachFrom(stance, BACK);
      t = reachFrom(stance, UP);
    }
    const [x, y, z] = i.frame.origin;
    left = Math.min(left, x - l);
    right = Math.max(right, x + r);
    front = Math.min(front, y - f);
    back = Math.max(back, y + b);
    top = Math.max(top, z + t);
  }
  return { left, right, front, back, top };
});

/** Finished height over the board, mm. */
export const height = fromBuild(['pieces'], (build): number => {
  let top = 0;
  for (const i of place(build)) top = Math.max(top, reach(i, UP));
  return top;
});
