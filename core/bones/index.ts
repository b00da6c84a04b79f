/**
 * Bones: what holds the figure up. Rods and what they pass through, joints and what hangs on them, balance and
 * tipping, and for what will not hold a mend that has been tried. Guidance from simple mechanics, not a design.
 */
export * from './load-cases.ts';
export * from './rod-materials.ts';
export * from './rods/registry.ts';
export * from './home-tests.ts';
export * from './stock.ts';
export * from './sections.ts';
export * from './columns.ts';
export * from './cantilever.ts';
export * from './soft.ts';
export * from './anchorage.ts';
export * from './balance.ts';
export * from './tipping.ts';
export * from './rod-paths.ts';
export * from './joints.ts';
export * from './seats.ts';
export * from './check.ts';
export * from './joint-checks.ts';
export * from './checked-joints.ts';
export * from './rod-report.ts';
export * from './reckon-bones.ts';
export * from './cut-list.ts';
export * from './droop.ts';
export * from './glue-films.ts';
export * from './glued.ts';
export * from './glued-mends.ts';
export * from './rod-cover.ts';
export * from './thick.ts';
export * from './clashes.ts';
export * from './sliding.ts';
export * from './hazards.ts';
export * from './hardware.ts';
export * from './boards.ts';
export * from './plate.ts';
export * from './hub.ts';
export { beyond, circle, furthestSupport, pressingArea } from './soft-base.ts';
export * from './tier-cake.ts';
export * from './carved.ts';
export * from './tier-load.ts';
export { widthOf } from './raised-mass.ts';
export * from './raised.ts';
export * from './tripod.ts';
export * from './new-rod.ts';
export * from './mends.ts';
export * from './choose-rod.ts';
export * from './rescale.ts';
