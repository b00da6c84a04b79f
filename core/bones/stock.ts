import type { Build, Rod } from '../figure/index.ts';
import { knownOf } from './home-tests.ts';
import { ROD_MATERIALS, type RodMaterial } from './rod-materials.ts';
import { rodStock, type RodStock } from './rods/registry.ts';
import { round } from './sections.ts';

const asMeasured = new WeakMap<Build['measured'], Map<string, RodStock>>();

/** A rod of the catalogue with what this person measured of it. */
export function stockIn(build: Pick<Build, 'measured'>, id: string): RodStock {
  if (build.measured.length === 0) return rodStock(id);
  let stocks = asMeasured.get(build.measured);
  if (!stocks) asMeasured.set(build.measured, (stocks = new Map()));
  let stock = stocks.get(id);
  if (!stock) {
    const measured = knownOf(build).rods.get(id);
    stocks.set(id, (stock = measured ? { ...rodStock(id), measured } : rodStock(id)));
  }
  return stock;
}

const acrossStocks = new WeakMap<RodStock, Map<number, RodStock>>();

/** The rod as it really is: wire measured across in place of what its gauge says, strength where it was tried. */
export function stockOf(build: Pick<Build, 'measured'>, rod: Rod): RodStock {
  const stock = stockIn(build, rod.stock);
  if (rod.across === undefined || stock.family !== 'wire') return stock;
  let widths = acrossStocks.get(stock);
  if (!widths) acrossStocks.set(stock, (widths = new Map()));
  let known = widths.get(rod.across);
  if (!known)
    widths.set(
      rod.across,
      (known = { ...stock, name: `${stock.name}, measured ${rod.across} mm`, section: round(rod.across) }),
    );
  return known;
}

/** What a rod can be worked with: damp inside paste, creeping when it stands for hours. */
export interface RodStrength {
  readonly stiffness: number;
  readonly shear: number;
  readonly bending: number;
  readonly crushing: number;
  readonly material: RodMaterial;
  /** By this person's own test. */
  readonly tried: boolean;
  readonly trust: RodMaterial['trust'];
}

export function rodStrength(stock: RodStock, hours: number, damp = true): RodStrength {
  const m = ROD_MATERIALS[stock.material];
  const { stiffness = m.stiffness, bending = m.bending } = stock.measured ?? {};
  return {
    stiffness: (stiffness * (damp ? m.dampStiffness : 1)) / (hours >= 2 ? m.creep : 1),
    shear: (m.shear * (damp ? m.dampStiffness : 1)) / (hours >= 2 ? m.creep : 1),
    bending: bending * (damp ? m.dampStrength : 1),
    crushing: m.crushing * (damp ? m.dampStrength : 1),
    material: m,
    tried: stock.measured !== undefined,
    trust: stock.measured?.bending === undefined ? m.trust : 'A',
  };
}
