/**
 * Finish: what is done to a face once it is shaped. One record per technique: what the face must be, what it takes, how long it
 * dries, what cannot be undone; and in which order finishes go over one place, and beside each other, with reasons.
 */
export { finishOf } from './finished.ts';
export { comesBefore, inFinishOrder, orderBeside, orderOver, type FinishRule } from './rules.ts';
export { CAUTIONS, FACE_WORDS, RANKS, type FinishTechnique, finishNamed, FINISHES } from './techniques.ts';
export {
  finishLines,
  paintedFaces,
  usualColour,
  type FinishLine,
  type PaintedCoat,
  type PaintedFace,
} from './painted.ts';
export {
  finishesOn,
  finishHere,
  plannedFinish,
  planFinish,
  usualAmount,
  wetAfter,
  type PlannedFinish,
  type WantedFinish,
} from './planned.ts';
