/**
 * Reach: where a brush, a finger or a pair of scissors can still get on a face as the figure is put together. Spots of a surface,
 * seventeen directions each, which only go out: every pair of bodies is looked at once.
 */
export {
  type OutOfReach,
  type FaceSpot,
  type Stages,
  ENOUGH,
  REFUSED,
  closingOf,
  reachOf,
  reachedAfter,
} from './reach.ts';
