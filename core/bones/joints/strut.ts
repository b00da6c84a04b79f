import { byFormula, formula, given, solved, type Reckoned } from '../../quantity/index.ts';
import { check, share, used } from './check.ts';
import { foldsAt, foldsOver, type Column } from '../mechanics/columns.ts';
import {
  found,
  gripOf,
  gripOver,
  HOLDING_RESERVE,
  PULL_RESERVE,
  type FoundCheck,
  type Situation,
} from './joint-situation.ts';

/** A rod that bears along itself only, held at both ends: a leg of a tripod, a brace. */

/** What such a rod is called, and how its force was found. */
export interface StrutWords {
  readonly id: string;
  readonly pressed: { readonly title: string; readonly ok: string; readonly no: string };
  readonly pulled: { readonly title: string; readonly ok: string; readonly no: string };
  readonly rule: string;
}

/** Hardest pressing and pulling along one of several such rods, N, neither below zero, and what they follow from. */
export interface StrutForce {
  readonly pressed: number;
  readonly pulled: number;
  /** Inputs of the statics that found them. */
  readonly from: () => readonly Reckoned[];
}

const STRUT_FOLDS = formula({
  name: 'Folds at, both ends held, reserve taken off',
  takes: ['N', '×'],
  unit: 'N',
  rule: 'it folds at ÷ reserve',
  f: (folds, reserve) => folds / reserve,
});
const SINKS_AT = formula({
  name: 'Its ends sink in at, reserve taken off',
  takes: ['N', 'N', '×'],
  unit: 'N',
  rule: 'the end that is pushed in more easily ÷ reserve',
  source: 'estimate',
  f: (below, above, reserve) => Math.min(below, above) / reserve,
});
const STRUT_BEARS = formula({
  name: 'It folds or sinks in at',
  takes: ['N', 'N'],
  unit: 'N',
  rule: 'the lesser of the two',
  f: Math.min,
});
/** Pressed it folds as a column pinned at both ends (K = 1, handbook) or sinks in at an end; pulled it is held by grip. */
export function strutChecks(s: Situation, words: StrutWords, force: StrutForce): FoundCheck[] {
  const { joint, stock, strength, below, above, loadCase } = s;
  const { reserve } = strength.material;
  const column: Column = { bare: Math.max(joint.bare, 1), K: 1, strength, section: stock.section };
  // an end on the board does not sink
  const footing = s.onBoard ? Infinity : below.pushed;
  const bears = STRUT_BEARS.f(
    STRUT_FOLDS.f(foldsAt(column), reserve),
    SINKS_AT.f(footing, above.pushed, HOLDING_RESERVE),
  );
  const weight = () => given('With all it carries', joint.load.g, 'g');
  const out = [
    found(`${words.id}-pressed`, used(force.pressed, 1, bears), () =>
      check({
        id: `${words.id}-pressed`,
        title: words.pressed.title,
        situation: loadCase.name,
        use: share(
          solved('Pressing in it', force.pressed, 'N', words.rule, [weight(), ...force.from()], 'derived'),
          byFormula(STRUT_BEARS, [
            byFormula(STRUT_FOLDS, [foldsOver(column), given('Reserve', reserve, '×')]),
            byFormula(SINKS_AT, [
              given(s.onBoard ? 'On the board' : 'Pushed in below at', footing, 'N', 'estimate'),
              given('Pushed in above at', above.pushed, 'N', 'estimate'),
              given('Reserve', HOLDING_RESERVE, '×'),
            ]),
          ]),
          1,
        ),
        reserve,
        trust: 'C',
        ok: words.pressed.ok,
        no: words.pressed.no,
      }),
    ),
  ];
  if (force.pulled > 1e-6)
    out.push(
      found(`${words.id}-pulled`, used(force.pulled, PULL_RESERVE, gripOf(below, above)), () =>
        check({
          id: `${words.id}-pulled`,
          title: words.pulled.title,
          situation: loadCase.name,
          use: share(
            solved('Pull on it', force.pulled, 'N', words.rule, [weight(), ...force.from()], 'derived'),
            gripOver(below, above),
            PULL_RESERVE,
          ),
          reserve: PULL_RESERVE,
          trust: 'C',
          ok: words.pulled.ok,
          no: words.pulled.no,
        }),
      ),
    );
  return out;
}
