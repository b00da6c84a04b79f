import { packEnclose } from 'd3-hierarchy';

type Point = readonly [number, number];

/**
 * Smallest circle round points.
 * @returns its diameter; 0 for one point or none
 */
export const enclosingCircle = (points: readonly Point[]): number =>
  points.length < 2 ? 0 : 2 * packEnclose(points.map(([x, y]) => ({ x, y, r: 0 }))).r;
