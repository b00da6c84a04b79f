/**
 * Pastes: what is known of each material, and what becomes of it when it is mixed. Density from composition, doses by
 * what a piece must do, chocolate batches, recipes and glues, waste by technique, and what a person measured for
 * themselves; and the constants the firming clocks start from.
 */
export * from './types.ts';
export * from './blend-record.ts';
export * from './registry.ts';
export * from './density.ts';
export * from './blend.ts';
export * from './waste.ts';
export * from './techniques.ts';
export * from './doses.ts';
export * from './chocolate-batch.ts';
export * from './recipes.ts';
export * from './glues.ts';
export * from './own-measures.ts';
export * from './fillings.ts';
