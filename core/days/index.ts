/**
 * Days: steps made from the figure, the waits and windows between them, the person's hours, and a plan of bench
 * sessions back from the due time. Every plan is checked by `validate`, which shares nothing with what made it.
 */
export { aheadOf } from './ahead.ts';
export { type Alarm, alarmsOf } from './alarms.ts';
export { WANTED_CHANCE } from './answers.ts';
export { burials, closesOff } from './burial.ts';
export {
  type Origin,
  asksUntil,
  calendarOf,
  clockTime,
  dateName,
  dayName,
  forPaper,
  localIso,
  midnights,
  minuteOf,
  toldStart,
  toldTime,
} from './calendar.ts';
export {
  betweenSessions,
  betweenWords,
  foldedStrip,
  momentWords,
  sittingParts,
  waitsOfPiece,
} from './clock-strip.ts';
export { compared, isBetter, startsOf } from './compare.ts';
export { conflictOf } from './conflict.ts';
export { coveringLinks } from './covering.ts';
export { type Edited, edited } from './edits.ts';
export { travellingApart } from './apart.ts';
export { fittedThere, USUAL_WAY } from './fitted.ts';
export { givenOf } from './given.ts';
export { heldBy } from './held.ts';
export { type FaceAsk, faceWords, type Joining, joiningsOf } from './joining.ts';
export { type Idle, idleOf } from './idle.ts';
export { joinCharts, type JoinChart, type JoinTie, outsideBy, plannedJoin } from './join-chart.ts';
export { CURVE_RUNS, PLAN_RUNS } from './odds.ts';
export { type OwnTime, ownTimes, ownTimesTogether, pacesFrom, tickedSteps } from './own-times.ts';
export { sidesReached } from './face-reach.ts';
export { POOL_NAMES, poolsOf } from './pools.ts';
export { preflight } from './preflight.ts';
export { firmingNow, lastSaid, type Progress, progressOf, shapedPieces, tickedAt } from './progress.ts';
export { joinsBefore, orderOf, stagesOf } from './reaching.ts';
export {
  AGES,
  ageWhenJoined,
  joinedAt,
  nearestAge,
  ownDoneAt,
  poseAfter,
  rehearsalOf,
  SEEN_LOSS,
} from './rehearsal.ts';
export { fewOf } from './relaxed.ts';
export { repeatedOf } from './repeated.ts';
export { type DaysPlan, type DaysReport } from './report.ts';
export { ALL_DONE, type SearchOptions, schedule } from './schedule.ts';
export { type PlannedStep, type PlannedWait, type Session } from './sessions.ts';
export { stepsOf } from './steps/index.ts';
export { plannedWindow } from './network.ts';
export { KIND_NAMES } from './steps/kinds.ts';
export { inParts } from './steps/parts.ts';
export { joinId, mixId, shapeId, shapedBy } from './steps/types.ts';
export { ANSWERS, FELT, type TouchTest, touchTests } from './touch-tests.ts';
export { type Lot, lotOf, scaledLot, TRIED } from './trial.ts';
export { type Link, type Step, type Work } from './types.ts';
export { WASH } from './wash.ts';
