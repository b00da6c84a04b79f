/**
 * The figure: the Build record, pieces placed on each other, weighed, drawn in elevation, scaled, and changed by
 * intents that return a new Build. Nothing here is remembered beside the record; everything is derived from it.
 */
export { type BatchPart } from './batch-parts.ts';
export {
  BOARD,
  BUILD_FORMAT,
  BUILD_VERSION,
  type Board,
  type Build,
  type BuiltOn,
  type CoreKind,
  DISC_KINDS,
  DISC_WIDTHS,
  type Disc,
  type DiscKind,
  type Grip,
  type HiddenFace,
  type Journey,
  MOST_ALIKE,
  type Overlap,
  type PartsOf,
  type Piece,
  type Place,
  type Push,
  type Reserve,
  type RestPlace,
  type Rod,
  type RodEnd,
  type Room,
  type Seat,
  type SeatKind,
  type Tolerance,
  USUAL_PRACTICE,
  carriedBy,
  fromBuild,
  multiplicity,
  pieceOf,
  rodOf,
  standingOn,
} from './build.ts';
export {
  type CakeWork,
  type HardwareStack,
  type Portions,
  type StackItem,
  type ThreadSize,
  type Tier,
  type TierBoard,
  USUAL_CAKE,
} from './cake-work.ts';
export { type Cover, coverOf, coversOf } from './covers.ts';
export { fitToGirth, resize, setArt, setBall, setCoat, setGrams, setKind } from './edit-form.ts';
export { addSolid, splitPiece, unitDoubt } from './edit-parts.ts';
export {
  addTier,
  forgetCakeDensity,
  refreshOwn,
  removeBlend,
  removeTier,
  replaceBlend,
  setCake,
  setPortions,
  setTier,
  unweigh,
  weighedOne,
  withoutPortions,
  withoutPosts,
  withoutTierBoard,
} from './edit-paste.ts';
export {
  addPiece,
  duplicatePiece,
  nudge,
  removePiece,
  reorder,
  reseat,
  setDisc,
  setPiece,
  setPropped,
  setRests,
  setSeat,
  togglePair,
} from './edit-pieces.ts';
export {
  MOST_BENDS,
  type RodPoint,
  addBend,
  addRod,
  moveRodPoint,
  ontoCentreLine,
  removeBend,
  removeRod,
  setRod,
  tapeTogether,
} from './edit-rods.ts';
export {
  addToStack,
  cutStack,
  moveInStack,
  removeFromStack,
  setStack,
  setStackItem,
  setThread,
  withoutStack,
} from './edit-stack.ts';
export {
  MOST_PARTS,
  addOwnStep,
  joinSteps,
  leaveStep,
  partSteps,
  pinStep,
  remake,
  removeOwnStep,
  sayFirm,
  setOwnStep,
  setParts,
  setRather,
  setStepMinutes,
  stayUntil,
  takePlan,
} from './edit-steps.ts';
export {
  addHelper,
  removeHelper,
  setBuilt,
  setHelper,
  setPaces,
  setSpace,
  setTool,
} from './edit-workshop.ts';
export {
  type Change,
  LONGEST_NAME,
  addBlend,
  addColour,
  freshId,
  rename,
  restLeft,
  setBoard,
  setBrief,
  setColour,
  setDate,
  setHours,
  setNight,
  setPractice,
  setRoom,
  tick,
} from './edit.ts';
export {
  type Silhouette,
  type Turned,
  type View,
  drawnOf,
  elevation,
  notDrawn,
  outlineOf,
  project,
} from './elevation.ts';
export { DOWN, type Extent, UP, extent, height, reach } from './extent.ts';
export { aloneOf, oneIsWide, oneWeighing, oneWeighs, portionPieces } from './family.ts';
export { joinOf } from './join.ts';
export { type Pose, heightInPose, layOut } from './lay-out.ts';
export { type CoreOption, USUAL_COAT, overCore } from './over-core.ts';
export { cutsAway } from './overlap.ts';
export { type Batch, pasteList } from './paste-list.ts';
export { type Spot, lengthOnPhoto, straighten } from './photo.ts';
export {
  type Instance,
  type PlacedRod,
  childrenOf,
  familyOf,
  framesOf,
  isLaidRound,
  measureOf,
  place,
  placeRod,
  placeRods,
  rodEndAt,
  rodEndOn,
} from './place.ts';
export { type Part, readRatios, splitByDiameter, weighTogether, weighedTogether } from './portions.ts';
export { type BenchRecord, type HomeTest, type Measurement, type Saw, type Seen } from './records.ts';
export {
  type Leg,
  type Line,
  alongLine,
  legsOf,
  lineCentre,
  lineLength,
  mapPoints,
  pointsOf,
} from './rod-line.ts';
export { factorForHeight, makeTrouble, scaleFigure } from './scale.ts';
export { SCHEMES, landmarks, schemeOf } from './schemes.ts';
export { solidParts } from './solid.ts';
export { type Task, partOf, readStepId, wholeOf, writeStepId } from './step-id.ts';
export { TEXTURES, type TextureKind } from './textures.ts';
export { type UnionMeasure, unionFigures } from './union.ts';
export { CORE_DENSITY, CORE_NAME, type Weight, balanceOf, blendOf, weighIn } from './weigh.ts';
export {
  type DateHours,
  type Helper,
  type Hours,
  type OwnStep,
  type Rather,
  SPACES,
  STEP_KINDS,
  type Space,
  type StepEdits,
  type StepKind,
  TOOLS,
  type Tool,
  USUAL_WORKSHOP,
  type Workshop,
} from './workshop.ts';
export { girthAt } from './wrap.ts';
export {
  type Frame,
  type Vec,
  add,
  cross,
  dot,
  length,
  sub,
  times,
  toLocal,
  toWorld,
  unit,
} from '../solids/vector.ts';
