import { polygonHull } from 'd3-polygon';
import { seeded } from '../quantity/index.ts';

type Point = readonly [number, number];
interface Circle {
  readonly x: number;
  readonly y: number;
  readonly r: number;
}

const through2 = (a: Point, b: Point): Circle => ({
  x: (a[0] + b[0]) / 2,
  y: (a[1] + b[1]) / 2,
  r: Math.hypot(a[0] - b[0], a[1] - b[1]) / 2,
});

function through3(a: Point, b: Point, c: Point): Circle {
  const [bx, by, cx, cy] = [b[0] - a[0], b[1] - a[1], c[0] - a[0], c[1] - a[1]];
  const d = 2 * (bx * cy - by * cx);
  if (Math.abs(d) < 1e-12)
    return [through2(a, b), through2(a, c), through2(b, c)].reduce((u, v) => (v.r > u.r ? v : u));
  const ux = (cy * (bx * bx + by * by) - by * (cx * cx + cy * cy)) / d;
  const uy = (bx * (cx * cx + cy * cy) - cx * (bx * bx + by * by)) / d;
  return { x: a[0] + ux, y: a[1] + uy, r: Math.hypot(ux, uy) };
}

const holds = (c: Circle, p: Point): boolean =>
  Math.hypot(p[0] - c.x, p[1] - c.y) <= c.r * (1 + 1e-10) + 1e-10;

/**
 * Smallest circle round points (Welzl 1991, move-to-front, in a fixed shuffled order).
 * @returns its diameter; 0 for one point or none
 */
export function enclosingCircle(points: readonly Point[]): number {
  const hull: readonly Point[] =
    points.length > 3 ? (polygonHull(points as [number, number][]) ?? points) : points;
  if (hull.length < 2) return 0;
  const p = [...hull];
  const random = seeded(7);
  for (let i = p.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [p[i], p[j]] = [p[j]!, p[i]!];
  }
  let c: Circle = { x: p[0]![0], y: p[0]![1], r: 0 };
  for (let i = 1; i < p.length; i++) {
    if (holds(c, p[i]!)) continue;
    c = { x: p[i]![0], y: p[i]![1], r: 0 };
    for (let j = 0; j < i; j++) {
      if (holds(c, p[j]!)) continue;
      c = through2(p[i]!, p[j]!);
      for (let k = 0; k < j; k++) if (!holds(c, p[k]!)) c = through3(p[i]!, p[j]!, p[k]!);
    }
  }
  return 2 * c.r;
}
