/* eslint-disable max-params -- triangles as plain numbers: asked some hundred thousand times a figure, nothing is made */
import type { Depth, Mesh, Vec } from '../solids/index.ts';
import { normalOf, WITHIN, type Facing } from './facing.ts';
import type { Solid } from './solid.ts';

/** The part of a skin that lies in another solid. */
export interface CutPatch {
  /** Sum of n dA over it, mm²: by Gauss it depends on the curve round it alone. */
  readonly sum: Vec;
  /** Its plain area, mm². */
  readonly skin: number;
  /** Middle and vector area of every piece of it, six numbers each. */
  readonly pieces: readonly number[];
}

/** A solid that has a skin. */
export type Skinned = Solid & { readonly skin: Mesh };

/** A step of the method; estimate. */
const MOST_HALVED = 18;
/** Deeper than this in another part of the same heap it is no skin, mm. Estimate. */
const BURIED = 0.1;

/**
 * Cut the part of a skin that lies in another solid once each spot is moved out by `settle` along its own normal, so that a
 * face does not grow at its rim. Triangles are halved while the curve may cross them, their new corners put back on the true
 * skin; at the grain the curve is cut by false position.
 * @param fine edge at which no triangle is split further, mm
 */
export function patchOf(
  { skin: mesh, depth: own, heap, straight }: Skinned,
  other: Depth,
  f: Facing,
  settle: number,
  fine: number,
): CutPatch {
  const { points } = mesh;
  const off: Depth = straight ? () => 0 : own;
  const sum: [number, number, number] = [0, 0, 0];
  const pieces: number[] = [];
  let skin = 0;
  let [nx, ny, nz] = [0, 0, 1];
  const deep = (x: number, y: number, z: number) => other(x + settle * nx, y + settle * ny, z + settle * nz);

  const take = (
    ax: number,
    ay: number,
    az: number,
    bx: number,
    by: number,
    bz: number,
    cx: number,
    cy: number,
    cz: number,
  ): void => {
    const ex = bx - ax;
    const ey = by - ay;
    const ez = bz - az;
    const fx = cx - ax;
    const fy = cy - ay;
    const fz = cz - az;
    const x = (ey * fz - ez * fy) / 2;
    const y = (ez * fx - ex * fz) / 2;
    const z = (ex * fy - ey * fx) / 2;
    const w = Math.sqrt(x * x + y * y + z * z);
    if (w < 1e-12) return;
    const mx = (ax + bx + cx) / 3;
    const my = (ay + by + cy) / 3;
    const mz = (az + bz + cz) / 3;
    if (heap && own(mx, my, mz) > BURIED) return;
    sum[0] += x;
    sum[1] += y;
    sum[2] += z;
    skin += w;
    pieces.push(mx, my, mz, x, y, z);
  };

  const at = new Float64Array(6);
  /** Where an edge leaves the other: false position, once corrected, each time put back on the skin. */
  const cut = (
    o: number,
    ax: number,
    ay: number,
    az: number,
    av: number,
    bx: number,
    by: number,
    bz: number,
    bv: number,
  ): void => {
    let x = 0;
    let y = 0;
    let z = 0;
    for (let twice = 0; twice < 2; twice++) {
      const t = av / (av - bv);
      x = ax + t * (bx - ax);
      y = ay + t * (by - ay);
      z = az + t * (bz - az);
      const d = off(x, y, z);
      if (Math.abs(d) < fine) {
        x += d * nx;
        y += d * ny;
        z += d * nz;
      }
      if (twice === 1) break;
      const v = deep(x, y, z);
      if (Math.abs(v) < 1e-3) break;
      if (v > 0 === av > 0) {
        ax = x;
        ay = y;
        az = z;
        av = v;
      } else {
        bx = x;
        by = y;
        bz = z;
        bv = v;
      }
    }
    at[o] = x;
    at[o + 1] = y;
    at[o + 2] = z;
  };

  const leaf = (
    ax: number,
    ay: number,
    az: number,
    av: number,
    bx: number,
    by: number,
    bz: number,
    bv: number,
    cx: number,
    cy: number,
    cz: number,
    cv: number,
  ): void => {
    const which = (av > 0 ? 1 : 0) + (bv > 0 ? 2 : 0) + (cv > 0 ? 4 : 0);
    if (which === 0) return;
    if (which === 7) return take(ax, ay, az, bx, by, bz, cx, cy, cz);
    // turned so that the odd corner is the first
    if (which === 2 || which === 5) return leaf(bx, by, bz, bv, cx, cy, cz, cv, ax, ay, az, av);
    if (which === 4 || which === 3) return leaf(cx, cy, cz, cv, ax, ay, az, av, bx, by, bz, bv);
    cut(0, ax, ay, az, av, bx, by, bz, bv);
    cut(3, ax, ay, az, av, cx, cy, cz, cv);
    const [p, q, r, s, t, u] = [at[0]!, at[1]!, at[2]!, at[3]!, at[4]!, at[5]!];
    if (which === 1) return take(ax, ay, az, p, q, r, s, t, u);
    take(p, q, r, bx, by, bz, cx, cy, cz);
    take(p, q, r, cx, cy, cz, s, t, u);
  };

  const split = (
    ax: number,
    ay: number,
    az: number,
    av: number,
    bx: number,
    by: number,
    bz: number,
    bv: number,
    cx: number,
    cy: number,
    cz: number,
    cv: number,
    level: number,
  ): void => {
    const ab = (ax - bx) ** 2 + (ay - by) ** 2 + (az - bz) ** 2;
    const bc = (bx - cx) ** 2 + (by - cy) ** 2 + (bz - cz) ** 2;
    const ca = (cx - ax) ** 2 + (cy - ay) ** 2 + (cz - az) ** 2;
    const edge = Math.sqrt(Math.max(ab, bc, ca));
    const most = Math.max(av, bv, cv);
    const least = Math.min(av, bv, cv);
    if (most < -WITHIN * edge) return;
    if (edge <= fine || level > MOST_HALVED) {
      if (most > 0) leaf(ax, ay, az, av, bx, by, bz, bv, cx, cy, cz, cv);
      return;
    }
    if (least > WITHIN * edge || (least > 0 && edge < 4 * fine))
      return take(ax, ay, az, bx, by, bz, cx, cy, cz);
    // the longest edge is halved, so that slivers do not become many
    if (ab >= bc && ab >= ca) {
      let px = (ax + bx) / 2;
      let py = (ay + by) / 2;
      let pz = (az + bz) / 2;
      const d = off(px, py, pz);
      px += d * nx;
      py += d * ny;
      pz += d * nz;
      const pv = deep(px, py, pz);
      split(ax, ay, az, av, px, py, pz, pv, cx, cy, cz, cv, level + 1);
      split(px, py, pz, pv, bx, by, bz, bv, cx, cy, cz, cv, level + 1);
    } else if (bc >= ca) split(bx, by, bz, bv, cx, cy, cz, cv, ax, ay, az, av, level);
    else split(cx, cy, cz, cv, ax, ay, az, av, bx, by, bz, bv, level);
  };

  for (let t = 0; t < f.deepest.length; t++) {
    const most = f.deepest[t]! + settle;
    // none of it can lie in the other, or none of its corners does and it is not split
    if (most + WITHIN * f.edge[t]! < 0 || (most <= 0 && f.edge[t]! <= fine)) continue;
    const [i, j, k] = [f.corners[3 * t]!, f.corners[3 * t + 1]!, f.corners[3 * t + 2]!];
    [nx, ny, nz] = normalOf(points, i, j, k);
    const [ax, ay, az] = [points[3 * i]!, points[3 * i + 1]!, points[3 * i + 2]!];
    const [bx, by, bz] = [points[3 * j]!, points[3 * j + 1]!, points[3 * j + 2]!];
    const [cx, cy, cz] = [points[3 * k]!, points[3 * k + 1]!, points[3 * k + 2]!];
    const [av, bv, cv] =
      settle > 0
        ? [deep(ax, ay, az), deep(bx, by, bz), deep(cx, cy, cz)]
        : [f.depth[i]!, f.depth[j]!, f.depth[k]!];
    split(ax, ay, az, av, bx, by, bz, bv, cx, cy, cz, cv, 0);
  }
  return { sum, skin, pieces };
}
