import type { Mesh } from '../mesh/index.ts';

/** A step of the method; estimate. */
const LEAF = 4;

/**
 * Boxes halved again and again along their longest side: whatever is near a point is found without asking what is far.
 * @param boxes six numbers each: lowest x, y, z and highest
 */
export class Boxes {
  /** Box of each node, six numbers. */
  readonly #node: number[] = [];
  /** Of a node its second half, the first following it; of a leaf −1 − the first of its things. */
  readonly #next: number[] = [];
  readonly #many: number[] = [];
  readonly #order: Int32Array;
  readonly #stack = new Int32Array(64);

  constructor(boxes: Float64Array) {
    const n = boxes.length / 6;
    this.#order = Int32Array.from({ length: n }, (_, i) => i);
    const make = (from: number, to: number): void => {
      const [low, high] = [
        [Infinity, Infinity, Infinity],
        [-Infinity, -Infinity, -Infinity],
      ];
      for (let k = from; k < to; k++)
        for (let e = 0; e < 3; e++) {
          low[e] = Math.min(low[e]!, boxes[6 * this.#order[k]! + e]!);
          high[e] = Math.max(high[e]!, boxes[6 * this.#order[k]! + 3 + e]!);
        }
      const node = this.#next.length;
      this.#node.push(...low, ...high);
      this.#many.push(to - from);
      this.#next.push(-1 - from);
      if (to - from <= LEAF) return;
      const sides = [0, 1, 2].map((e) => high[e]! - low[e]!);
      const e = sides.indexOf(Math.max(...sides));
      const middle = (i: number) => boxes[6 * i + e]! + boxes[6 * i + 3 + e]!;
      this.#order.subarray(from, to).sort((i, j) => middle(i) - middle(j));
      const half = (from + to) >> 1;
      make(from, half);
      this.#next[node] = this.#next.length;
      make(half, to);
    };
    if (n > 0) make(0, n);
  }

  #far(node: number, x: number, y: number, z: number): number {
    const [b, o] = [this.#node, 6 * node];
    const dx = x < b[o]! ? b[o]! - x : x > b[o + 3]! ? x - b[o + 3]! : 0;
    const dy = y < b[o + 1]! ? b[o + 1]! - y : y > b[o + 4]! ? y - b[o + 4]! : 0;
    const dz = z < b[o + 2]! ? b[o + 2]! - z : z > b[o + 5]! ? z - b[o + 5]! : 0;
    return dx * dx + dy * dy + dz * dz;
  }

  /**
   * Ask of everything whose box comes nearer to a point than a limit, what is likely nearest first.
   * @param limit squared distance; what lies in a box is nought from it
   * @param ask gives the limit from then on
   */
  nearest(x: number, y: number, z: number, limit: number, ask: (i: number) => number): void {
    const stack = this.#stack;
    let height = 0;
    if (this.#next.length > 0) stack[height++] = 0;
    while (height > 0) {
      const node = stack[--height]!;
      const far = this.#far(node, x, y, z);
      if (far > limit || (far === limit && far > 0)) continue;
      const next = this.#next[node]!;
      if (next < 0) {
        const from = -1 - next;
        const to = from + this.#many[node]!;
        for (let k = from; k < to; k++) limit = ask(this.#order[k]!);
        continue;
      }
      const first = this.#far(node + 1, x, y, z) < this.#far(next, x, y, z);
      stack[height++] = first ? next : node + 1;
      stack[height++] = first ? node + 1 : next;
    }
  }
}

const within = (t: number): number => (t < 0 ? 0 : t > 1 ? 1 : t);

/** Place nearest to a point on a triangle, told by the shares of its second and third corner. */
interface Nearest {
  i: number;
  square: number;
  s: number;
  t: number;
}

/**
 * Squared distance of a point to a triangle kept as nine numbers from `o` on, and where on it is nearest. Asked some hundred
 * thousand times a figure: plain numbers, nothing made.
 */
// eslint-disable-next-line max-params -- plain numbers
function nearestOn(Q: Float64Array, o: number, x: number, y: number, z: number, into: Nearest): void {
  const ax = Q[o]!;
  const ay = Q[o + 1]!;
  const az = Q[o + 2]!;
  const ux = Q[o + 3]! - ax;
  const uy = Q[o + 4]! - ay;
  const uz = Q[o + 5]! - az;
  const vx = Q[o + 6]! - ax;
  const vy = Q[o + 7]! - ay;
  const vz = Q[o + 8]! - az;
  const px = x - ax;
  const py = y - ay;
  const pz = z - az;
  const uu = ux * ux + uy * uy + uz * uz;
  const uv = ux * vx + uy * vy + uz * vz;
  const vv = vx * vx + vy * vy + vz * vz;
  const pu = px * ux + py * uy + pz * uz;
  const pv = px * vx + py * vy + pz * vz;
  const pp = px * px + py * py + pz * pz;
  const den = uu * vv - uv * uv;
  const s = (vv * pu - uv * pv) / den;
  const t = (uu * pv - uv * pu) / den;
  if (s >= 0 && t >= 0 && s + t <= 1) {
    into.square = Math.max(0, pp - 2 * s * pu - 2 * t * pv + s * s * uu + 2 * s * t * uv + t * t * vv);
    into.s = s;
    into.t = t;
    return;
  }
  const su = within(pu / (uu || 1));
  const tv = within(pv / (vv || 1));
  const e = within((pv - pu + uu - uv) / (uu - 2 * uv + vv || 1));
  const d = 1 - e;
  const first = pp - 2 * su * pu + su * su * uu;
  const second = pp - 2 * tv * pv + tv * tv * vv;
  const third = pp - 2 * d * pu - 2 * e * pv + d * d * uu + 2 * d * e * uv + e * e * vv;
  if (first <= second && first <= third) {
    into.square = Math.max(0, first);
    into.s = su;
    into.t = 0;
  } else if (second <= third) {
    into.square = Math.max(0, second);
    into.s = 0;
    into.t = tv;
  } else {
    into.square = Math.max(0, third);
    into.s = d;
    into.t = e;
  }
}

/** Nearest triangle of many. */
export class NearTriangles {
  readonly #Q: Float64Array;
  readonly #boxes: Boxes;
  readonly #found: Nearest = { i: 0, square: 0, s: 0, t: 0 };
  private readonly best: Nearest = { i: 0, square: 0, s: 0, t: 0 };

  /** @param Q nine numbers a triangle; at least one */
  constructor(Q: Float64Array) {
    const n = Q.length / 9;
    this.#Q = Q;
    const boxes = new Float64Array(6 * n);
    for (let i = 0; i < n; i++)
      for (let k = 0; k < 3; k++) {
        const [a, b, c] = [Q[9 * i + k]!, Q[9 * i + 3 + k]!, Q[9 * i + 6 + k]!];
        boxes[6 * i + k] = Math.min(a, b, c);
        boxes[6 * i + 3 + k] = Math.max(a, b, c);
      }
    this.#boxes = new Boxes(boxes);
  }

  /**
   * The nearest triangle. The answer is written over by the next question.
   * @returns its number, the squared distance, and the shares of its second and third corner where it is nearest
   */
  at(x: number, y: number, z: number): Readonly<Nearest> {
    const { best } = this;
    // what was nearest last time is asked first, so that most of the others need not be
    nearestOn(this.#Q, 9 * best.i, x, y, z, best);
    this.#x = x;
    this.#y = y;
    this.#z = z;
    this.#boxes.nearest(x, y, z, best.square, this.#ask);
    return best;
  }

  #x = 0;
  #y = 0;
  #z = 0;
  readonly #ask = (k: number): number => {
    const [f, best] = [this.#found, this.best];
    nearestOn(this.#Q, 9 * k, this.#x, this.#y, this.#z, f);
    if (f.square < best.square) {
      best.i = k;
      best.square = f.square;
      best.s = f.s;
      best.t = f.t;
    }
    return best.square;
  };
}

/** The corners of every triangle of a mesh one after the other, nine numbers each. */
export function soupOf(m: Mesh): Float64Array {
  const Q = new Float64Array(m.faces.length * 3);
  for (let i = 0; i < m.faces.length; i++)
    for (let k = 0; k < 3; k++) Q[3 * i + k] = m.points[3 * m.faces[i]! + k]!;
  return Q;
}
