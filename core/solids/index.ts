/**
 * Solids: the shapes a sculptor rolls. One record per shape gives its volume, surface, balance point, outline,
 * handles and the way back from grams; `SHAPES` is the list everything else reads.
 */
export * from './types.ts';
export * from './registry.ts';
export * from './measure.ts';
export * from './ball.ts';
export { OUTLINES, outlineNamed, type OutlineName } from './outlines.ts';
export { contains as polygonContains } from './polygon.ts';
