import { solveLinear } from '../../quantity/index.ts';

/** Boards with a rod through their middle, and cake on a small board. N, mm, MPa. */

/**
 * A round board resting on its rim, with a stiff washer in the middle that takes a tilting moment. Exact thin plate:
 * w = (A r + B r³ + C ÷ r + D r ln r) cos φ, clamped at the washer, level and free of moment at the rim.
 * @param radius of the board
 * @param hub radius of the washer
 * @returns stress = β M ÷ a t² and tilt = α M ÷ E t³ in radians, with α and β
 */
export function tiltedHub(
  moment: number,
  radius: number,
  hub: number,
  thick: number,
  stiffness: number,
  nu = 0.3,
) {
  const x = hub / radius;
  const found = solveLinear(
    [
      [x, x ** 3, 1 / x, x * Math.log(x)],
      [1, 3 * x * x, -1 / (x * x), Math.log(x) + 1],
      [1, 1, 1, 0],
      [0, 6 + 2 * nu, 2 - 2 * nu, 1 + nu],
    ],
    [0, 0, 1, 0],
  );
  if (!found) return { stress: Infinity, tilt: Infinity, alpha: Infinity, beta: Infinity };
  const [, B, C, D] = found as [number, number, number, number];
  const k = 4 * Math.PI * Math.abs(D);
  const alpha = (12 * (1 - nu * nu)) / k;
  const beta = (6 * Math.abs(6 * B * x + (2 * C) / x ** 3 + D / x)) / k;
  return {
    stress: (beta * moment) / (radius * thick * thick),
    tilt: (alpha * moment) / (stiffness * thick ** 3),
    alpha,
    beta,
  };
}

/** Moment per mm at the edge of a washer of radius b that carries a board of radius a under an even pressure; strip by strip, on the safe side. */
export const washerRoot = (pressure: number, a: number, b: number): number =>
  (pressure / b) * ((a ** 3 - b ** 3) / 3 - (b * (a * a - b * b)) / 2);

/** Moment that two washers press into a board of a crushing strength, one above and one below: fc π (D⁴ − d⁴) ÷ 32 D. */
export const washerHolds = (crush: number, washer: number, hole: number): number =>
  (crush * Math.PI * (washer ** 4 - hole ** 4)) / (32 * washer);

/** Force that pulls a washer through a board: its rim × thickness × punching strength. */
export const pullsThrough = (punch: number, washer: number, thick: number): number =>
  Math.PI * washer * thick * punch;

/** Slowest sway of a mass in kg on a stiffness in N/mm, swings a second. */
export const swayRate = (stiffness: number, kg: number): number =>
  Math.sqrt((stiffness * 1000) / kg) / (2 * Math.PI);

/** Braking comes on in about this time, s; estimate. */
const COMES_ON = 0.4;
/** How much more than its steady value a push that comes on so fast bends a mast: 1 + 1 ÷ π f t, at most twice. */
export const comesOn = (rate: number): number => Math.min(2, 1 + 1 / (Math.PI * rate * COMES_ON));

/**
 * Sudden change of speed of the ground that just overturns a rigid block, m/s, by energy: kerb, pothole.
 * @param height of the balance point, mm
 * @param inside the nearest edge, mm
 * @param spin moment of inertia over mass about the balance point, mm²
 */
export function bumpThatTips(height: number, inside: number, spin: number): number {
  const r2 = height * height + inside * inside;
  const lift = Math.sqrt(r2) - height;
  return Math.sqrt(2 * 9806.65 * lift * (spin + r2)) / height / 1000;
}
