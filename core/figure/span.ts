import { byFormula, formula, given, type Reckoned } from '../quantity/index.ts';
import type { View } from './elevation.ts';

const SPAN = formula({
  name: 'Straight across',
  takes: ['mm', 'mm'],
  unit: 'mm',
  rule: '√(sideways² + upwards²)',
  f: (aside, up) => Math.hypot(aside, up),
});

/**
 * How far it is from one place of a drawing to another, as seen from one side: what lies deeper than the picture is not in it.
 * @param a right and up in the picture, mm
 */
export function spanBetween(
  view: View,
  a: readonly [number, number],
  b: readonly [number, number],
): Reckoned<'mm'> {
  return byFormula(SPAN, [
    given(view === 'front' ? 'Sideways' : 'Front to back', Math.abs(b[0] - a[0]), 'mm'),
    given('Upwards', Math.abs(b[1] - a[1]), 'mm'),
  ]);
}
