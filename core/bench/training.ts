import { materialOf } from '../pastes/index.ts';
import { given, reckon, type Grams, type Mm, type Reckoned } from '../quantity/index.ts';
import { ballFromMass } from '../solids/index.ts';

/** One try of the hand: a ball to a weight, by feel, its weight guessed, and then weighed. */
export interface HandTry {
  /** ISO. */
  readonly at: string;
  readonly target: Grams;
  /** Guessed before it was weighed. */
  readonly guess?: Grams;
  readonly weighed: Grams;
}

/** Sizes that are told apart, g. Common practice: eyes and noses, limbs, heads, bodies. */
export const HAND_SIZES = [
  { id: 'tiny', name: 'under 5 g', from: 0.2, to: 5, practise: [1, 2, 3, 4] },
  { id: 'small', name: '5 to 20 g', from: 5, to: 20, practise: [6, 8, 12, 15] },
  { id: 'middle', name: '20 to 80 g', from: 20, to: 80, practise: [25, 36, 50, 70] },
  { id: 'large', name: 'over 80 g', from: 80, to: 2000, practise: [90, 120, 150, 200] },
] as const;
export type HandSize = (typeof HAND_SIZES)[number];

/** What the tries of one size say. */
export interface HandReport {
  readonly size: HandSize;
  readonly tries: number;
  /** How far off on average, per cent: more than nothing is too heavy; undefined before the first try. */
  readonly rolls: Reckoned<'%'> | undefined;
  readonly guesses: Reckoned<'%'> | undefined;
  /** Two in three lie within so much of that, per cent; from three tries on. */
  readonly spread: Reckoned<'%'> | undefined;
}

/** Tries from which a spread means something; common practice. */
const ENOUGH = 3;
/** Of many tries the last count: a hand learns. Estimate. */
const LAST = 30;

/** About how large a ball of covering paste of so many grams is, mm. */
export const handBall = (grams: Grams): Mm => ballFromMass(grams, materialOf('fondant').density);

const mean = (x: readonly number[]): number => x.reduce((a, b) => a + b, 0) / x.length;

/** Mean of ratios, by their logarithms: twice and half come out even. @returns per cent off */
function offBy(name: string, ratios: readonly number[]): Reckoned<'%'> | undefined {
  if (ratios.length === 0) return undefined;
  return reckon(
    name,
    '%',
    '100 × (geometric mean of its weight ÷ what was meant − 1)',
    [
      given('Geometric mean', Math.exp(mean(ratios.map(Math.log))), '×', 'yours'),
      given('Tries', ratios.length, 'pieces', 'yours'),
    ],
    (m, n) => (n > 0 ? 100 * (m - 1) : 0),
  );
}

function spreadOf(ratios: readonly number[]): Reckoned<'%'> | undefined {
  if (ratios.length < ENOUGH) return undefined;
  const logs = ratios.map(Math.log);
  const m = mean(logs);
  const sd = Math.sqrt(logs.reduce((s, x) => s + (x - m) ** 2, 0) / (logs.length - 1));
  return reckon(
    'Spread',
    '%',
    '100 × (e to the standard deviation of the logarithms − 1)',
    [given('Standard deviation of the logarithms', sd, '', 'yours')],
    (s) => 100 * (Math.exp(s) - 1),
  );
}

const sizeOf = (target: Grams): HandSize =>
  HAND_SIZES.find((s) => target < s.to) ?? HAND_SIZES[HAND_SIZES.length - 1]!;

/** How a hand does, size by size. */
export const handReport = (tries: readonly HandTry[]): HandReport[] =>
  HAND_SIZES.map((size) => {
    const mine = tries.filter((t) => t.target > 0 && t.weighed > 0 && sizeOf(t.target) === size).slice(-LAST);
    const rolled = mine.map((t) => t.weighed / t.target);
    const guessed = mine.flatMap((t) => (t.guess !== undefined && t.guess > 0 ? [t.guess / t.weighed] : []));
    return {
      size,
      tries: mine.length,
      rolls: offBy('Rolled', rolled),
      guesses: offBy('Guessed', guessed),
      spread: spreadOf(rolled),
    };
  });

/** What to practise next: the size there is least of, then the one that scatters most. @param turn counts on, so that it is not always the same */
export function nextTarget(tries: readonly HandTry[], turn: number): Grams {
  const [size] = handReport(tries)
    .map((r) => ({ ...r, wide: r.spread?.value ?? Infinity }))
    .sort((a, b) => Math.min(a.tries, ENOUGH) - Math.min(b.tries, ENOUGH) || b.wide - a.wide);
  const { practise } = size!.size;
  return practise[turn % practise.length]!;
}

/** What a hand does, in words. */
export function handWords({ rolls, spread }: HandReport): string {
  if (!rolls) return 'not tried yet';
  const off = Math.round(rolls.value);
  const way = off === 0 ? 'on the spot' : `${Math.abs(off)} % too ${off > 0 ? 'heavy' : 'light'}`;
  return spread ? `${way}, give or take ${Math.round(spread.value)} %` : way;
}
