/** All that is reckoned in the page, and what tells it: by far the largest part of a build's script. */
export { plan } from '@core/plan.ts';
export { reckonAhead } from '@core/ahead.ts';
export { findParts } from '@core/found.ts';
export { discWidth, toHeight } from '@core/bones/index.ts';
export { firstOfShape } from '@core/first-words.ts';
export { movedByHeight } from '@core/moved.ts';
export {
  ALL_DONE,
  alarmsOf,
  compared,
  joinedAt,
  minuteOf,
  ownDoneAt,
  progressOf,
  startsOf,
  toldStart,
  WANTED_CHANCE,
} from '@core/days/index.ts';
export { statesAt, statesDone } from '../shell/playhead.ts';
