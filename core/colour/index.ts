/**
 * Colour: how light a paste is and how far two are apart. Conversions are culori's; D65, 2° observer.
 * Pots, mixing and ladders join this room later.
 */
export * from './lab.ts';
export * from './order.ts';
