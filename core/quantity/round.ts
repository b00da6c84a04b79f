/** The resolution a mass is shown at: what a kitchen scale and a hand can use. Common practice. */
export const massStep = (g: number): number => (g < 0.95 ? 0.01 : g < 20 ? 0.1 : g < 500 ? 1 : 5);

/** Round to a multiple of `step`, free of binary dust. */
export const roundTo = (x: number, step: number): number => {
  const digits = Math.max(0, -Math.floor(Math.log10(step) + 1e-9));
  return Number((Math.round(x / step) * step).toFixed(digits));
};

/**
 * Largest-remainder rounding: the parts are multiples of `step` and still add up to the rounded total.
 * @example roundParts([33.3, 33.3, 33.4], 5) // [35, 30, 35]
 */
export function roundParts(parts: readonly number[], step: number): number[] {
  const whole = Math.round(parts.reduce((a, b) => a + b, 0) / step);
  const floors = parts.map((p) => Math.floor(p / step + 1e-9));
  let left = whole - floors.reduce((a, b) => a + b, 0);
  const byRemainder = parts
    .map((p, i) => ({ i, rest: p / step - floors[i]! }))
    .sort((a, b) => b.rest - a.rest || a.i - b.i);
  for (const { i } of byRemainder) {
    if (left <= 0) break;
    floors[i]!++;
    left--;
  }
  return floors.map((n) => Number((n * step).toFixed(10)));
}

/** Keep `x` between two bounds. */
export const clamp = (x: number, low: number, high: number): number => Math.min(high, Math.max(low, x));
