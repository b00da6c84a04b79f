import {
  bisect,
  clamp,
  normalCdf,
  type Celsius,
  type Minutes,
  type Mm,
  type Mm2,
  type Mm3,
} from '../quantity/index.ts';
import { heatTransfer } from './air.ts';
import { ballTerms, left, roundTerms, slabTerms, type Term } from './cold-series.ts';

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

/** A cake as it cools: a round one by its own size, any other as a ball of the same bulk. Sizes in mm, mm², mm³. */
export type ColdBody =
  | { readonly kind: 'round'; readonly width: Mm; readonly height: Mm }
  | { readonly kind: 'ball'; readonly volume: Mm3; readonly area: Mm2 };

/** Middle and outside after so long in the cold. */
export interface Chilled {
  readonly middle: Celsius;
  readonly outside: Celsius;
}

/** Series of a body, asked again for every minute that is tried. */
type Series = readonly { readonly terms: readonly Term[]; readonly half: number }[];
const kept = new Map<string, Series>();
const KEPT = 40;
function seriesOf(body: ColdBody, k: number, h: number): Series {
  const key = `${Object.values(body).join()}|${k}|${h}`;
  let series = kept.get(key);
  if (!series) {
    if (kept.size >= KEPT) kept.clear();
    const part = (of: (biot: number) => Term[], half: number) => ({ terms: of((h * half) / k), half });
    series =
      body.kind === 'ball'
        ? [part(ballTerms, (3 * body.volume) / body.area / 1000)]
        : [part(roundTerms, body.width / 2000), part(slabTerms, body.height / 2000)];
    kept.set(key, series);
  }
  return series;
}
const acrossOf = (body: ColdBody): number =>
  body.kind === 'ball' ? (6 * body.volume) / body.area / 1000 : Math.min(body.width, body.height) / 1000;

/**
 * Temperature in the middle and at the side of a cake after chilling, by the whole series, a round one as the product of a long round
 * and a slab; the heat of freezing left out: below −2 °C it is really warmer than this says.
 * @param density baked, g/cm³
 */
export function chilled(
  body: ColdBody,
  density: number,
  from: Celsius,
  place: ColdPlace,
  minutes: Minutes,
): Chilled {
  if (minutes <= 0) return { middle: from, outside: from };
  const { temperature, speed } = COLD_PLACES[place];
  const k = conductivity(density);
  const h = heatTransfer(acrossOf(body), speed, (from + temperature) / 2);
  const diffusivity = k / (density * 1000 * HEAT);
  const parts = seriesOf(body, k, h).map(({ terms, half }) =>
    left(terms, (diffusivity * minutes * 60) / (half * half)),
  );
  const at = (x: number) => temperature + (from - temperature) * clamp(x, 0, 1);
  // the side, half way up: cold from round it, as warm as the middle is up and down
  const [first, ...others] = parts;
  const rest = others.reduce((x, p) => x * p.middle, 1);
  return { middle: at(first!.middle * rest), outside: at(first!.face * rest) };
}

/** Minutes until the middle is below a temperature; Infinity when the place is not that cold. */
export function chillsIn(
  body: ColdBody,
  density: number,
  from: Celsius,
  place: ColdPlace,
  wanted: Celsius,
): Minutes {
  if (COLD_PLACES[place].temperature >= wanted) return Infinity;
  if (from <= wanted) return 0;
  const off = (m: number) => chilled(body, density, from, place, m).middle - wanted;
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
