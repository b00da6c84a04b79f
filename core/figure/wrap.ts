import {
  cross,
  edgeOf,
  measure,
  shapeOf,
  sub,
  unit,
  type Body,
  type Frame,
  type LevelCut,
  type StackBody,
  type Vec,
} from '../solids/index.ts';
import type { Piece } from '../record/index.ts';

/** Stops round a girth from which lengths along it are read. */
const STOPS = 96;
/** Steps up a side from which lengths up it are read. */
const STEPS = 48;

/** Length round a level cut, starting at the front and going to the right. */
function girthTable(cut: LevelCut): { at: readonly number[]; whole: number } {
  const at = [0];
  let [x, y] = edgeOf(cut, -Math.PI / 2);
  for (let i = 1; i <= STOPS; i++) {
    const [u, v] = edgeOf(cut, -Math.PI / 2 + (2 * Math.PI * i) / STOPS);
    at.push(at[i - 1]! + Math.hypot(u - x, v - y));
    [x, y] = [u, v];
  }
  return { at, whole: at[STOPS]! };
}

/** Angle at which so much length is used up; full rounds are added. */
function angleAt({ at, whole }: ReturnType<typeof girthTable>, length: number): number {
  if (!(whole > 0)) return -Math.PI / 2;
  const rounds = Math.floor(length / whole);
  const rest = length - rounds * whole;
  let low = 0;
  let high = STOPS;
  while (high - low > 1) {
    const mid = (low + high) >> 1;
    if (at[mid]! <= rest) low = mid;
    else high = mid;
  }
  const share = (rest - at[low]!) / (at[high]! - at[low]! || 1);
  return -Math.PI / 2 + 2 * Math.PI * (rounds + (low + share) / STOPS);
}

/** The surface of a carrier as a sheet to lay things on: along it, up it, and out from it. */
function surfaceOf(carrier: StackBody, from: number, turn: number) {
  const top = carrier.levels[carrier.levels.length - 1]!;
  const inside = (z: number) => Math.min(top * 0.999, Math.max(top * 0.001, z));
  const girth = girthTable(carrier.cutAt(inside(from)));
  const start = (turn / 360) * girth.whole;
  // length up the side at the front
  const heights = [inside(from)];
  const lengths = [0];
  const point = (z: number, angle: number): Vec => {
    const [x, y] = edgeOf(carrier.cutAt(z), angle);
    return [x, y, z];
  };
  for (let i = 1; i <= STEPS; i++) {
    const z = heights[0]! + ((top * 0.999 - heights[0]!) * i) / STEPS;
    const [a, b] = [point(heights[i - 1]!, 0), point(z, 0)];
    heights.push(z);
    lengths.push(lengths[i - 1]! + Math.hypot(b[0] - a[0], b[2] - a[2]));
  }
  const heightAt = (up: number): number => {
    if (up <= 0) return inside(from + up);
    if (up >= lengths[STEPS]!) return heights[STEPS]!;
    let low = 0;
    let high = STEPS;
    while (high - low > 1) {
      const mid = (low + high) >> 1;
      if (lengths[mid]! <= up) low = mid;
      else high = mid;
    }
    const share = (up - lengths[low]!) / (lengths[high]! - lengths[low]! || 1);
    return heights[low]! + (heights[high]! - heights[low]!) * share;
  };
  /** Where a point of the flat piece comes to lie, with the directions along, out of and up the surface there. */
  const lay = ([along, y, up]: Vec): Frame => {
    const angle = angleAt(girth, start + along);
    const z = heightAt(up);
    const here = point(z, angle);
    const x = unit(sub(point(z, angle + 0.01), point(z, angle - 0.01)));
    const dz = top * 0.004;
    const rise = unit(sub(point(inside(z + dz), angle), point(inside(z - dz), angle)));
    const back = unit(cross(rise, x));
    // what lay before the sheet, towards the viewer, now lies outside the surface
    const over = up < 0 ? up - (z - from) : 0;
    return {
      origin: [
        here[0] + back[0] * y + rise[0] * over,
        here[1] + back[1] * y + rise[1] * over,
        here[2] + back[2] * y + rise[2] * over,
      ],
      x,
      y: back,
      z: unit(cross(x, back)),
    };
  };
  return { lay, girth: girth.whole };
}

/** Girth of a carrier at a height; undefined where nothing can be laid round it. */
export const girthAt = (carrier: Body, z: number): number | undefined =>
  carrier.type === 'stack' ? surfaceOf(carrier, z, 0).girth : undefined;

const memo = new WeakMap<Piece, { carrier: Body; body: Body }>();

/** Points every so far along a straight edge, so that it can bend. */
const spread = (from: number, to: number, n: number): number[] =>
  Array.from({ length: n + 1 }, (_, i) => from + ((to - from) * i) / n);

/**
 * The body of a piece laid round its carrier, in the carrier's frame: its foot at the height of its seat, its middle
 * turned so far from the front; undefined when it is not laid round, or cannot be.
 */
export function wrapRound(piece: Piece, flat: Body, carrier: Body): Body | undefined {
  if (piece.seat.how !== 'wraps' || !shapeOf(piece.form.kind).wraps || piece.form.coat) return undefined;
  if (carrier.type !== 'stack') return undefined;
  const known = memo.get(piece);
  if (known?.carrier === carrier) return known.body;
  const { seat } = piece;
  const { lay } = surfaceOf(carrier, seat.at[2], seat.turn);
  const body = laidRound(piece, flat, lay, seat.sink);
  memo.set(piece, { carrier, body });
  return body;
}

function laidRound(piece: Piece, flat: Body, lay: (p: Vec) => Frame, sink: number): Body {
  switch (flat.type) {
    case 'flat': {
      // a strip stands upright: its length runs up, and is laid along instead
      const { length, width, thickness } = piece.form.sizes as Record<string, number>;
      const rows = spread(0, width ?? 1, 3).map((up) =>
        spread(-length! / 2, length! / 2, 72).map((x) => lay([x, sink - thickness! / 2, up]).origin),
      );
      return { type: 'band', rows, thickness: thickness!, loop: false };
    }
    case 'band': {
      const m = measure(piece.form);
      return {
        ...flat,
        rows: flat.rows.map((row) => row.map(([x, y, z]) => lay([x, y - m.depth / 2 + sink, z]).origin)),
      };
    }
    case 'stack': {
      // a rope stands upright in its own frame
      const { diameter, length } = piece.form.sizes as { diameter: number; length: number };
      const r = diameter / 2;
      const path = spread(-length / 2, length / 2, 72).map((x) => lay([x, sink - r, r]).origin);
      return { type: 'tube', path, radii: path.map(() => r), loop: false };
    }
    case 'group':
      return {
        ...flat,
        parts: flat.parts.map(({ frame, body }) => {
          const on = lay([frame.origin[0], frame.origin[1] + sink, frame.origin[2]]);
          const through = (v: Vec): Vec => [
            on.x[0] * v[0] + on.y[0] * v[1] + on.z[0] * v[2],
            on.x[1] * v[0] + on.y[1] * v[1] + on.z[1] * v[2],
            on.x[2] * v[0] + on.y[2] * v[1] + on.z[2] * v[2],
          ];
          return {
            frame: { origin: on.origin, x: through(frame.x), y: through(frame.y), z: through(frame.z) },
            body,
          };
        }),
      };
    default:
      return flat;
  }
}
