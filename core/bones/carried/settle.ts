import type { Vec } from '../../solids/index.ts';
import { BlockSystem, type Coupling } from './blocks.ts';

/** A rigid body with the force on it, N, at its balance point; a still one does not move. */
export interface Rigid {
  readonly at: Vec;
  readonly force: Vec;
  /** What else pulls on it: force, N, and turn about its balance point, N·mm. */
  readonly hung?: { readonly force: Vec; readonly turn: Vec } | undefined;
  readonly still: boolean;
}

/** What holds two bodies together at a place. Stiffness in N/mm, limits in N. */
export interface Spring {
  /** Numbers of the bodies; the way out of the first into the second is `n`. */
  readonly a: number;
  readonly b: number;
  readonly at: Vec;
  readonly n: Vec;
  /** Along n, and square to it. */
  readonly stiff: number;
  readonly sideways: number;
  /** Most it presses, and most it pulls. */
  readonly press: number;
  readonly pull: number;
  /** Most it holds sideways. */
  readonly slide: number;
}

/** Where everything has settled. */
export interface Settled {
  /** N along n with which each spring presses; below nought it pulls. */
  readonly presses: Float64Array;
  /** N on the second body of each, three numbers. */
  readonly onSecond: Float64Array;
  /** N of each body that nothing real carries, or that no balance was found for. */
  readonly uncarried: Float64Array;
  /** Steps downwards of each body, mm. */
  readonly sinks: Float64Array;
  /** Largest force left over, against what counts as none; above one no balance was found. */
  readonly off: number;
  readonly rounds: number;
}

/** Rounds after which what is still falling is taken to fall. Estimate. */
export const MOST_ROUNDS = 30;
/** A step of the method; estimate. */
const MOST_HALVED = 12;
/** Out of balance by no more than this of its own weight, or of the heaviest where that is more. Estimate. */
const ENOUGH = 1e-3;
/** A step of the method; estimate. */
const ENOUGH_OF_HEAVIEST = 1e-6;
/** A spring that shows what nothing carries: so much of the middle one of all stiffnesses, and a hundred times that against turning. Estimate. */
const GHOST = 1e-7;
/** A step of the method; estimate. */
const GHOST_TURN = 100;
/** What a spring at its limit keeps of its stiffness, so that it can come back. Estimate. */
const SPENT = 1e-8;

/** Energy of a spring that is straight beyond its limit: the whole stays bowl-shaped and has one bottom. */
const energyOf = (k: number, x: number, limit: number): number =>
  k <= 0 || x <= 0 ? 0 : k * x <= limit ? 0.5 * k * x * x : limit * x - (0.5 * limit * limit) / k;

/** Does it hold whatever comes? Then its share of the system is the same in every round. */
const holdsAlways = (s: Spring): boolean =>
  s.press === Infinity && s.pull === Infinity && (s.slide === Infinity || s.sideways === 0);

/** Everything that is asked over and over, in plain numbers. */
class Balance {
  readonly n: number;
  readonly #free: readonly number[];
  readonly #index: Int32Array;
  /** Six a body: force and turn. */
  readonly #force: Float64Array;
  readonly #arm: Float64Array;
  readonly #presses: Float64Array;
  readonly #on: Float64Array;
  readonly #kg: number;
  readonly #kr: number;
  /** Numbers of the springs that may reach a limit. */
  readonly #limited: readonly number[];
  /** The system of all others, with the ghosts. */
  readonly #diagonal: Float64Array;
  readonly #couplings: readonly Coupling[];
  readonly #blocks: BlockSystem;
  readonly #d = new Float64Array(3);
  readonly #K = new Float64Array(9);
  /** Force left over on each, N. */
  readonly #left: Float64Array;
  /** What counts as none of it, N. */
  readonly #enough: Float64Array;

  constructor(
    readonly bodies: readonly Rigid[],
    readonly springs: readonly Spring[],
  ) {
    const free: number[] = [];
    this.#index = Int32Array.from(bodies, (b, i) => (b.still ? -1 : free.push(i) - 1));
    this.#free = free;
    this.n = free.length;
    this.#force = new Float64Array(6 * this.n);
    free.forEach((i, at) => {
      const { force, hung } = bodies[i]!;
      for (let k = 0; k < 3; k++) {
        this.#force[6 * at + k] = force[k]! + (hung?.force[k] ?? 0);
        this.#force[6 * at + 3 + k] = hung?.turn[k] ?? 0;
      }
    });
    this.#arm = new Float64Array(6 * springs.length);
    springs.forEach((s, q) => {
      for (let k = 0; k < 3; k++) {
        this.#arm[6 * q + k] = s.at[k]! - bodies[s.a]!.at[k]!;
        this.#arm[6 * q + 3 + k] = s.at[k]! - bodies[s.b]!.at[k]!;
      }
    });
    this.#presses = new Float64Array(springs.length);
    this.#on = new Float64Array(3 * springs.length);
    const middle = springs.map((s) => s.stiff).sort((p, q) => p - q)[springs.length >> 1] ?? 0;
    this.#kg = Math.max(1e-12, GHOST * middle);
    this.#kr = this.#kg * GHOST_TURN;
    this.#left = new Float64Array(this.n);
    const weights = free.map((i) => Math.hypot(...bodies[i]!.force));
    const least = Math.max(1e-9, ENOUGH_OF_HEAVIEST * Math.max(0, ...weights));
    this.#enough = Float64Array.from(weights, (w) => Math.max(ENOUGH * w, least));
    this.#limited = springs.flatMap((s, q) => (holdsAlways(s) ? [] : [q]));
    this.#diagonal = new Float64Array(36 * this.n);
    for (let i = 0; i < this.n; i++)
      for (let k = 0; k < 3; k++) {
        this.#diagonal[36 * i + 7 * k] = this.#kg;
        this.#diagonal[36 * i + 7 * (k + 3)] = this.#kr;
      }
    const couplings = new Map<number, Coupling>();
    springs.forEach((s, q) => {
      if (holdsAlways(s)) this.#add(q, s.stiff, s.sideways, this.#diagonal, couplings);
    });
    this.#couplings = [...couplings.values()];
    this.#blocks = new BlockSystem(
      this.n,
      springs.flatMap(({ a, b }): [number, number][] => {
        const [i, j] = [this.#index[a]!, this.#index[b]!];
        return i < 0 || j < 0 ? [] : [[Math.min(i, j), Math.max(i, j)]];
      }),
    );
  }

  /** The stiffness of a spring, put into the system. */
  #add(q: number, kn: number, kt: number, diagonal: Float64Array, couplings: Map<number, Coupling>): void {
    const s = this.springs[q]!;
    const K = this.#K;
    for (let x = 0; x < 3; x++)
      for (let y = 0; y < 3; y++) K[3 * x + y] = (kn - kt) * s.n[x]! * s.n[y]! + (x === y ? kt : 0);
    const [ia, ib] = [this.#index[s.a]!, this.#index[s.b]!];
    const arm = this.#arm;
    if (ia >= 0) addStiffness(diagonal, 36 * ia, K, arm, 6 * q, 6 * q, 1);
    if (ib >= 0) addStiffness(diagonal, 36 * ib, K, arm, 6 * q + 3, 6 * q + 3, 1);
    if (ia < 0 || ib < 0) return;
    const [i, j, ri, rj] = ia < ib ? [ia, ib, 6 * q, 6 * q + 3] : [ib, ia, 6 * q + 3, 6 * q];
    const key = i * this.n + j;
    let c = couplings.get(key);
    if (!c) couplings.set(key, (c = { i, j, block: new Float64Array(36) }));
    addStiffness(c.block, 0, K, arm, ri, rj, -1);
  }

  /** What the springs that always hold do against a state, into six numbers a body: their system times it. */
  #always(u: Float64Array): Float64Array {
    const out = new Float64Array(6 * this.n);
    for (let i = 0; i < this.n; i++) times(this.#diagonal, 36 * i, u, 6 * i, out, 6 * i);
    for (const { i, j, block } of this.#couplings) {
      times(block, 0, u, 6 * j, out, 6 * i);
      timesTurned(block, u, 6 * i, out, 6 * j);
    }
    return out;
  }

  /** How far apart the two ends of a spring have moved, into three numbers. */
  #gap(q: number, u: Float64Array, d: Float64Array): void {
    const { a, b } = this.springs[q]!;
    d[0] = d[1] = d[2] = 0;
    for (let end = 0; end < 2; end++) {
      const i = this.#index[end === 0 ? b : a]!;
      if (i < 0) continue;
      const g = end === 0 ? 1 : -1;
      const r = 6 * q + (end === 0 ? 3 : 0);
      const rx = this.#arm[r]!;
      const ry = this.#arm[r + 1]!;
      const rz = this.#arm[r + 2]!;
      const o = 6 * i;
      const tx = u[o + 3]!;
      const ty = u[o + 4]!;
      const tz = u[o + 5]!;
      d[0] = d[0]! + g * (u[o]! + ty * rz - tz * ry);
      d[1] = d[1]! + g * (u[o + 1]! + tz * rx - tx * rz);
      d[2] = d[2]! + g * (u[o + 2]! + tx * ry - ty * rx);
    }
  }

  /** Energy along a step, by the share of it that is taken. */
  along(u: Float64Array, du: Float64Array): (share: number) => number {
    const [held, more] = [this.#always(u), this.#always(du)];
    return (share) =>
      this.#energy(
        u.map((v, i) => v + share * du[i]!),
        held.map((v, i) => v + share * more[i]!),
      );
  }

  #energy(u: Float64Array, held: Float64Array): number {
    let sum = 0;
    for (let k = 0; k < u.length; k++) sum += 0.5 * held[k]! * u[k]!;
    for (let k = 0; k < u.length; k++) sum -= this.#force[k]! * u[k]!;
    const d = this.#d;
    for (const q of this.#limited) {
      const s = this.springs[q]!;
      this.#gap(q, u, d);
      const along = d[0]! * s.n[0] + d[1]! * s.n[1] + d[2]! * s.n[2];
      const aside = Math.sqrt(Math.max(0, d[0]! ** 2 + d[1]! ** 2 + d[2]! ** 2 - along * along));
      sum += along < 0 ? energyOf(s.stiff, -along, s.press) : energyOf(s.stiff, along, s.pull);
      sum += energyOf(s.sideways, aside, s.slide);
    }
    return sum;
  }

  /** Force of a spring as things stand, noted; gives the stiffness it has there along itself and sideways. */
  #feel(q: number, u: Float64Array): readonly [number, number] {
    const s = this.springs[q]!;
    const d = this.#d;
    this.#gap(q, u, d);
    const along = d[0]! * s.n[0] + d[1]! * s.n[1] + d[2]! * s.n[2];
    const sx = d[0]! - along * s.n[0];
    const sy = d[1]! - along * s.n[1];
    const sz = d[2]! - along * s.n[2];
    const aside = Math.sqrt(sx * sx + sy * sy + sz * sz);
    let N = -s.stiff * along;
    let kn = s.stiff;
    if (N > s.press) [N, kn] = [s.press, kn * SPENT];
    else if (N < -s.pull) [N, kn] = [-s.pull, kn * SPENT];
    // sideways a secant, which never overshoots
    const kt =
      aside > 0 && s.sideways * aside > s.slide ? Math.max(s.slide / aside, SPENT * s.sideways) : s.sideways;
    this.#presses[q] = N;
    this.#on[3 * q] = N * s.n[0] - kt * sx;
    this.#on[3 * q + 1] = N * s.n[1] - kt * sy;
    this.#on[3 * q + 2] = N * s.n[2] - kt * sz;
    return [kn, kt];
  }

  /** The step that would balance forces were every spring to go on as it is, and what is left of them. */
  step(u: Float64Array): { readonly step: () => Float64Array; readonly off: number } {
    const { n } = this;
    const diagonal = this.#diagonal.slice();
    const couplings = new Map(
      this.#couplings.map((c) => [c.i * n + c.j, { ...c, block: c.block.slice() }] as const),
    );
    const rest = this.#always(u).map((v, k) => this.#force[k]! - v);
    for (const q of this.#limited) {
      const s = this.springs[q]!;
      const [kn, kt] = this.#feel(q, u);
      this.#push(rest, this.#index[s.b]!, 6 * q + 3, q, 1);
      this.#push(rest, this.#index[s.a]!, 6 * q, q, -1);
      this.#add(q, kn, kt, diagonal, couplings);
    }
    let off = 0;
    for (let i = 0; i < n; i++) {
      const left = Math.hypot(rest[6 * i]!, rest[6 * i + 1]!, rest[6 * i + 2]!);
      this.#left[i] = left;
      off = Math.max(off, left / this.#enough[i]!);
    }
    return { step: () => this.#blocks.solve(diagonal, couplings.values(), rest), off };
  }

  #push(rest: Float64Array, i: number, r: number, q: number, sign: number): void {
    if (i < 0) return;
    const fx = sign * this.#on[3 * q]!;
    const fy = sign * this.#on[3 * q + 1]!;
    const fz = sign * this.#on[3 * q + 2]!;
    const rx = this.#arm[r]!;
    const ry = this.#arm[r + 1]!;
    const rz = this.#arm[r + 2]!;
    const o = 6 * i;
    rest[o] = rest[o]! + fx;
    rest[o + 1] = rest[o + 1]! + fy;
    rest[o + 2] = rest[o + 2]! + fz;
    rest[o + 3] = rest[o + 3]! + (ry * fz - rz * fy);
    rest[o + 4] = rest[o + 4]! + (rz * fx - rx * fz);
    rest[o + 5] = rest[o + 5]! + (rx * fy - ry * fx);
  }

  done(u: Float64Array, off: number, rounds: number): Settled {
    for (let q = 0; q < this.springs.length; q++) this.#feel(q, u);
    const uncarried = new Float64Array(this.bodies.length);
    const sinks = new Float64Array(this.bodies.length);
    this.#free.forEach((body, i) => {
      const left = off > 1 ? this.#left[i]! : 0;
      uncarried[body] = left + this.#kg * Math.hypot(u[6 * i]!, u[6 * i + 1]!, u[6 * i + 2]!);
      sinks[body] = -u[6 * i + 2]!;
    });
    return {
      presses: this.#presses,
      onSecond: this.#on,
      uncarried,
      sinks,
      off,
      rounds,
    };
  }
}

/** A block times a part of a vector, added to a part of another. */
// eslint-disable-next-line max-params -- plain numbers
function times(
  m: Float64Array,
  o: number,
  u: Float64Array,
  from: number,
  out: Float64Array,
  to: number,
): void {
  for (let a = 0; a < 6; a++) {
    let sum = 0;
    for (let b = 0; b < 6; b++) sum += m[o + 6 * a + b]! * u[from + b]!;
    out[to + a] = out[to + a]! + sum;
  }
}

/** The same of the block turned over. */
function timesTurned(m: Float64Array, u: Float64Array, from: number, out: Float64Array, to: number): void {
  for (let a = 0; a < 6; a++) {
    let sum = 0;
    for (let b = 0; b < 6; b++) sum += m[6 * b + a]! * u[from + b]!;
    out[to + a] = out[to + a]! + sum;
  }
}

/** JᵢᵀKJⱼ added to a block, where J turns a step and a turn of a body into the step of a place on it. */
// eslint-disable-next-line max-params -- plain numbers
function addStiffness(
  to: Float64Array,
  o: number,
  K: Float64Array,
  arm: Float64Array,
  ri: number,
  rj: number,
  sign: number,
): void {
  const jx = arm[rj]!;
  const jy = arm[rj + 1]!;
  const jz = arm[rj + 2]!;
  const ix = arm[ri]!;
  const iy = arm[ri + 1]!;
  const iz = arm[ri + 2]!;
  for (let x = 0; x < 3; x++) {
    const k0 = sign * K[3 * x]!;
    const k1 = sign * K[3 * x + 1]!;
    const k2 = sign * K[3 * x + 2]!;
    // row x of K J
    const t0 = k1 * -jz + k2 * jy;
    const t1 = k0 * jz + k2 * -jx;
    const t2 = k0 * -jy + k1 * jx;
    // Jᵀ has ones for the step, and for the turn the arm crossed with the row
    const a = x === 0 ? 4 : x === 1 ? 5 : 3;
    const b = x === 0 ? 5 : x === 1 ? 3 : 4;
    const pa = x === 0 ? iz : x === 1 ? ix : iy;
    const pb = x === 0 ? -iy : x === 1 ? -iz : -ix;
    for (let row = 0; row < 3; row++) {
      const r = row === 0 ? x : row === 1 ? a : b;
      const f = row === 0 ? 1 : row === 1 ? pa : pb;
      const at = o + 6 * r;
      to[at] = to[at]! + f * k0;
      to[at + 1] = to[at + 1]! + f * k1;
      to[at + 2] = to[at + 2]! + f * k2;
      to[at + 3] = to[at + 3]! + f * t0;
      to[at + 4] = to[at + 4]! + f * t1;
      to[at + 5] = to[at + 5]! + f * t2;
    }
  }
}

/**
 * Where bodies settle that are held by springs which only push, and pull and slide as far as a joint holds: the one bottom
 * of their energy, by Newton steps that are halved until it falls. What nothing carries shows on a ghost spring.
 */
export function settle(bodies: readonly Rigid[], springs: readonly Spring[], most = MOST_ROUNDS): Settled {
  const all = new Balance(bodies, springs);
  let u = new Float64Array(6 * all.n);
  let off = Infinity;
  let round = 0;
  for (; round < most; round++) {
    const now = all.step(u);
    off = now.off;
    if (round > 0 && off < 1) break;
    const du = now.step();
    const energy = all.along(u, du);
    const before = round === 0 ? Infinity : energy(0);
    let share = 1;
    for (let k = 1; k < MOST_HALVED && energy(share) > before + 1e-12 * Math.abs(before); k++) share /= 2;
    u = u.map((v, i) => v + share * du[i]!);
  }
  return all.done(u, off, round);
}
