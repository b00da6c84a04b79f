import type { Grams } from '../quantity/index.ts';
import type { InstrumentLine } from './line.ts';

/** A scale that is made up, with the habits of a real one. */
export interface SimulatedScale {
  /** What lies on it, and what it has settled to so far, g. */
  readonly load: Grams;
  readonly shown: Grams;
  /** Crept since it was last zeroed, and by how much it creeps in a minute, g. */
  readonly crept: Grams;
  readonly drift: Grams;
  /** What was there when it was tared. */
  readonly tare: Grams;
  /** Spread of its readings, and its step, g. */
  readonly noise: Grams;
  readonly step: Grams;
  /** Beyond this it only says that it is over. */
  readonly capacity: Grams;
}

/** An idle kitchen scale that steps by a tenth of a gram. Estimates. */
export const IDLE_SCALE: SimulatedScale = {
  load: 0,
  shown: 0,
  crept: 0,
  drift: 0,
  tare: 0,
  noise: 0.03,
  step: 0.1,
  capacity: 2000,
};

/** A load cell comes to rest with this time constant, s. Estimate. */
const SETTLES = 0.45;
/** It says that it is steady within so many steps of its rest. Estimate. */
const STEADY = 0.6;

/** Put something on it, or take all off with nothing. */
export const placed = (s: SimulatedScale, load: Grams): SimulatedScale => ({ ...s, load: Math.max(0, load) });

/** Zero it with what lies on it now. */
export const tared = (s: SimulatedScale): SimulatedScale => ({ ...s, tare: s.load, crept: 0 });

/**
 * So many seconds later.
 * @param chance a number 0 to 1 for its noise, from whoever draws it
 * @returns the scale as it stands then, and what it says
 */
export function scaleAfter(
  s: SimulatedScale,
  seconds: number,
  chance: number,
): { readonly scale: SimulatedScale; readonly says: InstrumentLine } {
  const shown = s.load + (s.shown - s.load) * Math.exp(-seconds / SETTLES);
  const scale = { ...s, shown, crept: s.crept + (s.drift * seconds) / 60 };
  if (scale.load > s.capacity) return { scale, says: { kind: 'over' } };
  // even, with the spread asked for
  const noise = s.noise * Math.sqrt(12) * (chance - 0.5);
  const raw = shown - s.tare + scale.crept + noise;
  const grams = Number((Math.round(raw / s.step) * s.step).toFixed(3));
  const steady = Math.abs(shown - s.load) < STEADY * s.step;
  return { scale, says: { kind: 'scale', grams: grams === 0 ? 0 : grams, steady } };
}
