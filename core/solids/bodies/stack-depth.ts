import { skinOfRings, type Mesh } from '../mesh/index.ts';
import type { Vec } from '../vector.ts';
import type { Depth, LevelCut, StackBody } from './types.ts';

/** Where two neighbouring levels are joined by a straight line, it may lie so far off the true side, mm. Estimate. */
const STRAIGHT = 0.02;
/** A step of the method; estimate. */
const MOST_HALVED = 4;

/** A level cut with everything said. */
interface Cut {
  readonly z: number;
  readonly a: number;
  readonly b: number;
  readonly x: number;
  readonly y: number;
  readonly fx: number;
  readonly fy: number;
}

const full = (z: number, { a, b, x = 0, y = 0, flat = [0, 0] }: LevelCut): Cut => ({
  z,
  a: Math.max(0, a),
  b: Math.max(0, b),
  x,
  y,
  fx: flat[0],
  fy: flat[1],
});

/** Level cuts close enough for the side to run straight between them. */
function table(body: StackBody): Cut[] {
  const cuts = body.levels.map((z) => full(z, body.cutAt(z)));
  const out: Cut[] = [cuts[0]!];
  const between = (low: Cut, high: Cut, times: number): void => {
    const z = (low.z + high.z) / 2;
    const middle = full(z, body.cutAt(z));
    const off = Math.max(
      Math.abs(middle.a - (low.a + high.a) / 2),
      Math.abs(middle.b - (low.b + high.b) / 2),
      Math.abs(middle.x - (low.x + high.x) / 2),
      Math.abs(middle.y - (low.y + high.y) / 2),
    );
    if (times > 0 && off > STRAIGHT && high.z - low.z > STRAIGHT) {
      between(low, middle, times - 1);
      between(middle, high, times - 1);
    } else out.push(high);
  };
  for (let i = 1; i < cuts.length; i++) between(cuts[i - 1]!, cuts[i]!, MOST_HALVED);
  return out;
}

/** Is it a body of revolution about its own axis? */
const isRound = (cuts: readonly Cut[]): boolean =>
  cuts.every((c) => Math.abs(c.a - c.b) < 1e-9 && c.x === 0 && c.y === 0 && c.fx === 0 && c.fy === 0);

/** Number of the last level at or under a height, so that the one above it is there too. */
function levelUnder(Z: Float64Array, z: number): number {
  let low = 0;
  let high = Z.length - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (Z[middle]! <= z) low = middle;
    else high = middle;
  }
  return low;
}

/** Distance to the outline in the half plane of radius and height, lids counted. */
function roundDepth(cuts: readonly Cut[]): Depth {
  const n = cuts.length;
  const Z = Float64Array.from(cuts, (c) => c.z);
  const R = Float64Array.from(cuts, (c) => c.a);
  const [z0, z1] = [Z[0]!, Z[n - 1]!];
  const [r0, r1] = [R[0]!, R[n - 1]!];
  /** Squared distance to the straight side between two levels. */
  const side = (i: number, r: number, z: number): number => {
    const dr = R[i + 1]! - R[i]!;
    const dz = Z[i + 1]! - Z[i]!;
    const L = dr * dr + dz * dz || 1;
    let t = ((r - R[i]!) * dr + (z - Z[i]!) * dz) / L;
    t = t < 0 ? 0 : t > 1 ? 1 : t;
    const er = r - R[i]! - t * dr;
    const ez = z - Z[i]! - t * dz;
    return er * er + ez * ez;
  };
  return (x, y, z) => {
    const r = Math.sqrt(x * x + y * y);
    const out0 = r > r0 ? r - r0 : 0;
    const out1 = r > r1 ? r - r1 : 0;
    let best = Math.min(out0 * out0 + (z - z0) * (z - z0), out1 * out1 + (z - z1) * (z - z1));
    const k = levelUnder(Z, z);
    let inside = false;
    if (z >= z0 && z <= z1) {
      const t = Z[k + 1]! > Z[k]! ? (z - Z[k]!) / (Z[k + 1]! - Z[k]!) : 0;
      inside = r <= R[k]! + (R[k + 1]! - R[k]!) * t;
    }
    for (let i = k; i < n - 1; i++) {
      const up = Z[i]! - z;
      if (up > 0 && up * up >= best) break;
      const s = side(i, r, z);
      if (s < best) best = s;
    }
    for (let i = k - 1; i >= 0; i--) {
      const down = z - Z[i + 1]!;
      if (down > 0 && down * down >= best) break;
      const s = side(i, r, z);
      if (s < best) best = s;
    }
    return inside ? Math.sqrt(best) : -Math.sqrt(best);
  };
}

/** Distance from a point to an oval of half axes a and b, all of them above zero; by its circles of curvature, in three steps. */
function toOval(a: number, b: number, px: number, py: number): number {
  let tx = Math.SQRT1_2;
  let ty = Math.SQRT1_2;
  for (let step = 0; step < 3; step++) {
    const ex = ((a * a - b * b) * tx * tx * tx) / a;
    const ey = ((b * b - a * a) * ty * ty * ty) / b;
    const rx = a * tx - ex;
    const ry = b * ty - ey;
    const qx = px - ex;
    const qy = py - ey;
    const r = Math.sqrt(rx * rx + ry * ry);
    const q = Math.sqrt(qx * qx + qy * qy) || 1e-12;
    tx = Math.min(1, Math.max(0, ((qx * r) / q + ex) / a));
    ty = Math.min(1, Math.max(0, ((qy * r) / q + ey) / b));
    const t = Math.sqrt(tx * tx + ty * ty) || 1e-12;
    tx /= t;
    ty /= t;
  }
  return Math.sqrt((a * tx - px) ** 2 + (b * ty - py) ** 2);
}

/** Thinner than this a cut is an edge, mm. Estimate. */
const EDGE = 1e-3;

/** Distance of a point to a level cut, seen from above; nought inside. */
function outOf(c: Cut, x: number, y: number): number {
  const px = Math.max(0, Math.abs(x - c.x) - c.fx);
  const py = Math.max(0, Math.abs(y - c.y) - c.fy);
  if (c.a < EDGE || c.b < EDGE) return Math.hypot(Math.max(0, px - c.a), Math.max(0, py - c.b));
  return (px / c.a) ** 2 + (py / c.b) ** 2 <= 1 ? 0 : toOval(c.a, c.b, px, py);
}

/** From here on out the first order is not trusted, mm; and so many levels are asked instead. Estimate. */
const NEAR = 1.5;
/** A step of the method; estimate. */
const ASKED = 9;

/** To the first order: distance in the level, times the cosine of how steeply the side leans there. */
function ovalDepth(cuts: readonly Cut[]): Depth {
  const Z = Float64Array.from(cuts, (c) => c.z);
  const some = Array.from(
    { length: ASKED },
    (_, k) => cuts[Math.round((k * (cuts.length - 1)) / (ASKED - 1))]!,
  );
  const first = nearOval(cuts, Z);
  return (x, y, z) => {
    const d = first(x, y, z);
    if (d > -NEAR) return d;
    let best = d * d;
    for (const c of some) {
      const up = (z - c.z) ** 2;
      if (up >= best) continue;
      const out = outOf(c, x, y);
      best = Math.min(best, up + out * out);
    }
    return -Math.sqrt(best);
  };
}

function nearOval(cuts: readonly Cut[], Z: Float64Array): Depth {
  const [z0, z1] = [Z[0]!, Z[Z.length - 1]!];
  return (x, y, z) => {
    const zz = z < z0 ? z0 : z > z1 ? z1 : z;
    const k = levelUnder(Z, zz);
    const A = cuts[k]!;
    const B = cuts[k + 1]!;
    const rise = B.z - A.z || 1;
    const t = (zz - A.z) / rise;
    const a = A.a + (B.a - A.a) * t;
    const b = A.b + (B.b - A.b) * t;
    const sx = x - A.x - (B.x - A.x) * t;
    const sy = y - A.y - (B.y - A.y) * t;
    const [px, py] = [Math.abs(sx) - A.fx - (B.fx - A.fx) * t, Math.abs(sy) - A.fy - (B.fy - A.fy) * t];
    // how far the side moves out as it rises, along each axis, towards the point
    const mx = (B.a + B.fx - A.a - A.fx + Math.sign(sx) * (B.x - A.x)) / rise;
    const my = (B.b + B.fy - A.b - A.fy + Math.sign(sy) * (B.y - A.y)) / rise;
    let d: number;
    let slope: number;
    if (px > 0 && py > 0) {
      if (a < EDGE || b < EDGE) {
        d = -Math.sqrt(Math.max(0, px - a) ** 2 + Math.max(0, py - b) ** 2);
        slope = 0;
      } else {
        const u = px / a;
        const v = py / b;
        const out = u * u + v * v;
        d = (out > 1 ? -1 : 1) * toOval(a, b, px, py);
        // the way out of the oval at the nearest place, told by the gradient at the point
        const [gx, gy] = [u / a, v / b];
        const g = Math.sqrt(gx * gx + gy * gy) || 1;
        slope = (gx * mx + gy * my) / g;
      }
    } else {
      const [ex, ey] = [a - px, b - py];
      d = Math.min(ex, ey);
      slope = ex < ey ? mx : my;
    }
    d /= Math.sqrt(1 + slope * slope);
    if (z >= z0 && z <= z1) return d > 0 ? Math.min(d, z - z0, z1 - z) : d;
    const over = z < z0 ? z0 - z : z - z1;
    return d > 0 ? -over : -Math.sqrt(over * over + d * d);
  };
}

/** How deep a point lies in a stack of level cuts: exact for what is turned, to the first order for ovals and blocks. */
export function stackDepth(body: StackBody): Depth {
  const cuts = table(body);
  return isRound(cuts) ? roundDepth(cuts) : ovalDepth(cuts);
}

/** Levels a skin has at most, as a share of its corners round. Estimate. */
const TALL = 0.75;

/** Levels spread evenly along the outline, both ends among them. */
function spread(body: StackBody, most: number): number[] {
  const cuts = table(body);
  const along = [0];
  for (let i = 1; i < cuts.length; i++) {
    const [p, q] = [cuts[i - 1]!, cuts[i]!];
    const out = Math.max(Math.abs(q.a + q.fx - p.a - p.fx), Math.abs(q.b + q.fy - p.b - p.fy));
    along.push(along[i - 1]! + Math.hypot(q.z - p.z, out, q.x - p.x, q.y - p.y));
  }
  const whole = along[along.length - 1]!;
  const n = Math.max(4, Math.min(most, 3 * (cuts.length - 1)));
  const out: number[] = [];
  let i = 0;
  for (let k = 0; k <= n; k++) {
    const s = (whole * k) / n;
    while (i < cuts.length - 2 && along[i + 1]! < s) i++;
    const t = along[i + 1]! > along[i]! ? (s - along[i]!) / (along[i + 1]! - along[i]!) : 0;
    out.push(k === n ? cuts[cuts.length - 1]!.z : cuts[i]!.z + t * (cuts[i + 1]!.z - cuts[i]!.z));
  }
  return out;
}

/** The outer skin of a stack, its rings spread evenly along its outline. */
export const stackSkin = (body: StackBody, round: number, ring: (z: number) => Vec[]): Mesh =>
  skinOfRings(spread(body, Math.round(round * TALL)).map(ring));
