/** How colour is sold. */
export const POT_KINDS = ['gel', 'liquid', 'oil', 'powder'] as const;
export type PotKind = (typeof POT_KINDS)[number];

/** How deep a colour is wanted, beside white paste. */
export const DEPTHS = ['pale', 'soft', 'middle', 'strong', 'deep'] as const;
export type Depth = (typeof DEPTHS)[number];

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
export const DEPTH_DROPS: Readonly<Record<Depth, number>> = {
  pale: 1,
  soft: 2.5,
  middle: 6,
  strong: 15,
  deep: 35,
};

/** Pots to begin with; names of no maker. */
export const STARTING_POTS = [
  'poppy red',
  'rose',
  'apricot',
  'egg yellow',
  'moss green',
  'leaf green',
  'sea blue',
  'night blue',
  'plum',
  'bark brown',
  'coal black',
  'stone grey',
] as const;
