import type { Grip } from '../../record/index.ts';
import { given, reckon } from '../../quantity/index.ts';
import { check, type Check } from './check.ts';
import { apparent, type LoadCase } from './load-cases.ts';

/** Friction of what the board stands on, low end; estimates. */
export const GRIPS: Readonly<Record<Grip, { readonly name: string; readonly friction: number }>> = {
  bare: { name: 'foil board on a smooth floor', friction: 0.2 },
  box: { name: 'in a card box', friction: 0.35 },
  seat: { name: 'on seat fabric', friction: 0.4 },
  mat: { name: 'on a non-slip mat', friction: 0.7 },
};

/** Whether the board slides: sideways over downwards against the friction of what it stands on. */
export function sliding(grip: Grip, loadCase: LoadCase): Check {
  const f = apparent(loadCase, 0, loadCase.up);
  const { name, friction } = GRIPS[grip];
  return check({
    id: 'slide',
    title: 'Sliding',
    situation: loadCase.name,
    use: reckon(
      'Used of the grip',
      '',
      'sideways ÷ downwards ÷ friction',
      [
        given('Sideways', Math.hypot(f[0], f[1]), ''),
        given('Downwards', -f[2], ''),
        given(`Friction, ${name}`, friction, '', 'estimate'),
      ],
      (h, n, mu) => h / n / mu,
    ),
    reserve: 1,
    trust: 'C',
    ok: `It stays where it is, ${name}.`,
    no:
      grip === 'mat'
        ? `It slides even ${name}: wedge its box so that it cannot. Then it tips before it slides; look at both.`
        : `It slides, ${name}: stand it on a non-slip mat. A mat turns sliding into tipping; look at both.`,
  });
}
