/** How colour is sold. */
export const POT_KINDS = ['gel', 'liquid', 'oil', 'powder'] as const;
export type PotKind = (typeof POT_KINDS)[number];

/** How deep a colour is wanted, beside white paste. */
export const DEPTHS = ['pale', 'soft', 'middle', 'strong', 'deep'] as const;
export type ColourDepth = (typeof DEPTHS)[number];

/** A kind of pot: what it is counted in, and what it does to a paste. */
export interface PotRecord {
  readonly name: string;
  /** What it is counted in. */
  readonly by: 'drops' | 'g';
  /** As much of it as one drop of gel gives, in its own unit. */
  readonly forDrop: number;
  /** It is mostly water: chocolate seizes on it. */
  readonly watery: boolean;
  readonly hint: string;
}

/** A kind more is an entry more. Strength beside gel: estimate. */
export const POTS: Readonly<Record<PotKind, PotRecord>> = {
  gel: { name: 'gel', by: 'drops', forDrop: 1, watery: true, hint: 'strong, and hardly wets the paste' },
  liquid: {
    name: 'liquid',
    by: 'drops',
    forDrop: 3,
    watery: true,
    hint: 'weak: much of it makes the paste sticky',
  },
  oil: { name: 'oil colour', by: 'drops', forDrop: 1.5, watery: false, hint: 'the one for chocolate' },
  powder: {
    name: 'powder',
    by: 'g',
    forDrop: 0.01,
    watery: false,
    hint: 'by the scale; wets nothing, stiffens a little',
  },
};

/** Drops of gel for 100 g of white paste. Estimate; deep is black, red or navy. */
export const DEPTH_DROPS: Readonly<Record<ColourDepth, number>> = {
  pale: 1,
  soft: 2.5,
  middle: 6,
  strong: 15,
  deep: 35,
};

/** A pot to begin with: its name, and the colour it gives a white paste when there is much of it. */
export interface StartingPot {
  readonly name: string;
  readonly hex: string;
}

/** Pots to begin with; names of no maker, colours as they are meant. Estimate. */
export const STARTING_POTS: readonly StartingPot[] = [
  { name: 'poppy red', hex: '#c22b2b' },
  { name: 'rose', hex: '#cf4f7d' },
  { name: 'apricot', hex: '#e58a3c' },
  { name: 'egg yellow', hex: '#eab52a' },
  { name: 'moss green', hex: '#7d8c34' },
  { name: 'leaf green', hex: '#3f8c43' },
  { name: 'sea blue', hex: '#2c8fb0' },
  { name: 'night blue', hex: '#2b3f7c' },
  { name: 'plum', hex: '#6d3a6b' },
  { name: 'bark brown', hex: '#5f4029' },
  { name: 'coal black', hex: '#1d1a1a' },
  { name: 'stone grey', hex: '#77797a' },
];
