import { field, type Mm, type Of } from '../quantity/index.ts';

/** What everything stands on: the board with its feet, cover and ribbon, and the boards under tiers. */

const { id, number, oneOf, optional, record } = field;

/** Boards that carry a tier, or a figure on a tier. */
export const TIER_BOARD_KINDS = ['card', 'drum', 'foam', 'ply6', 'mdf6', 'mdf12', 'acrylic'] as const;
export type TierBoard = (typeof TIER_BOARD_KINDS)[number];

export const coverRecord = record({ thickness: number<Mm>(1, 20), blend: id, colour: id });

/** Rolled paste over a board or a tier. */
export interface RolledCover extends Of<typeof coverRecord> {}

export const sleeveRecord = record({ across: number<Mm>(8, 400), blend: id, colour: id });

/** Paste round a threaded rod where it crosses a gap, from side to side of it. */
export interface Sleeve extends Of<typeof sleeveRecord> {}

export const ribbonRecord = record({ width: number<Mm>(3, 100), colour: id });

export const boardRecord = record({
  shape: oneOf(['round', 'square']),
  width: number<Mm>(20, 1500),
  thickness: number<Mm>(1, 60),
  material: oneOf(['drum', 'mdf', 'plywood', 'foamcore']),
  /** Height of the feet under it; nought lies flat on the table. */
  feet: number<Mm>(0, 200),
  cover: optional(coverRecord),
  /** Round its edge. */
  ribbon: optional(ribbonRecord),
});

/** The board at the very bottom: tiers stand on it, and without tiers the figure. */
export interface Board extends Of<typeof boardRecord> {}

export const tierBoardRecord = record({ kind: oneOf(TIER_BOARD_KINDS), width: number<Mm>(30, 900) });

/** Open height under something raised on a threaded rod. */
export const gapField = number<Mm>(0, 700);
export const cardRecord = record({
  kind: oneOf(TIER_BOARD_KINDS),
  width: number<Mm>(30, 900),
  /** Open height under it, up the rod. */
  gap: optional(gapField),
  /** Round the rod in that gap. */
  sleeve: optional(sleeveRecord),
});

/** The figure's own board on top of the tiers, or raised on the rod. */
export interface Card extends Of<typeof cardRecord> {}
