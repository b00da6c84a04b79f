/** Section of a rod: area, second moment, section modulus, mm units. */
export interface Section {
  readonly diameter: number;
  readonly area: number;
  readonly inertia: number;
  readonly modulus: number;
  /** Radius of gyration. */
  readonly gyration: number;
  /** Area that weighs; threads weigh more than they carry. */
  readonly weighing: number;
  /** Full-plastic modulus. */
  readonly plastic: number;
}

/** Solid round or tube with a wall. Handbook. */
export function round(d: number, wall = 0): Section {
  const inner = wall > 0 ? Math.max(0, d - 2 * wall) : 0;
  const area = (Math.PI / 4) * (d * d - inner * inner);
  const inertia = (Math.PI / 64) * (d ** 4 - inner ** 4);
  return {
    diameter: d,
    area,
    inertia,
    modulus: (2 * inertia) / d,
    gyration: Math.sqrt(inertia / area),
    weighing: area,
    plastic: (d ** 3 - inner ** 3) / 6,
  };
}

/** Coarse pitches, mm: ISO 261. */
const PITCH: Readonly<Record<number, number>> = { 4: 0.7, 5: 0.8, 6: 1, 8: 1.25, 10: 1.5, 12: 1.75 };

/** Threaded rod: carries on the root d − 1.22687 p, weighs by about the pitch diameter d − 0.64952 p (ISO 68-1). */
export function threaded(nominal: number): Section {
  const p = PITCH[nominal];
  if (p === undefined) throw new RangeError(`no coarse pitch for M${nominal}`);
  const root = round(nominal - 1.22687 * p);
  return { ...root, diameter: nominal, weighing: (Math.PI / 4) * (nominal - 0.64952 * p) ** 2 };
}

/** Diameter of a wire gauge, mm, by the thinner of the two tables in use: 0.127 × 92^((36 − n) ÷ 39). */
export const wireGauge = (n: number): number => 0.127 * 92 ** ((36 - n) / 39);
