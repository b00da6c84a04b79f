/**
 * Cloths: things cut from a sheet and laid round something, whatever it is: a sleeve, a collar, a strip round what leans, gores,
 * a tassel. Each makes figures that open to their sums and its outline at true size; a kind is one file.
 */
export { goresOf } from './gores.ts';
export { jacketOf } from './jacket.ts';
export { leaningOf } from './leaning.ts';
export { sleeveOf } from './sleeve.ts';
export { tasselOf } from './tassel.ts';
export { type Cloth } from './types.ts';
