import type { DryingConstants } from '../pastes/index.ts';

/** Drying constants with what follows from them. */
export interface PasteLaw extends DryingConstants {
  /** Water per dry mass when fresh. */
  readonly freshWater: number;
  /** Dry mass per volume, kg/m³. */
  readonly dryDensity: number;
  /** a ÷ (1 − a) of the fresh paste. */
  readonly balanceRatio: number;
}

/** The law of a paste with what follows from its constants; kept by the constants. */
export function pasteLaw(c: DryingConstants): PasteLaw {
  let law = laws.get(c);
  if (!law)
    laws.set(
      c,
      (law = {
        ...c,
        freshWater: c.water / (1 - c.water),
        dryDensity: c.density * (1 - c.water),
        balanceRatio: c.balance / (1 - c.balance),
      }),
    );
  return law;
}

const laws = new WeakMap<DryingConstants, PasteLaw>();

/** Water left, relative to fresh, in balance with a room: ((h ÷ (1 − h)) ÷ r₀)^B. Above 1 it takes water up. */
export const balanceWater = (law: PasteLaw, humidity: number): number =>
  (humidity / (1 - humidity) / law.balanceRatio) ** law.isotherm;
