/**
 * Starts: kinds of figure to begin with. Each makes a whole build out of a height, a paste and what it is filled with,
 * with sticks that hold; `STARTS` is the plank they stand on. A new one is one file and one line.
 */
export { PASTE_SCHOOLS, PASTE_WAYS, type PasteSchool } from './blends.ts';
export { startBuild, usuallyWanted } from './put.ts';
export { startOf, STARTS } from './registry.ts';
export { STUFFINGS, type Start, type Stuffing, type Wanted } from './types.ts';
