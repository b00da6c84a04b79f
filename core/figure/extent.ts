import { remembered } from '../quantity/index.ts';
import { bodyReach, dot, type Body, type Vec } from '../solids/index.ts';
import { fromBuild, type PartsOf } from './build.ts';
import { place, type Instance } from './place.ts';

/** The six ways to look; bodies remember how far they reach along each by these very objects. */
export const LEFT: Vec = [-1, 0, 0];
export const RIGHT: Vec = [1, 0, 0];
export const FRONT: Vec = [0, -1, 0];
export const BACK: Vec = [0, 1, 0];
export const DOWN: Vec = [0, 0, -1];
export const UP: Vec = [0, 0, 1];

const reaches = new WeakMap<Instance, Map<Vec, number>>();

/** Alike bodies that are turned alike reach equally far from where they stand. */
const reachOf = remembered(
  (body: Body, x: number, y: number, z: number): number => bodyReach(body, [x, y, z]),
  Object.is,
  48,
);

/** Furthest reach of a standing body along a direction of length one, in the board's coordinates. */
export function reach(instance: Instance, along: Vec): number {
  let known = reaches.get(instance);
  if (!known) reaches.set(instance, (known = new Map()));
  let far = known.get(along);
  if (far === undefined) {
    const { frame, body } = instance;
    const own = reachOf(body, dot(along, frame.x), dot(along, frame.y), dot(along, frame.z));
    known.set(along, (far = dot(frame.origin, along) + own));
  }
  return far;
}

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
  for (const i of place(build)) {
    left = Math.min(left, -reach(i, LEFT));
    right = Math.max(right, reach(i, RIGHT));
    front = Math.min(front, -reach(i, FRONT));
    back = Math.max(back, reach(i, BACK));
    top = Math.max(top, reach(i, UP));
  }
  return { left, right, front, back, top };
});

/** Finished height over the board, mm. */
export const height = (build: PartsOf<'pieces'>): number => extent(build).top;
