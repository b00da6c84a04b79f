import { given, reckon, type Mm } from '../../quantity/index.ts';
import { yours, type Cloth } from './types.ts';

/** A tassel is cut in to so much of its length before it is rolled up. Common practice. */
const CUT_IN = 2 / 3;

/** A tassel: a strip, cut in like a comb and rolled up to its width. Derived: the strip's face fills the roll's. */
export function tasselOf(length: Mm, across: Mm, thick: Mm): Cloth {
  const strip = reckon(
    'Strip to roll up',
    'mm',
    'π × across² ÷ (4 × thickness)',
    [yours('Across', across), yours('Rolled to', thick)],
    (d, t) => (Math.PI * d * d) / (4 * t),
  );
  const cut = reckon(
    'Cut in',
    'mm',
    'length × two thirds',
    [yours('Long', length), given('Share', CUT_IN, '', 'common practice')],
    (l, k) => l * k,
  );
  const wide = strip.value;
  return {
    figures: [
      { says: 'to cut across, before it is rolled up', figure: strip },
      { says: 'deep are the cuts of its fringe', figure: cut },
    ],
    outline: [[0, 0], [wide, 0], [wide, length], [0, length]], // prettier-ignore
    ...(thick * 4 > across ? { says: 'It is hardly rolled round once: roll the sheet thinner.' } : {}),
  };
}
