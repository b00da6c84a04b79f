/** How surely a window is planned to be still open; the first that can be kept is taken. Estimates. */
export const LEVELS = [0.9, 0.8, 0.7] as const;
/** What a finger tells is waited for by looking: so often it is over when it is planned. Estimate. */
export const LOOKED_AT = 0.6;
/** A wait that is slow within this is looked at in one sitting, minutes. Estimate. */
export const LOOKED_WITHIN = 360;
