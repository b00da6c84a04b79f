import { gathered, placedMesh } from '../mesh/index.ts';
import { dot, toLocal, toWorld, type Vec } from '../vector.ts';
import {
  bodyBall,
  bodyFootRadius,
  bodyInside,
  bodyMesh,
  bodyOutlines,
  bodyReach,
  bodySurface,
  type BodyBall,
} from './ask.ts';
import type { BodyKind, GroupBody } from './types.ts';

/** Up to so many parts they are pressed together to one thing. */
const FEW = 12;

const balls = new WeakMap<GroupBody, BodyBall[]>();

/** A ball round each part, in the frame of the group. */
function around(body: GroupBody): BodyBall[] {
  let found = balls.get(body);
  if (!found) {
    found = body.parts.map(({ frame, body: part }) => {
      const { centre, radius } = bodyBall(part);
      return { centre: toWorld(frame, centre), radius };
    });
    balls.set(body, found);
  }
  return found;
}

export const group: BodyKind<GroupBody> = {
  reach: (body, along) => {
    let best = -Infinity;
    const near = around(body);
    body.parts.forEach(({ frame, body: part }, i) => {
      const { centre: at, radius } = near[i]!;
      if (dot(at, along) + radius <= best) return;
      const local: Vec = [dot(along, frame.x), dot(along, frame.y), dot(along, frame.z)];
      best = Math.max(best, dot(frame.origin, along) + bodyReach(part, local));
    });
    return best;
  },
  outlines: (body, flat) =>
    body.parts.flatMap(({ frame, body: part }) => bodyOutlines(part, (p) => flat(toWorld(frame, p)))),
  inside: (body, p) => {
    // a heap of small ones holds no rod; a hand does
    if (body.parts.length > FEW) return undefined;
    const near = around(body);
    let best: ReturnType<typeof bodyInside>;
    body.parts.forEach(({ frame, body: part }, i) => {
      const { centre: at, radius } = near[i]!;
      if (Math.hypot(p[0] - at[0], p[1] - at[1], p[2] - at[2]) > radius) return;
      const found = bodyInside(part, toLocal(frame, p));
      if (found && (!best || found.cover > best.cover)) best = found;
    });
    return best;
  },
  surface: (body) => {
    // where a heap of small ones rests is told well enough by some points of each
    const every = body.parts.length > FEW ? 17 : 1;
    return body.parts.flatMap(({ frame, body: part }) =>
      bodySurface(part)
        .filter((_, i) => i % every === 0)
        .map((p) => toWorld(frame, p)),
    );
  },
  footRadius: (body, sunk) =>
    body.parts.length ? Math.max(...body.parts.map((p) => bodyFootRadius(p.body, sunk))) : 0,
  mesh: (body, round) => {
    const fewer = body.parts.length > 24 ? Math.max(8, Math.round(round / 3)) : round;
    return gathered(body.parts.map(({ frame, body: part }) => placedMesh(bodyMesh(part, fewer), frame)));
  },
};
