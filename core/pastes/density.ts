import type { Celsius, Density } from '../quantity/index.ts';
import type { Composition } from './types.ts';

/**
 * Density of a component at a temperature, kg/m³.
 * Choi & Okos 1986, valid −40…150 °C, from memory; set cocoa butter 970 (range 960–990, handbook).
 */
export const COMPONENT_DENSITY: Record<keyof Composition, (t: Celsius) => number> = {
  water: (t) => 997.18 + 3.1439e-3 * t - 3.7574e-3 * t * t,
  protein: (t) => 1329.9 - 0.5184 * t,
  fat: (t) => 925.59 - 0.41757 * t,
  carb: (t) => 1599.1 - 0.31046 * t,
  fibre: (t) => 1311.5 - 0.36589 * t,
  ash: (t) => 2423.8 - 0.28063 * t,
  cocoaButter: () => 970,
};

/**
 * Density of a mixture from its composition: volumes add, so 1/ρ = Σ xᵢ/ρᵢ; air makes it lighter.
 * @param composition mass shares, which have to add up to one (RangeError otherwise: a bug in a table)
 * @param air share of the volume that is air
 * @returns g/cm³
 */
export function densityOf(composition: Composition, air = 0, t: Celsius = 20): Density {
  let share = 0;
  let volume = 0;
  for (const [name, x] of Object.entries(composition) as [keyof Composition, number][]) {
    share += x;
    volume += x / COMPONENT_DENSITY[name](t);
  }
  if (Math.abs(share - 1) > 0.005) throw new RangeError(`composition adds up to ${share}, not 1`);
  return ((1 - air) * share) / volume / 1000;
}

/** Mix compositions by mass. */
export function mixed(parts: readonly (readonly [mass: number, composition: Composition])[]): Composition {
  const whole = parts.reduce((sum, [mass]) => sum + mass, 0);
  const out: Record<string, number> = {};
  for (const [mass, composition] of parts)
    for (const [name, x] of Object.entries(composition) as [string, number][])
      out[name] = (out[name] ?? 0) + (mass / whole) * x;
  return out as Composition;
}

/** Density by weighing a ball rolled to a measured diameter: m ÷ (π d³ ÷ 6000). */
export const densityFromBall = (g: number, d: number): Density => g / ((Math.PI * d ** 3) / 6000);
