import type { Provenance } from '../quantity/index.ts';

/** How paste becomes a piece, and what of it is lost on the way. */
export interface Technique {
  readonly name: string;
  /** Share of each rolling that ends in the piece. */
  readonly used: number;
  /** Share of the trimmings that is kneaded back. */
  readonly kneadedBack: number;
  readonly source: Provenance;
}

/**
 * What each way of working yields. Covering a round tier is reckoned from its own size instead (`drapeUse`).
 * Shares are common practice; an outline that fills its box better or worse changes them.
 */
export const TECHNIQUES = {
  byHand: { name: 'modelled by hand', used: 0.98, kneadedBack: 0.8, source: 'common practice' },
  rolled: { name: 'rolled into a rope', used: 0.97, kneadedBack: 0.8, source: 'common practice' },
  gathered: { name: 'gathered over a core', used: 0.95, kneadedBack: 0.8, source: 'common practice' },
  fromSheet: { name: 'cut from a rolled sheet', used: 0.6, kneadedBack: 0.8, source: 'common practice' },
  fromStrips: { name: 'cut in strips', used: 0.85, kneadedBack: 0.8, source: 'common practice' },
} as const satisfies Record<string, Technique>;

export type TechniqueId = keyof typeof TECHNIQUES;

/** How a shape is made of rolled, extruded or modelled paste, by the id of the technique. */
export const techniqueOf = (id: TechniqueId): Technique => TECHNIQUES[id];
