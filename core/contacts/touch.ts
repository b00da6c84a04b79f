import {
  add,
  dot,
  rotated,
  times,
  toWorld,
  WORLD,
  type Depth,
  type Frame,
  type Vec,
} from '../solids/index.ts';
import { squareTo, deepestOf, facing, type Facing } from './facing.ts';
import { patchOf, type CutPatch, type Skinned } from './patch.ts';
import { depthThrough, seenFrom, type Solid } from './solid.ts';

/** A place of a patch with its share of the area: what it rests on. */
export interface PatchSpot {
  readonly at: Vec;
  readonly area: number;
}

/** Two bodies that touch, told in the frame of the first. */
export interface Touching {
  /** Area that presses: length of the vector area of the patch, mm². */
  readonly area: number;
  /** Out of the first into the second. */
  readonly normal: Vec;
  /** Middle of what presses. */
  readonly at: Vec;
  /** How far the one is in the other, mm; below nought they only just touch. */
  readonly depth: number;
  /** Plain area of both skins in each other, mm²: what glue wets, and what no longer dries. */
  readonly skin: readonly [number, number];
  /** Smaller over larger of the two sums, which should be the same. */
  readonly agree: number;
  /** A ring, a belt or a plug: it holds sideways, and presses on far less than it touches. */
  readonly round: boolean;
  readonly spots: readonly PatchSpot[];
}

/** Two bodies that nearly touch. */
export interface Gap {
  readonly gap: number;
  /** Where, in the frame of the first. */
  readonly at: Vec;
}

export type Meeting = Touching | Gap;
/** Do they touch, or is there a gap between them? */
export const touches = (m: Meeting): m is Touching => 'area' in m;

/** Faces nearer than this are in contact, mm; estimate. */
export const TOUCH = 0.5;
/** Nobody asks whether bodies touch that are further apart than this, mm. Estimate. */
export const NEAR = 1;

/** Grains of the cut, mm, and how little the sums may still change. Estimate. */
const COARSEST = 4;
/** A step of the method; estimate. */
const FINEST = 1.2;
/** A step of the method; estimate. */
const SAME = 0.025;
/** A step of the method; estimate. */
const MOST_PASSES = 5;
/** Depths asked in one pass over a pair at most, as long as they can be told beforehand: each asks so many times the last. Estimate. */
const BUDGET = 4000;
/** A step of the method; estimate. */
const MORE = 2.5;
/** Where one skin near the other is so many times as wide as the other's, both sums being the same, it is left alone. Estimate. */
const WIDER = 4;
/** A step of the method; estimate. */
const WIDE = 12_000;
/** So many triangles at the grain would tell a patch well enough at first. Estimate. */
const FEW = 100;
/** Sums within a tenth of each other are of one curve. Estimate. */
const ALIKE = 0.9;
/** A patch whose sum is less of its skin than this lies all round something. Estimate. */
const ROUND = 0.15;
/** Nothing presses on less, mm². Estimate. */
const NOTHING = 1e-6;

const size = (v: Vec): number => Math.sqrt(v[0] * v[0] + v[1] * v[1] + v[2] * v[2]);

/** One of two solids, as the other sees it. */
interface Side {
  readonly solid: Solid;
  /** Depth in the other of its own points. */
  readonly inOther: Depth;
  readonly facing: Facing | undefined;
}

/** Its patch as it stands, or nothing where it has no skin, or one so much wider that the other's alone tells more. */
const cut = (s: Side, other: Side, settle: number, fine: number): CutPatch | undefined =>
  s.facing && !(other.facing && s.facing.area > Math.max(WIDE, WIDER * other.facing.area))
    ? patchOf(s.solid as Skinned, s.inOther, s.facing, settle, fine)
    : undefined;

/** Where one lies deepest in the other, and whose skin told it. */
function deepestOfBoth(
  first: Side,
  second: Side,
): { readonly depth: number; readonly at: Vec; readonly side: Side } | undefined {
  const ask = (side: Side) => {
    const found = side.facing && deepestOf(side.solid.skin!, side.solid.depth, side.inOther, side.facing);
    return found && { ...found, side };
  };
  // the smaller skin knows best where it is deepest; where it says apart, the other is asked too
  const order = first.solid.far <= second.solid.far || !second.solid.skin ? [first, second] : [second, first];
  const one = ask(order[0]!);
  if (one && one.depth >= -TOUCH) return one;
  const other = ask(order[1]!);
  return other && (!one || other.depth > one.depth) ? other : one;
}

/** Both patches at the grain at which they no longer change, or at which enough has been asked. */
function patches(
  first: Side,
  second: Side,
  depth: number,
  asked: { n: number },
): readonly [CutPatch?, CutPatch?] {
  const [a, b] = [first.solid, second.solid];
  const beds = Math.max(a.beds, b.beds);
  const settle = Math.max(0, beds - Math.max(0, depth)) + Math.max(0, -depth);
  const guess = Math.sqrt(2 * Math.min(a.thin, b.thin) * Math.max(beds, depth));
  // of what is wide no more is asked than of what is small
  const wide = Math.sqrt(Math.min(first.facing?.area ?? Infinity, second.facing?.area ?? Infinity) / FEW);
  let fine = Math.max(wide, Math.min(COARSEST, Math.max(FINEST, guess / 2.5)));
  const both = (): [CutPatch?, CutPatch?] => [
    cut(first, second, settle, fine),
    cut(second, first, settle, fine),
  ];
  const same = (now: CutPatch | undefined, was: CutPatch | undefined) =>
    Math.abs(sumOf(now) - sumOf(was)) <= SAME * sumOf(now);
  asked.n = 0;
  let now = both();
  for (let pass = 1; pass < MOST_PASSES && MORE * asked.n <= BUDGET; pass++) {
    const was = now;
    asked.n = 0;
    fine /= 2;
    now = both();
    if (same(now[0], was[0]) && same(now[1], was[1])) break;
  }
  return now;
}

const sumOf = (p: CutPatch | undefined): number => (p ? size(p.sum) : 0);

/**
 * How two standing solids touch, or how far they are apart; undefined when that is more than is asked about.
 * @param at frame of the first seen from the second
 * @param near how far apart they may be to be told, mm
 */
export function touch(a: Solid, b: Solid, at: Frame, near = NEAR): Meeting | undefined {
  const back = seenFrom(WORLD, at);
  const asked = { n: 0 };
  const counted =
    (depth: Depth): Depth =>
    (x, y, z) => {
      asked.n++;
      return depth(x, y, z);
    };
  const aInB = counted(depthThrough(b.depth, at));
  const bInA = counted(depthThrough(a.depth, back));
  const faced = (s: Solid, inOther: Depth, frame: Frame, other: Solid) =>
    s.skin && facing(s.skin, inOther, frame, other.box, near);
  const first: Side = { solid: a, inOther: aInB, facing: faced(a, aInB, at, b) };
  if (first.facing?.deepest.length === 0) return undefined;
  const second: Side = { solid: b, inOther: bInA, facing: faced(b, bInA, back, a) };
  const deep = deepestOfBoth(first, second);
  if (!deep || deep.depth < -near) return undefined;
  const home: Vec = deep.side === first ? deep.at : toWorld(back, deep.at);
  if (deep.depth < -TOUCH) return { gap: -deep.depth, at: home };
  const [pa, pb] = patches(first, second, deep.depth, asked);
  return told(pa, pb, { depth: deep.depth, home, back });
}

/** What two patches tell of one contact. */
function told(
  pa: CutPatch | undefined,
  pb: CutPatch | undefined,
  { depth, home, back }: { readonly depth: number; readonly home: Vec; readonly back: Frame },
): Meeting {
  const [la, lb] = [sumOf(pa), sumOf(pb)];
  const skin = [(pa ?? pb)!.skin, (pb ?? pa)!.skin] as const;
  if (la < NOTHING && lb < NOTHING) {
    const area = Math.min(...skin.filter((s) => s > 0), Infinity);
    if (!Number.isFinite(area)) return { gap: Math.max(0, -depth), at: home };
    const spots = [{ at: home, area }];
    return { area, normal: [0, 0, 1], at: home, depth, skin, agree: 0, round: true, spots };
  }
  const useA = pb === undefined || (pa !== undefined && chosen(la, lb));
  const area = Math.max(1e-9, useA ? la : lb);
  const { normal, middle, spots } = spread(useA ? pa! : pb, area);
  return {
    area,
    // the sum over a skin points out of it
    normal: useA ? normal : times(rotated(back, normal), -1),
    at: useA ? middle : toWorld(back, middle),
    depth,
    skin,
    agree: pa && pb ? Math.min(la, lb) / Math.max(la, lb) : 1,
    round: area < ROUND * Math.max(...skin),
    spots: useA ? spots : spots.map((s) => ({ at: toWorld(back, s.at), area: s.area })),
  };
}

/** Of two sums nearly alike the larger, whose curve is cut by the other's true side; else the smaller, the face that ends first. */
function chosen(la: number, lb: number): boolean {
  if (lb < NOTHING) return true;
  if (la < NOTHING) return false;
  return Math.min(la, lb) > ALIKE * Math.max(la, lb) ? la >= lb : la <= lb;
}

/** A step of the method; estimate. */
const INNER = 4;
/** A step of the method; estimate. */
const OUTER = 8;

/** A patch in twelve cells, four within its radius of gyration and eight without, each with its area and middle. */
function spread(patch: CutPatch, area: number): { normal: Vec; middle: Vec; spots: PatchSpot[] } {
  const normal = times(patch.sum, 1 / size(patch.sum));
  const [u, w] = squareTo(normal);
  const { pieces: f } = patch;
  const n = f.length / 6;
  const weight = new Float64Array(n);
  let whole = 0;
  let middle: Vec = [0, 0, 0];
  for (let i = 0; i < n; i++) {
    const o = 6 * i;
    const k = Math.max(0, f[o + 3]! * normal[0] + f[o + 4]! * normal[1] + f[o + 5]! * normal[2]);
    weight[i] = k;
    whole += k;
    middle = add(middle, [k * f[o]!, k * f[o + 1]!, k * f[o + 2]!]);
  }
  middle = times(middle, 1 / whole);
  const [along, aside] = [new Float64Array(n), new Float64Array(n)];
  let gyration = 0;
  for (let i = 0; i < n; i++) {
    const d: Vec = [f[6 * i]! - middle[0], f[6 * i + 1]! - middle[1], f[6 * i + 2]! - middle[2]];
    along[i] = dot(d, u);
    aside[i] = dot(d, w);
    gyration += weight[i]! * (along[i]! ** 2 + aside[i]! ** 2);
  }
  gyration /= whole;
  const cells = Array.from({ length: INNER + OUTER }, () => [0, 0, 0, 0]);
  for (let i = 0; i < n; i++) {
    const k = weight[i]!;
    if (k <= 0) continue;
    const [x, y] = [along[i]!, aside[i]!];
    const turn = Math.floor(((Math.atan2(y, x) + Math.PI) / (2 * Math.PI)) * OUTER) % OUTER;
    const cell = cells[x * x + y * y > gyration ? INNER + turn : (x > 0 ? 1 : 0) + (y > 0 ? 2 : 0)]!;
    for (let e = 0; e < 3; e++) cell[e] = cell[e]! + k * f[6 * i + e]!;
    cell[3] = cell[3]! + k;
  }
  return {
    normal,
    middle,
    spots: cells
      .filter((c) => c[3]! > 0)
      .map((c) => ({
        at: [c[0]! / c[3]!, c[1]! / c[3]!, c[2]! / c[3]!],
        area: (c[3]! * area) / whole,
      })),
  };
}
