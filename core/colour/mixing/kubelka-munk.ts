import type { Spectrum } from './spectrum.ts';

/** What a thick layer absorbs beside what it scatters, from the light it gives back. Kubelka and Munk 1931. */
export const absorbs = (gives: number): number => (1 - gives) ** 2 / (2 * gives);
/** The other way round. */
export const givesBack = (q: number): number => 1 + q - Math.sqrt(q * q + 2 * q);

/** A pot in a base: what a drop for 100 g absorbs in each band, and how that grows with more of them. */
export interface PotDye {
  readonly takes: readonly number[];
  /** 1 where twice as much takes twice as much. */
  readonly grows: number;
}
/** So much of a pot. */
export interface DyePart {
  readonly pot: PotDye;
  /** Drops for 100 g. */
  readonly drops: number;
}

/** A base with colour kneaded in: dyes only add to what it absorbs. */
export const coloured = (base: Spectrum, parts: readonly DyePart[]): Spectrum =>
  base.map((r, i) =>
    givesBack(
      absorbs(r) +
        parts.reduce((q, { pot, drops }) => q + (drops > 0 ? pot.takes[i]! * drops ** pot.grows : 0), 0),
    ),
  );

/** Two pastes kneaded together by mass; both scatter alike. @param share of the second, 0–1 */
export const kneaded = (a: Spectrum, b: Spectrum, share: number): Spectrum =>
  a.map((r, i) => givesBack((1 - share) * absorbs(r) + share * absorbs(b[i]!)));

/** Two pastes left in streaks, seen from a step away: their light is averaged. @param share of the second, 0–1 */
export const streaked = (a: Spectrum, b: Spectrum, share: number): Spectrum =>
  a.map((r, i) => (1 - share) * r + share * b[i]!);
