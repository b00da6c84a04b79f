import { between, given, reckon, roundTo, type Grams, type Reckoned } from '../quantity/index.ts';
import { DEPTH_DROPS, POTS, type ColourDepth, type PotKind } from './pots.ts';

/** What is known of a colour: nothing but its kind, what it took in another base, or what it took in this one. */
export type DoseKnown = 'nothing' | 'other base' | 'this base';

/** Spread of a dose in its logarithm: the pot, one drop beside another, the base. Estimate. */
const SPREADS: Readonly<
  Record<DoseKnown, { readonly pot: number; readonly drop: number; readonly base: number }>
> = {
  nothing: { pot: 0.45, drop: 0.15, base: 0.1 },
  'other base': { pot: 0.15, drop: 0.1, base: 0.15 },
  'this base': { pot: 0.03, drop: 0.08, base: 0.03 },
};
/** Half a drop either way, as a spread: 1 ÷ √12. Derived. */
const HALF_DROP = 0.289;
/** One in ten lies below and one in ten above so many spreads. Handbook. */
const NINE_IN_TEN = 1.2816;

/** How much colour, and how to get there without going too far. */
export interface Dose {
  /** Drops, or grams of powder; the range is one in ten to nine in ten. */
  readonly amount: Reckoned<'drops' | 'g'>;
  /** Put in first: the low end, at least a drop. */
  readonly first: number;
  /** Then so much at a time: a quarter of what is in, and no more than a quarter of what may still be missing. */
  readonly then: number;
  /** What it is most likely to come to, as it is counted. */
  readonly likely: number;
  readonly by: 'drops' | 'g';
}

/** What one dose is asked of. */
export interface DoseAsked {
  readonly kind: PotKind;
  readonly depth: ColourDepth;
  /** Drops of gel for 100 g, where a mix was reckoned. */
  readonly per100?: number | undefined;
  readonly grams: Reckoned;
  /** The base beside white covering paste. */
  readonly base: number;
  /** What it took once, in drops or g, for so much paste. */
  readonly took?: { readonly amount: number; readonly grams: Grams } | undefined;
  readonly known: DoseKnown;
}

/** How far apart nine in ten and the middle lie, as a factor. @param drops counted by the drop, in all */
export function doseSpread(known: DoseKnown, drops: number): number {
  const { pot, drop, base } = SPREADS[known];
  const n = Math.max(drops, 0.1);
  return Math.exp(NINE_IN_TEN * Math.sqrt(pot ** 2 + base ** 2 + drop ** 2 / n + (HALF_DROP / n) ** 2));
}

/** Drops, or grams, of one pot for a batch. Estimate from its kind; from what it took as soon as that is known. */
export function doseOf({ kind, depth, per100, grams, base, took, known }: DoseAsked): Dose {
  const { by, forDrop } = POTS[kind];
  const unit = by;
  const mid = took
    ? reckon(
        'Colour',
        unit,
        'what it took × this batch ÷ that batch',
        [given('It took', took.amount, unit, 'yours'), grams, given('In', took.grams, 'g', 'yours')],
        (x, g, was) => (x * g) / was,
      )
    : reckon(
        'Colour',
        unit,
        'drops of gel for 100 g × batch ÷ 100 × kind × base',
        [
          per100 === undefined
            ? given(
                `Drops of gel for 100 g of white paste, ${depth}`,
                DEPTH_DROPS[depth],
                'drops',
                'estimate',
              )
            : given('Drops of gel for 100 g, by the mix', per100, 'drops', 'estimate'),
          grams,
          given(`For a drop of gel, of this kind`, forDrop, unit, 'estimate'),
          given('This base beside white paste', base, '×', 'estimate'),
        ],
        (d, g, k, b) => ((d * g) / 100) * k * b,
      );
  // powder is weighed: nothing of it is counted by the drop
  const spread = doseSpread(known, by === 'drops' ? mid.value : Infinity);
  const [low, high] = [mid.value / spread, mid.value * spread];
  const step = by === 'drops' ? 1 : 0.01;
  const first = Math.max(step, Math.floor(low / step + 1e-9) * step);
  return {
    amount: between(mid, low, high),
    first: roundTo(first, step),
    then: roundTo(Math.max(step, Math.round(Math.min(first, high - first) / 4 / step) * step), step),
    likely: roundTo(Math.max(step, mid.value), step),
    by,
  };
}

/** From so many on, drops are weighed: nobody counts them. Common practice. */
const COUNTED = 40;
/** One drop of gel weighs so much, g; twenty on one's own scale tell. Estimate. */
const DROP_GRAMS = 0.04;

/** What so many drops weigh, where they are too many to count; undefined where they are counted. */
export const dropsByScale = (drops: number): Grams | undefined =>
  drops < COUNTED ? undefined : drops * DROP_GRAMS;

/** Batches grow to whole drops in steps of so many grams, by a quarter at the most. Steps of the method; estimate. */
const [STEP, MOST] = [5, 1.25];
/** A gram too many counts as much as this share of a drop's rounding. Estimate. */
const GRAM = 0.002;

/** How far the worst of several doses is from whole drops, as a share. */
const worstOff = (per100: readonly number[], grams: Grams): number =>
  Math.max(
    ...per100.map((d) => Math.abs(Math.max(1, Math.round((d * grams) / 100)) / ((d * grams) / 100) - 1)),
  );

/**
 * The batch that comes out in whole drops: at least what is needed, at most a quarter more. Drops are not rounded, the batch is.
 * @param per100 drops of each pot for 100 g
 */
export function wholeDrops(
  per100: readonly number[],
  need: Grams,
): { readonly grams: Grams; readonly drops: readonly number[]; readonly off: number } {
  let best = { grams: need, cost: Infinity };
  for (let g = Math.ceil(need / STEP) * STEP; g <= need * MOST + STEP; g += STEP) {
    const cost = worstOff(per100, g) + GRAM * (g - need);
    if (cost < best.cost - 1e-12) best = { grams: g, cost };
  }
  const drops = per100.map((d) => Math.max(1, Math.round((d * best.grams) / 100)));
  return { grams: best.grams, drops, off: worstOff(per100, best.grams) };
}

/** Least batch in which half a drop is no more than a tenth of the least dose. Derived. */
export const smallestByDrops = (per100: readonly number[]): Reckoned =>
  reckon(
    'Smallest batch by the drop',
    'g',
    'half a drop ÷ (a tenth × drops for 100 g) × 100',
    [given('Drops for 100 g, of the least', Math.min(...per100), 'drops', 'derived')],
    (d) => 50 / (0.1 * d),
  );

/** A mother batch is this much, g. Common practice. */
const MOTHER: Grams = 20;
/** Under so many drops one more or less is another colour. Estimate. */
const TOO_FEW = 2;

/**
 * Where a dose is under two drops: a little paste is coloured by the drop, and so much of it is kneaded in by the scale.
 * Undefined where it can be counted.
 */
export function motherBatch(
  drops: number,
  grams: Grams,
):
  | { readonly drops: number; readonly mother: Grams; readonly take: Reckoned; readonly plain: Reckoned }
  | undefined {
  if (!(drops > 0) || drops >= TOO_FEW) return undefined;
  // as strong as makes ten parts of plain one of it
  const inMother = Math.max(2, Math.round((10 * drops * MOTHER) / grams));
  const take = reckon(
    'Of the mother batch',
    'g',
    'drops wanted ÷ drops in the mother batch × its weight',
    [given('Drops wanted', drops, 'drops', 'derived'), given('Drops in it', inMother, 'drops'), given('Mother batch', MOTHER, 'g', 'common practice')], // prettier-ignore
    (d, n, m) => (d * m) / n,
  );
  return {
    drops: inMother,
    mother: MOTHER,
    take,
    plain: reckon(
      'Plain paste',
      'g',
      'batch − mother batch',
      [given('Batch', grams, 'g'), take],
      (g, t) => g - t,
    ),
  };
}

/** One shade of a ladder, darkest first. */
export interface Rung {
  /** Of the first one's colour. */
  readonly strength: number;
  readonly made: Reckoned;
  /** Taken of the shade before it, and plain paste kneaded into that; the first is coloured itself. */
  readonly taken?: Reckoned;
  readonly plain?: Reckoned;
  readonly keep: Grams;
}

/**
 * Shades let down from one mix: a share of each is taken and kneaded with plain paste to the next. Nothing is counted but the
 * first. Derived; halves come out even to the eye.
 * @param keep g that are wanted of each, darkest first @param parts one part of colour in so many
 */
export function ladderOf(keep: readonly Grams[], parts: number): Rung[] {
  const rungs: Rung[] = [];
  let after: Reckoned | undefined;
  for (let k = keep.length - 1; k >= 0; k--) {
    const wanted = given('To keep', keep[k]!, 'g', 'yours');
    const made = after
      ? reckon('Made of it', 'g', 'to keep + taken for the next', [wanted, after], (a, b) => a + b)
      : reckon('Made of it', 'g', 'to keep', [wanted], (a) => a);
    const share = given('One part in', parts, '');
    const taken = reckon('Taken of the one before', 'g', 'made ÷ parts', [made, share], (m, p) => m / p);
    const rung = { strength: parts ** -k, made, keep: keep[k]! };
    rungs.unshift(
      k === 0
        ? rung
        : {
            ...rung,
            taken,
            plain: reckon('Plain paste to it', 'g', 'made − taken', [made, taken], (m, t) => m - t),
          },
    );
    after = taken;
  }
  return rungs;
}

/** Drops of thinner to one drop of colour, as paint is wanted. Estimate. */
export const THINNED = { solid: 0.5, watered: 4, wash: 12 } as const;

/** Goes on in one pass, g/m²; past the figure, share; stays in the gun, mL. Estimates. */
const [FILM, PAST, IN_GUN] = [10, 0.5, 0.3];
/** One drop, mL. Estimate. */
const DROP_ML = 0.045;

/** What goes into the airbrush's cup. @param cm2 to cover @param passes over it */
export function airbrushCup(
  cm2: number,
  passes: number,
): { readonly ml: Reckoned; readonly drops: Reckoned } {
  const ml = reckon(
    'Into the cup',
    'mL',
    'area × passes × film ÷ share that lands + what stays in the gun',
    [
      given('To cover', cm2, 'cm²', 'yours'),
      given('Passes', passes, '', 'yours'),
      given('Film of one pass', FILM, 'g/m²', 'estimate'),
      given('Share that lands', 100 * (1 - PAST), '%', 'estimate'),
      given('Stays in the gun', IN_GUN, 'mL', 'estimate'),
    ],
    (a, n, f, land, gun) => (a * n * f) / 1e4 / (land / 100) + gun,
  );
  return {
    ml,
    drops: reckon(
      'Drops',
      'drops',
      'millilitres ÷ one drop',
      [ml, given('One drop', DROP_ML, 'mL', 'estimate')],
      (v, d) => v / d,
    ),
  };
}
