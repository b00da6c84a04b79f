import { formatMass, reckon, given, type Grams, type Reckoned, type Shown } from '../quantity/index.ts';
import { weighIn } from '../figure/index.ts';
import { pieceOf, wholeOf, type Build, type Tolerance } from '../record/index.ts';
import { drifts, individuals, RUN_RULES, type Drift } from './weigh-checks.ts';

/** How far from its weight a piece may be, share of it, by how alike its makes have to be. Common practice; hidden: estimate. */
export const NEAR_ENOUGH: Readonly<Record<Tolerance, number>> = {
  equal: 0.02,
  mirrored: 0.05,
  varied: 0.1,
  hidden: 0.2,
};
/** A kitchen scale tells no less than this apart, g. Common practice. */
const SCALE_STEP: Grams = 0.1;

/** A step that weighs something. */
interface Weighs {
  readonly piece?: string;
  readonly weigh: { readonly grams: Grams };
}

/** What lies on the scale when so many, or half of one, are weighed at once: opened to what one of them weighs. */
export function onTheScale(build: Build, step: Weighs, together: number): Reckoned<'g'> {
  const piece = step.piece === undefined ? undefined : pieceOf(build, step.piece);
  const gross = piece && weighIn(build, piece).gross;
  const one = gross?.value === step.weigh.grams ? gross : given('One', step.weigh.grams, 'g');
  return together === 1
    ? one
    : reckon(
        'On the scale',
        'g',
        'one × how many',
        [one, given('How many', together, 'pieces')],
        (g, n) => g * n,
      );
}

/** What one weighs when so many lie on the scale together, to a milligram. */
export const eachOf = (grams: Grams, together: number): Grams => Number((grams / together).toFixed(3));

/** How far off one may be, g. */
export function nearEnough(build: Build, step: { readonly piece?: string }, wanted: Grams): Reckoned<'g'> {
  const piece = step.piece === undefined ? undefined : pieceOf(build, step.piece);
  return reckon(
    'Give or take',
    'g',
    'share of it, and never less than the scale tells',
    [
      given('Wanted', wanted, 'g'),
      given('Give or take', 100 * NEAR_ENOUGH[piece?.tolerance ?? 'varied'], '%', 'common practice'),
    ],
    (g, share) => Math.max(SCALE_STEP, (g * share) / 100),
  );
}

/** What a weight on the scale asks for. */
export interface WeightSays {
  readonly state: 'empty' | 'less' | 'near' | 'more';
  /** `a pinch more, 3 g`. */
  readonly text: string;
  /** Of the whole ring, 0 to 1 at what is wanted; a fifth over at the most. */
  readonly filled: number;
}

/** How far round a ring goes at most: a fifth over. Estimate. */
const OVER = 1.2;
/** Less than this share of what is wanted is nothing on the scale yet. Estimate. */
const NOTHING = 0.02;
/** What is missing of it is a pinch, or a little, below these shares. Estimates. */
const [PINCH, LITTLE] = [0.12, 0.4];

/** What to do about a weight, in the words of the bench. */
export function weightSays(grams: Grams, wanted: Grams, within: Grams, shown?: Shown): WeightSays {
  const filled = Math.max(0, Math.min(OVER, grams / wanted));
  if (grams < NOTHING * wanted) return { state: 'empty', text: 'nothing on it yet', filled };
  const off = wanted - grams;
  if (Math.abs(off) <= within + 1e-9) return { state: 'near', text: 'near enough', filled };
  const amount = formatMass(Math.abs(off), shown);
  if (off < 0) return { state: 'more', text: `take ${amount} off`, filled };
  const much = off < PINCH * wanted ? 'a pinch more' : off < LITTLE * wanted ? 'a little more' : 'more';
  return { state: 'less', text: `${much}, ${amount}`, filled };
}

/** What was weighed for one step so far. */
export interface StepWeighings {
  readonly grams: readonly Grams[];
  readonly last?: Grams;
  readonly mean?: Grams;
  /** The rolling has drifted from its target: the newest sign of it. */
  readonly drift?: Drift;
  /** In words, with the rule. */
  readonly says?: string;
}

/** What was weighed for a step, and whether it drifts by the usual run rules. */
export function weighingsOf(build: Build, step: string, wanted: Grams): StepWeighings {
  const grams = (build.bench.weighed ?? [])
    .filter((w) => wholeOf(w.step) === wholeOf(step) && Math.abs(w.wanted - wanted) < 1e-6 + 0.001 * wanted)
    .map((w) => w.grams);
  const last = grams.at(-1);
  if (last === undefined) return { grams };
  const mean = grams.reduce((a, b) => a + b, 0) / grams.length;
  const chart = individuals(grams);
  const drift = chart.ok ? drifts(grams, wanted, chart.value.sigma).at(-1) : undefined;
  const now = drift && drift.at === grams.length - 1 ? drift : undefined;
  return {
    grams,
    last,
    mean,
    ...(now ? { drift: now, says: `Drifting ${now.side}: ${RUN_RULES[now.rule - 1]!.says}.` } : {}),
  };
}
