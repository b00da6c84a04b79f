/**
 * Solids: the shapes a sculptor rolls, bends, cuts, lays and traces. One record per shape gives its volume, surface,
 * balance point, body, handles and the way back from grams; `SHAPES` is the list everything else reads.
 */
export * from './types.ts';
export * from './vector.ts';
export * from './bodies/index.ts';
export * from './mesh/index.ts';
export * from './curves/index.ts';
export * from './registry.ts';
export * from './form.ts';
export * from './measure.ts';
export * from './coat.ts';
export * from './ball.ts';
export * from './counts.ts';
export * from './gathers.ts';
export { pressedFace } from './shapes/ball.ts';
export { bentLengths } from './shapes/bent-rope.ts';
export { OUTLINES, type OutlineName } from './outlines.ts';
export { contains as polygonContains } from './polygon.ts';
