import { polygonHull } from 'd3-polygon';
import { skinOfRings } from '../mesh/index.ts';
import { add, cross, dot, length, sub, times, unit, type Vec } from '../vector.ts';
import type { BodyKind, Depth, TubeBody } from './types.ts';

const RING = 20;

/** Where the rope heads at each stop, and two directions across it that do not twist on the way. */
function frames(body: TubeBody): { along: Vec; u: Vec; v: Vec }[] {
  const { path, loop } = body;
  const n = path.length;
  const headings = path.map((_, i) => {
    const before = path[loop ? (i + n - 1) % n : Math.max(0, i - 1)]!;
    const after = path[loop ? (i + 1) % n : Math.min(n - 1, i + 1)]!;
    return unit(sub(after, before));
  });
  let u: Vec = Math.abs(headings[0]![1]) < 0.9 ? [0, 1, 0] : [1, 0, 0];
  return headings.map((along) => {
    const flatU = sub(u, times(along, dot(u, along)));
    u = unit(length(flatU) > 1e-9 ? flatU : cross(along, [1, 0, 0]));
    return { along, u, v: cross(along, u) };
  });
}

const known = new WeakMap<TubeBody, Vec[][]>();

function rings(body: TubeBody, n: number): Vec[][] {
  const frame = frames(body);
  return body.path.map((p, i) => {
    const { u, v } = frame[i]!;
    const r = body.radii[i]!;
    return Array.from({ length: n }, (_, k) => {
      const t = (2 * Math.PI * k) / n;
      return add(p, add(times(u, r * Math.cos(t)), times(v, r * Math.sin(t))));
    });
  });
}

const drawnRings = (body: TubeBody): Vec[][] => {
  let found = known.get(body);
  if (!found) known.set(body, (found = rings(body, RING)));
  return found;
};

/** Distance to a straight stretch after another, its ends cut square. */
function depthOf({ path, radii, loop }: TubeBody): Depth {
  const n = loop ? path.length : path.length - 1;
  const legs = Array.from({ length: n }, (_, i) => {
    const j = (i + 1) % path.length;
    const [a, d] = [path[i]!, sub(path[j]!, path[i]!)];
    const L = length(d) || 1e-9;
    return { a, d, L, r0: radii[i]!, r1: radii[j]!, first: !loop && i === 0, last: !loop && i === n - 1 };
  });
  return (px, py, pz) => {
    let best = -Infinity;
    for (const { a, d, L, r0, r1, first, last } of legs) {
      const [x, y, z] = [px - a[0], py - a[1], pz - a[2]];
      const L2 = L * L;
      const t = (x * d[0] + y * d[1] + z * d[2]) / L2;
      const k = t < 0 ? 0 : t > 1 ? 1 : t;
      const q = Math.max(0, x * x + y * y + z * z - (2 * t * k - k * k) * L2);
      const r = r0 + (r1 - r0) * k;
      let depth: number;
      if ((first && t < 0) || (last && t > 1)) {
        const past = (t < 0 ? -t : t - 1) * L;
        const aside = Math.sqrt(Math.max(0, q - past * past));
        depth = aside <= r ? -past : -Math.sqrt((aside - r) ** 2 + past * past);
      } else {
        depth = r - Math.sqrt(q);
        if (depth > 0 && first) depth = Math.min(depth, t * L);
        if (depth > 0 && last) depth = Math.min(depth, (1 - t) * L);
      }
      if (depth > best) best = depth;
    }
    return best;
  };
}

/** A skin has at most so many rings. Estimate. */
const MOST_RINGS = 24;

/** Its rings, not all of them where they stand close, the ends among them. */
function fewRings(body: TubeBody, n: number): Vec[][] {
  const every = Math.ceil(body.path.length / MOST_RINGS);
  const last = body.path.length - 1;
  return rings(body, n).filter((_, i) => i % every === 0 || (!body.loop && i === last));
}

export const tube: BodyKind<TubeBody> = {
  reach: (body, along) => {
    let best = -Infinity;
    for (const ring of drawnRings(body)) for (const p of ring) best = Math.max(best, dot(p, along));
    return best;
  },
  outlines: (body, drop) => {
    const seen = drawnRings(body).map((ring) => ring.map((p): [number, number] => [...drop(p)]));
    const last = body.loop ? seen.length : seen.length - 1;
    return Array.from({ length: last }, (_, i) => {
      const both = [...seen[i]!, ...seen[(i + 1) % seen.length]!];
      return polygonHull(both) ?? both;
    });
  },
  inside: (body, [px, py, pz]) => {
    const { path, radii, loop } = body;
    const last = loop ? path.length : path.length - 1;
    let cover = -1;
    // plain numbers: a rod asks this hundreds of times
    for (let i = 0; i < last; i++) {
      const j = (i + 1) % path.length;
      const [ax, ay, az] = path[i]!;
      const [bx, by, bz] = path[j]!;
      const [dx, dy, dz] = [bx - ax, by - ay, bz - az];
      const [x, y, z] = [px - ax, py - ay, pz - az];
      const L2 = dx * dx + dy * dy + dz * dz;
      const t = L2 > 0 ? (x * dx + y * dy + z * dz) / L2 : 0;
      // past an end that is cut square there is nothing
      if (!loop && ((i === 0 && t < 0) || (i === last - 1 && t > 1))) continue;
      const k = t < 0 ? 0 : t > 1 ? 1 : t;
      const r = radii[i]! + (radii[j]! - radii[i]!) * k;
      cover = Math.max(cover, r - Math.hypot(x - k * dx, y - k * dy, z - k * dz));
    }
    return cover >= 0 ? { part: 'paste', cover } : undefined;
  },
  surface: (body) => drawnRings(body).flat(),
  footRadius: (body) => Math.max(...body.radii) * 0.6,
  mesh: (body, round) => skinOfRings(rings(body, Math.max(6, round)), body.loop),
  depth: depthOf,
  skin: (body, round) => skinOfRings(fewRings(body, Math.max(8, Math.round(0.6 * round))), body.loop),
};
