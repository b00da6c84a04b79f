import { cross, dot, type Depth, type Frame, type Mesh, type Vec } from '../solids/index.ts';
import type { Box } from './solid.ts';

/** Triangles of a skin that come near another solid, with the depth of their corners in it. */
export interface Facing {
  /** Three corners each. */
  readonly corners: readonly number[];
  /** Depth of the deepest corner, and longest edge, of each. */
  readonly deepest: readonly number[];
  readonly edge: readonly number[];
  /** Of every corner that was asked. */
  readonly depth: Float64Array;
  /** Area of those that may lie in the other, mm². */
  readonly area: number;
}

const square = (p: Float64Array, i: number, j: number): number => {
  const [x, y, z] = [p[3 * i]! - p[3 * j]!, p[3 * i + 1]! - p[3 * j + 1]!, p[3 * i + 2]! - p[3 * j + 2]!];
  return x * x + y * y + z * z;
};

/** Where on a triangle whose corners lie so deep a spot may still lie deeper: no further than this share of its longest edge. Estimate. */
export const WITHIN = 0.6;

/**
 * Triangles that may come as near to another solid as `far`.
 * @param at the skin's frame seen from the other, `other` depth in the other of a point of the skin
 */
export function facing({ points: p, faces }: Mesh, other: Depth, at: Frame, box: Box, far: number): Facing {
  const n = p.length / 3;
  const gap = new Float64Array(n);
  const { origin: o, x, y, z } = at;
  const { low, high } = box;
  for (let i = 0; i < n; i++) {
    const [a, b, c] = [p[3 * i]!, p[3 * i + 1]!, p[3 * i + 2]!];
    let s = 0;
    for (let k = 0; k < 3; k++) {
      const v = o[k]! + x[k]! * a + y[k]! * b + z[k]! * c;
      const e = v < low[k]! ? low[k]! - v : v > high[k]! ? v - high[k]! : 0;
      s += e * e;
    }
    gap[i] = Math.sqrt(s);
  }
  const depth = new Float64Array(n).fill(NaN);
  const corners: number[] = [];
  const deepest: number[] = [];
  const edge: number[] = [];
  let area = 0;
  for (let t = 0; t < faces.length; t += 3) {
    const [i, j, k] = [faces[t]!, faces[t + 1]!, faces[t + 2]!];
    const e = Math.sqrt(Math.max(square(p, i, j), square(p, j, k), square(p, k, i)));
    if (Math.min(gap[i]!, gap[j]!, gap[k]!) > far + e) continue;
    let most = -Infinity;
    for (let c = 0; c < 3; c++) {
      const v = faces[t + c]!;
      if (Number.isNaN(depth[v]!))
        depth[v] = gap[v]! > far + e ? -gap[v]! : other(p[3 * v]!, p[3 * v + 1]!, p[3 * v + 2]!);
      if (depth[v]! > most) most = depth[v]!;
    }
    if (most < -(far + WITHIN * e)) continue;
    corners.push(i, j, k);
    if (most > -WITHIN * e) area += areaOf(p, i, j, k);
    deepest.push(most);
    edge.push(e);
  }
  return { corners, deepest, edge, depth, area };
}

function areaOf(p: Float64Array, i: number, j: number, k: number): number {
  const [ax, ay, az] = [p[3 * j]! - p[3 * i]!, p[3 * j + 1]! - p[3 * i + 1]!, p[3 * j + 2]! - p[3 * i + 2]!];
  const [bx, by, bz] = [p[3 * k]! - p[3 * i]!, p[3 * k + 1]! - p[3 * i + 1]!, p[3 * k + 2]! - p[3 * i + 2]!];
  const [x, y, z] = [ay * bz - az * by, az * bx - ax * bz, ax * by - ay * bx];
  return Math.sqrt(x * x + y * y + z * z) / 2;
}

/** Which way a triangle looks, of length one. */
export function normalOf(p: Float64Array, i: number, j: number, k: number): Vec {
  const [ax, ay, az] = [p[3 * j]! - p[3 * i]!, p[3 * j + 1]! - p[3 * i + 1]!, p[3 * j + 2]! - p[3 * i + 2]!];
  const [bx, by, bz] = [p[3 * k]! - p[3 * i]!, p[3 * k + 1]! - p[3 * i + 1]!, p[3 * k + 2]! - p[3 * i + 2]!];
  const [x, y, z] = [ay * bz - az * by, az * bx - ax * bz, ax * by - ay * bx];
  const l = Math.sqrt(x * x + y * y + z * z) || 1;
  return [x / l, y / l, z / l];
}

/** Two directions of length one square to a third and to each other. */
export function squareTo(n: Vec): readonly [Vec, Vec] {
  const up: Vec = Math.abs(n[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0];
  const u = cross(n, up);
  const l = Math.sqrt(dot(u, u)) || 1;
  const one: Vec = [u[0] / l, u[1] / l, u[2] / l];
  return [one, cross(n, one)];
}

const WAYS = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1],
  [0.7, 0.7],
  [-0.7, 0.7],
  [0.7, -0.7],
  [-0.7, -0.7],
] as const;

/** Steps shorter than this are not taken; a spot further off the skin than that is round a corner, mm. Estimate. */
const SHORTEST = 0.08;
/** A step of the method; estimate. */
const ON_SKIN = 0.02;

/**
 * The deepest spot of a skin in another solid: from the best of its triangles by steps along it that halve, each spot put back
 * on the skin by its own depth.
 */
export function deepestOf(
  { points: p }: Mesh,
  own: Depth,
  other: Depth,
  f: Facing,
): { readonly depth: number; readonly at: Vec } | undefined {
  let best = -Infinity;
  let [px, py, pz, step] = [0, 0, 0, 0];
  let n: Vec = [0, 0, 1];
  for (let t = 0; t < f.deepest.length; t++) {
    const [e, most] = [f.edge[t]!, f.deepest[t]!];
    if (most + WITHIN * e <= best) continue;
    const [i, j, k] = [f.corners[3 * t]!, f.corners[3 * t + 1]!, f.corners[3 * t + 2]!];
    const out = normalOf(p, i, j, k);
    const x = (p[3 * i]! + p[3 * j]! + p[3 * k]!) / 3;
    const y = (p[3 * i + 1]! + p[3 * j + 1]! + p[3 * k + 1]!) / 3;
    const z = (p[3 * i + 2]! + p[3 * j + 2]! + p[3 * k + 2]!) / 3;
    const up = Math.max(0, Math.min(own(x, y, z), e / 4));
    const [qx, qy, qz] = [x + up * out[0], y + up * out[1], z + up * out[2]];
    const v = other(qx, qy, qz);
    if (v > best) [best, px, py, pz, step, n] = [v, qx, qy, qz, e / 2, out];
    if (most > best)
      for (const c of [i, j, k])
        if (f.depth[c]! > best)
          [best, px, py, pz, step, n] = [f.depth[c]!, p[3 * c]!, p[3 * c + 1]!, p[3 * c + 2]!, e / 2, out];
  }
  if (best === -Infinity) return undefined;
  const [u, w] = squareTo(n);
  for (let guard = 0; step > SHORTEST && guard < 40; guard++) {
    let moved = false;
    for (const [s, t] of WAYS) {
      let x = px + step * (s * u[0] + t * w[0]);
      let y = py + step * (s * u[1] + t * w[1]);
      let z = pz + step * (s * u[2] + t * w[2]);
      let d = 0;
      for (let twice = 0; twice < 2; twice++) {
        d = own(x, y, z);
        x += d * n[0];
        y += d * n[1];
        z += d * n[2];
      }
      if (Math.abs(d) > ON_SKIN && Math.abs(own(x, y, z)) > ON_SKIN) continue;
      const v = other(x, y, z);
      if (v > best + 1e-6) {
        [best, px, py, pz] = [v, x, y, z];
        moved = true;
        break;
      }
    }
    if (!moved) step /= 2;
  }
  return { depth: best, at: [px, py, pz] };
}
