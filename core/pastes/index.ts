/**
 * Pastes: what is known of each material, and what becomes of it when it is mixed. Density from composition,
 * stiffener in grams and spoons, rest after mixing, and the constants the firming clocks start from.
 */
export * from './types.ts';
export * from './registry.ts';
export * from './density.ts';
export * from './blend.ts';
export * from './waste.ts';
