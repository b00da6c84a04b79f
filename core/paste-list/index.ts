/**
 * The paste list: what the pieces, covers and trimmings of a build come to by blend and colour, the batches they are mixed
 * in, and how a weight is shared out. Everything here is derived from the record and the weights of the figure.
 */
export { baseHex } from './base-colour.ts';
export { type PasteLine } from './paste-line.ts';
export { type BatchPart } from './batch-parts.ts';
export { type BatchColour, colouringOf, amountText, colouringWords, potWords, potsInAll } from './drops.ts';
export {
  dullFor,
  mixesFor,
  THIN_UNDER,
  type BatchDulled,
  type BatchMix,
  type BatchMixes,
  type PotSwatch,
} from './mixes.ts';
export { type Batch, pasteList } from './paste-list.ts';
export {
  type Part,
  ballWindow,
  chopLength,
  readRatios,
  splitByDiameter,
  weighTogether,
  weighedTogether,
} from './portions.ts';
