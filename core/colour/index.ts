/**
 * Colour: how light a paste is, in which order colours are worked, and how much of a pot a batch takes: drops with their honest
 * range, whole drops, mother batches, ladders. Conversions are culori's; D65, 2° observer.
 */
export * from './lab.ts';
export * from './order.ts';
export * from './apart.ts';
export * from './pots.ts';
export * from './doses.ts';
export * from './grey-card.ts';
export {
  driftWords,
  dulled,
  KEPT,
  type Dulled,
  findMixes,
  hexOfSpectrum,
  kneaded,
  spectrumOf,
  isReachable,
  learnPot,
  nearWords,
  type FoundMix,
  type MixPot,
  type Swatch,
} from './mixing/index.ts';
