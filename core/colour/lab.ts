import { clampRgb, formatHex, modeLab65, modeRgb, useMode } from 'culori/fn';

useMode(modeRgb);
const toLab = useMode(modeLab65);

/** CIE L*a*b*, D65: lightness 0–100, and two opposed pairs. */
export interface Lab {
  readonly L: number;
  readonly a: number;
  readonly b: number;
}

/** Lightness and hue of a screen colour `#rrggbb`; undefined when it is not one. */
export function labOf(hex: string): Lab | undefined {
  const lab = toLab(hex);
  return lab ? { L: lab.l, a: lab.a, b: lab.b } : undefined;
}

/** How far from grey a colour is (CIE Lab chroma). */
export const chroma = ({ a, b }: Lab): number => Math.hypot(a, b);

/** The nearest screen colour `#rrggbb` to a colour. */
export const labHex = ({ L: l, a, b }: Lab): string => formatHex(clampRgb({ mode: 'lab65', l, a, b }));

/** A colour of the same hue, so much darker in L*; as it is where it is no colour. */
export function deeper(hex: string, by: number): string {
  const lab = labOf(hex);
  return lab ? labHex({ ...lab, L: Math.max(4, lab.L - by) }) : hex;
}
