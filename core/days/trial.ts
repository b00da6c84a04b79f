import { byFormula, formula, given, rhythm, type Minutes, type Reckoned } from '../quantity/index.ts';
import { wholeOf } from '../record/index.ts';
import type { Step } from './types.ts';

/** Of so many and more a trial is worth its while, and so many are tried. Common practice. */
export const WORTH_A_TRIAL = 30;
export const TRIED = 10;

/** A trial of k counts for k of k + 2: two that were awkward do not make a lot slow. Estimate. */
const DOUBT = 2;

const SCALED = formula({
  name: 'All of them',
  takes: ['min', 'pieces', 'pieces', 'min'],
  unit: 'min',
  rule: 'as reckoned × (took ÷ reckoned for as many as were tried)^(tried ÷ (tried + 2)); a hand finds its way, so that many take less than the first times their number',
  source: 'estimate',
  f: (whole, all, tried, took) => {
    const reckoned = (whole * tried * rhythm(tried)) / (all * rhythm(all));
    return whole * (took / reckoned) ** (tried / (tried + DOUBT));
  },
});

/** What is known of a lot of which some were timed. */
export interface Lot {
  /** Whole id of the step. */
  readonly id: string;
  readonly all: number;
  /** As it is planned, all parts together. */
  readonly minutes: Minutes;
}

/** The lot a step belongs to, with all its parts; undefined where it is no lot that is worth a trial. */
export function lotOf(step: Step, steps: readonly Step[]): Lot | undefined {
  const all = step.alike ?? 0;
  if (all < WORTH_A_TRIAL) return undefined;
  const id = wholeOf(step.id);
  const minutes = steps.reduce((sum, s) => (wholeOf(s.id) === id ? sum + s.minutes : sum), 0);
  return { id, all, minutes };
}

/** Minutes of a whole lot when some of it took so long. */
export const scaledLot = (lot: Lot, tried: number, took: Minutes): Reckoned<'min'> =>
  byFormula(SCALED, [
    given('As reckoned', lot.minutes, 'min', 'common practice'),
    given('All of them', lot.all, 'pieces'),
    given('Tried', tried, 'pieces', 'yours'),
    given('They took', took, 'min', 'yours'),
  ]);
