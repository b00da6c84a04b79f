import { NINE_IN_TEN } from '../quantity/index.ts';
import type { SettingConstants } from '../pastes/index.ts';
import { heatTransfer } from './air.ts';
import type { Band } from './band.ts';
import { LAW } from './law.ts';
import type { Air } from './sweep.ts';

/** Modelling chocolate does not dry: it sets by cold, loses structure when kneaded, and softens when warm again. */
export interface ChocolateState {
  /** °C. */
  readonly temperature: number;
  /** Share crystallised, 0–1. */
  readonly set: number;
  /** Structure after kneading, 0–1. */
  readonly structure: number;
}

/** As it leaves the hands: set long ago, kneaded soft. */
export const JUST_SHAPED: ChocolateState = { temperature: 27, set: 0.98, structure: 0.35 };

const WARM_SIDE = 7;
const COLD_SIDE = 15;
const MELTING = 0.2;

/** Yield stress, kPa: τ liquid (τ set ÷ τ liquid)^(ξ (½ + ½ s)) e^(−β (T − 20)). Form handbook, values estimates. */
export const chocolateYield = (c: SettingConstants, s: ChocolateState): number =>
  c.liquidYield *
  (c.setYield / c.liquidYield) ** (s.set * (0.5 + 0.5 * s.structure)) *
  Math.exp(-c.softening * (s.temperature - 20));

/** One step of a quarter minute or so: cooling by Newton, setting by Avrami–Nakamura, structure coming back. */
export function chocolateStep(
  c: SettingConstants,
  s: ChocolateState,
  air: number,
  cooling: number,
  dt: number,
): ChocolateState {
  const temperature = air + (s.temperature - air) * Math.exp((-dt * 60) / cooling);
  const side = temperature > c.bestTemperature ? WARM_SIDE : COLD_SIDE;
  const pace = Math.exp(-(((temperature - c.bestTemperature) / side) ** 2));
  let set = s.set;
  if (temperature < c.melts) {
    const y = (-Math.log(1 - Math.min(set, 0.999))) ** (1 / c.order) + (pace / c.settingTime) * dt;
    set = Math.max(set, 1 - Math.exp(-(y ** c.order)));
  } else set *= Math.exp(-MELTING * (temperature - c.melts) * dt);
  const structure = s.structure + (1 - s.structure) * (1 - Math.exp((-dt / c.rebuildTime) * pace));
  return { temperature, set, structure };
}

/** Time constant of cooling, s, of a body with the given volume per surface (m), size (m). */
export function coolingTime(bulk: number, facing: number, depth: number, shape: number, air: Air): number {
  const h = heatTransfer(facing, air.speed, air.temperature);
  const biot = (h * depth) / 0.25;
  return ((1300 * 1800 * bulk) / h) * (1 + biot / (shape + 3));
}

/** When a body just shaped from modelling chocolate passes a yield, minutes; Infinity when not within two days. */
export function chocolateReaches(
  c: SettingConstants,
  air: number,
  cooling: number,
  yieldWanted: number,
  start: ChocolateState = JUST_SHAPED,
): number {
  let s = start;
  for (let t = 0; t < 2880;) {
    if (chocolateYield(c, s) >= yieldWanted) return t;
    const dt = t < 240 ? 0.25 : 2;
    s = chocolateStep(c, s, air, cooling, dt);
    t += dt;
  }
  return Infinity;
}

/** Yield so many minutes after shaping, kPa; stepped like `chocolateReaches`. */
export function chocolateAfter(c: SettingConstants, air: number, cooling: number, minutes: number): number {
  let s = JUST_SHAPED;
  for (let t = 0; t < Math.min(minutes, 2880);) {
    const dt = t < 240 ? 0.25 : 2;
    s = chocolateStep(c, s, air, cooling, dt);
    t += dt;
  }
  return chocolateYield(c, s);
}

/** Yields that answer the questions: a gentle finger, fingers that hold; above 25 kPa a tool no longer marks it. */
export const CHOCOLATE_YIELD = {
  touch: LAW.touchPressure / LAW.bearing,
  handle: LAW.handlePressure / LAW.bearing,
  texture: 25,
};

/**
 * Band of a chocolate question: the room is known to 2 °C and the kitchen to a factor e^0.3.
 * Warmer by 2 °C gives the slow end, and may give never.
 */
export function chocolateBand(c: SettingConstants, air: Air, cooling: number, wanted: number): Band {
  const at = (t: number) => chocolateReaches(c, t, cooling, wanted);
  const likely = at(air.temperature);
  const warm = at(air.temperature + 2);
  const cold = at(air.temperature - 2);
  const factor = Math.exp(NINE_IN_TEN * 0.3);
  return {
    fast: Math.min(likely / factor, cold),
    likely,
    slow: Math.max(likely * factor, warm),
  };
}
