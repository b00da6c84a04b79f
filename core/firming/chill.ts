import {
  bisect,
  clamp,
  normalCdf,
  type Celsius,
  type Minutes,
  type Mm2,
  type Mm3,
} from '../quantity/index.ts';
import { heatTransfer } from './air.ts';

/** A cold place: air, °C, and its speed, m/s. Handbook order; a fan fridge is quicker, a full one slower. */
export const COLD_PLACES = {
  room: { temperature: 21, speed: 0.1 },
  fridge: { temperature: 4, speed: 0.4 },
  freezer: { temperature: -18, speed: 0.3 },
} as const;

export type ColdPlace = keyof typeof COLD_PLACES;

/** How a cake conducts, by its density: light sponge to dense cake. Handbook order, W/m/K and J/kg/K. */
const CONDUCTS = [
  [0.35, 0.12],
  [0.6, 0.18],
  [0.85, 0.22],
] as const;
const HEAT = 2600;

function conductivity(density: number): number {
  const [low, mid, high] = CONDUCTS;
  const [a, b] = density < mid[0] ? [low, mid] : [mid, high];
  return clamp(a[1] + ((density - a[0]) / (b[0] - a[0])) * (b[1] - a[1]), 0.08, 0.25);
}

/** Terms of the series: enough from a minute on. A step of the method; estimate. */
const TERMS = 24;

/**
 * Roots of a ball cooling by its surface, 1 − ζ cot ζ = Bi, one between each two multiples of π, and their coefficients
 * C = 4 (sin ζ − ζ cos ζ) ÷ (2ζ − sin 2ζ). Handbook (Carslaw & Jaeger form).
 * @param biot h R ÷ k
 */
export function ballRoots(biot: number, terms = TERMS): { zeta: number; coefficient: number }[] {
  return Array.from({ length: terms }, (_, n) => {
    const zeta = bisect((z) => 1 - z / Math.tan(z) - biot, n * Math.PI + 1e-6, (n + 1) * Math.PI - 1e-9)!;
    const coefficient = (4 * (Math.sin(zeta) - zeta * Math.cos(zeta))) / (2 * zeta - Math.sin(2 * zeta));
    return { zeta, coefficient };
  });
}

/** Asked again for every minute that is tried. */
let last: { readonly biot: number; readonly roots: ReturnType<typeof ballRoots> } | undefined;
const rootsOf = (biot: number) =>
  (last?.biot === biot ? last : (last = { biot, roots: ballRoots(biot) })).roots;

/** A cake as a ball of the same bulk: middle and outside after so long in the cold. */
export interface Chilled {
  readonly middle: Celsius;
  readonly outside: Celsius;
}

/**
 * Temperature in the middle and at the face of a cake after chilling, by the whole series, the heat of freezing left out: below
 * −2 °C it is really warmer than this says.
 * @param density baked, g/cm³
 */
export function chilled(
  volume: Mm3,
  area: Mm2,
  density: number,
  from: Celsius,
  place: ColdPlace,
  minutes: Minutes,
): Chilled {
  const { temperature, speed } = COLD_PLACES[place];
  const radius = (3 * volume) / area / 1000;
  const k = conductivity(density);
  const h = heatTransfer(2 * radius, speed, (from + temperature) / 2);
  if (minutes <= 0) return { middle: from, outside: from };
  const diffusivity = k / (density * 1000 * HEAT);
  const fourier = (diffusivity * minutes * 60) / (radius * radius);
  let [middle, outside] = [0, 0];
  for (const { zeta, coefficient } of rootsOf((h * radius) / k)) {
    const share = coefficient * Math.exp(-zeta * zeta * fourier);
    middle += share;
    outside += (share * Math.sin(zeta)) / zeta;
  }
  const at = (x: number) => temperature + (from - temperature) * clamp(x, 0, 1);
  return { middle: at(middle), outside: at(outside) };
}

/** Minutes until the middle is below a temperature; Infinity when the place is not that cold. */
export function chillsIn(
  volume: Mm3,
  area: Mm2,
  density: number,
  from: Celsius,
  place: ColdPlace,
  wanted: Celsius,
): Minutes {
  if (COLD_PLACES[place].temperature >= wanted) return Infinity;
  if (from <= wanted) return 0;
  const off = (m: number) => chilled(volume, area, density, from, place, m).middle - wanted;
  return bisect(off, 0, 14 * 24 * 60) ?? Infinity;
}

/** Coats as they conduct, W/m/K, kg/m³, J/kg/K with the heat of setting fat in it, and firm below, °C. Estimates. */
const COATS: Readonly<Record<string, { conducts: number; density: number; heat: number; firm: Celsius }>> = {
  buttercream: { conducts: 0.2, density: 900, heat: 3200, firm: 16 },
  ganache: { conducts: 0.22, density: 1150, heat: 2700, firm: 18 },
};

/** What is left at x of the share below the normal’s tail: erfc(x). */
const erfc = (x: number): number => 2 * (1 - normalCdf(x * Math.SQRT2));

/**
 * Warmth of a coat at a depth after so long in the cold, a deep body cooled at its face (Carslaw & Jaeger): what is under
 * the coat is taken to be as the coat. Within about 1.3 K of a full solution after twenty minutes.
 * @param deep mm
 */
export function coatAfter(
  coat: string,
  deep: number,
  from: Celsius,
  place: ColdPlace,
  across: number,
  minutes: Minutes,
): Celsius {
  const { conducts, density, heat } = COATS[coat] ?? COATS.buttercream!;
  const { temperature, speed } = COLD_PLACES[place];
  if (minutes <= 0) return from;
  const h = heatTransfer(across / 1000, speed, temperature);
  const spread = Math.sqrt((conducts / (density * heat)) * minutes * 60);
  const a = deep / 1000 / (2 * spread);
  const g = (h * spread) / conducts;
  const left = 1 - erfc(a) + Math.exp(-a * a + (a + g) ** 2) * erfc(a + g);
  return temperature + (from - temperature) * clamp(left, 0, 1);
}

/** Minutes until the middle of a coat is firm; Infinity where it never is there, undefined for what does not set by cold. */
export function coatFirmIn(
  coat: string,
  thick: number,
  from: Celsius,
  place: ColdPlace,
  across: number,
): Minutes | undefined {
  const facts = COATS[coat];
  if (!facts) return undefined;
  if (from <= facts.firm) return 0;
  if (COLD_PLACES[place].temperature >= facts.firm) return Infinity;
  return bisect((m) => coatAfter(coat, thick / 2, from, place, across, m) - facts.firm, 0.1, 600) ?? Infinity;
}
