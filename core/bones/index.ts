/**
 * Bones: what holds the figure up. `mechanics` (sections, columns, beams, plates, sticks held in something: pure numbers),
 * `stock` (what rods, boards and soft things are made of), `runs` (what rods run through), `carried` (who carries whom), `paths`
 * (how rods cross joints, seats), `joints` (what holds), `tiers`, `mends` (a change that was tried). Simple, not a design.
 */
export { cutFrom, cutList } from './cut-list.ts';
export { type Hazard, type HazardLevel, removalCard, type RemovalLine } from './hazards.ts';
export { type Check, TARGET, type Verdict } from './joints/check.ts';
export { type GluedReport, glueOn, gluesIn } from './joints/glued.ts';
export { IN_HAND } from './joints/let-go.ts';
export { LOAD_CASES, caseOf, setPush, usualPush } from './joints/load-cases.ts';
export { GRIPS } from './joints/sliding.ts';
export { tripodInto } from './joints/tripod.ts';
export { type PassedOver } from './mends/choose-rod.ts';
export { gluedMends } from './mends/glued-mends.ts';
export { type Mend } from './mends/mends.ts';
export { loadBand, loadSum } from './carried/load-sums.ts';
export { rodInto, twoInto } from './mends/new-rod.ts';
export { toHeight } from './mends/rescale.ts';
export { type CheckedRod, type RodReport, type SeenRod, throughWords } from './mends/rod-report.ts';
export { type PlacedDisc, discOutline, placedDiscs } from './paths/disc-rims.ts';
export { discWidth } from './paths/discs.ts';
export { type SeatFacts, seatFacts } from './paths/seats.ts';
export { type BonesReport, type SeenBones, figureTipping, reckonBones, seenBones } from './reckon-bones.ts';
export { everyRod } from './every-rod.ts';
export { type Tipping } from './joints/tipping.ts';
export { TIER_BOARDS } from '../ground/index.ts';
export { USUAL_MAST } from './stock/hardware.ts';
export {
  HOME_TESTS,
  checkMeasurement,
  forgetMeasurement,
  homeTest,
  keepMeasurement,
  measuredElsewhere,
} from './stock/home-tests.ts';
export { RODS, rodStock } from './stock/rods/registry.ts';
export { raisedOf, type RaisedReport } from './tiers/raised.ts';
export { type FigureOver, tierLoads } from './tiers/tier-load.ts';
