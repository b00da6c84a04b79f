/**
 * Days: steps made from the figure, the waits and windows between them, the person's hours, and a plan of bench
 * sessions back from the due time. Every plan is checked by `validate`, which shares nothing with what made it.
 */
export * from './types.ts';
export * from './calendar.ts';
export * from './steps/index.ts';
export * from './burial.ts';
export * from './covering.ts';
export * from './edits.ts';
export * from './preflight.ts';
export * from './network.ts';
export * from './pools.ts';
export * from './wash.ts';
export * from './conflict.ts';
export * from './report.ts';
export * from './slack.ts';
export * from './why-not.ts';
export * from './repair.ts';
export * from './agreed.ts';
export * from './search/index.ts';
export * from './validate.ts';
export * from './given.ts';
export * from './held.ts';
export * from './odds.ts';
export * from './sessions.ts';
export { CAUTION, WANTED_CHANCE } from './answers.ts';
export * from './schedule.ts';
export * from './ahead.ts';
export * from './repeated.ts';
export * from './idle.ts';
export * from './compare.ts';
export * from './own-times.ts';
