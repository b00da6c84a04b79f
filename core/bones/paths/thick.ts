/** A rod is at most this share of what it passes through, or the paste splits; common practice. */
export const THICK = 0.4;
