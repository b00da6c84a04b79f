import { given, reckon } from '../quantity/index.ts';
import { check, share } from './check.ts';
import { critical } from './columns.ts';
import { found, HOLDING_RESERVE, PULL_RESERVE, type Found, type Situation } from './joint-situation.ts';

/** A rod that bears along itself only, held at both ends: a leg of a tripod, a brace. */

/** What such a rod is called, and how its force was found. */
export interface StrutWords {
  readonly id: string;
  readonly pressed: { readonly title: string; readonly ok: string; readonly no: string };
  readonly pulled: { readonly title: string; readonly ok: string; readonly no: string };
  readonly rule: string;
}

/**
 * Pressed it folds as a column pinned at both ends (K = 1, handbook) or sinks in at an end; pulled it is held by grip.
 * @param force hardest pressing and pulling along one of them, N, neither below zero
 */
export function strutChecks(
  s: Situation,
  words: StrutWords,
  force: { readonly pressed: number; readonly pulled: number },
): Found[] {
  const { joint, stock, strength, below, above, loadCase } = s;
  const { reserve } = strength.material;
  const weight = given('With all it carries', joint.load.g, 'g');
  const column = critical(strength.stiffness, strength.crushing, stock.section, Math.max(joint.bare, 1), 1);
  const folds = column.load / reserve;
  const sinks = Math.min(s.onBoard ? Infinity : below.pushed, above.pushed) / HOLDING_RESERVE;
  const bears = Math.min(folds, sinks);
  const grip = Math.min(below.grip, above.grip);
  return [
    found(`${words.id}-pressed`, force.pressed / bears, () =>
      check(
        `${words.id}-pressed`,
        words.pressed.title,
        loadCase.name,
        share(
          reckon('Pressing in it', 'N', words.rule, [weight], () => force.pressed),
          reckon(
            'It folds or sinks in at',
            'N',
            'the lesser of the two',
            [
              given('Folds at, both ends held, reserve taken off', folds, 'N', 'handbook'),
              given('Its ends sink in at, reserve taken off', sinks, 'N', 'estimate'),
            ],
            Math.min,
          ),
          1,
        ),
        reserve,
        'C',
        words.pressed,
      ),
    ),
    ...(force.pulled > 1e-6
      ? [
          found(`${words.id}-pulled`, (force.pulled * PULL_RESERVE) / grip, () =>
            check(
              `${words.id}-pulled`,
              words.pulled.title,
              loadCase.name,
              share(
                reckon('Pull on it', 'N', words.rule, [weight], () => force.pulled),
                given('Grip, π d L × grip', grip, 'N', 'estimate'),
                PULL_RESERVE,
              ),
              PULL_RESERVE,
              'C',
              words.pulled,
            ),
          ),
        ]
      : []),
  ];
}
