import { pointOf, slice, type Mesh } from '../mesh/index.ts';
import { contains, moments } from '../polygon.ts';
import { add, cross, dot, sub, times, unit, type Vec } from '../vector.ts';
import { NearTriangles, soupOf } from './near.ts';
import type { BodyKind, Depth, ScanBody } from './types.ts';

const points = (body: ScanBody): Vec[] =>
  Array.from({ length: body.mesh.points.length / 3 }, (_, i) => pointOf(body.mesh, i));

const cuts = new WeakMap<ScanBody, Map<number, ReturnType<typeof slice>>>();

/** Level cuts to the half millimetre, remembered. */
function cutAt(body: ScanBody, z: number): ReturnType<typeof slice> {
  const level = Math.round(z * 2) / 2 + 1e-4;
  let all = cuts.get(body);
  if (!all) cuts.set(body, (all = new Map()));
  let found = all.get(level);
  if (!found) all.set(level, (found = slice(body.mesh, level)));
  return found;
}

/**
 * Which way is out at every face, edge and corner: of an edge or a corner the sum over its faces, each as much as its angle there.
 * Source: Bærentzen and Aanæs, Signed distance computation using the angle weighted pseudonormal, IEEE TVCG 11 (2005).
 */
function waysOut(m: Mesh) {
  const n = m.points.length / 3;
  const faces: Vec[] = [];
  const corners: Vec[] = Array.from({ length: n }, () => [0, 0, 0]);
  const edges = new Map<number, Vec>();
  const key = (a: number, b: number) => Math.min(a, b) * n + Math.max(a, b);
  for (let f = 0; f < m.faces.length; f += 3) {
    const [a, b, c] = [m.faces[f]!, m.faces[f + 1]!, m.faces[f + 2]!];
    const at = [a, b, c].map((k) => pointOf(m, k)) as [Vec, Vec, Vec];
    const out = unit(cross(sub(at[1], at[0]), sub(at[2], at[0])));
    faces.push(out);
    [a, b, c].forEach((corner, k) => {
      const [p, q] = [unit(sub(at[(k + 1) % 3]!, at[k]!)), unit(sub(at[(k + 2) % 3]!, at[k]!))];
      corners[corner] = add(corners[corner]!, times(out, Math.acos(Math.max(-1, Math.min(1, dot(p, q))))));
      const edge = key(corner, [a, b, c][(k + 1) % 3]!);
      edges.set(edge, add(edges.get(edge) ?? [0, 0, 0], out));
    });
  }
  return { faces, corners, edge: (a: number, b: number): Vec => edges.get(key(a, b))! };
}

/** A step of the method; estimate. */
const ON_EDGE = 1e-9;

/** Distance to the nearest triangle, on the side its way out tells. */
function depthOf({ mesh }: ScanBody): Depth {
  const Q = soupOf(mesh);
  const near = new NearTriangles(Q);
  const out = waysOut(mesh);
  const { faces } = mesh;
  return (x, y, z) => {
    const { i, square, s, t } = near.at(x, y, z);
    const [a, b, c] = [faces[3 * i]!, faces[3 * i + 1]!, faces[3 * i + 2]!];
    const r = 1 - s - t;
    const way =
      s <= ON_EDGE && t <= ON_EDGE
        ? out.corners[a]!
        : r <= ON_EDGE && t <= ON_EDGE
          ? out.corners[b]!
          : r <= ON_EDGE && s <= ON_EDGE
            ? out.corners[c]!
            : t <= ON_EDGE
              ? out.edge(a, b)
              : s <= ON_EDGE
                ? out.edge(a, c)
                : r <= ON_EDGE
                  ? out.edge(b, c)
                  : out.faces[i]!;
    const o = 9 * i;
    const on = (k: 0 | 1 | 2) => r * Q[o + k]! + s * Q[o + 3 + k]! + t * Q[o + 6 + k]!;
    const side = (x - on(0)) * way[0] + (y - on(1)) * way[1] + (z - on(2)) * way[2];
    const far = Math.sqrt(square);
    return side > 0 ? -far : far;
  };
}

export const scan: BodyKind<ScanBody> = {
  reach: (body, [dx, dy, dz]) => {
    let best = -Infinity;
    const p = body.mesh.points;
    for (let i = 0; i < p.length; i += 3) best = Math.max(best, p[i]! * dx + p[i + 1]! * dy + p[i + 2]! * dz);
    return best;
  },
  outlines: (body, flat) => {
    const { faces } = body.mesh;
    const seen = points(body).map((p): [number, number] => [...flat(p)]);
    const out: [number, number][][] = [];
    for (let i = 0; i < faces.length; i += 3) {
      const [a, b, c] = [seen[faces[i]!]!, seen[faces[i + 1]!]!, seen[faces[i + 2]!]!];
      // what looks away lies behind what looks this way
      if ((b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]) > 0) out.push([a, b, c]);
    }
    return out;
  },
  inside: (body, [x, y, z]) => {
    const { loops } = cutAt(body, z);
    const turns = loops.filter((l) => contains(l, x, y)).length;
    if (turns % 2 === 0) return undefined;
    let cover = Infinity;
    for (const loop of loops)
      for (let i = 0; i < loop.length; i++) {
        const [ax, ay] = loop[i]!;
        const [bx, by] = loop[(i + 1) % loop.length]!;
        const L2 = (bx - ax) ** 2 + (by - ay) ** 2 || 1;
        const t = Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / L2));
        cover = Math.min(cover, Math.hypot(x - ax - t * (bx - ax), y - ay - t * (by - ay)));
      }
    return { part: 'paste', cover };
  },
  surface: (body) => points(body),
  footRadius: (body, sunk) => {
    const area = cutAt(body, Math.max(0.5, sunk)).loops.reduce((s, l) => s + moments(l).area, 0);
    return Math.sqrt(Math.max(0, area) / Math.PI);
  },
  mesh: (body) => body.mesh,
  depth: depthOf,
  skin: (body) => body.mesh,
};
