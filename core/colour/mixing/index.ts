/**
 * Mixing: what a paste looks like with so many drops of these pots in it (Kubelka and Munk, 36 bands), what a pot does by the
 * swatches somebody made of it, and which drops of which pots come to a wanted colour.
 */
export { downhill, findMixes, isReachable, nearWords, type FoundMix, type MixPot } from './find-mix.ts';
export { driftWords, dulled, KEPT, type Dulled } from './dull.ts';
export { absorbs, coloured, givesBack, kneaded, streaked } from './kubelka-munk.ts';
export { daylightXy } from './observer.ts';
export { learnPot, type Swatch } from './pot-dye.ts';
export { hexOfSpectrum, spectrumOf } from './spectrum.ts';
