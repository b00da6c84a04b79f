/**
 * Quantities: what a number means. Unit flavours, typed results, sums that carry their own explanation,
 * and the only place where kitchen words (`1 1/4 oz`, `1/2 tsp`, `1h30`) become numbers and back.
 */
export * from './units.ts';
export * from './result.ts';
export * from './custom.ts';
export { formatKitchen, formatTwelve, retell } from './retell.ts';
export * from './reckoned.ts';
export * from './parse.ts';
export * from './format.ts';
export * from './round.ts';
export * from './numeric.ts';
export * from './linear.ts';
export * from './elliptic.ts';
export * from './once.ts';
export * from './derived.ts';
export { reusing } from './reused.ts';
export * from './day.ts';
export * from './when.ts';
export * from './odds.ts';
export * from './labour.ts';
export * from './life-size.ts';
export * as field from './fields.ts';
export { isWritten, LONGEST_ID, LONGEST_NAME, takes, inLimits, type Of } from './fields.ts';
