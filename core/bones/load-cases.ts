import type { Journey } from '../figure/index.ts';

/** A situation a figure has to get through. Common driving figures, estimates; all editable later on. */
export interface LoadCase {
  readonly name: string;
  /** Sideways push in g, any direction. */
  readonly sideways: number;
  /** Degrees the board leans, in the worst direction. */
  readonly tilt: number;
  /** Weight times this presses; times `up` it holds down. */
  readonly down: number;
  readonly up: number;
  /** Hours it lasts: creep and damp count from two hours up. */
  readonly hours: number;
}

export const LOAD_CASES: Record<Journey, LoadCase> = {
  table: { name: 'standing on a table', sideways: 0, tilt: 1, down: 1, up: 1, hours: 24 },
  carry: { name: 'carried by hand', sideways: 0.15, tilt: 5, down: 1.2, up: 0.9, hours: 0 },
  carFlat: {
    name: 'in a car, flat floor, gentle driving',
    sideways: 0.3,
    tilt: 2,
    down: 1.3,
    up: 0.85,
    hours: 0,
  },
  carSeat: { name: 'on a car seat, gentle driving', sideways: 0.3, tilt: 10, down: 1.3, up: 0.85, hours: 0 },
  carHard: { name: 'in a car, hard braking', sideways: 0.5, tilt: 2, down: 1.3, up: 0.85, hours: 0 },
};

/**
 * Apparent gravity in g for a throw in the direction phi (radians), with the board leaning the same way:
 * along the board a cos t + f sin t, into it f cos t − a sin t.
 */
export function apparent(c: LoadCase, phi: number, factor: number): readonly [number, number, number] {
  const t = (c.tilt * Math.PI) / 180;
  const along = c.sideways * Math.cos(t) + factor * Math.sin(t);
  const into = factor * Math.cos(t) - c.sideways * Math.sin(t);
  return [along * Math.cos(phi), along * Math.sin(phi), -into];
}
