import { measureOf, type Instance } from '../../figure/index.ts';
import {
  add,
  cross,
  dot,
  sub,
  times,
  unit,
  type Vec,
  bodyInside,
  bodySurface,
  toLocal,
  toWorld,
} from '../../solids/index.ts';
import { remembered } from '../../quantity/index.ts';
import { seatRadius } from './seat-radius.ts';

/** Where a piece touches its carrier: middle, way out, and how large. */
export interface Contact {
  readonly at: Vec;
  /** From the carrier towards the piece. */
  readonly out: Vec;
  readonly across: Vec;
  readonly along: Vec;
  /** Full sizes across and along, mm. */
  readonly wide: number;
  readonly tall: number;
}

/** Faces nearer than this are pressed together, mm; estimate. */
const PRESSED = 1;
const FEW = 6;

/** The foot as a round face, where no more can be told. */
function footOf(instance: Instance): Contact {
  const { frame, piece } = instance;
  const d = 2 * Math.max(0.5, seatRadius(instance));
  return {
    at: add(frame.origin, times(frame.z, piece.seat.sink)),
    out: frame.z,
    across: frame.x,
    along: frame.y,
    wide: d,
    tall: d,
  };
}

/**
 * The face on which a piece is stuck: the points of its surface that lie in its carrier, or a millimetre from it. Sizes
 * are four times their spread, as for an even oval.
 */
export const contactOf = remembered((instance: Instance, carrier: Instance): Contact => {
  const { frame, body, piece } = instance;
  const m = measureOf(piece);
  const centre = toWorld(frame, [m.aside?.[0] ?? 0, m.aside?.[1] ?? 0, m.centre]);
  const towards = unit(sub(toWorld(carrier.frame, [0, 0, measureOf(carrier.piece).centre]), centre));
  const points = bodySurface(body)
    .map((p) => toWorld(frame, p))
    .filter((p) => {
      const near = toLocal(carrier.frame, add(p, times(towards, PRESSED)));
      return bodyInside(carrier.body, near) !== undefined;
    });
  if (points.length < FEW) return footOf(instance);
  const at = times(
    points.reduce<Vec>((a, p) => add(a, p), [0, 0, 0]),
    1 / points.length,
  );
  const reach = sub(centre, at);
  const out = Math.hypot(...reach) > 0.3 ? unit(reach) : frame.z;
  const start = Math.abs(dot(out, frame.y)) < 0.9 ? frame.y : frame.x;
  const along = unit(sub(start, times(out, dot(start, out))));
  const across = cross(along, out);
  const spread = (axis: Vec) =>
    4 * Math.sqrt(points.reduce((s, p) => s + dot(sub(p, at), axis) ** 2, 0) / points.length);
  const foot = 2 * Math.max(0.5, seatRadius(instance));
  return {
    at,
    out,
    across,
    along,
    wide: Math.max(foot * 0.7, spread(across)),
    tall: Math.max(foot * 0.7, spread(along)),
  };
});
