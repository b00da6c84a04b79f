import { BATTERS, densityField, FILLINGS, type BatterId, type FillingId } from '../pastes/index.ts';
import { coverRecord, gapField, sleeveRecord, tierBoardRecord } from './board.ts';
import { field, type Grams, type Mm, type Of } from '../quantity/index.ts';

/** The cake inside the figure and under it, portions cut of it, and the hardware a raised tier stands on. */

const { entryOf, flag, id, list, name, number, oneOf, optional, record, whole } = field;

export const postsRecord = record({ stock: entryOf('rods'), number: whole(1, 12) });

/** Sticks pushed up through the board of a tier, so many, so far apart. */
export const keepersRecord = record({
  stock: entryOf('rods'),
  number: whole(1, 4),
  apart: number<Mm>(10, 600),
});

export const tierRecord = record({
  id,
  name,
  shape: oneOf(['round', 'square']),
  width: number<Mm>(40, 800),
  height: number<Mm>(20, 400),
  /** Rolled paste over it. */
  cover: optional(coverRecord),
  /** Board under it. */
  board: optional(tierBoardRecord),
  /** Posts under what stands on it, of a rod of the catalogue. */
  posts: optional(postsRecord),
  /** Open height under its board, up the threaded rod. */
  gap: optional(gapField),
  /** Round the rod in that gap. */
  sleeve: optional(sleeveRecord),
  /** Held to its board with icing or chocolate. */
  stuck: flag,
  /** Sticks up through its board, that keep it from turning. */
  keepers: optional(keepersRecord),
  /** As it was weighed. */
  weight: optional(number<Grams>(1, 50_000)),
});

/** A plain tier under the figure; tiers are listed from the board up. */
export interface Tier extends Of<typeof tierRecord> {}

export const tinField = number<Mm>(40, 800);
/** Where it is chilled before it is carved, and for how long in hours. */
export const chillRecord = record({ where: oneOf(['room', 'fridge', 'freezer']), hours: number(0, 96) });

export const cakeRecord = record({
  batter: oneOf(Object.keys(BATTERS) as BatterId[]),
  /** Their own baked density, g/cm³. */
  density: optional(densityField),
  /** Height of a baked layer, trimmed. */
  layer: number<Mm>(5, 200),
  filling: oneOf(Object.keys(FILLINGS) as FillingId[]),
  fillingThickness: number<Mm>(0, 50),
  coat: oneOf(Object.keys(FILLINGS) as FillingId[]),
  coatThickness: number<Mm>(0, 30),
  /** Round tins in the kitchen, by diameter. */
  tins: list(tinField, 30),
  chill: chillRecord,
  tiers: list(tierRecord, 12),
});

/** How the cake inside the figure and under it is baked, filled and coated. */
export interface CakeWork extends Of<typeof cakeRecord> {}

export const weighingField = number<Grams>(0.001, 10_000);
/** More weighings than this are not kept. */
export const MOST_WEIGHINGS = 2000;

export const portionsRecord = record({
  /** The piece that makes one of them, with all it carries. */
  piece: id,
  target: number<Grams>(0.01, 5000),
  /** Give or take; what a jeweller's scale can tell at the least. */
  within: number<Grams>(0.001, 1000),
  /** The scale's step. */
  step: number<Grams>(0.001, 10),
  /** Width of the paper case each goes in; 0 when there is none. */
  caseWidth: number<Mm>(0, 500),
  weighed: list(weighingField, MOST_WEIGHINGS),
});

/** Many alike that have to weigh the same, and what the scale said of them. */
export interface Portions extends Of<typeof portionsRecord> {}

/** Metric threads a rod is sold with. */
export const THREAD_SIZES = [6, 8, 10, 12] as const;
export type ThreadSize = (typeof THREAD_SIZES)[number];

/** Under a nut. */
export const WASHERS = ['washer', 'large'] as const;
export type Washer = (typeof WASHERS)[number];

export const mastRecord = record({
  thread: field.oneNumber(THREAD_SIZES),
  /** Washers at the base, above and below it, and under what is raised. */
  base: oneOf(WASHERS),
  raised: oneOf(WASHERS),
  /** How far it stands up into the figure. */
  up: number<Mm>(0, 1000),
  /** Length the rod was cut to. */
  cutAt: optional(number<Mm>(0, 3000)),
});

/** A threaded rod through the board and the tiers, clamped to the board between nuts. */
export interface Mast extends Of<typeof mastRecord> {}

/** A cake as most kitchens would make it for carving. */
export const USUAL_CAKE: CakeWork = {
  batter: 'firm',
  layer: 40,
  filling: 'buttercream',
  fillingThickness: 4,
  coat: 'buttercream',
  coatThickness: 3,
  tins: [100, 125, 150, 175, 200, 225, 250],
  chill: { where: 'fridge', hours: 12 },
  tiers: [],
};
