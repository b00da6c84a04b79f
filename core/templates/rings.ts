import { Clipper, EndType, FillRule, JoinType, type Paths64 } from 'clipper2-ts';
import type { Mm } from '../quantity/index.ts';

/** A place on paper, mm: to the right, and up. */
export type PaperPoint = readonly [Mm, Mm];
/** A closed line. Of several that belong together, outer ones run anticlockwise and holes clockwise. */
export type Ring = readonly PaperPoint[];
export type Rings = readonly Ring[];

/** The clipping library counts in whole numbers: a thousandth of a millimetre. A step of the method; estimate. */
const SCALE = 1000;
/** How far a rounded corner may be from a true arc, mm; a step of the method, estimate. */
const ARC = 0.05;
/** What is straightened afterwards, mm; a step of the method, estimate. */
const STRAIGHT = 0.01;

const into = (rings: Rings): Paths64 =>
  rings
    .filter((r) => r.length >= 3)
    .map((r) => r.map(([x, y]) => ({ x: Math.round(x * SCALE), y: Math.round(y * SCALE) })));
const outOf = (paths: Paths64): Rings =>
  paths.map((p) => p.map(({ x, y }): PaperPoint => [x / SCALE, y / SCALE])).filter((r) => r.length >= 3);

/**
 * The lines of something drawn, made whole: crossings healed, outer rings anticlockwise and holes clockwise, whichever way they
 * were drawn.
 * @param over `drawn`: a line inside a line is a hole; `seen`: outlines that lie over each other and together cover it
 */
export const healed = (rings: Rings, over: 'drawn' | 'seen'): Rings =>
  outOf(Clipper.union(into(rings), over === 'drawn' ? FillRule.EvenOdd : FillRule.NonZero));

/**
 * Lines so far outside of whole ones, round at their corners as paste is; inside of them where it is negative. Nothing may be
 * left: that is an answer.
 * @param rings as `healed` gives them
 */
export function offset(rings: Rings, by: Mm): Rings {
  if (by === 0) return rings;
  const moved = Clipper.inflatePaths(
    into(rings),
    by * SCALE,
    JoinType.Round,
    EndType.Polygon,
    2,
    ARC * SCALE,
  );
  return outOf(Clipper.simplifyPaths(moved, STRAIGHT * SCALE, true));
}

/** Fewer points of an open line that is nowhere further off than so much (Ramer 1972, Douglas and Peucker 1973). */
export const simplified = (line: Ring, off: number): Ring =>
  Clipper.ramerDouglasPeucker(
    line.map(([x, y]) => ({ x: Math.round(x * SCALE), y: Math.round(y * SCALE) })),
    off * SCALE,
  ).map(({ x, y }): PaperPoint => [x / SCALE, y / SCALE]);

/** Area inside, mm²; holes count against it. */
export const areaOf = (rings: Rings): number =>
  rings.reduce((sum, ring) => {
    let twice = 0;
    for (let i = 0; i < ring.length; i++) {
      const [x, y] = ring[i]!;
      const [u, v] = ring[(i + 1) % ring.length]!;
      twice += x * v - u * y;
    }
    return sum + twice / 2;
  }, 0);

/** Where lines begin, and how far they reach, mm. */
export interface Extents {
  readonly left: Mm;
  readonly low: Mm;
  readonly wide: Mm;
  readonly tall: Mm;
}
/** The smallest upright rectangle round lines. */
export function boxOf(rings: Rings): Extents {
  const xs = rings.flatMap((r) => r.map((p) => p[0]));
  const ys = rings.flatMap((r) => r.map((p) => p[1]));
  const [left, low] = [xs.reduce((a, b) => Math.min(a, b)), ys.reduce((a, b) => Math.min(a, b))];
  return {
    left,
    low,
    wide: xs.reduce((a, b) => Math.max(a, b)) - left,
    tall: ys.reduce((a, b) => Math.max(a, b)) - low,
  };
}

/** Lines so far to the right and up. */
export const shifted = (rings: Rings, dx: Mm, dy: Mm): Rings =>
  rings.map((r) => r.map(([x, y]): PaperPoint => [x + dx, y + dy]));

/** Left and right changed; each line keeps its way round. */
export const leftForRight = (rings: Rings): Rings =>
  rings.map((r) => r.map(([x, y]): PaperPoint => [-x, y]).reverse());

/** Lines drawn out along their longer side until that is so long. */
export function lengthened(rings: Rings, long: Mm): Rings {
  const { wide, tall } = boxOf(rings);
  const [kx, ky] = tall > wide ? [1, long / tall] : [long / wide, 1];
  return rings.map((r) => r.map(([x, y]): PaperPoint => [x * kx, y * ky]));
}

/** How many separate parts there are. */
export const separateParts = (rings: Rings): number => rings.filter((r) => areaOf([r]) > 0).length;
