import { between, normalCdf, once, solved, type Reckoned } from '../quantity/index.ts';
import type { PasteLaw } from './paste-law.ts';
import { movedBy, NOTHING_LEARNED, type Learned, type LookWeights } from './learned.ts';
import { CLOSING, marginOf, type Duty, type Question } from './margins.ts';
import {
  slabOf,
  sweep,
  type Air,
  type DryingSlab,
  type DryingHistory,
  type Spell,
  type SweepOptions,
} from './sweep.ts';

/** Minutes after shaping: one in ten is faster, one in two, nine in ten; Infinity is not in this room. */
export interface Band {
  readonly fast: number;
  readonly likely: number;
  readonly slow: number;
}

/**
 * Air is looked at as it is said and at so many spreads to either side, near where one in ten and nine in ten lie, with shares that
 * keep the spread: w = 1 ÷ 2 a². Derived.
 */
const OUT = 1.356;
const SIDE = 1 / (2 * OUT * OUT);
const MIDDLE = 1 - 2 * SIDE;

/** Spread of what is put in: humidity to five points, sizes to a tenth. What a kitchen taught is the rest. */
export const SPREAD = { humidity: 0.05, size: 1.1 };

/** The four sweeps a band is made from: as given, damper, drier, larger; each is run when it is first asked for. */
export interface FirmingFamily {
  readonly likely: DryingHistory;
  readonly damper: DryingHistory;
  readonly drier: DryingHistory;
  readonly larger: DryingHistory;
  /** Shares of the ingredients, the lever of one of them being firmer than listed. */
  readonly weights: LookWeights;
  /** Written out, a family is what it is made of; its histories would fill pages. */
  readonly toJSON: () => { weights: LookWeights };
}

// The neighbours stand for what may be: a coarser sweep serves.
const COARSE: SweepOptions = { cells: 14, ratio: 1.32, firstStep: 8 };

/**
 * The sweeps of a body in its air, of which a band is made; none is run before it is asked for.
 * @param body volume mm³, area mm², depth from the face mm, and how it faces the air
 */
export function firmingFamily(
  law: PasteLaw,
  body: {
    volume: number;
    area: number;
    depth: number;
    facing: number;
    thickness: number;
    kind: 'rod' | 'sheet';
    coat: boolean;
  },
  air: Air | readonly Spell[],
  weights: LookWeights,
): FirmingFamily {
  const slab = (k: number): DryingSlab =>
    slabOf(
      body.volume * k ** 3,
      body.area * k ** 2,
      body.depth * k,
      body.facing * k,
      body.thickness * k,
      body.kind,
      body.coat,
    );
  const one = slab(1);
  const moved = (by: number) => {
    const other = (a: Air): Air => ({ ...a, humidity: Math.min(0.99, Math.max(0.02, a.humidity + by)) });
    return 'length' in air ? air.map((s) => ({ ...s, air: other(s.air) })) : other(air);
  };
  const likely = once(() => sweep(law, one, air));
  const moist = once(() => sweep(law, one, moved(OUT * SPREAD.humidity), COARSE));
  const arid = once(() => sweep(law, one, moved(-OUT * SPREAD.humidity), COARSE));
  const larger = once(() => sweep(law, slab(SPREAD.size), air, COARSE));
  return {
    get likely() {
      return likely();
    },
    get damper() {
      return moist();
    },
    get drier() {
      return arid();
    },
    get larger() {
      return larger();
    },
    weights,
    toJSON: () => ({ weights }),
  };
}

/** Value of a margin at a moment between two records, in the logarithm of time. */
function at(h: DryingHistory, margin: (i: number) => number, seconds: number): number {
  const t = h.seconds;
  const last = t.length - 1;
  if (seconds <= t[1]!) return margin(1);
  if (seconds >= t[last]!) return margin(last);
  let low = 1;
  let high = last;
  while (high - low > 1) {
    const mid = (low + high) >> 1;
    if (t[mid]! <= seconds) low = mid;
    else high = mid;
  }
  const f = Math.log(seconds / t[low]!) / Math.log(t[high]! / t[low]!);
  const a = margin(low);
  return a + f * (margin(high) - a);
}

/** A margin this far below zero gives less than one chance in ten with any spread met; measured under 2. */
const HOPELESS = -2.6;

/**
 * Fast, likely and slow minutes for one question.
 * P(yes by t) = Σ w Φ((m + φ w) ÷ √(j′ C j + Δsize²)) over air as said, drier and damper, each swept whole: near the balance
 * humidity no slope tells what another air would do. j = (−dm/dln t, w), with times drawn out by e^θ; the band is where P is 0.1,
 * 0.5, 0.9. Nothing seen yet, C is 0.3² for the kitchen and 0.2² for each ingredient.
 * For closing questions P is the chance that it has closed.
 */
export function bandOf(
  family: FirmingFamily,
  question: Question,
  duty: Duty = {},
  learned: Learned = NOTHING_LEARNED,
): Band | undefined {
  const h = family.likely;
  const margin = marginOf(h, question, duty);
  const damp = marginOf(family.damper, question, duty);
  const dry = marginOf(family.drier, question, duty);
  const large = marginOf(family.larger, question, duty);
  if (!margin || !damp || !dry || !large) return undefined;
  const sign = CLOSING.has(question) ? -1 : 1;
  const { shift, variance } = movedBy(learned, question, family.weights);
  const n = h.seconds.length;
  const wanted = [0.1, 0.5, 0.9];
  const found = [Infinity, Infinity, Infinity];
  let lastP = 0;
  for (let i = 1; i < n; i++) {
    const m = margin(i);
    const moved = m + shift;
    const inDry = at(family.drier, dry, h.seconds[i]!) + shift;
    // so far from the answer that no spread there is could bring it near: nothing to work out yet
    if (Math.max(sign * moved, sign * inDry) < HOPELESS) continue;
    const j = Math.max(2, i);
    const slope = (margin(j) - margin(j - 1)) / Math.log(h.seconds[j]! / h.seconds[j - 1]!);
    const inDamp = at(family.damper, damp, h.seconds[i]!) + shift;
    const dLarge = at(family.larger, large, h.seconds[i]!) - m;
    const spread = Math.sqrt(variance(slope) + dLarge * dLarge + 1e-4);
    const yes = (x: number) => normalCdf((sign * x) / spread);
    const p = Math.max(lastP, MIDDLE * yes(moved) + SIDE * (yes(inDry) + yes(inDamp)));
    for (let q = 0; q < 3; q++)
      if (found[q] === Infinity && p >= wanted[q]!) {
        const a = h.seconds[i - 1]!;
        const b = h.seconds[i]!;
        const f = (wanted[q]! - lastP) / (p - lastP);
        found[q] = (i === 1 || a === 0 ? b * Math.min(1, Math.max(0, f)) : a * (b / a) ** f) / 60;
      }
    if (found[2] !== Infinity) break;
    lastP = p;
  }
  const slower = Math.exp(learned.theta);
  return { fast: found[0]! * slower, likely: found[1]! * slower, slow: found[2]! * slower };
}

/** A band as a figure with its range, for the screens' why; minutes. */
export const bandFigure = (
  name: string,
  band: Band,
  rule: string,
  from: readonly Reckoned[],
): Reckoned<'min'> => between(solved(name, band.likely, 'min', rule, from, 'fitted'), band.fast, band.slow);
