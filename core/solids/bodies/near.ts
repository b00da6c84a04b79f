import type { Mesh } from '../mesh/index.ts';

/** Nothing further than this from a skin has to be told exactly how far it is, mm. */
export const REACH = 7;
const CELL = 6;

/**
 * Things in a box of cells, each in every cell that it comes as near as REACH to; what is asked for in none is further off.
 * @param boxes six numbers each: lowest x, y, z and highest
 */
export class Cells {
  readonly #cells = new Map<number, number[]>();
  readonly #low: readonly [number, number, number];
  readonly #n: readonly [number, number, number];
  readonly #cell: number;

  constructor(boxes: Float64Array) {
    const low = [Infinity, Infinity, Infinity];
    const high = [-Infinity, -Infinity, -Infinity];
    for (let i = 0; i < boxes.length; i += 6)
      for (let k = 0; k < 3; k++) {
        low[k] = Math.min(low[k]!, boxes[i + k]! - REACH);
        high[k] = Math.max(high[k]!, boxes[i + 3 + k]! + REACH);
      }
    const size = Math.max(...[0, 1, 2].map((k) => high[k]! - low[k]!));
    this.#cell = Math.max(CELL, size / 40);
    this.#low = [low[0]!, low[1]!, low[2]!];
    const many = (k: 0 | 1 | 2) => Math.max(1, Math.ceil((high[k]! - low[k]!) / this.#cell));
    this.#n = [many(0), many(1), many(2)];
    for (let i = 0; i < boxes.length; i += 6) {
      const [a, b] = [0, 3].map((o) =>
        [0, 1, 2].map((k) =>
          Math.floor((boxes[i + o + k]! + (o ? REACH : -REACH) - this.#low[k as 0 | 1 | 2]) / this.#cell),
        ),
      ) as [number[], number[]];
      for (let x = a[0]!; x <= b[0]!; x++)
        for (let y = a[1]!; y <= b[1]!; y++)
          for (let z = a[2]!; z <= b[2]!; z++) {
            const key = x + this.#n[0] * (y + this.#n[1] * z);
            const there = this.#cells.get(key);
            if (there) there.push(i / 6);
            else this.#cells.set(key, [i / 6]);
          }
    }
  }

  /** What comes near the cell of a point; undefined when nothing does. */
  at(x: number, y: number, z: number): readonly number[] | undefined {
    const i = Math.floor((x - this.#low[0]) / this.#cell);
    const j = Math.floor((y - this.#low[1]) / this.#cell);
    const k = Math.floor((z - this.#low[2]) / this.#cell);
    if (i < 0 || j < 0 || k < 0 || i >= this.#n[0] || j >= this.#n[1] || k >= this.#n[2]) return undefined;
    return this.#cells.get(i + this.#n[0] * (j + this.#n[1] * k));
  }
}

const within = (t: number): number => (t < 0 ? 0 : t > 1 ? 1 : t);

/** Place nearest to a point on a triangle, told by the shares of its second and third corner. */
interface Nearest {
  square: number;
  s: number;
  t: number;
}

/** Squared distance of a point to a triangle kept as nine numbers from `o` on, and where on it is nearest. */
function nearestOn(Q: Float64Array, o: number, x: number, y: number, z: number, into: Nearest): void {
  const [ax, ay, az] = [Q[o]!, Q[o + 1]!, Q[o + 2]!];
  const [ux, uy, uz] = [Q[o + 3]! - ax, Q[o + 4]! - ay, Q[o + 5]! - az];
  const [vx, vy, vz] = [Q[o + 6]! - ax, Q[o + 7]! - ay, Q[o + 8]! - az];
  const [px, py, pz] = [x - ax, y - ay, z - az];
  const uu = ux * ux + uy * uy + uz * uz;
  const uv = ux * vx + uy * vy + uz * vz;
  const vv = vx * vx + vy * vy + vz * vz;
  const pu = px * ux + py * uy + pz * uz;
  const pv = px * vx + py * vy + pz * vz;
  const pp = px * px + py * py + pz * pz;
  const den = uu * vv - uv * uv;
  const far = (s: number, t: number) =>
    pp - 2 * s * pu - 2 * t * pv + s * s * uu + 2 * s * t * uv + t * t * vv;
  const s = (vv * pu - uv * pv) / den;
  const t = (uu * pv - uv * pu) / den;
  if (s >= 0 && t >= 0 && s + t <= 1) {
    into.square = Math.max(0, far(s, t));
    into.s = s;
    into.t = t;
    return;
  }
  const e = within((pv - pu + uu - uv) / (uu - 2 * uv + vv || 1));
  const su = within(pu / (uu || 1));
  const tv = within(pv / (vv || 1));
  const [first, second, third] = [far(su, 0), far(0, tv), far(1 - e, e)];
  into.square = Math.max(0, Math.min(first, second, third));
  if (first <= second && first <= third) [into.s, into.t] = [su, 0];
  else if (second <= third) [into.s, into.t] = [0, tv];
  else [into.s, into.t] = [1 - e, e];
}

/** Nearest triangle of many. */
export class NearTriangles {
  readonly #Q: Float64Array;
  readonly #cells: Cells;
  readonly #found: Nearest = { square: 0, s: 0, t: 0 };

  /** @param Q nine numbers a triangle */
  constructor(Q: Float64Array) {
    this.#Q = Q;
    const boxes = new Float64Array((Q.length / 9) * 6);
    for (let i = 0; i < Q.length / 9; i++)
      for (let k = 0; k < 3; k++) {
        const [a, b, c] = [Q[9 * i + k]!, Q[9 * i + 3 + k]!, Q[9 * i + 6 + k]!];
        boxes[6 * i + k] = Math.min(a, b, c);
        boxes[6 * i + 3 + k] = Math.max(a, b, c);
      }
    this.#cells = new Cells(boxes);
  }

  /** Number of the nearest triangle and the squared distance to it; undefined when all are further than REACH. */
  at(x: number, y: number, z: number): { i: number; square: number; s: number; t: number } | undefined {
    const near = this.#cells.at(x, y, z);
    if (!near) return undefined;
    const f = this.#found;
    let [i, square, s, t] = [-1, Infinity, 0, 0];
    for (const k of near) {
      nearestOn(this.#Q, 9 * k, x, y, z, f);
      if (f.square < square) [i, square, s, t] = [k, f.square, f.s, f.t];
    }
    return i < 0 ? undefined : { i, square, s, t };
  }
}

/** The corners of every triangle of a mesh one after the other, nine numbers each. */
export function soupOf(m: Mesh): Float64Array {
  const Q = new Float64Array(m.faces.length * 3);
  for (let i = 0; i < m.faces.length; i++)
    for (let k = 0; k < 3; k++) Q[3 * i + k] = m.points[3 * m.faces[i]! + k]!;
  return Q;
}
