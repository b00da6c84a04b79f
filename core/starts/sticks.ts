import { rodStock } from '../bones/index.ts';
import { COVER } from '../bones/paths/rod-cover.ts';
import type { Mm } from '../quantity/index.ts';
import type { Rod } from '../record/index.ts';

/**
 * Sticks by how wide they have to be and how long they are needed. Widths by finished height come from trying until every
 * start holds at every height; estimates in the manner of common practice.
 */
export type StockId = Rod['stock'];

const WOOD: readonly StockId[] = [
  'cocktail2',
  'skewer3',
  'skewer4',
  'dowel6',
  'dowel8',
  'dowel10',
  'dowel12',
];
const METAL: readonly StockId[] = ['stainless6', 'stainless10', 'stainless12'];

const acrossOf = (id: StockId): Mm => rodStock(id).section.diameter;
export interface Stick {
  readonly id: StockId;
  readonly across: Mm;
}

const asStick = (id: StockId): Stick => ({ id, across: acrossOf(id) });

/** The thinnest stick at least so wide that is sold so long: wood, and metal where no wood is. */
export function stickFor(across: Mm, long: Mm): Stick {
  const wide = (id: StockId) => acrossOf(id) >= across - 1e-9;
  const wood = WOOD.find((id) => wide(id) && rodStock(id).stock >= long);
  return asStick(wood ?? METAL.find((id) => acrossOf(id) >= Math.min(across, 12) - 1e-9) ?? METAL.at(-1)!);
}

/** Rods of metal are kept off the food. */
export const isMetal = (id: StockId): boolean => /^(stainless|m\d|wire|armature)/.test(id);

export { COVER };
/** Lost in looking, mm. A step of the method; estimate. */
const LOST = 0.8;

/** The least limb round a stick: 3 mm of paste all round, and the stick at most two fifths of it. */
export const limbRound = (across: Mm): Mm => Math.max(across + 2 * COVER + LOST, 2.5 * across);

/** A width out of steps: `[under this height, width]`, the last for all above. */
export const widthAt = (height: Mm, steps: readonly (readonly [under: Mm, across: Mm])[]): Mm =>
  steps.find(([under]) => height < under)![1];

/** Wire for a limb of paste that hangs in the air, by the height of the figure, mm. Estimate. */
export const wireFor = (height: Mm): Stick =>
  asStick(height < 100 ? 'wire18' : height < 320 ? 'armature3' : 'armature6');
