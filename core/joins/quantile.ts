import type { Band } from '../firming/index.ts';
import { NINE_IN_TEN, normalCdf } from '../quantity/index.ts';

/** What is never slow is taken to be so many times its likely length at nine in ten. Estimate. */
const LATE = 6;

/** Standard normal quantile; Acklam's rational approximation, 1e-9. Handbook. */
export function normalQuantile(p: number): number {
  if (p <= 0) return -Infinity;
  if (p >= 1) return Infinity;
  const a = [
    -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
    2.506628277459239,
  ];
  const b = [
    -54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572,
  ];
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ];
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416];
  const at = (k: readonly number[], x: number) => k.reduce((s, v) => s * x + v, 0);
  const low = 0.02425;
  if (p < low || p > 1 - low) {
    const q = Math.sqrt(-2 * Math.log(p < low ? p : 1 - p));
    const x = at(c, q) / at([...d, 1], q);
    return p < low ? x : -x;
  }
  const q = p - 0.5;
  const r = q * q;
  return (at(a, r) * q) / at([...b, 1], r);
}

/**
 * When a question is answered in so many of a hundred cases, minutes: split normal in the logarithm through one in ten, one in two and
 * nine in ten of the band.
 */
export function quantileOf({ fast, likely, slow }: Band, p: number): number {
  const z = normalQuantile(p);
  if (!Number.isFinite(likely)) return z <= -NINE_IN_TEN ? fast : Infinity;
  if (likely <= 0) return 0;
  if (z >= 0) {
    if (!Number.isFinite(slow) && z >= NINE_IN_TEN) return Infinity;
    const late = Number.isFinite(slow) ? slow : likely * LATE;
    return likely * (late / likely) ** (z / NINE_IN_TEN);
  }
  return likely * (likely / Math.max(fast, likely * 1e-3)) ** (z / NINE_IN_TEN);
}

/** In how many of a hundred cases a question is answered by a minute, a share: the inverse of `quantileOf`. */
export function chanceBelow({ fast, likely, slow }: Band, minutes: number): number {
  if (likely <= 0) return 1;
  if (!Number.isFinite(likely)) return minutes >= fast ? 0.1 : 0;
  if (minutes <= 0) return 0;
  const away = Math.log(minutes / likely);
  const wide =
    away < 0
      ? Math.log(likely / Math.max(fast, likely * 1e-3))
      : Math.log((Number.isFinite(slow) ? slow : likely * LATE) / likely);
  if (wide < 1e-9) return away < 0 ? 0 : 1;
  return normalCdf((away / wide) * NINE_IN_TEN);
}
