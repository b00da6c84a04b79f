import { byFormula, formula, given, type Reckoned } from './reckoned.ts';

/**
 * Hands-on minutes of one kind of work. Common practice where beside a record nothing else is said.
 */
export interface Labour {
  /** Getting ready, however many there are. */
  readonly once: number;
  /** The first of them, at the usual size. */
  readonly each: number;
  /** Bigger takes longer: (size ÷ usual) to this power; grams, unless the record says otherwise. */
  readonly size?: { readonly usual: number; readonly power: number };
}

/** In the end a hand that has found its way takes this share of the time of the first; estimate, fitted to lots of 12, 110 and 350. */
const SETTLES = 0.55;
/** On an area the hand has its rhythm sooner. Estimate. */
export const SETTLES_ON_AREA = 0.75;
/** The way there goes with this power of the count. Estimate. */
const POWER = 0.3;

/** Σ k^−b for k = 1 … n with n real, by Euler and Maclaurin: smooth in n, exact to a thousandth. Handbook. */
export function powerSum(n: number, b = POWER): number {
  if (n <= 0) return 0;
  if (n < 1) return n;
  return (n ** (1 - b) - 1) / (1 - b) + (1 + n ** -b) / 2 + (b / 12) * (1 - n ** (-b - 1));
}

/** Mean time of n alike, in times of the first: smooth, falls with every one more, never under what a hand settles at. */
export const rhythm = (n: number, settles = SETTLES): number =>
  n <= 0 ? 0 : settles + ((1 - settles) * powerSum(n)) / n;

const TAKES = formula({
  name: 'Hands-on',
  takes: ['min', 'min', '×', 'pieces'],
  unit: 'min',
  rule: 'once + each × size × n × (0.55 + 0.45 × Σ k^−0.3 ÷ n)',
  source: 'common practice',
  f: (once, each, size, n) => (n > 0 ? once + each * size * n * rhythm(n) : 0),
});

const sizeOf = ({ size }: Labour, of: number | undefined): number =>
  size && of !== undefined && of > 0 ? (of / size.usual) ** size.power : 1;

/** Minutes for n alike, each of a size. */
export const labourOf = (work: Labour, n: number, size?: number): number =>
  TAKES.f(work.once, work.each, sizeOf(work, size), n);

/** The same as a sum that can be opened. */
export const labourSum = (name: string, work: Labour, n: number, size?: number): Reckoned<'min'> =>
  byFormula({ ...TAKES, name }, [
    given('Getting ready', work.once, 'min', 'common practice'),
    given('The first of them', work.each, 'min', 'common practice'),
    given('By its size', sizeOf(work, size), '×', 'estimate'),
    given('How many', n, 'pieces'),
  ]);

/** Minutes for work over an area, cm²: once, and each square centimetre at the pace of one who goes on and on. */
export const areaLabour = (once: number, each: number, cm2: number): number =>
  cm2 > 0 ? once + each * cm2 * rhythm(Math.max(1, cm2 / 10), SETTLES_ON_AREA) : 0;
