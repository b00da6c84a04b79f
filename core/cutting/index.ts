/**
 * Cutting: the cake inside and under a figure. Layers, tins and what is carved away, batter, fillings and coats, and
 * whether it is dense and cold enough to carve. Templates and covering sheets join this room later.
 */
export { type CakePart, type CakeReport, reckonCake } from './cake.ts';
