/**
 * Trouble at the bench: what went wrong, what is likely behind it in this very build (facts of plan, paste, room and log
 * against what each cause would show), which question tells most, and what can still be done, cheapest first.
 */
export { comeOf, learnedOfTrouble, mendsDue, remakeMinutes, troublesFor } from './about.ts';
export { CAUSES, causeNamed } from './causes.ts';
export { type Facts } from './facts.ts';
export { batchOf, factsOf, type TroubleReads } from './facts-of.ts';
export { MENDS, mendNamed } from './mends.ts';
export { mended } from './mended.ts';
export {
  type Answers,
  askNext,
  causesOf,
  type LikelyCause,
  troubleMends,
  type NextQuestion,
  type RankedMend,
} from './rank.ts';
export { SIGNS, type Sign } from './signs.ts';
export { type Trouble, TROUBLE_GROUPS, type TroubleGroup, troubleNamed, TROUBLES } from './troubles.ts';
