import { given, reckon, type Mm } from '../../quantity/index.ts';
import { along, yours, type Cloth } from './types.ts';

/** A gore wider than this share of its length no longer lies down at its sides. Estimate. */
const WIDE = 0.42;

/**
 * Gores of a ball: leaves from pole to pole, edge to edge, as beach balls are sewn. Derived: half as wide at each latitude as
 * the ball's way round there divided by all of them; the paste's own middle lies half its thickness out.
 */
export function goresOf(ball: Mm, number: number, thick: Mm): Cloth {
  const sizes = [yours('Ball, across', ball), yours('Rolled to', thick)] as const;
  const length = reckon(
    'Long',
    'mm',
    'π × (across + thickness) ÷ 2',
    sizes,
    (d, t) => (Math.PI * (d + t)) / 2,
  );
  const n = given('Gores', number, 'pieces', 'yours');
  const wide = reckon(
    'Wide',
    'mm',
    'π × (across + thickness) ÷ gores',
    [...sizes, n],
    (d, t, k) => (Math.PI * (d + t)) / k,
  );
  const half = (f: number): Mm => (wide.value / 2) * Math.sin(Math.PI * f);
  return {
    figures: [
      { says: 'long, from pole to pole', figure: length },
      { says: 'wide in the middle', figure: wide },
    ],
    outline: [
      ...along((f): readonly [Mm, Mm] => [half(f), f * length.value]),
      ...along((f): readonly [Mm, Mm] => [-half(1 - f), (1 - f) * length.value]).slice(1, -1),
    ],
    number,
    ...(wide.value > WIDE * length.value
      ? { says: 'So wide, its sides stand off the ball: take more gores.' }
      : {}),
  };
}
