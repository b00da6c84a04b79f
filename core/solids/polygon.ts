import { polygonArea, polygonCentroid, polygonContains, polygonLength } from 'd3-polygon';

export type Point = readonly [number, number];

/** The library asks for outlines it may write to, and never does. */
const loop = (outline: readonly Point[]) => outline as [number, number][];

/** Area and balance point of a closed outline; the area is positive when anticlockwise. */
export function moments(outline: readonly Point[]): { area: number; x: number; z: number } {
  const [x, z] = polygonCentroid(loop(outline));
  // the library counts with y downwards
  return { area: -polygonArea(loop(outline)), x, z };
}

/** Length of a closed outline. */
export const perimeter = (outline: readonly Point[]): number => polygonLength(loop(outline));

/** Is the point inside the outline (crossing rule)? */
export const contains = (outline: readonly Point[], x: number, z: number): boolean =>
  polygonContains(loop(outline), [x, z]);
