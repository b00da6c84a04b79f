import type { Firmed } from './joints/joint-push.ts';

/** All paste firm to so many kPa. */
export const firmTo = (nightYield: number): Firmed => ({ get: () => ({ nightYield }) });
