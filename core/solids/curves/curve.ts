import { field } from '../../quantity/index.ts';
import { moments, type Point } from '../polygon.ts';

/** A point of a drawn line: across and up, as shares of the piece's size; a third number of 1 makes it a corner. */
export type CurveNode = readonly [number, number] | readonly [number, number, number];

/** A line drawn by hand: smooth through its points except at corners. */
export type Curve = readonly CurveNode[];

/** The drawn lines of a piece by what they are: `edge`, `hole1`…, `front`, `side`, `profile`. */
export type Curves = Readonly<Record<string, Curve>>;

export const curvesRecord = field.matching<Curves>(
  '^(edge|front|side|profile|hole[1-9])$',
  field.list(field.list(field.number(-4, 4), 3, 2), 200, 2),
);

const STEPS = 8;

const isCorner = (node: CurveNode): boolean => node[2] === 1;

/**
 * The line as a chain of short straight pieces: Catmull–Rom through smooth points, straight tangents at corners
 * (handbook; the tangent at a point is half the way from its neighbour before to its neighbour after).
 */
export function sampled(curve: Curve, closed: boolean, steps = STEPS): Point[] {
  const n = curve.length;
  const at = (i: number): CurveNode => curve[closed ? (i + n) % n : Math.min(n - 1, Math.max(0, i))]!;
  const tangent = (i: number, towards: number): Point => {
    const here = at(i);
    const [a, b] = isCorner(here)
      ? towards > 0
        ? [here, at(i + 1)]
        : [at(i - 1), here]
      : [at(i - 1), at(i + 1)];
    const k = isCorner(here) ? 1 : 0.5;
    return [(b[0] - a[0]) * k, (b[1] - a[1]) * k];
  };
  const out: Point[] = [];
  const spans = closed ? n : n - 1;
  for (let i = 0; i < spans; i++) {
    const p = at(i);
    const q = at(i + 1);
    const straight = isCorner(p) && isCorner(q);
    const u = tangent(i, 1);
    const v = tangent(i + 1, -1);
    const m = straight ? 1 : steps;
    for (let s = 0; s < m; s++) {
      const t = s / m;
      const [h0, h1, h2, h3] = [
        2 * t ** 3 - 3 * t * t + 1,
        t ** 3 - 2 * t * t + t,
        3 * t * t - 2 * t ** 3,
        t ** 3 - t * t,
      ];
      out.push([
        h0! * p[0] + h1! * u[0] + h2! * q[0] + h3! * v[0],
        h0! * p[1] + h1! * u[1] + h2! * q[1] + h3! * v[1],
      ]);
    }
  }
  if (!closed) out.push([at(n - 1)[0], at(n - 1)[1]]);
  return out;
}

/** Does a closed chain cross itself? Every pair of sides is looked at. */
export function crossesItself(points: readonly Point[]): boolean {
  const n = points.length;
  const side = (a: Point, b: Point, c: Point) =>
    Math.sign((b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]));
  for (let i = 0; i < n; i++)
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue;
      const [a, b, c, d] = [points[i]!, points[(i + 1) % n]!, points[j]!, points[(j + 1) % n]!];
      if (side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0) return true;
    }
  return false;
}

/** A closed chain moved and stretched to fill a box: across −½…½, up 0…1. */
export function fittedToBox(points: readonly Point[]): Point[] {
  const xs = points.map((p) => p[0]);
  const zs = points.map((p) => p[1]);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [low, high] = [Math.min(...zs), Math.max(...zs)];
  return points.map(([x, z]) => [(x - left) / (right - left || 1) - 0.5, (z - low) / (high - low || 1)]);
}

/** Sizes of a flat form that takes a drawn outline: as wide as the drawing says, else as it is; as tall as its proportion asks. */
export function sizedLike(
  form: { readonly sizes: Readonly<Record<string, number>> },
  { aspect, mm }: { readonly aspect: number; readonly mm: number | undefined },
): Record<string, number> {
  const width = Number((mm ?? form.sizes.width ?? 0).toFixed(2));
  return { ...form.sizes, width, height: Number((width / aspect).toFixed(2)) };
}

/** What is wrong with a closed line, in words; undefined when it can be cut. */
export function closedTrouble(curve: Curve | undefined, name: string): string | undefined {
  if (!curve || curve.length < 3) return `${name} needs three points at least.`;
  if (curve.some((p) => !p.every(Number.isFinite))) return `${name} has a point that is not a number.`;
  const points = sampled(curve, true);
  if (crossesItself(points)) return `${name} crosses itself: move a point until it does not.`;
  if (Math.abs(moments(points).area) < 1e-4) return `${name} has no area inside it.`;
  return undefined;
}

/** Where a level line meets a closed chain: the outermost left and right, undefined where it misses. */
export function reachAt(points: readonly Point[], z: number): readonly [number, number] | undefined {
  let left = Infinity;
  let right = -Infinity;
  for (let i = 0; i < points.length; i++) {
    const [x, a] = points[i]!;
    const [u, b] = points[(i + 1) % points.length]!;
    if (a <= z === b <= z) {
      if (a === z) {
        left = Math.min(left, x);
        right = Math.max(right, x);
      }
      continue;
    }
    const at = x + ((u - x) * (z - a)) / (b - a);
    left = Math.min(left, at);
    right = Math.max(right, at);
  }
  return left <= right ? [left, right] : undefined;
}
