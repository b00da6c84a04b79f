import { bisect, ellipticE } from '../quantity/index.ts';

const PI = Math.PI;

/** How much longer a sine wave is than its middle line: (2 ÷ π) √(1 + κ²) E(κ² ÷ (1 + κ²)), κ = 2 π a ÷ λ. */
export function sineFullness(amplitude: number, wave: number): number {
  const k2 = ((2 * PI * amplitude) / wave) ** 2;
  return (2 / PI) * Math.sqrt(1 + k2) * ellipticE(k2 / (1 + k2));
}

/** The amplitude that makes a wave so many times as long as its middle line. */
export const amplitudeFor = (fullness: number, wave: number): number =>
  fullness <= 1 ? 0 : (bisect((a) => sineFullness(a, wave) - fullness, 0, fullness * wave) ?? 0);

/** A circular flounce: an arch cut so that its inner edge is as long as what it is set to. */
export function flounceCut(attach: number, width: number, fullness: number) {
  const inner = width / (fullness - 1);
  return {
    inner,
    outer: inner + width,
    /** Degrees of the arch; more than a whole round takes several pieces. */
    angle: ((attach / inner) * 180) / PI,
    pieces: Math.ceil(attach / (2 * PI * inner) - 1e-9),
    area: (attach * width * (1 + fullness)) / 2,
  };
}

/** An edge thinned at the same mass grows by the ratio of the thicknesses: no further paste is needed for the frill. */
export const thinnedFullness = (before: number, after: number): number => before / after;
