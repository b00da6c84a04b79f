import { gathered, insideOut, placedMesh, type Mesh } from '../mesh/index.ts';
import type { Mm } from '../../quantity/index.ts';
import { onAxes, WORLD, type Vec } from '../vector.ts';
import type { Body, BodyCore, BodyKind, Depth, InsideBody } from './types.ts';
import { remembered } from '../../quantity/index.ts';

type Kinds = { readonly [T in Body['type']]: BodyKind<Extract<Body, { type: T }>> };

/** Filled by the room's face: kinds hold other bodies inside them, so none can come before the others. */
const KINDS: Partial<Kinds> = {};
/** Make the kinds of body known; said once, by the face of the room. */
export const knowKinds = (kinds: Kinds): void => void Object.assign(KINDS, kinds);

const kindOf = (body: Body): BodyKind<Body> => KINDS[body.type]! as unknown as BodyKind<Body>;

/** Furthest reach along a direction of length one, from the origin of the body's frame. */
export const bodyReach = (body: Body, along: Vec): Mm => kindOf(body).reach(body, along);

/** Outlines that together cover the body in a picture. */
export const bodyOutlines = (body: Body, drop: (p: Vec) => readonly [Mm, Mm]): [Mm, Mm][][] =>
  kindOf(body).outlines(body, drop);

/** What a point is inside of; undefined outside. */
export const bodyInside = (body: Body, p: Vec): InsideBody | undefined => kindOf(body).inside(body, p);

/** A ball that holds the whole body, in the body's own frame. */
export interface BodyBall {
  readonly centre: Vec;
  readonly radius: Mm;
}
const balls = new WeakMap<Body, BodyBall>();

/** The ball round a body's box, remembered with it: tells from afar that a point or a rod is not inside. */
export function bodyBall(body: Body): BodyBall {
  let found = balls.get(body);
  if (!found) {
    const far = onAxes((k) => {
      const d: [number, number, number] = [0, 0, 0];
      d[k] = 1;
      const high = bodyReach(body, d);
      d[k] = -1;
      return [-bodyReach(body, d), high] as const;
    });
    found = {
      centre: onAxes((k) => (far[k][0] + far[k][1]) / 2),
      radius: Math.hypot(...far.map(([low, high]) => (high - low) / 2)),
    };
    balls.set(body, found);
  }
  return found;
}

/** Places on the outside of a body, close enough to each other to be dropped on something. */
export const bodySurface = (body: Body): Vec[] => kindOf(body).surface(body);
/** Radius of the face a body stands on when it goes in so far, mm. */
export const bodyFootRadius = (body: Body, sunk: Mm): Mm => kindOf(body).footRadius(body, sunk);

/** The paste of a body as triangles: with a core, the outer skin and the inner one turned inside out. */
export const bodyMesh = (body: Body, round = 48): Mesh => kindOf(body).mesh(body, round);

/** Signed distance to the skin of a body, in its own frame, mm: above zero inside; made once for each body. */
export const bodyDepth = remembered((body: Body): Depth => kindOf(body).depth(body));

/** The closed outer skin of a body, its core not cut out, with so many corners to a circle; made once for each body. */
export const bodySkin = remembered((body: Body, round: number): Mesh => kindOf(body).skin(body, round));

/** A skin with the hollow its core fills. */
export const coreMesh = (skin: Mesh, core: BodyCore, round: number): Mesh =>
  gathered([skin, insideOut(placedMesh(bodyMesh(core.body, round), { ...WORLD, origin: [0, 0, core.up] }))]);
