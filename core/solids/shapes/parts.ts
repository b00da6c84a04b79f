import type { Dimension, DryingBody, Measure } from '../types.ts';

/** A size that grows with the figure. */
export const grows = <K extends string>(
  key: K,
  label: string,
  start: number,
  [min, max]: readonly [number, number],
  fits = true,
): Dimension<K> => ({ key, label, role: 'length', start, min, max, fits });

/** A size the hand keeps whatever the figure's size. */
export const kept = <K extends string>(
  key: K,
  label: string,
  start: number,
  [min, max]: readonly [number, number],
  fits = false,
): Dimension<K> => ({ key, label, role: 'thickness', start, min, max, fits });

/** A size in degrees that a person may type. */
export const angle = <K extends string>(
  key: K,
  label: string,
  start: number,
  [min, max]: readonly [number, number],
): Dimension<K> => ({ key, label, role: 'angle', start, min, max, fits: false });

/** A number without a unit that a person may type. */
export const plain = <K extends string>(
  key: K,
  label: string,
  start: number,
  [min, max]: readonly [number, number],
  whole = false,
): Dimension<K> => ({ key, label, role: 'number', start, min, max, fits: false, whole });

/** A solid lump dries from all sides towards its middle. */
export const lump = (m: Measure, thick: number): DryingBody => ({
  volume: m.volume,
  area: m.area,
  depth: thick / 2,
  facing: thick,
  thickness: thick,
  kind: 'rod',
});

/** A thin band that waves: both faces open to the air. */
export const wavingBand = (volume: number, width: number, thickness: number): DryingBody => ({
  volume,
  area: (2 * volume) / thickness,
  depth: thickness / 2,
  facing: width,
  thickness,
  kind: 'sheet',
});
