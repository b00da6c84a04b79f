/**
 * Joins: how one piece is joined to another, and what either face has to be for it: from when and until when. A record per kind;
 * the days make their links from it, the bench counts its windows down.
 */
export { proposedJoin, type Joined } from './propose.ts';
export { chanceBelow, normalQuantile, quantileOf } from './quantile.ts';
export { JOINS } from './registry.ts';
export { STRAINS } from './strains.ts';
export { type FaceState, type JoinKind, type FaceSide } from './types.ts';
