/**
 * Days: steps made from the figure, the waits and windows between them, the person's hours, and a plan of bench
 * sessions back from the due time. Every plan is checked by `validate`, which shares nothing with what made it.
 */
export * from './types.ts';
export * from './calendar.ts';
export * from './steps/index.ts';
export * from './network.ts';
export * from './generate.ts';
export * from './validate.ts';
export * from './odds.ts';
export * from './sessions.ts';
export * from './schedule.ts';
