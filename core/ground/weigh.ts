import { byFormula, formula, given, type Reckoned } from '../quantity/index.ts';
import type { Layer } from './ground.ts';

const ROUND = formula({
  name: 'Board weighs',
  takes: ['mm', 'mm', 'g/cm³'],
  unit: 'g',
  rule: 'π d² ÷ 4 × thick × density',
  f: (d, t, rho) => ((Math.PI / 4) * d * d * t * rho) / 1000,
});
const SQUARE = formula({
  ...ROUND,
  rule: 'a² × thick × density',
  f: (a, t, rho) => (a * a * t * rho) / 1000,
});

/** What a board under something weighs; undefined of a tier, which the cake tells. */
export function boardWeighs({ name, shape, width, from, to, board }: Layer): Reckoned<'g'> | undefined {
  if (!board) return undefined;
  return byFormula({ ...(shape === 'round' ? ROUND : SQUARE), name }, [
    given('Wide', width, 'mm'),
    given('Thick', to - from, 'mm'),
    given('Density', board.density, 'g/cm³', board.trust === 'B' ? 'handbook' : 'estimate'),
  ]);
}
