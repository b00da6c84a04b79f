/**
 * Bench: what is weighed. Many alike that have to weigh the same, one after the other on the scale, how near is near enough,
 * whether the rolling drifts; the lines scale and room sensor speak, and a scale that is made up.
 */
export * from './line.ts';
export * from './near-enough.ts';
export * from './simulated.ts';
export * from './training.ts';
export * from './weigh-checks.ts';
export * from './weigh-run.ts';
export * from './portions.ts';
