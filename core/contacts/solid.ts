import {
  bodyDepth,
  bodySkin,
  type Body,
  type Depth,
  type Frame,
  type Mesh,
  type Vec,
} from '../solids/index.ts';
import { remembered } from '../quantity/index.ts';

/** A box along the axes of a body's own frame. */
export interface Box {
  readonly low: Vec;
  readonly high: Vec;
}

/** What contacts are found between: how deep a point lies in it, and a skin, which what everything stands on does without. */
export interface Solid {
  readonly depth: Depth;
  readonly skin: Mesh | undefined;
  readonly box: Box;
  /** From corner to corner of its box, and its least side, mm. */
  readonly far: number;
  readonly thin: number;
  /** Made of parts that lie in each other. */
  readonly heap: boolean;
  /** How far it gives way to what it is pressed on, mm. */
  readonly beds: number;
  /** Its triangles are its true skin, and no spot of them has to be put back on it. */
  readonly straight: boolean;
}

/** Corners round a skin that is looked at for contacts. Estimate. */
const ROUND = 16;

function boxOf(mesh: Mesh): Box {
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  mesh.points.forEach((v, i) => {
    const k = i % 3;
    if (v < low[k]!) low[k] = v;
    if (v > high[k]!) high[k] = v;
  });
  return { low: low as unknown as Vec, high: high as unknown as Vec };
}

/** Soft paste that is pressed on beds in by so much, mm; estimate. */
export const SETTLE = 0.5;
/** A thin sheet is smoothed on to what it is pressed on as it is set there, mm; estimates. */
const PLIANT = 4;
const SHEET_BEDS = 2.5;

const isStraight = (body: Body): boolean =>
  body.type === 'flat' ||
  body.type === 'scan' ||
  (body.type === 'group' && body.parts.every((p) => isStraight(p.body)));

/** A body as what may touch others; made once for each. */
export const solidOf = remembered((body: Body): Solid => {
  const skin = bodySkin(body, ROUND);
  const box = boxOf(skin);
  const sides = [0, 1, 2].map((k) => box.high[k]! - box.low[k]!);
  return {
    depth: bodyDepth(body),
    skin,
    box,
    far: Math.hypot(...sides),
    thin: Math.min(...sides),
    heap: body.type === 'group',
    beds: body.type === 'flat' && body.thickness < PLIANT ? SHEET_BEDS : SETTLE,
    straight: isStraight(body),
  };
});

/** The level ground at a height of nought within an outline: the board, or the top of a tier. */
export function groundWithin(shape: 'round' | 'square', width: number): Solid {
  const half = width / 2;
  const inside =
    shape === 'round'
      ? (x: number, y: number) => half - Math.sqrt(x * x + y * y)
      : (x: number, y: number) => half - Math.max(Math.abs(x), Math.abs(y));
  return {
    depth: (x, y, z) => {
      const aside = inside(x, y);
      if (aside >= 0) return z > 0 ? -z : Math.min(-z, aside);
      return z > 0 ? -Math.sqrt(z * z + aside * aside) : aside;
    },
    skin: undefined,
    box: { low: [-half, -half, -width], high: [half, half, 0] },
    far: 2 * width,
    thin: width,
    heap: false,
    beds: SETTLE,
    straight: true,
  };
}

/** A frame seen from another: where its origin lies and where its axes point, in the other's own coordinates. */
export function seenFrom(a: Frame, b: Frame): Frame {
  const d: Vec = [a.origin[0] - b.origin[0], a.origin[1] - b.origin[1], a.origin[2] - b.origin[2]];
  const turn = (v: Vec): Vec => [
    v[0] * b.x[0] + v[1] * b.x[1] + v[2] * b.x[2],
    v[0] * b.y[0] + v[1] * b.y[1] + v[2] * b.y[2],
    v[0] * b.z[0] + v[1] * b.z[1] + v[2] * b.z[2],
  ];
  return { origin: turn(d), x: turn(a.x), y: turn(a.y), z: turn(a.z) };
}

/** Depth in a solid of points told in the frame of something that stands in it so. */
export function depthThrough(depth: Depth, { origin: o, x, y, z }: Frame): Depth {
  const [ox, oy, oz] = o;
  const [xx, xy, xz] = x;
  const [yx, yy, yz] = y;
  const [zx, zy, zz] = z;
  return (a, b, c) =>
    depth(ox + xx * a + yx * b + zx * c, oy + xy * a + yy * b + zy * c, oz + xz * a + yz * b + zz * c);
}
