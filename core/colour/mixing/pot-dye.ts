import { apartBy } from '../apart.ts';
import { absorbs, coloured, type PotDye } from './kubelka-munk.ts';
import { labOfSpectrum, spectrumOf, type Spectrum } from './spectrum.ts';
import { labOf } from '../lab.ts';

/** What a pot gave: so many drops for 100 g of a base, and what it looked like. */
export interface Swatch {
  readonly drops: number;
  readonly hex: string;
}

/** A pot as its swatches show it. */
export interface LearnedPot extends PotDye {
  /** CIEDE2000 from its swatches, root mean square. */
  readonly off: number;
  readonly swatches: number;
}

/** Growth is looked for from here to there in steps. A step of the method; estimate. */
const GROWS = { from: 0.6, to: 1.3, step: 0.02 } as const;
/** A band that takes little counts no more than this. A step of the method; estimate. */
const LEAST = 0.02;

/**
 * Learn a pot from swatches in one base: what each band absorbs more than the base, by least squares of relative errors; with two
 * doses or more also how it grows. Nothing without a swatch that has colour in it.
 */
export function learnPot(baseHex: string, all: readonly Swatch[]): LearnedPot | undefined {
  const swatches = all.filter((s) => s.drops > 0 && labOf(s.hex));
  if (swatches.length === 0) return undefined;
  const base = spectrumOf(baseHex);
  const more = swatches.map((s) =>
    spectrumOf(s.hex).map((r, i) => Math.max(0, absorbs(r) - absorbs(base[i]!))),
  );
  const learned = (grows: number): LearnedPot => {
    const takes = base.map((_, i) => {
      let [above, below] = [0, 0];
      swatches.forEach(({ drops }, j) => {
        const dose = drops ** grows;
        const weight = 1 / (LEAST + more[j]![i]!);
        above += weight * dose * more[j]![i]!;
        below += weight * dose * dose;
      });
      return above / below;
    });
    return { takes, grows, off: offOf(base, { takes, grows }, swatches), swatches: swatches.length };
  };
  if (new Set(swatches.map((s) => s.drops)).size < 2) return learned(1);
  let best = learned(1);
  for (let p = GROWS.from; p <= GROWS.to + 1e-9; p += GROWS.step) {
    const other = learned(Number(p.toFixed(2)));
    if (other.off < best.off - 1e-9) best = other;
  }
  return best;
}

const offOf = (base: Spectrum, pot: PotDye, swatches: readonly Swatch[]): number =>
  Math.sqrt(
    swatches.reduce((s, { drops, hex }) => {
      const found = labOfSpectrum(coloured(base, [{ pot, drops }]));
      return s + apartBy(found, labOf(hex)!) ** 2;
    }, 0) / swatches.length,
  );
