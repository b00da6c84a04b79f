import earcut from 'earcut';
import { polygonHull } from 'd3-polygon';
import { MeshMaker } from '../mesh/index.ts';
import { contains, moments, type Point } from '../polygon.ts';
import type { Vec } from '../vector.ts';
import type { BodyKind, Depth, FlatBody } from './types.ts';

const oneWay = (ring: readonly Point[], anticlockwise: boolean): readonly Point[] =>
  moments(ring).area > 0 === anticlockwise ? ring : [...ring].reverse();

const corners = (body: FlatBody, y: number): Vec[] => body.outline.map(([x, z]) => [x, y, z]);

/** Distance to the outline, its holes and both faces. */
function depthOf(body: FlatBody): Depth {
  const half = body.thickness / 2;
  const rings = [body.outline, ...body.holes].map((ring) => Float64Array.from(ring.flat()));
  return (x, y, z) => {
    let best = Infinity;
    let inside = false;
    for (const ring of rings) {
      let ax = ring[ring.length - 2]!;
      let az = ring[ring.length - 1]!;
      for (let i = 0; i < ring.length; i += 2) {
        const bx = ring[i]!;
        const bz = ring[i + 1]!;
        const ex = bx - ax;
        const ez = bz - az;
        const L = ex * ex + ez * ez || 1;
        let t = ((x - ax) * ex + (z - az) * ez) / L;
        t = t < 0 ? 0 : t > 1 ? 1 : t;
        const qx = x - ax - t * ex;
        const qz = z - az - t * ez;
        const s = qx * qx + qz * qz;
        if (s < best) best = s;
        // a hole turns it once more
        if (bz > z !== az > z && x < ax + (ex * (z - az)) / ez) inside = !inside;
        ax = bx;
        az = bz;
      }
    }
    const aside = (inside ? 1 : -1) * Math.sqrt(best);
    const within = half - Math.abs(y);
    if (aside > 0 && within > 0) return Math.min(aside, within);
    const [p, q] = [Math.min(0, aside), Math.min(0, within)];
    return -Math.sqrt(p * p + q * q);
  };
}

export const flat: BodyKind<FlatBody> = {
  reach: (body, [dx, dy, dz]) => {
    let best = -Infinity;
    for (const [x, z] of body.outline) best = Math.max(best, x * dx + z * dz);
    return best + (body.thickness / 2) * Math.abs(dy);
  },
  outlines: (body, drop) => {
    const half = body.thickness / 2;
    const seen = (p: Vec): [number, number] => [...drop(p)];
    const front = corners(body, -half).map(seen);
    const back = corners(body, half).map(seen);
    const sides = front.map((_, i) => {
      const j = (i + 1) % front.length;
      const four = [front[i]!, front[j]!, back[j]!, back[i]!];
      return polygonHull(four) ?? four;
    });
    // seen square on, a hole is a hole: the other way round it stays open
    const holes = body.holes.map((h) =>
      oneWay(h, false).map(([x, z]): [number, number] => seen([x, -half, z])),
    );
    return body.holes.length ? [front, ...holes] : [front, back, ...sides];
  },
  inside: (body, [x, y, z]) => {
    if (Math.abs(y) > body.thickness / 2 || !contains(body.outline, x, z)) return undefined;
    if (body.holes.some((h) => contains(h, x, z))) return undefined;
    return { part: 'paste', cover: body.thickness / 2 - Math.abs(y) };
  },
  surface: (body) => [...corners(body, -body.thickness / 2), ...corners(body, body.thickness / 2)],
  footRadius: (body) => {
    const xs = body.outline.map((p) => p[0]);
    const zs = body.outline.map((p) => p[1]);
    return Math.min(Math.max(...xs) - Math.min(...xs), Math.max(...zs) - Math.min(...zs)) / 4;
  },
  mesh: (body) => {
    const rings = [oneWay(body.outline, true), ...body.holes.map((h) => oneWay(h, false))];
    const points = rings.flat();
    const starts = rings.slice(1).map((_, i) => rings.slice(0, i + 1).reduce((n, r) => n + r.length, 0));
    const triangles = earcut(points.flat(), starts);
    const make = new MeshMaker();
    const half = body.thickness / 2;
    // x to the right and z up, seen from the front (y below zero), is anticlockwise
    const front = points.map(([x, z]) => make.point([x, -half, z]));
    const back = points.map(([x, z]) => make.point([x, half, z]));
    for (let i = 0; i < triangles.length; i += 3) {
      const [a, b, c] = [triangles[i]!, triangles[i + 1]!, triangles[i + 2]!];
      const [p, q, r] = [points[a]!, points[b]!, points[c]!];
      const turns = (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]);
      const [u, v, w] = turns > 0 ? [a, b, c] : [a, c, b];
      make.face(front[u]!, front[v]!, front[w]!);
      make.face(back[u]!, back[w]!, back[v]!);
    }
    let start = 0;
    for (const ring of rings) {
      ring.forEach((_, i) => {
        const a = start + i;
        const b = start + ((i + 1) % ring.length);
        make.quad(front[a]!, back[a]!, back[b]!, front[b]!);
      });
      start += ring.length;
    }
    return make.done();
  },
  depth: depthOf,
  skin: (body, round) => flat.mesh(body, round),
};
