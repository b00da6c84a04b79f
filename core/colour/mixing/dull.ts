import { apartBy } from '../apart.ts';
import { chroma, labOf, type Lab } from '../lab.ts';
import type { MixPot } from './find-mix.ts';
import { coloured, type DyePart } from './kubelka-munk.ts';
import { hexOfSpectrum, labOfSpectrum, spectrumOf } from './spectrum.ts';

/** A little of one more pot that takes the shout out of a colour. */
export interface Dulled {
  readonly name: string;
  /** Drops for 100 g. */
  readonly drops: number;
  /** Before and after, `#rrggbb`. */
  readonly from: string;
  readonly hex: string;
  /** Degrees its hue moves, towards red above nothing on the way from red over yellow to green. */
  readonly turns: number;
  /** How much lighter it gets, L*. */
  readonly lighter: number;
}

/** What is left of its strength, share of the chroma. Common practice: a fifth off is a colour of nature. */
export const KEPT = 0.8;
/** A colour under this chroma does not shout. Estimate. */
const QUIET = 10;
/** Looked for up to so many drops for 100 g, in so many halvings. Steps of the method; estimate. */
const [MOST, HALVINGS] = [20, 30];
/** Tint of a pot is looked at with so many drops. A step of the method; estimate. */
const TINT = 2;
/** Opposite is within so many degrees. Estimate. */
const OPPOSITE = 75;

const hueOf = ({ a, b }: Lab): number => (Math.atan2(b, a) * 180) / Math.PI;
const turnOf = (from: number, to: number): number => ((to - from + 540) % 360) - 180;

/**
 * The pot opposite to a colour on the wheel, and how much of it leaves the wanted share of its strength; the gentlest, that
 * moves the hue least. Nothing where the colour is quiet already or no pot stands opposite.
 */
export function dulled(
  baseHex: string,
  parts: readonly DyePart[],
  pots: readonly MixPot[],
  keep = KEPT,
): Dulled | undefined {
  const base = spectrumOf(baseHex);
  const was = coloured(base, parts);
  const before = labOfSpectrum(was);
  if (chroma(before) < QUIET) return undefined;
  const across = hueOf(before) + 180;
  const opposite = pots.filter(
    (pot) =>
      !parts.some((p) => p.pot === pot) &&
      Math.abs(turnOf(across, hueOf(labOfSpectrum(coloured(base, [{ pot, drops: TINT }]))))) < OPPOSITE,
  );
  const found = opposite.flatMap((pot): (Dulled & { readonly off: number })[] => {
    const at = (drops: number) => coloured(base, [...parts, { pot, drops }]);
    const left = (drops: number) => chroma(labOfSpectrum(at(drops)));
    if (left(MOST) > keep * chroma(before)) return [];
    let [low, high] = [0, MOST];
    for (let k = 0; k < HALVINGS; k++) {
      const middle = (low + high) / 2;
      if (left(middle) > keep * chroma(before)) low = middle;
      else high = middle;
    }
    const spectrum = at(high);
    const after = labOfSpectrum(spectrum);
    // of the same strength, hue and lightness as it was but for what was taken off
    const meant: Lab = { L: before.L, a: keep * before.a, b: keep * before.b };
    return [
      {
        name: pot.name,
        drops: high,
        from: hexOfSpectrum(was),
        hex: hexOfSpectrum(spectrum),
        turns: turnOf(hueOf(before), hueOf(after)),
        lighter: after.L - before.L,
        off: apartBy(after, meant),
      },
    ];
  });
  const best = found.reduce<(Dulled & { off: number }) | undefined>(
    (a, b) => (a && a.off <= b.off ? a : b),
    undefined,
  );
  if (!best) return undefined;
  const { off: _off, ...told } = best;
  return told;
}

/** Names of hues where they stand on the wheel of CIE Lab, degrees. Estimate. */
const HUES: readonly (readonly [number, string])[] = [
  [0, 'rose'],
  [40, 'red'],
  [70, 'orange'],
  [95, 'yellow'],
  [150, 'green'],
  [260, 'blue'],
  [315, 'violet'],
];

/** A hue goes by a name so far round it, degrees. Estimate. */
const NAMED = 25;

/** Which way a colour drifts when it is dulled, in words. */
export function driftWords({
  hex,
  from,
  turns,
  lighter,
}: Pick<Dulled, 'hex' | 'from' | 'turns' | 'lighter'>): string {
  const lab = labOf(hex);
  const deeper = lighter < -1 ? 'deeper' : lighter > 1 ? 'lighter' : '';
  const before = labOf(from);
  if (!lab || !before || Math.abs(turns) < 3) return deeper ? `a little ${deeper}` : 'hardly any other hue';
  const hue = hueOf(before);
  const ahead = (at: number) => (((Math.sign(turns) * (at - hue)) % 360) + 360) % 360;
  // the name it has now is no direction
  const others = HUES.filter(([at]) => ahead(at) > NAMED);
  const [, towards] = [...others].sort((p, q) => ahead(p[0]) - ahead(q[0]))[0]!;
  return `a little ${deeper ? `${deeper} and ` : ''}towards ${towards}`;
}
