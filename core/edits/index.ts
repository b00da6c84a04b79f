/**
 * The edits: intents that take a Build and return a new one, or a sentence saying why not. They ask the limits of the record
 * and the geometry of the figure; none of them changes what it was given.
 */
export { setContinues, setHalves } from './edit-bands.ts';
export {
  fitToGirth,
  resize,
  setArt,
  setBall,
  setCoat,
  setForm,
  setGrams,
  setKind,
  setWidth,
} from './edit-form.ts';
export { begunAgain } from './begin-again.ts';
export { addSolid, splitPiece, unitDoubt } from './edit-parts.ts';
export { moveFigure, placeFigure, tallFigure } from './figures-on-board.ts';
export { asPart, putBeside, putIn, putOn } from './put-in.ts';
export {
  asBuild,
  nameVariation,
  removeVariation,
  showVariation,
  tryAnother,
  variationName,
} from './variations.ts';
export { moveSeveral, recolourSeveral, removeSeveral, scaleSeveral, turnSeveral } from './several.ts';
export {
  addTier,
  forgetCakeDensity,
  refreshOwn,
  removeBlend,
  removeTier,
  replaceBlend,
  setCake,
  setPortions,
  setTier,
  unweigh,
  weighedOne,
  withoutPortions,
  type TierExtra,
  usualCover,
  withoutOnTier,
} from './edit-paste.ts';
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
  setCover,
  setTemplate,
  setRests,
  setSeat,
  togglePair,
} from './edit-pieces.ts';
export {
  type RodPoint,
  addBend,
  addRod,
  moveRodPoint,
  ontoCentreLine,
  removeBend,
  removeRod,
  setRod,
  setRodLength,
  tapeTogether,
} from './edit-rods.ts';
export { coverBoard, cutMast, setCard, setMast, setRibbon, usualSleeve, withoutMast } from './edit-ground.ts';
export { removeTopper, setApart, setCounted, setTopper, setWay } from './edit-handover.ts';
export { forgetTrouble, noteAir, noteTrouble, sayMended, unweighStep, weighedStep } from './edit-bench.ts';
export {
  addOwnStep,
  joinSteps,
  leaveStep,
  partSteps,
  pinStep,
  planFrom,
  remake,
  removeOwnStep,
  sayFirm,
  setOwnStep,
  setParts,
  setRather,
  setStepMinutes,
  stayUntil,
  takePlan,
} from './edit-steps.ts';
export {
  addHelper,
  removeHelper,
  setBuilt,
  setJoin,
  setHelper,
  setPaces,
  setSpace,
  setTool,
} from './edit-workshop.ts';
export {
  addBlend,
  addColour,
  rename,
  restLeft,
  setBoard,
  setBrief,
  setColour,
  setPots,
  setDate,
  setEaters,
  setHours,
  setNight,
  setPractice,
  setRoom,
  tick,
  withSaid,
} from './edit.ts';
export { type CoreOption, USUAL_COAT, overCore } from './over-core.ts';
