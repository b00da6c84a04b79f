/**
 * Bench: many alike that have to weigh the same. What one weighs, the size it starts from, whether the scale is fine
 * enough, and from what the scale said whether the rolling drifts and how often to look.
 */
export * from './weigh-checks.ts';
export * from './portions.ts';
