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
  /** Of a tube. */
  readonly wall?: number;
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
    ...(inner > 0 ? { wall } : {}),
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

/** Strips a round section is cut into for its yielding. */
const STRIPS = 400;
const tables = new Map<string, readonly (readonly [curvature: number, moment: number])[]>();

/** Moment over that at first yield against curvature over that at first yield, for a tube of a given bore. */
function yieldingTable(bore: number): readonly (readonly [number, number])[] {
  const key = bore.toFixed(4);
  let table = tables.get(key);
  if (table) return table;
  const strips = Array.from({ length: STRIPS }, (_, i) => {
    const y = (i + 0.5) / STRIPS;
    const inner = y < bore ? Math.sqrt(bore * bore - y * y) : 0;
    return { y, wide: Math.sqrt(1 - y * y) - inner };
  });
  const moment = (c: number) => strips.reduce((sum, { y, wide }) => sum + wide * y * Math.min(1, c * y), 0);
  const first = moment(1);
  table = Array.from({ length: 240 }, (_, i) => {
    const c = Math.exp((i / 239) * Math.log(60));
    return [c, moment(c) / first] as const;
  });
  tables.set(key, table);
  return table;
}

/**
 * Curvature over that at first yield, for a moment over that at first yield: elastic up to one, then strip by strip;
 * Infinity where the whole section yields. Bernoulli bending of an elastic, perfectly plastic round or tube.
 */
export function curvatureRatio(section: Section, moment: number): number {
  if (moment <= 1) return moment;
  // I = π ÷ 64 (D⁴ − d⁴) gives the bore back
  const outer = section.modulus > 0 ? (2 * section.inertia) / section.modulus : section.diameter;
  const bore = Math.max(0, 1 - (64 * section.inertia) / (Math.PI * outer ** 4)) ** 0.25;
  const table = yieldingTable(bore);
  const at = table.findIndex(([, m]) => m >= moment);
  if (at < 0) return Infinity;
  if (at === 0) return moment;
  const [c0, m0] = table[at - 1]!;
  const [c1, m1] = table[at]!;
  return c0 + ((c1 - c0) * (moment - m0)) / (m1 - m0);
}
