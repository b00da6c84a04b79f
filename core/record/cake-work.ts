import { BATTERS, densityField, FILLINGS, type BatterId, type FillingId } from '../pastes/index.ts';
import { field, type Grams, type Mm, type Of } from '../quantity/index.ts';

/** The cake inside the figure and under it, portions cut of it, and the hardware a raised tier stands on. */

const { entryOf, id, list, name, number, oneOf, optional, record, whole } = field;

/** Boards that carry a tier. */
export const TIER_BOARD_KINDS = ['card', 'drum', 'foam', 'ply6', 'mdf6', 'mdf12', 'acrylic'] as const;
export type TierBoard = (typeof TIER_BOARD_KINDS)[number];

export const coverRecord = record({ thickness: number<Mm>(1, 20), blend: id, colour: id });
export const tierBoardRecord = record({ kind: oneOf(TIER_BOARD_KINDS), width: number<Mm>(30, 900) });
export const postsRecord = record({ stock: entryOf('rods'), number: whole(1, 12) });

export const tierRecord = record({
  id,
  name,
  shape: oneOf(['round', 'square']),
  width: number<Mm>(40, 800),
  height: number<Mm>(20, 400),
  /** Rolled paste over it. */
  cover: coverRecord,
  /** Board under it. */
  board: optional(tierBoardRecord),
  /** Posts under what stands on it, of a rod of the catalogue. */
  posts: optional(postsRecord),
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

export const stackItemRecord = record({
  id,
  kind: oneOf(['feet', 'nut', 'washer', 'large', 'base', 'board', 'gap', 'tier']),
  name,
  /** Typed for boards, gaps, tiers and feet; the thread's own for hardware. */
  thick: number<Mm>(0, 600),
  /** Across: of a base, a board or a tier. */
  width: optional(number<Mm>(20, 900)),
  /** Of a tier, as it stands there. */
  weight: optional(number<Grams>(1, 50_000)),
  /** What a board or base is of. */
  made: optional(oneOf(['mdf', 'plywood'])),
});

/** One thing on or under a threaded rod. */
export interface StackItem extends Of<typeof stackItemRecord> {}

export const stackRecord = record({
  thread: field.oneNumber(THREAD_SIZES),
  items: list(stackItemRecord, 40),
  /** Length the rod was cut to. */
  cutAt: optional(number<Mm>(0, 3000)),
});

/** Hardware on a threaded rod, from the table up. */
export interface HardwareStack extends Of<typeof stackRecord> {}

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
