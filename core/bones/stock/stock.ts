import { fromBuild, type Build, type Rod } from '../../record/index.ts';
import { remembered } from '../../quantity/index.ts';
import { knownOf } from './home-tests.ts';
import { ROD_MATERIALS, type RodMaterial } from './rod-materials.ts';
import { rodStock, type RodStock } from './rods/registry.ts';
import { round } from '../mechanics/sections.ts';

const asMeasured = fromBuild(['measured'], (build) => {
  const { rods } = knownOf(build);
  return new Map([...rods].map(([id, measured]) => [id, { ...rodStock(id), measured }]));
});

/** A rod of the catalogue with what this person measured of it. */
export function stockIn(build: Pick<Build, 'measured'>, id: string): RodStock {
  return asMeasured(build).get(id) ?? rodStock(id);
}

const measuredAcross = remembered((stock: RodStock, across: number): RodStock => ({
  ...stock,
  name: `${stock.name}, measured ${across} mm`,
  section: round(across),
}));

/** The rod as it really is: wire measured across in place of what its gauge says, strength where it was tried. */
export function stockOf(build: Pick<Build, 'measured'>, rod: Rod): RodStock {
  const stock = stockIn(build, rod.stock);
  return rod.across === undefined || stock.family !== 'wire' ? stock : measuredAcross(stock, rod.across);
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

/** Stiffness and strength of a rod, MPa, as it carries: damp from the paste, and creeping after two hours. */
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
