/**
 * Surfaces of triangles: made from rings, measured, checked for holes, cut at a height, welded from loose triangles.
 * What a body becomes for the turn view, for the true union and for files of solids.
 */
export * from './mesh.ts';
export * from './measure-mesh.ts';
export * from './section.ts';
export * from './slice.ts';
export * from './weld.ts';
export * from './keep.ts';
