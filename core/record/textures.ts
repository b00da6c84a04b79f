/** What may be done to a surface while it is soft. A record per technique; minutes are common practice, estimates. */
export interface Texture {
  readonly name: string;
  readonly verb: string;
  /** Hands-on minutes for ten square centimetres of surface. */
  readonly minutesPer10cm2: number;
  readonly least: number;
}

export const TEXTURES = {
  none: { name: 'smooth', verb: '', minutesPer10cm2: 0, least: 0 },
  fur: { name: 'fur', verb: 'Cut the fur on', minutesPer10cm2: 0.6, least: 4 },
  feathers: { name: 'feathers', verb: 'Mark the feathers on', minutesPer10cm2: 0.8, least: 5 },
  veins: { name: 'veins', verb: 'Press the veins into', minutesPer10cm2: 0.1, least: 2 },
  wood: { name: 'wood grain', verb: 'Draw the grain on', minutesPer10cm2: 0.4, least: 3 },
  creases: { name: 'creases', verb: 'Mark the creases in', minutesPer10cm2: 0.4, least: 3 },
  stitches: { name: 'pressed stitches', verb: 'Press the stitches into', minutesPer10cm2: 0.3, least: 3 },
  stipple: { name: 'stipple', verb: 'Stipple', minutesPer10cm2: 0.3, least: 2 },
} as const satisfies Record<string, Texture>;

export type TextureKind = keyof typeof TEXTURES;
