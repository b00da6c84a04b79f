/**
 * The figure: the Build record, pieces placed on each other, weighed, drawn in elevation, scaled, and changed by
 * intents that return a new Build. Nothing here is remembered beside the record; everything is derived from it.
 */
export * from './build.ts';

export {
  add,
  cross,
  dot,
  length,
  rotated,
  sub,
  times,
  toLocal,
  toWorld,
  unit,
  WORLD,
  type Frame,
  type Vec,
} from '../solids/index.ts';
export * from './place.ts';
export * from './rod-line.ts';
export { girthAt } from './wrap.ts';
export * from './overlap.ts';
export * from './weigh.ts';
export * from './join.ts';
export * from './solid.ts';
export * from './union.ts';
export * from './schemes.ts';
export * from './lay-out.ts';
export * from './portions.ts';
export * from './family.ts';
export * from './photo.ts';
export * from './extent.ts';
export * from './elevation.ts';
export * from './scale.ts';
export * from './edit.ts';
export * from './edit-rods.ts';
export {
  addPiece,
  duplicatePiece,
  inBuildingOrder,
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
export * from './edit-form.ts';
export * from './over-core.ts';
export * from './edit-parts.ts';
export * from './edit-paste.ts';
export * from './edit-stack.ts';
export * from './edit-steps.ts';
export * from './step-id.ts';
export * from './edit-workshop.ts';
export * from './textures.ts';
export * from './covers.ts';
export * from './paste-line.ts';
export * from './batch-parts.ts';
export * from './paste-list.ts';
