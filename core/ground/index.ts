/**
 * What stands under the figure as one pile of bodies, from the table up: feet, board, tiers with their boards, gaps, the threaded
 * rod with its nuts and the pockets that clear them. Rods, loads, the stage, the days and the shop all read this.
 */
export { type BoardStock, TIER_BOARDS } from './boards.ts';
export {
  besideIn,
  drivenInto,
  type Fitting,
  type Ground,
  groundOf,
  HIDDEN,
  layerAt,
  type Layer,
  type OnGround,
  PROUD,
} from './ground.ts';
export { nutWithWasher, THREADS, washerAcross } from './threads.ts';
export { boardWeighs, nutWeighs, rodWeighs, sleeveWeighs, washerWeighs } from './weigh.ts';
