/**
 * Cutting: the cake inside and under a figure. Layers, tins and what is carved away, batter, fillings and coats, and
 * whether it is dense and cold enough to carve.
 */
export { type CakePart, type CakeReport, carvedBody, reckonCake } from './cake.ts';
export { densityOfCake } from './gate.ts';
export { type CakeLayer } from './layers.ts';
