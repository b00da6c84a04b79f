import { ROD_MATERIALS } from '../rod-materials.ts';
import { DOWELS } from './dowels.ts';
import { METAL } from './metal.ts';
import { STICKS } from './sticks.ts';
import { TUBES } from './tubes.ts';
import type { RodStock } from './types.ts';

export type { RodStock };

/** Every rod one can choose, simplest first. */
export const RODS: readonly RodStock[] = [...STICKS, ...TUBES, ...DOWELS, ...METAL].sort(
  (a, b) => a.rank - b.rank,
);

const byId = new Map(RODS.map((r) => [r.id, r]));

/** The record of a rod; files are checked before they come here, an unknown id is a bug. */
export function rodStock(id: string): RodStock {
  const found = byId.get(id);
  if (!found) throw new Error(`no rod called ${id}`);
  return found;
}

/** Grams of a length of rod. */
export const rodMass = (stock: RodStock, length: number): number =>
  ROD_MATERIALS[stock.material].density * 1e-6 * stock.section.weighing * length;
