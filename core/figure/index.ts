/**
 * The figure: the pieces of a build placed on each other, measured, weighed, drawn in elevation, posed and scaled. Nothing
 * here is remembered beside the record; everything is derived from it.
 */
export {
  type Silhouette,
  type Turned,
  type View,
  drawnOf,
  elevation,
  notDrawn,
  outlineOf,
  project,
  standingOutlines,
} from './elevation.ts';
export { spanBetween } from './span.ts';
export { BACK, DOWN, type Extent, FRONT, LEFT, RIGHT, UP, extent, height, reach } from './extent.ts';
export { aloneOf, oneIsWide, oneWeighing, oneWeighs, portionPieces } from './family.ts';
export { joinOf } from './join.ts';
export { type Pose, figureParts, heightInPose, layOut } from './lay-out.ts';
export { cutsAway, sharedVolume } from './overlap.ts';
export { type Spot, lengthOnPhoto, straighten, straightened } from './photo.ts';
export {
  type Instance,
  MAST,
  type PlacedRod,
  familyOf,
  framesOf,
  isLaidRound,
  mastRod,
  measureOf,
  place,
  placeRod,
  placeRods,
  rodEndAt,
  rodEndOn,
  seatFrame,
} from './place.ts';
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
export { JOINTS, LIMBS, SCHEMES, checkScheme, landmarks, schemeOf } from './schemes.ts';
export { solidParts } from './solid.ts';
export { type UnionMeasure, unionFigures } from './union.ts';
export { CORE_DENSITY, CORE_NAME, type Weight, balanceOf, blendOf, weigh, weighIn } from './weigh.ts';
export { girthAt } from './wrap.ts';
