import { given, reckon, type Mm, type Reckoned } from '../quantity/index.ts';
import type { Takes } from './takes.ts';

/** A ball covered by one round, laid on its top, stroked down and gathered where nobody looks. */
export interface Gathered {
  /** Across the round to roll, mm; and the least that does not tear. */
  readonly round: Reckoned;
  readonly least: Reckoned;
  readonly rolled: Reckoned;
  readonly stays: Reckoned;
  readonly off: Reckoned;
  /** On the top, where it is drawn most, mm. */
  readonly thinnest: Reckoned;
  /** From the top over the skin, mm: smooth so far, in folds from there on. */
  readonly smooth: Reckoned;
  readonly folds: Reckoned;
  /** What is wrong with it, in words. */
  readonly says: readonly string[];
}

/** Of what the sheet may be drawn, so much is used; the rest is for the hand. Estimate. */
const USED = 0.5;
/** Left of the ponytail where it is cut off; common practice, an inch. */
const TAIL: Mm = 25;

/** The angle at which a rising or falling function passes a value, between nothing and half round. */
function angleWhere(f: (angle: number) => number, value: number): number {
  let [low, high] = [1e-6, Math.PI - 1e-6];
  const rises = f(high) > f(low);
  for (let k = 0; k < 60; k++) {
    const mid = (low + high) / 2;
    if (f(mid) < value === rises) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}
const foldsAt = (stretch: number, worked: number): number =>
  angleWhere((a) => a / Math.sin(a), worked * stretch * stretch);
const smoothTo = (stretch: number, ease: number): number =>
  angleWhere((a) => Math.sin(a) / a, ease / stretch);

/** Paste that is left on a ball, g: thinner on top, thicker round the sides as it is pushed together, at most as thick as it is worked. */
function keptOn(d: Mm, t: Mm, pull: number, worked: number, rho: number): number {
  const stretch = 1 + pull / 100;
  const T = worked / 100;
  const r = d / 2;
  const folds = foldsAt(stretch, T);
  const share = (folds * folds) / 2 + T * stretch * stretch * (1 + Math.cos(folds));
  return ((t / (stretch * stretch)) * 2 * Math.PI * r * r * share * rho) / 1000;
}

/**
 * A round gathered over a ball. Derived from a sheet that is drawn evenly from the top down and pushed together round the ball;
 * what it takes is an estimate.
 * @param d across the ball, mm
 * @param t rolled thickness, mm
 */
export function gatheredOver(d: Mm, t: Mm, takes: Takes, density: Reckoned<'g/cm³'>): Gathered {
  const across = given('Ball, across', d, 'mm');
  const thick = given('Rolled to', t, 'mm');
  const tail = given('Tail that is cut off', TAIL, 'mm', 'common practice');
  const tears = given('Tears when drawn longer by', takes.pull, '%', 'estimate');
  const worked = given('Pushed together it is worked to', takes.worked, '%', 'estimate');
  const ease = given('Pushed together without a fold to', takes.ease, '%', 'estimate');
  const pull = reckon('Drawn longer by', '%', 'half of what tears it', [tears], (x) => x * USED);
  const round = reckon(
    'Roll a round of',
    'mm',
    'π × across ÷ (1 + drawn) + 2 × tail',
    [across, pull, tail],
    (x, e, a) => (Math.PI * x) / (1 + e / 100) + 2 * a,
  );
  const rolled = reckon(
    'Rolled out',
    'g',
    'π ÷ 4 × round² × thickness × density',
    [round, thick, density],
    (x, s, rho) => ((Math.PI / 4) * x * x * s * rho) / 1000,
  );
  const stays = reckon(
    'Stays on the ball',
    'g',
    'thinned on the top, pushed together round the sides, as thick as it is worked below',
    [across, thick, pull, worked, density],
    keptOn,
  );
  const thinnest = reckon(
    'Thinnest, on the top',
    'mm',
    'thickness ÷ (1 + drawn)²',
    [thick, pull],
    (s, e) => s / (1 + e / 100) ** 2,
  );
  const shows = takes.hides > thinnest.value;
  return {
    round,
    rolled,
    stays,
    thinnest,
    least: reckon(
      'Tears below',
      'mm',
      'π × across ÷ (1 + what tears it) + 2 × tail',
      [across, tears, tail],
      (x, e, a) => (Math.PI * x) / (1 + e / 100) + 2 * a,
    ),
    off: reckon('Comes off again', 'g', 'rolled − stays', [rolled, stays], (a, b) => a - b),
    smooth: reckon(
      'Smooth so far from the top',
      'mm',
      'radius × the angle at which it has to be pushed together more than it takes',
      [across, pull, ease],
      (x, e, k) => (x / 2) * smoothTo(1 + e / 100, k / 100),
    ),
    folds: reckon(
      'Folds from there on',
      'mm',
      'radius × the angle at which it is as thick as it is worked',
      [across, pull, worked],
      (x, e, w) => (x / 2) * foldsAt(1 + e / 100, w / 100),
    ),
    says: shows
      ? [
          `Rolled to ${t} mm its top ends at ${thinnest.value.toFixed(1)} mm and shows what is under it: roll ${(Math.ceil(takes.hides * (1 + pull.value / 100) ** 2 * 2) / 2).toFixed(1)} mm or more.`,
        ]
      : [],
  };
}
