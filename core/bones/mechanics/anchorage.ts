import type { SoftNow } from './soft-now.ts';

/** A stick held in something: sideways bearing, twist, pulling out, pushing in. N, mm, MPa. */

/**
 * Sideways limit per millimetre of stick: crush × d in crumb and foam; N × cohesion × d in paste, with N from 2 at a
 * free surface to 9 under three diameters of cover (soft-clay pile practice, handbook); embedment × d in board.
 */
export function bearingPerMm(soft: SoftNow, d: number, cover: number): number {
  if (soft.kind === 'hard') return (soft.embedment ?? 0) * d;
  if (soft.kind === 'paste')
    return (2 + 7 * Math.min(1, Math.max(0, cover) / (3 * d))) * soft.now * soft.cohesion * d;
  return soft.now * d;
}

/** Side force a short stiff stick held over L takes (Broms 1964, short rigid pile in ground of even strength), acting y outside the entry; y below zero lies in the held length. */
export function sideCapacity(q: number, L: number, y: number): number {
  const e = y < -L / 2 ? -L - y : y;
  const a = L + 2 * e;
  return (q * L * L) / (Math.sqrt(a * a + L * L) + a);
}

/** Pure moment it takes: q L² ÷ 4. */
export const momentCapacity = (q: number, L: number): number => (q * L * L) / 4;

/** Share of the holding used by side force V and moment M about the entry. */
export function sideUse(q: number, L: number, V: number, M: number): number {
  if (!(L > 0) || !(q > 0)) return V !== 0 || M !== 0 ? Infinity : 0;
  if (Math.abs(V) < 1e-9) return Math.abs(M) / momentCapacity(q, L);
  return Math.abs(V) / sideCapacity(q, L, M / V);
}

/** Layers of a rod as force per mm over a thickness. */
export interface Bed {
  readonly q: number;
  readonly thick: number;
}

const upTo = (beds: readonly Bed[], x: number): readonly [force: number, moment: number] => {
  let z = 0;
  let Q = 0;
  let S = 0;
  for (const bed of beds) {
    const end = Math.min(z + bed.thick, x);
    if (end > z) {
      Q += bed.q * (end - z);
      S += (bed.q * (end * end - z * z)) / 2;
    }
    z += bed.thick;
  }
  return [Q, S];
};

/** Side force that several layers take together, acting y ≥ 0 outside the entry (turning depth by halving). */
export function layeredCapacity(beds: readonly Bed[], y: number): { force: number; moment: number } {
  const L = beds.reduce((sum, b) => sum + b.thick, 0);
  const [QL, SL] = upTo(beds, L);
  let low = 0;
  let high = L;
  for (let i = 0; i < 50; i++) {
    const x = (low + high) / 2;
    const [Q, S] = upTo(beds, x);
    const H = 2 * Q - QL;
    if (y === Infinity ? H > 0 : H * y > SL - 2 * S) high = x;
    else low = x;
  }
  const [Q, S] = upTo(beds, low);
  if (y === Infinity) return { force: 0, moment: SL - 2 * S };
  const force = Math.max(0, 2 * Q - QL);
  return { force, moment: force * y };
}

/** Share of the holding of all layers used by V and M. */
export function layeredUse(beds: readonly Bed[], V: number, M: number): number {
  const L = beds.reduce((sum, b) => sum + b.thick, 0);
  const mean = L > 0 ? beds.reduce((sum, b) => sum + b.q * b.thick, 0) / L : 0;
  if (beds.length <= 1) return sideUse(mean, L, V, M);
  if (!(mean > 0)) return V !== 0 || M !== 0 ? Infinity : 0;
  if (Math.abs(V) < 1e-9) return Math.abs(M) / layeredCapacity(beds, Infinity).moment;
  const y = M / V;
  if (y < 0) return sideUse(mean, L, V, M);
  const { force } = layeredCapacity(beds, y);
  return force > 0 ? Math.abs(V) / force : Infinity;
}

/** Greatest moment in the stick, which lies below the surface where shear is nil: M + V² ÷ 2 q, through layers. */
export function stickMoment(beds: readonly Bed[], V: number, M: number): number {
  let v = Math.abs(V);
  let m = Math.abs(M);
  let best = m;
  for (const { q, thick } of beds) {
    const need = q > 0 ? v / q : Infinity;
    if (need <= thick) return Math.max(best, m + (v * need) / 2);
    m += v * thick - (q * thick * thick) / 2;
    v -= q * thick;
    best = Math.max(best, m);
  }
  return best;
}

/** Held length needed for a side force at height y: h + √(2 h² + 4 h y), h = H ÷ q. */
export const depthNeeded = (q: number, H: number, y: number): number => {
  const h = H / q;
  return h + Math.sqrt(2 * h * h + 4 * h * y);
};

/** Grip along the stick: π d L × grip. */
export const pullOut = (soft: SoftNow, d: number, L: number): number =>
  Math.PI * d * L * soft.now * soft.grip;

/** What the end of a stick bears on. */
export const endBearing = (soft: SoftNow, d: number): number =>
  (Math.PI / 4) * d * d * soft.now * (soft.kind === 'paste' ? 4.5 : soft.kind === 'crumb' ? 1.5 : 1);

/** Force that pushes the stick further in: end bearing and grip. */
export const pushIn = (soft: SoftNow, d: number, L: number): number =>
  endBearing(soft, d) + pullOut(soft, d, L);

/** Lever of n evenly spaced sticks, the outer two `spacing` apart: outer force = M ÷ lever. */
export const coupleLever = (n: number, spacing: number): number => (spacing * n * (n + 1)) / (6 * (n - 1));

/**
 * Moment about the stick's own line that holds: grip of each, and the couple of several.
 * @param grip along one stick, N
 * @param sideways what one stick bears sideways over its held length, q L, N
 */
export function twistHeld(grip: number, d: number, n: number, spacing: number, sideways: number): number {
  const couple = n < 2 ? 0 : sideways * spacing * (n % 2 ? (n + 1) / 4 : (n * n) / (4 * (n - 1)));
  return (n * grip * d) / 2 + couple;
}

/** The same for a stick held over L in one thing, q sideways per mm. */
export const twistCapacity = (
  soft: SoftNow,
  d: number,
  L: number,
  n: number,
  spacing: number,
  q: number,
): number => twistHeld(pullOut(soft, d, L), d, n, spacing, q * L);
