/**
 * Strains of what hands do to a face, at which it must not crack yet; every *still gives* window scales with them. Estimates.
 */
export const STRAINS = {
  /** A foot that is fitted to what it stands on. */
  foot: 0.05,
  /** A thumb that presses it on. */
  thumb: 0.12,
  /** The lip of a socket that is pressed. */
  lip: 0.25,
  /** A bend round what carries it, where nobody has measured it: 2 mm round 20 mm. */
  wrap: 0.05,
} as const;
