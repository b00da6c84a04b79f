/**
 * The search: work as numbers, a serial generator that takes steps out again when a window or a shelf asks for it, and an
 * annealing with a hill climb over orders, open hours and times to finish by. Knows nothing of figures.
 */
export * from './problem.ts';
export * from './hands.ts';
export * from './use.ts';
export * from './order.ts';
export * from './decode.ts';
export * from './genome.ts';
export * from './cost.ts';
export * from './planner.ts';
export * from './anneal.ts';
export * from './climb.ts';
export * from './search.ts';
