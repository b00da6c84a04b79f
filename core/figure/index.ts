/**
 * The figure: the Build record, pieces placed on each other, weighed, drawn in elevation, scaled, and changed by
 * intents that return a new Build. Nothing here is remembered beside the record; everything is derived from it.
 */
export * from './build.ts';
export * from './vector.ts';
export * from './place.ts';
export * from './weigh.ts';
export * from './extent.ts';
export * from './elevation.ts';
export * from './scale.ts';
export * from './edit.ts';
export * from './edit-pieces.ts';
export * from './textures.ts';
export * from './paste-list.ts';
