import type { WorkKind } from './works.ts';

/** What may be done to a surface while it is soft. A record per technique; minutes are common practice, estimates. */
export interface Texture {
  readonly name: string;
  readonly verb: string;
  /** The kind of work it is, which says what has to get there. */
  readonly work: WorkKind;
  /** Hands-on minutes for a square centimetre of surface, before the hand has its rhythm. */
  readonly perCm2: number;
  /** What it does to the face, a strain: from when that cracks on it is too late. Estimate. */
  readonly strain: number;
}

export const TEXTURES = {
  none: { name: 'smooth', verb: '', work: 'press', perCm2: 0, strain: 0 },
  // a furry sitting animal of 85 g takes two hours of hands; common practice
  fur: { name: 'fur', verb: 'Snip the fur on', work: 'snip', perCm2: 0.45, strain: 0.08 },
  feathers: { name: 'feathers', verb: 'Mark the feathers on', work: 'mark', perCm2: 0.12, strain: 0.15 },
  veins: { name: 'veins', verb: 'Press the veins into', work: 'press', perCm2: 0.02, strain: 0.25 },
  wood: { name: 'wood grain', verb: 'Draw the grain on', work: 'mark', perCm2: 0.12, strain: 0.15 },
  creases: { name: 'creases', verb: 'Mark the creases in', work: 'mark', perCm2: 0.04, strain: 0.15 },
  stitches: {
    name: 'pressed stitches',
    verb: 'Press the stitches into',
    work: 'mark',
    perCm2: 0.06,
    strain: 0.05,
  },
  stipple: { name: 'stipple', verb: 'Stipple', work: 'sponge', perCm2: 0.03, strain: 0.05 },
  knit: { name: 'knit', verb: 'Press the knit into', work: 'press', perCm2: 0.08, strain: 0.15 },
  bark: { name: 'bark', verb: 'Score the bark on', work: 'mark', perCm2: 0.1, strain: 0.2 },
  dimples: { name: 'dimples', verb: 'Press the dimples into', work: 'press', perCm2: 0.03, strain: 0.15 },
} as const satisfies Record<string, Texture>;

export type TextureKind = keyof typeof TEXTURES;
