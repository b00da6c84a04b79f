/**
 * Finish: what is done to a face once it is shaped. One record per technique: what the face must be, what it takes, how long it
 * dries, what cannot be undone; and in which order finishes go over one place, with reasons.
 */
export { comesBefore, finishOf, inFinishOrder } from './finished.ts';
export { CAUTIONS, FACE_WORDS, RANKS, type FinishTechnique, finishNamed, FINISHES } from './techniques.ts';
export { finishesOn, finishHere, planFinish, usualAmount, type WantedFinish } from './planned.ts';
