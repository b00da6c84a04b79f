/**
 * Lines drawn by hand: outlines of cut sheets and their holes, profiles that are turned, traced fronts and sides.
 * Kept as points in shares of the piece's size; made into chains of short straight pieces where they are reckoned.
 */
export * from './curve.ts';
