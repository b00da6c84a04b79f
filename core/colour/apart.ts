import { differenceCiede2000, modeLab65, useMode } from 'culori/fn';
import { chroma, labOf, type Lab } from './lab.ts';
import { DEPTHS, STARTING_POTS, type ColourDepth, type StartingPot } from './pots.ts';

useMode(modeLab65);
const ciede2000 = differenceCiede2000();

/** How far apart two colours are to the eye, CIEDE2000 (Sharma, Wu and Dalal 2005), by culori. */
export const apartBy = (p: Lab, q: Lab): number => {
  const as = ({ L: l, a, b }: Lab) => ({ mode: 'lab65' as const, l, a, b });
  return ciede2000(as(p), as(q));
};

/** White covering paste. Estimate. */
const PLAIN: Lab = { L: 96, a: 0, b: 4 };
/** Further from plain paste than this it wants colour, and is deeper from each of these on. Estimate. */
const FROM: Readonly<Record<ColourDepth, number>> = { pale: 3, soft: 9, middle: 20, strong: 38, deep: 58 };
/** Under this chroma a colour is a grey, and is mixed from grey or black. Estimate. */
const GREY = 6;

const GREYS = new Set(['coal black', 'stone grey']);
const hueOf = ({ a, b }: Lab): number => Math.atan2(b, a);
const turn = (p: number, q: number): number => Math.abs(Math.atan2(Math.sin(p - q), Math.cos(p - q)));
/** A dark brown has the hue of apricot: how deep it is tells them apart. Estimate. */
const DEEP_COUNTS = 0.012;

/** How deep a colour is beside white paste; undefined for one that is white itself. */
export function depthOf(hex: string): ColourDepth | undefined {
  const lab = labOf(hex);
  if (!lab) return undefined;
  const far = apartBy(lab, PLAIN);
  return [...DEPTHS].reverse().find((d) => far >= FROM[d]);
}

/** A pot to begin with for a colour, by its hue; a guess until there is a swatch. Undefined where it is white already. */
export function proposedPot(hex: string): (StartingPot & { readonly depth: ColourDepth }) | undefined {
  const depth = depthOf(hex);
  const lab = labOf(hex);
  if (!depth || !lab) return undefined;
  const grey = chroma(lab) < GREY;
  const fits = STARTING_POTS.filter((p) => GREYS.has(p.name) === grey);
  const off = (p: StartingPot): number => {
    const pot = labOf(p.hex)!;
    const light = Math.abs(pot.L - lab.L);
    return grey ? light : turn(hueOf(pot), hueOf(lab)) + DEEP_COUNTS * light;
  };
  const [best] = [...fits].sort((p, q) => off(p) - off(q));
  return best && { ...best, depth };
}
