/**
 * Stores: what is on the shelf, with quantity and date; offcuts by blend and colour, first to expire first; the book of what was mixed; what a build
 * needs of it, what is short, and what to buy in the packs the person buys. Knows nothing of where it is kept.
 */
export * from './ingredients.ts';
export * from './stores-record.ts';
export * from './stock.ts';
export * from './offcuts.ts';
export * from './book.ts';
export * from './needs.ts';
export * from './shopping.ts';
export * from './words.ts';
export * from './size.ts';
