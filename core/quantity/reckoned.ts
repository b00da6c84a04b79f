import type { Unit } from './units.ts';

/** Where a value or a formula comes from; shown beside it. */
export type Provenance =
  'handbook' | 'derived' | 'common practice' | 'estimate' | 'from memory' | 'fitted' | 'yours' | 'exact';

/**
 * A figure together with how it was reached. The tree is made by the very call that computes the value
 * (`reckon`, `byFormula`), so an explanation can never drift from its formula.
 */
export interface Reckoned<U extends Unit = Unit> {
  readonly name: string;
  readonly value: number;
  readonly unit: U;
  /** The formula in workshop notation, absent on given values. */
  readonly rule?: string;
  readonly source?: Provenance;
  readonly from?: readonly Reckoned[];
  /** Honest range where the truth is a range, same unit. */
  readonly range?: readonly [number, number];
}

/** A bare number for each of several. */
export type Numbers<T> = { readonly [K in keyof T]: number };

/**
 * A formula as a record: what it gives, how a person would write it, where it comes from, and the sum itself. The same one
 * computes a bare number (`f`) and a figure that can be opened (`byFormula`). It reads its inputs and constants of its
 * module only; a lint rule sees to that.
 * @example
 * const bending = formula({ name: 'Moment', takes: ['N', 'mm'], unit: 'N·mm', rule: 'force × lever', f: (F, a) => F * a });
 */
export interface Formula<A extends readonly Unit[] = readonly Unit[], U extends Unit = Unit> {
  readonly name: string;
  /** Units of its inputs, in order. */
  readonly takes: A;
  readonly unit: U;
  readonly rule: string;
  /** Derived where nothing is said. */
  readonly source?: Provenance;
  readonly f: (...values: Numbers<A>) => number;
}

/**
 * A formula as a record: its name, the units it takes and gives, its rule as a person would write it, its source, and the sum.
 * @example const AREA = formula({ name: 'Area', takes: ['mm', 'mm'], unit: 'mm²', rule: 'length × width', f: (l, w) => l * w });
 */
export const formula = <const A extends readonly Unit[], U extends Unit>(
  record: Formula<A, U>,
): Formula<A, U> => record;

/** A value somebody typed, or one read from the build. */
export function given<U extends Unit>(
  name: string,
  value: number,
  unit: U,
  source?: Provenance,
): Reckoned<U> {
  return source === undefined ? { name, value, unit } : { name, value, unit, source };
}

/** A figure that remembers its sum, so that a test may do it again. */
class Sum<U extends Unit> implements Reckoned<U> {
  readonly #f: (...values: number[]) => number;
  readonly name: string;
  readonly value: number;
  readonly unit: U;
  readonly rule: string;
  readonly from: readonly Reckoned[];
  readonly source: Provenance;
  declare readonly range?: readonly [number, number];

  constructor(
    of: Omit<Reckoned<U>, 'value' | 'rule' | 'from' | 'source'> &
      Required<Pick<Reckoned, 'rule' | 'from' | 'source'>>,
    f: (...values: number[]) => number,
    value = f(...of.from.map((part) => part.value)),
  ) {
    this.#f = f;
    this.name = of.name;
    this.value = value;
    this.unit = of.unit;
    this.rule = of.rule;
    this.from = of.from;
    this.source = of.source;
    if (of.range) this.range = of.range;
  }

  /** The same sum told otherwise. */
  told(as: Partial<Pick<Reckoned, 'name' | 'range' | 'source'>>): Sum<U> {
    return new Sum({ ...this, ...as }, this.#f, this.value);
  }

  /** The sum done over with other inputs. */
  again(values: readonly number[]): number {
    return this.#f(...values);
  }
}

/**
 * Compute a figure from others and keep the path.
 * @param rule the formula as a person would write it
 * @param from the figures it uses, handed to `f` as plain numbers in the same order
 * @param f reads its inputs and constants of its module, nothing else (a lint rule)
 */
export function reckon<const T extends readonly Reckoned[], U extends Unit>(
  name: string,
  unit: U,
  rule: string,
  from: T,
  f: (...values: Numbers<T>) => number,
  source: Provenance = 'derived',
): Reckoned<U> {
  return new Sum({ name, unit, rule, from, source }, f as (...values: number[]) => number);
}

/**
 * The figure a formula gives from figures of the units it takes.
 * @param as another name or rule than the formula's own, where this use has one
 */
export function byFormula<const A extends readonly Unit[], U extends Unit>(
  { name, unit, rule, f, source = 'derived' }: Formula<A, U>,
  from: { readonly [K in keyof A]: Reckoned<A[K]> },
  as: Partial<Pick<Reckoned, 'name' | 'rule' | 'source'>> = {},
): Reckoned<U> {
  const parts = from as readonly Reckoned[];
  return new Sum({ name, unit, rule, source, ...as, from: parts }, f as (...values: number[]) => number);
}

/**
 * A figure found by a numerical method from those it depends on: no formula a person could do over, but a named method and
 * everything that went into it.
 * @param method its name, as the field calls it
 */
export const solved = <U extends Unit>(
  name: string,
  value: number,
  unit: U,
  method: string,
  from: readonly Reckoned[],
  source: Provenance,
): Reckoned<U> => ({ name, value, unit, rule: method, from, source });

const addedUp = (...parts: number[]): number => {
  let sum = 0;
  for (const part of parts) sum += part;
  return sum;
};

/** Add figures of one unit; nothing to add is nought. */
export function total<U extends Unit>(name: string, unit: U, parts: readonly Reckoned<U>[]): Reckoned<U> {
  if (parts.length === 0) return { name, value: 0, unit };
  const rule = parts.length > 1 ? 'added up' : 'the one part';
  return new Sum({ name, unit, rule, from: parts, source: 'derived' }, addedUp);
}

const told = <U extends Unit>(
  figure: Reckoned<U>,
  as: Partial<Pick<Reckoned, 'name' | 'range' | 'source'>>,
): Reckoned<U> => (figure instanceof Sum ? (figure as Sum<U>).told(as) : { ...figure, ...as });

/** The same figure under another name, so that a tree reads as the person thinks of it. */
export const named = <U extends Unit>(name: string, figure: Reckoned<U>): Reckoned<U> =>
  told(figure, { name });

/** The same figure with the honest range it lies in. */
export const between = <U extends Unit>(figure: Reckoned<U>, low: number, high: number): Reckoned<U> =>
  told(figure, { range: [low, high] });

/**
 * A figure's own formula applied to inputs, in order; nothing where no formula made it.
 * Applied to the values it shows it gives its own.
 */
export const applied = (figure: Reckoned, inputs: readonly number[]): number | undefined =>
  figure instanceof Sum ? figure.again(inputs) : undefined;
