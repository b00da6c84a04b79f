/**
 * Finish: what is done to a face once it is shaped. One record per technique: what the face must be, what it takes, how long it
 * dries, what cannot be undone; and in which order finishes go over one place, and beside each other, with reasons.
 */
export { finishOf } from './finished.ts';
export { finishesOn, inFinishOrder, plannedFinish, type PlannedFinish } from './on-piece.ts';
export { paintedFaces, type PaintedCoat, type PaintedFace } from './painted.ts';
export {
  finishHere,
  finishLines,
  planFinish,
  usualAmount,
  usualColour,
  wetAfter,
  type FinishLine,
  type WantedFinish,
} from './planned.ts';
export { comesBefore, orderBeside, orderOver, type FinishRule } from './rules.ts';
export { CAUTIONS, FACE_WORDS, RANKS, type FinishTechnique, finishNamed, FINISHES } from './techniques.ts';
