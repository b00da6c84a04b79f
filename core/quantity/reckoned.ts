import type { Unit } from './units.ts';

/** Where a value or a formula comes from; shown beside it. */
export type Provenance =
  'handbook' | 'derived' | 'common practice' | 'estimate' | 'from memory' | 'fitted' | 'yours' | 'exact';

/**
 * A figure together with how it was reached. The tree is made by the very call that computes the value
 * (`reckon`), so an explanation can never drift from its formula.
 */
export interface Reckoned {
  readonly name: string;
  readonly value: number;
  readonly unit: Unit;
  /** The formula in workshop notation, absent on given values. */
  readonly rule?: string;
  readonly source?: Provenance;
  readonly from?: readonly Reckoned[];
  /** Honest range where the truth is a range, same unit. */
  readonly range?: readonly [number, number];
}

/** A value somebody typed, or one read from the build. */
export function given(name: string, value: number, unit: Unit, source?: Provenance): Reckoned {
  return source === undefined ? { name, value, unit } : { name, value, unit, source };
}

/**
 * Compute a figure from others and keep the path.
 * @param rule the formula as a person would write it
 * @param from the figures it uses, handed to `f` as plain numbers in the same order
 */
export function reckon<const T extends readonly Reckoned[]>(
  name: string,
  unit: Unit,
  rule: string,
  from: T,
  f: (...values: { [K in keyof T]: number }) => number,
  source: Provenance = 'derived',
): Reckoned {
  const values = from.map((part) => part.value) as { [K in keyof T]: number };
  return { name, value: f(...values), unit, rule, from, source };
}

/** Add figures of one unit; nothing to add is nought. */
export function total(name: string, unit: Unit, parts: readonly Reckoned[]): Reckoned {
  if (parts.length === 0) return { name, value: 0, unit };
  let value = 0;
  for (const part of parts) value += part.value;
  return {
    name,
    value,
    unit,
    rule: parts.length > 1 ? 'added up' : 'the one part',
    from: parts,
    source: 'derived',
  };
}

/** The same figure under another name, so that a tree reads as the person thinks of it. */
export const named = (name: string, figure: Reckoned): Reckoned => ({ ...figure, name });

/** The same figure with the honest range it lies in. */
export const between = (figure: Reckoned, low: number, high: number): Reckoned => ({
  ...figure,
  range: [low, high],
});
