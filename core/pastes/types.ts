import type { Density, Provenance } from '../quantity/index.ts';

/** Mass shares of what a paste is made of; they add up to one. */
export interface Composition {
  readonly water?: number;
  readonly protein?: number;
  readonly fat?: number;
  readonly carb?: number;
  readonly fibre?: number;
  readonly ash?: number;
  /** Set cocoa butter, heavier than the liquid-like fat of the general table. */
  readonly cocoaButter?: number;
}

/** How a paste that dries in air behaves; the meaning of each is in docs/reckoning.md. */
export interface DryingConstants {
  /** Water, mass share when fresh. */
  readonly water: number;
  /** kg/m³, as used by the drying law. */
  readonly density: number;
  /** Humidity (0–1) the fresh paste is in balance with. */
  readonly balance: number;
  /** Isotherm exponent: 1 is a fixed dissolved solute, more where sugar crystallises out. */
  readonly isotherm: number;
  /** Diffusivity of water, fresh, at 21 °C, m²/s. */
  readonly diffusivity: number;
  /** How fast diffusivity falls as it dries. */
  readonly diffusivityFall: number;
  /** Gum already in it, % of mass as cellulose gum. */
  readonly gum: number;
  /** Yield stress just kneaded at 20 °C without gum, kPa. */
  readonly freshYield: number;
  /** Softening per kelvin. */
  readonly softening: number;
  /** Yield stress of the dry solid, kPa. */
  readonly dryYield: number;
  /** Strain at which the fresh surface cracks. */
  readonly crackStrain: number;
  /** Multiplies the gain of firmness with drying. */
  readonly gain: number;
}

/**
 * How a paste that sets by cold behaves. The form is Avrami kinetics of crystals with structure that kneading breaks
 * (handbook); every value is chosen so that the waits and the feel are those of common practice, none is measured.
 */
export interface SettingConstants {
  /** Yield of the mass just mixed and warm, kPa. */
  readonly liquidYield: number;
  /** Yield once all of it has set and rested, at 20 °C, kPa. */
  readonly setYield: number;
  /** Fall of ln(yield) a degree. */
  readonly softening: number;
  /** Where it sets fastest, °C. */
  readonly bestTemperature: number;
  /** Minutes of the fastest setting. */
  readonly settingTime: number;
  /** Exponent of Avrami. */
  readonly order: number;
  /** Minutes for structure broken by kneading to come back. */
  readonly rebuildTime: number;
  /** Where what has set runs again, °C. */
  readonly melts: number;
}

export type Firming =
  | { readonly by: 'drying'; readonly constants: DryingConstants }
  | { readonly by: 'cold'; readonly constants: SettingConstants };

/** Sugar dries, almond paste dries slowly and stays soft, chocolate sets by cold, icing crusts. */
export type Family = 'sugar' | 'almond' | 'chocolate' | 'icing';

/** What keeps a paste from sticking to the table. */
export type Dust = 'cornflour' | 'icing sugar' | 'shortening' | 'cocoa' | 'nothing';

/** How long it keeps, wrapped; start values of common practice, the label and the food rules of the place come first. */
export interface Keeping {
  readonly days: number;
  readonly how: string;
}

/** Whether it suits somebody, as far as the kind of paste can tell. */
export type Suits = 'yes' | 'no' | 'ask';

/** Made at the bench from chocolate and syrup. */
export interface ChocolateFacts {
  /** What the chocolate itself is made of, before the syrup. */
  readonly raw: Composition;
  readonly rawName: string;
  /** Chocolate to syrup by mass, and what is usual; common practice. */
  readonly ratio: number;
  readonly ratioRange: readonly [number, number];
  /** °C the chocolate is warmed to; handbook working range of each kind, from memory. */
  readonly warmTo: readonly [number, number];
}

/** A record per paste: one file, one line in the registry. */
/** How a face shines. */
export type Sheen = 'matt' | 'satin' | 'gloss';

export interface Material {
  readonly id: string;
  readonly name: string;
  readonly family: Family;
  readonly composition: Composition;
  /** Share of air rolled in; an estimate until somebody weighs a ball. */
  readonly air: number;
  /** Default density and the range to expect from a person's own measurement. */
  readonly density: Density;
  readonly densityRange: readonly [Density, Density];
  readonly densitySource: Provenance;
  readonly firming: Firming;
  /** What has to be told to whoever eats it. */
  readonly allergens: readonly string[];
  readonly diet: { readonly vegetarian: Suits; readonly vegan: Suits };
  /** What the label has to be read for. */
  readonly ask?: string;
  /** How its finished face shines before anything is painted on. */
  readonly sheen: Sheen;
  /** Takes stiffening powder or gum paste. */
  readonly stiffens: boolean;
  readonly chocolate?: ChocolateFacts;
  readonly note: string;
  readonly goodFor: string;
  readonly badFor: string;
  /** What heat and damp do to it. */
  readonly weather: string;
  readonly keeps: Keeping;
  readonly dusts: readonly Dust[];
}
