/**
 * Handover: the way out of the kitchen. What travels apart, what holds at which brake, the cold, fitting there; and the card for
 * whoever serves it: what is no food and how it comes out, allergens, keeping. It claims no compliance.
 */
export { cardPages } from './page.ts';
export { type CardLine, handoverCard, type HandoverCard } from './card.ts';
export { wayOf } from './cold.ts';
export { travelOf, type TravelReport } from './travel.ts';
