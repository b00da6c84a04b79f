import { ROD_MATERIALS, type RodMaterial } from '../rod-materials.ts';
import { DOWELS } from './dowels.ts';
import { METAL } from './metal.ts';
import { STICKS } from './sticks.ts';
import { TUBES } from './tubes.ts';
import { round } from '../sections.ts';
import type { Rod } from '../../figure/index.ts';
import type { RodStock } from './types.ts';

export type { RodStock };

/** Every rod one can choose, simplest first. */
export const RODS: readonly RodStock[] = [...STICKS, ...TUBES, ...DOWELS, ...METAL].sort(
  (a, b) => a.rank - b.rank,
);

const byId = new Map(RODS.map((r) => [r.id, r]));

export const isRodStock = (id: string): boolean => byId.has(id);

/** The record of a rod; files are checked before they come here, an unknown id is a bug. */
export function rodStock(id: string): RodStock {
  const found = byId.get(id);
  if (!found) throw new Error(`no rod called ${id}`);
  return found;
}

const measuredStocks = new Map<string, RodStock>();

/** The rod as it really is: wire measured across in place of what its gauge says. */
export function stockOf(rod: Rod): RodStock {
  const stock = rodStock(rod.stock);
  if (rod.across === undefined || stock.family !== 'wire') return stock;
  const key = `${stock.id}/${rod.across}`;
  let known = measuredStocks.get(key);
  if (!known)
    measuredStocks.set(
      key,
      (known = { ...stock, name: `${stock.name}, measured ${rod.across} mm`, section: round(rod.across) }),
    );
  return known;
}

/** Grams of a length of rod. */
export const rodMass = (stock: RodStock, length: number): number =>
  ROD_MATERIALS[stock.material].density * 1e-6 * stock.section.weighing * length;

/** What a rod can be worked with: damp inside paste, creeping when it stands for hours. */
export interface RodStrength {
  readonly stiffness: number;
  readonly shear: number;
  readonly bending: number;
  readonly crushing: number;
  readonly material: RodMaterial;
}

export function rodStrength(stock: RodStock, hours: number, damp = true): RodStrength {
  const m = ROD_MATERIALS[stock.material];
  return {
    stiffness: (m.stiffness * (damp ? m.dampStiffness : 1)) / (hours >= 2 ? m.creep : 1),
    shear: (m.shear * (damp ? m.dampStiffness : 1)) / (hours >= 2 ? m.creep : 1),
    bending: m.bending * (damp ? m.dampStrength : 1),
    crushing: m.crushing * (damp ? m.dampStrength : 1),
    material: m,
  };
}
