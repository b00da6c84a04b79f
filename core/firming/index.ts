/**
 * Firming: when a piece may be textured, picked up, stood up, built on. Two clocks run here, drying in air and
 * setting by cold; both answer the same questions as margins, and margins become fast / likely / slow times.
 */
export * from './law.ts';
export * from './air.ts';
export * from './paste-law.ts';
export * from './sweep.ts';
export * from './margins.ts';
export * from './learned.ts';
export * from './places.ts';
export * from './band.ts';
export * from './cold.ts';
export * from './looks.ts';
export * from './piece.ts';
export * from './what-if.ts';
export * from './clocks.ts';
export * from './snapshot.ts';
export * from './what-changed.ts';
export * from './state.ts';
export * from './height-budget.ts';
export * from './schools.ts';
export * from './chill.ts';
