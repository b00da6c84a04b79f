import { densityOf, mixed } from './density.ts';
import type { Composition } from './types.ts';

/** What goes between and over the layers of a cake. */
export interface Filling {
  readonly name: string;
  /** g/cm³, what to expect, and whether air decides it. */
  readonly density: number;
  readonly densityRange: readonly [number, number];
  readonly allergens: readonly string[];
  /** Firm enough to carve through when chilled below this, °C; handbook order. */
  readonly firmBelow: number;
  readonly keepsDays: number;
  /** Composition where the density follows from it. */
  readonly composition: Composition;
  readonly air: number;
}

const BUTTER: Composition = { water: 0.16, fat: 0.815, protein: 0.007, carb: 0.007, ash: 0.011 };
const CREAM: Composition = { water: 0.59, fat: 0.35, protein: 0.022, carb: 0.032, ash: 0.006 };
const ICING_SUGAR: Composition = { water: 0.005, carb: 0.995 };
const DARK: Composition = {
  water: 0.01,
  cocoaButter: 0.36,
  carb: 0.49,
  protein: 0.06,
  fibre: 0.06,
  ash: 0.02,
};
const WHITE: Composition = { water: 0.012, cocoaButter: 0.33, carb: 0.588, protein: 0.057, ash: 0.013 };

/** Fillings and coats; densities derived from composition, the air of a buttercream an estimate. */
export const FILLINGS = {
  buttercream: {
    name: 'buttercream',
    composition: mixed([
      [1, BUTTER],
      [2, ICING_SUGAR],
    ]),
    air: 0.22,
    density: 1.01,
    densityRange: [0.75, 1.15],
    allergens: ['milk'],
    firmBelow: 16,
    keepsDays: 3,
  },
  ganacheDark: {
    name: 'dark ganache, 2 : 1',
    composition: mixed([
      [2, DARK],
      [1, CREAM],
    ]),
    air: 0,
    density: 1.16,
    densityRange: [1.1, 1.2],
    allergens: ['milk', 'soya'],
    firmBelow: 18,
    keepsDays: 5,
  },
  ganacheWhite: {
    name: 'white ganache, 3 : 1',
    composition: mixed([
      [3, WHITE],
      [1, CREAM],
    ]),
    air: 0,
    density: 1.2,
    densityRange: [1.14, 1.22],
    allergens: ['milk', 'soya'],
    firmBelow: 16,
    keepsDays: 5,
  },
} as const satisfies Record<string, Filling>;

export type FillingId = keyof typeof FILLINGS;

/** A cake that is carved or stacked. */
export interface Batter {
  readonly name: string;
  /** Baked, g/cm³; air decides it. */
  readonly density: number;
  readonly densityRange: readonly [number, number];
  /** Water that leaves in the oven and what stays in the bowl, per cent of the batter; common practice. */
  readonly bakingLoss: number;
  /** A tin is filled with batter to this share of the height it bakes to; common practice. */
  readonly fillTo: number;
  readonly allergens: readonly string[];
  readonly composition: Composition;
  readonly air: number;
}

export const BATTERS = {
  firm: {
    name: 'firm butter cake',
    composition: { water: 0.24, fat: 0.22, protein: 0.06, carb: 0.465, fibre: 0.005, ash: 0.01 },
    air: 0.48,
    density: 0.63,
    densityRange: [0.5, 0.8],
    bakingLoss: 12,
    fillTo: 0.66,
    allergens: ['wheat', 'egg', 'milk'],
  },
  sponge: {
    name: 'light sponge',
    composition: { water: 0.3, fat: 0.19, protein: 0.06, carb: 0.435, fibre: 0.005, ash: 0.01 },
    air: 0.66,
    density: 0.41,
    densityRange: [0.3, 0.5],
    bakingLoss: 12,
    fillTo: 0.5,
    allergens: ['wheat', 'egg', 'milk'],
  },
} as const satisfies Record<string, Batter>;

export type BatterId = keyof typeof BATTERS;

/** Density of a filling or a cake as its composition and air give it, for the checks. */
export const derivedDensity = (of: { composition: Composition; air: number }): number =>
  densityOf(of.composition, of.air);
