import { given, reckon, type Mm, type Reckoned } from '../quantity/index.ts';
import { foldsFrom, smoothTo, stayingOn, type Profile } from './profile.ts';
import type { Takes } from './takes.ts';
import type { Way } from './ways.ts';

/** What a rolled sheet becomes over a core. */
export interface Sheet {
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
}

/**
 * A sheet over a body, drawn evenly on its way down and pushed together round it. Derived from the length of the way down and
 * round; what the paste takes is an estimate.
 * @param t rolled thickness, mm
 */
export function sheetOver(
  profile: Profile,
  t: Mm,
  way: Way,
  takes: Takes,
  density: Reckoned<'g/cm³'>,
): Sheet {
  const reach = given(
    'Over the skin on the longest side, from the top to where it ends',
    profile.longest,
    'mm',
    'derived',
  );
  const thick = given('Rolled to', t, 'mm');
  const over = given(way.overName, way.over, 'mm', 'common practice');
  const tears = given('Tears when drawn longer by', takes.pull, '%', 'estimate');
  const share = given('Drawn of that', way.drawn, '%', 'estimate');
  const worked = given('Thickest it is worked to', Math.min(takes.worked, way.worked), '%', 'estimate');
  const ease = given('Pushed together without a fold to', takes.ease, '%', 'estimate');
  const pull = reckon(
    'Drawn longer by',
    '%',
    'what tears it × share',
    [tears, share],
    (x, k) => (x * k) / 100,
  );
  const round = reckon(
    'Roll a round of',
    'mm',
    '2 × over the skin ÷ (1 + drawn) + 2 × what is over',
    [reach, pull, over],
    (x, e, a) => (2 * x) / (1 + e / 100) + 2 * a,
  );
  const rolled = reckon(
    'Rolled out',
    'g',
    'π ÷ 4 × round² × thickness × density',
    [round, thick, density],
    (x, d, rho) => ((Math.PI / 4) * x * x * d * rho) / 1000,
  );
  const on = (of: Profile) => (d: number, e: number, w: number, rho: number) =>
    (stayingOn(of, d, e, w) * rho) / 1000;
  const stays = reckon(
    'Stays on it',
    'g',
    'thinned where it is drawn, thicker where it is pushed together, at most as thick as it is worked',
    [thick, pull, worked, density],
    on(profile),
  );
  const smoothIn = (of: Profile) => (e: number, k: number, w: number) =>
    Math.min(smoothTo(of, e, k), foldsFrom(of, e, w));
  const foldsIn = (of: Profile) => (e: number, w: number) => foldsFrom(of, e, w);
  return {
    round,
    rolled,
    stays,
    thinnest: reckon(
      'Thinnest, on the top',
      'mm',
      'thickness ÷ (1 + drawn)²',
      [thick, pull],
      (d, e) => d / (1 + e / 100) ** 2,
    ),
    least: reckon(
      'Tears below',
      'mm',
      '2 × over the skin ÷ (1 + what tears it) + 2 × what is over',
      [reach, tears, over],
      (x, e, a) => (2 * x) / (1 + e / 100) + 2 * a,
    ),
    off: reckon('Comes off again', 'g', 'rolled − stays', [rolled, stays], (a, b) => a - b),
    smooth: reckon(
      'Smooth so far from the top',
      'mm',
      'where it has to be pushed together more than it takes, or folds before that',
      [pull, ease, worked],
      smoothIn(profile),
    ),
    folds: reckon(
      'Folds from there on',
      'mm',
      'where it is as thick as it is worked',
      [pull, worked],
      foldsIn(profile),
    ),
  };
}
