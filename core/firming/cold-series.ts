import { bisect } from '../quantity/index.ts';

/** One term of the series of a body that cools by its face: how fast it dies away, its coefficient, and its share at the face. */
export interface Term {
  readonly zeta: number;
  readonly coefficient: number;
  readonly atFace: number;
}

/** Terms of the series: enough from a minute on. A step of the method; estimate. */
const TERMS = 24;

const terms = (root: (n: number) => number, of: (zeta: number) => Omit<Term, 'zeta'>, many = TERMS): Term[] =>
  Array.from({ length: many }, (_, n) => {
    const zeta = root(n);
    return { zeta, ...of(zeta) };
  });
const NEAR = 1e-9;
const between = (f: (z: number) => number, low: number, high: number): number =>
  bisect(f, low + 1e-6, high - NEAR)!;

/**
 * A ball: 1 − ζ cot ζ = Bi, C = 4 (sin ζ − ζ cos ζ) ÷ (2ζ − sin 2ζ). Handbook (Carslaw and Jaeger form).
 * @param biot h R ÷ k
 */
export const ballTerms = (biot: number, many?: number): Term[] =>
  terms(
    (n) => between((z) => 1 - z / Math.tan(z) - biot, n * Math.PI, (n + 1) * Math.PI),
    (z) => ({
      coefficient: (4 * (Math.sin(z) - z * Math.cos(z))) / (2 * z - Math.sin(2 * z)),
      atFace: Math.sin(z) / z,
    }),
    many,
  );

/**
 * A slab cooled on both faces: ζ tan ζ = Bi, C = 4 sin ζ ÷ (2ζ + sin 2ζ). Handbook (Carslaw and Jaeger form).
 * @param biot h × half its thickness ÷ k
 */
export const slabTerms = (biot: number, many?: number): Term[] =>
  terms(
    (n) => between((z) => z * Math.sin(z) - biot * Math.cos(z), n * Math.PI, (n + 0.5) * Math.PI),
    (z) => ({ coefficient: (4 * Math.sin(z)) / (2 * z + Math.sin(2 * z)), atFace: Math.cos(z) }),
    many,
  );

/** Points of the circle over which Bessel's integral is summed: exact to rounding for what is asked. A step of the method; estimate. */
const POINTS = 256;
/** Bessel functions of the first kind of whole order, by their integral: 1 ÷ π ∫ cos(n t − x sin t) dt. Handbook. */
export function bessel(n: number, x: number): number {
  let sum = 0;
  for (let k = 0; k < POINTS; k++) {
    const t = ((k + 0.5) * 2 * Math.PI) / POINTS;
    sum += Math.cos(n * t - x * Math.sin(t));
  }
  return sum / POINTS;
}

/**
 * A long round: ζ J₁(ζ) = Bi J₀(ζ), C = 2 J₁ ÷ ζ (J₀² + J₁²). Handbook (Carslaw and Jaeger form).
 * @param biot h R ÷ k
 */
export const roundTerms = (biot: number, many?: number): Term[] =>
  terms(
    (n) => {
      // between a nought of J₁ and the next of J₀
      const low = n === 0 ? 0 : between((z) => bessel(1, z), n * Math.PI, (n + 0.5) * Math.PI);
      const high = between((z) => bessel(0, z), (n + 0.5) * Math.PI, (n + 1) * Math.PI);
      return between((z) => z * bessel(1, z) - biot * bessel(0, z), low, high);
    },
    (z) => {
      const [j0, j1] = [bessel(0, z), bessel(1, z)];
      return { coefficient: (2 * j1) / (z * (j0 * j0 + j1 * j1)), atFace: j0 };
    },
    many,
  );

/** Shares of the first warmth that are left in the middle and at the face after so long. */
export function left(
  of: readonly Term[],
  fourier: number,
): { readonly middle: number; readonly face: number } {
  let [middle, face] = [0, 0];
  for (const { zeta, coefficient, atFace } of of) {
    const share = coefficient * Math.exp(-zeta * zeta * fourier);
    middle += share;
    face += share * atFace;
  }
  return { middle, face };
}
