/**
 * Covers: what paste does over a board, a tier or a core. How large a sheet is rolled, how much of it stays, where it is
 * thinnest and folds, and what a paste takes before it tears. Ways to cover are one registry. Nothing here knows of days.
 */
export { coverOver, mapOver, type Over } from './over.ts';
export { SHEET_STATES, type SheetMap, type SheetState } from './map/sheet-map.ts';
export { sheetOver, type Sheet } from './sheet.ts';
export { triedRound } from './tried.ts';
export { type Cover, coveredTier, coverOf, coversOf, sleevesOf } from './plain.ts';
export * from './cloths/index.ts';
export { dotsOver, evenMarks, evenRows, woundStrip } from './even.ts';
export { ageOf, FACE_AGES, faceLaidOn, roundHead, type FaceLaidOn } from './face.ts';
export { lobesOf, type Lobes } from './lobes.ts';
export { countedOf, markingStep, markingTakes } from './counted.ts';
export { type Panel } from './panels.ts';
export { wayDown } from './profile.ts';
export { ribbonOf } from './ribbon.ts';
export { rolledOf, type Rolled } from './rolled.ts';
export { takesOf, type Takes } from './takes.ts';
export { COVERINGS } from './ways.ts';
