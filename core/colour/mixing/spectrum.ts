import {
  convertLrgbToRgb,
  convertRgbToLrgb,
  formatHex,
  modeLab65,
  modeLrgb,
  modeRgb,
  parseHex,
  useMode,
} from 'culori/fn';
import { solveLinear } from '../../quantity/index.ts';
import type { Lab } from '../lab.ts';
import { BANDS, RGB_WEIGHTS } from './observer.ts';

useMode(modeRgb);
useMode(modeLrgb);
const toLab = useMode(modeLab65);

/** Share of light a face gives back, band by band. */
export type Spectrum = readonly number[];

/** Nothing gives back all light, or none. A step of the method; estimate. */
const EDGE = 0.0015;
/** Newton: steps at most, how far one goes, and how near is there. Steps of the method; estimate. */
const [STEPS, STRIDE, NEAR] = [60, 1.5, 1e-9];

/** Linear red, green and blue of a face. */
export const lightOf = (spectrum: Spectrum): number[] =>
  RGB_WEIGHTS.map((row) => row.reduce((a, w, i) => a + w * spectrum[i]!, 0));

/** What a spectrum looks like on a screen, `#rrggbb`. */
export function hexOfSpectrum(spectrum: Spectrum): string {
  const [r, g, b] = lightOf(spectrum) as [number, number, number];
  return formatHex(convertLrgbToRgb({ r, g, b }));
}

/** A spectrum as the eye sees it. */
export function labOfSpectrum(spectrum: Spectrum): Lab {
  const [r, g, b] = lightOf(spectrum) as [number, number, number];
  const { l: L, a, b: yellow } = toLab({ mode: 'lrgb', r, g, b });
  return { L, a, b: yellow };
}

/** Linear red, green and blue of a screen colour. @throws RangeError where it is none */
export function linearOf(hex: string): number[] {
  const rgb = parseHex(hex);
  if (!rgb) throw new RangeError(`“${hex}” is no colour of six hex digits.`);
  const { r, g, b } = convertRgbToLrgb(rgb);
  return [r, g, b];
}

/** How the smoothness of a curve changes with each of its points. */
const bend = (z: readonly number[], i: number): number => {
  const [before, at, after] = [z[i - 1], z[i]!, z[i + 1]];
  return (before === undefined ? 0 : 2 * (at - before)) + (after === undefined ? 0 : 2 * (at - after));
};

/** One step towards the smoothest curve that gives these three. */
function newtonStep(z: readonly number[], pull: readonly number[], wanted: readonly number[]) {
  const tanh = z.map(Math.tanh);
  const slope = tanh.map((t) => (1 - t * t) / 2);
  const share = tanh.map((t) => (t + 1) / 2);
  const pulled = z.map((_, i) => RGB_WEIGHTS.reduce((s, row, k) => s + row[i]! * pull[k]!, 0));
  const off = [
    ...z.map((_, i) => bend(z, i) + slope[i]! * pulled[i]!),
    ...RGB_WEIGHTS.map((row, k) => row.reduce((s, w, i) => s + w * share[i]!, 0) - wanted[k]!),
  ];
  const size = BANDS + 3;
  const matrix = Array.from({ length: size }, () => new Array<number>(size).fill(0));
  z.forEach((_, i) => {
    const row = matrix[i]!;
    row[i] = (i === 0 || i === BANDS - 1 ? 2 : 4) - 2 * slope[i]! * tanh[i]! * pulled[i]!;
    if (i > 0) row[i - 1] = -2;
    if (i < BANDS - 1) row[i + 1] = -2;
    RGB_WEIGHTS.forEach((w, k) => {
      row[BANDS + k] = slope[i]! * w[i]!;
      matrix[BANDS + k]![i] = slope[i]! * w[i]!;
    });
  });
  return { share, off, matrix };
}

/**
 * The smoothest spectrum between nothing and all that looks exactly like a screen colour (least slope of its inverse hyperbolic
 * tangent, after S. A. Burns): a face of paste has no sharp lines either. Newton; remembered.
 * @throws RangeError where it is no colour of six hex digits
 */
export function spectrumOf(hex: string): Spectrum {
  const known = spectra.get(hex);
  if (known) return known;
  if (spectra.size >= MOST_KEPT) spectra.clear();
  const found = smoothest(hex);
  spectra.set(hex, found);
  return found;
}
const spectra = new Map<string, Spectrum>();
/** A step of the method; estimate. */
const MOST_KEPT = 500;

function smoothest(hex: string): Spectrum {
  const wanted = linearOf(hex).map((v) => Math.min(1 - EDGE, Math.max(EDGE, v)));
  const middle = wanted.reduce((a, b) => a + b, 0) / 3;
  if (Math.max(...wanted) - Math.min(...wanted) < NEAR) return new Array<number>(BANDS).fill(middle);
  let z = new Array<number>(BANDS).fill(Math.atanh(2 * middle - 1));
  let pull = [0, 0, 0];
  for (let step = 0; step < STEPS; step++) {
    const { share, off, matrix } = newtonStep(z, pull, wanted);
    if (Math.max(...off.map(Math.abs)) < NEAR) return share;
    const by = solveLinear(
      matrix,
      off.map((x) => -x),
    );
    if (!by) break;
    const far = Math.max(...by.slice(0, BANDS).map(Math.abs));
    const part = Math.min(1, STRIDE / far);
    z = z.map((v, i) => v + part * by[i]!);
    pull = pull.map((v, k) => v + part * by[BANDS + k]!);
  }
  return z.map((v) => (Math.tanh(v) + 1) / 2);
}
