/**
 * Firming: when a piece may be textured, picked up, stood up, built on. Two clocks run here, drying in air and
 * setting by cold; both answer the same questions as margins, and margins become fast / likely / slow times.
 */
export { type Band } from './band.ts';
export { type Chilled, type ColdBody, chilled, chillsIn, coatFirmIn } from './chill.ts';
export { otherClocks } from './clocks.ts';
export { coldFrom, coldLearnedOf } from './cold-learned.ts';
export { type FilmRoom, type FilmState, type WetFilm, filmBandOf, filmTime } from './films.ts';
export { heightBudget, squashed } from './height-budget.ts';
export { SAW, forget, learnedOf, note, seenElsewhere } from './looks.ts';
export { ASKED, CLOSING, QUESTIONS, type Load, type Question } from './margins.ts';
export { type Drying, type PieceFirming } from './firmed.ts';
export { firmAll, freshYield, keepsItsShape } from './piece.ts';
export { PLACES } from './places.ts';
export { airNow, roomDiffers, spellsRead } from './read-air.ts';
export { type CrackRisk, type DoseAnswer, byFeel, compareSchools } from './schools.ts';
export { lookAt } from './snapshot.ts';
export { type FirmState, STATES, type StateTimes, stateAt, stateBy, stateTimes } from './state.ts';
export { effectsOf, seenBeside } from './what-changed.ts';
export {
  type DryingChange,
  type FirmingCurve,
  THRESHOLDS,
  changed,
  dryingBand,
  dryingCurve,
  leversFor,
} from './what-if.ts';
