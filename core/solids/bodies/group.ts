import { gathered, placedMesh } from '../mesh/index.ts';
import { dot, toLocal, toWorld, type Vec } from '../vector.ts';
import {
  bodyBall,
  bodyDepth,
  bodyFootRadius,
  bodyInside,
  bodyMesh,
  bodyOutlines,
  bodyReach,
  bodySkin,
  bodySurface,
  type BodyBall,
} from './ask.ts';
import { Boxes } from './near.ts';
import type { BodyKind, Depth, GroupBody } from './types.ts';

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

/** Depth in the part it is deepest in; a part is asked only where it can be deeper than what is known. */
function depthOf(body: GroupBody): Depth {
  const parts = body.parts.map(({ frame, body: part }, i) => {
    const { centre, radius } = around(body)[i]!;
    return { depth: bodyDepth(part), frame, centre, radius };
  });
  const ask = (i: number, px: number, py: number, pz: number): number => {
    const { depth, frame } = parts[i]!;
    const { origin: o, x, y, z } = frame;
    const [a, b, c] = [px - o[0], py - o[1], pz - o[2]];
    return depth(
      a * x[0] + b * x[1] + c * x[2],
      a * y[0] + b * y[1] + c * y[2],
      a * z[0] + b * z[1] + c * z[2],
    );
  };
  const boxes = new Boxes(
    Float64Array.from(
      parts.flatMap(({ centre: c, radius: r }) => [
        c[0] - r,
        c[1] - r,
        c[2] - r,
        c[0] + r,
        c[1] + r,
        c[2] + r,
      ]),
    ),
  );
  let last = 0;
  return (x, y, z) => {
    if (parts.length === 0) return -Infinity;
    let best = ask(last, x, y, z);
    const limit = () => (best < 0 ? best * best : 0);
    boxes.nearest(x, y, z, limit(), (i) => {
      const { centre, radius } = parts[i]!;
      const far = radius - best;
      const [a, b, c] = [x - centre[0], y - centre[1], z - centre[2]];
      if (far > 0 && a * a + b * b + c * c < far * far) {
        const depth = ask(i, x, y, z);
        if (depth > best) [best, last] = [depth, i];
      }
      return limit();
    });
    return best;
  };
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
  depth: depthOf,
  skin: (body, round) => {
    const fewer =
      body.parts.length > FEW ? 8 : body.parts.length > 2 ? Math.max(8, Math.round(0.6 * round)) : round;
    return gathered(body.parts.map(({ frame, body: part }) => placedMesh(bodySkin(part, fewer), frame)));
  },
};
