import { chroma, labOf } from './lab.ts';

/** Hues that stain hands and tools: reds, CIE hue angle in degrees, and anything nearly black. Common practice. */
const RED_HUES = [0, 60] as const;
const RED_CHROMA = 45;
const BLACK = 25;
const WHITE = 88;

export interface Coloured {
  readonly name: string;
  readonly hex: string;
}

/** One colour to work, and whether hands, board and roller are washed before it. */
export interface Turn<T extends Coloured> {
  readonly of: T;
  readonly wash?: string;
}

/** Whether a paste stains hands and tools: reds, and anything nearly black. */
export const stains = (hex: string): boolean => {
  const lab = labOf(hex);
  if (!lab) return false;
  const hue = ((Math.atan2(lab.b, lab.a) * 180) / Math.PI + 360) % 360;
  return lab.L < BLACK || (chroma(lab) > RED_CHROMA && hue >= RED_HUES[0] && hue <= RED_HUES[1]);
};

/**
 * Light before dark, duller before brighter: the order in which colours spoil each other least, with washes before
 * white and after whatever stains. Common practice.
 */
export function lightToDark<T extends Coloured>(colours: readonly T[]): Turn<T>[] {
  const known = colours.map((of, i) => ({ of, i, lab: labOf(of.hex) ?? { L: 50, a: 0, b: 0 } }));
  known.sort((p, q) => q.lab.L - p.lab.L || chroma(p.lab) - chroma(q.lab) || p.i - q.i);
  return known.map(({ of, lab }, i): Turn<T> => {
    const before = known[i - 1];
    if (i === 0) return lab.L >= WHITE ? { of, wash: 'clean hands, board and roller before white' } : { of };
    if (before && stains(before.of.hex)) return { of, wash: `wash after ${before.of.name}: it stains` };
    return { of };
  });
}
