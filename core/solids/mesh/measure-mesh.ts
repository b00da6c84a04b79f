import { cross, dot, length, sub, unit, type Vec } from '../vector.ts';
import { pointOf, type Mesh } from './mesh.ts';

/** What a closed surface encloses. */
export interface MeshMeasure {
  /** mm³; only meaningful when the surface is closed. */
  readonly volume: number;
  readonly area: number;
  readonly centre: Vec;
  readonly low: Vec;
  readonly high: Vec;
}

/**
 * Volume Σ a·(b×c) ÷ 6, surface Σ |(b−a)×(c−a)| ÷ 2 and balance point, all about the middle of its box so that a
 * scan far from the origin loses no digits.
 */
export function measureMesh(m: Mesh): MeshMeasure {
  const low: [number, number, number] = [Infinity, Infinity, Infinity];
  const high: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  m.points.forEach((x, i) => {
    const k = (i % 3) as 0 | 1 | 2;
    if (x < low[k]) low[k] = x;
    if (x > high[k]) high[k] = x;
  });
  const [ox, oy, oz] = [(low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2];
  let [volume, area, x, y, z] = [0, 0, 0, 0, 0];
  const { points: p, faces: f } = m;
  for (let i = 0; i < f.length; i += 3) {
    const [a, b, c] = [3 * f[i]!, 3 * f[i + 1]!, 3 * f[i + 2]!];
    const [ax, ay, az] = [p[a]! - ox, p[a + 1]! - oy, p[a + 2]! - oz];
    const [bx, by, bz] = [p[b]! - ox, p[b + 1]! - oy, p[b + 2]! - oz];
    const [cx, cy, cz] = [p[c]! - ox, p[c + 1]! - oy, p[c + 2]! - oz];
    const nx = (by - ay) * (cz - az) - (bz - az) * (cy - ay);
    const ny = (bz - az) * (cx - ax) - (bx - ax) * (cz - az);
    const nz = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
    area += Math.hypot(nx, ny, nz) / 2;
    const v = (ax * nx + ay * ny + az * nz) / 6;
    volume += v;
    x += (v * (ax + bx + cx)) / 4;
    y += (v * (ay + by + cy)) / 4;
    z += (v * (az + bz + cz)) / 4;
  }
  const centre: Vec =
    Math.abs(volume) > 1e-12 ? [x / volume + ox, y / volume + oy, z / volume + oz] : [ox, oy, oz];
  return { volume, area, centre, low, high };
}

/** How whole a surface is. */
export interface MeshCheck {
  readonly watertight: boolean;
  readonly openEdges: number;
  /** Edges where more than two faces meet. */
  readonly crowdedEdges: number;
  readonly flippedEdges: number;
  readonly insideOut: boolean;
  readonly parts: number;
  /** Holes through it, as in a ring; undefined while it is open. */
  readonly handles: number | undefined;
  readonly faces: number;
  readonly corners: number;
}

const edgeKey = (a: number, b: number, n: number): number => Math.min(a, b) * n + Math.max(a, b);

/** Watertight: each edge is used once in each direction. Faces joined at an edge make a part. */
export function checkMesh(m: Mesh): MeshCheck {
  const n = m.points.length / 3;
  const edges = new Map<number, [number, number]>();
  const parent = Int32Array.from({ length: n }, (_, i) => i);
  const root = (i: number): number => {
    let at = i;
    while (parent[at] !== at) {
      parent[at] = parent[parent[at]!]!;
      at = parent[at]!;
    }
    return at;
  };
  for (let i = 0; i < m.faces.length; i += 3)
    for (let k = 0; k < 3; k++) {
      const a = m.faces[i + k]!;
      const b = m.faces[i + ((k + 1) % 3)]!;
      const key = edgeKey(a, b, n);
      const used = edges.get(key) ?? [0, 0];
      used[a < b ? 0 : 1]++;
      edges.set(key, used);
      parent[root(a)] = root(b);
    }
  let [openEdges, crowdedEdges, flippedEdges] = [0, 0, 0];
  for (const [there, back] of edges.values()) {
    if (there + back === 1) openEdges++;
    else if (there + back > 2) crowdedEdges++;
    else if (there !== back) flippedEdges++;
  }
  const used = new Set(m.faces);
  const parts = new Set([...used].map(root)).size;
  const faces = m.faces.length / 3;
  const euler = used.size - edges.size + faces;
  return {
    watertight: openEdges === 0 && crowdedEdges === 0 && flippedEdges === 0 && faces > 0,
    openEdges,
    crowdedEdges,
    flippedEdges,
    insideOut: openEdges === 0 && measureMesh(m).volume < 0,
    parts,
    handles: openEdges === 0 ? (2 * parts - euler) / 2 : undefined,
    faces,
    corners: used.size,
  };
}

/** Integral of mean curvature, M = ½ Σ edge length × outward angle (Steiner), mm; for a ball 2 π d. */
export function curvature(m: Mesh): number {
  const n = m.points.length / 3;
  const first = new Map<number, number>();
  const normals: Vec[] = [];
  for (let i = 0; i < m.faces.length; i += 3) {
    const a = pointOf(m, m.faces[i]!);
    normals.push(unit(cross(sub(pointOf(m, m.faces[i + 1]!), a), sub(pointOf(m, m.faces[i + 2]!), a))));
  }
  let sum = 0;
  for (let face = 0; face < normals.length; face++)
    for (let k = 0; k < 3; k++) {
      const a = m.faces[3 * face + k]!;
      const b = m.faces[3 * face + ((k + 1) % 3)]!;
      const key = edgeKey(a, b, n);
      const other = first.get(key);
      if (other === undefined) {
        first.set(key, face);
        continue;
      }
      const edge = sub(pointOf(m, b), pointOf(m, a));
      const L = length(edge);
      if (L === 0) continue;
      const [p, q] = [normals[face]!, normals[other]!];
      sum += (L / 2) * Math.atan2(dot(cross(p, q), edge) / L, dot(p, q));
    }
  return sum;
}
