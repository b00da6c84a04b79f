import { drapeUse, drapeUseSquare, TUCK } from '../pastes/index.ts';
import { byFormula, formula, given, reckon, type Reckoned } from '../quantity/index.ts';
import type { Build, Tier } from '../record/index.ts';

/** Rolled paste over a tier. */
export interface Cover {
  readonly tier: Tier;
  /** Top and sides, cm². */
  readonly area: Reckoned;
  /** Across the disc, or the side of the square, to roll out. */
  readonly roll: Reckoned;
  /** Share of what is rolled that stays on the tier. */
  readonly used: Reckoned;
}

const ROUND_AREA = formula({
  name: 'Top and sides',
  takes: ['mm', 'mm'],
  unit: 'cm²',
  rule: 'π d² ÷ 4 + π d h',
  f: (d, h) => ((Math.PI * d * d) / 4 + Math.PI * d * h) / 100,
});
const SQUARE_AREA = formula({ ...ROUND_AREA, rule: 'a² + 4 a h', f: (a, h) => (a * a + 4 * a * h) / 100 });
const ROUND_USED = formula({
  name: 'Stays on the tier',
  takes: ['mm', 'mm', 'mm'],
  unit: '%',
  rule: 'area ÷ what is rolled',
  f: (d, h, tuck) => 100 * drapeUse(d, h, tuck),
});
const SQUARE_USED = formula({ ...ROUND_USED, f: (a, h, tuck) => 100 * drapeUseSquare(a, h, tuck) });

/** What it takes to drape a plain tier: top + sides, and the sheet that reaches down with a tuck. Derived. */
export function coverOf(tier: Tier): Cover {
  const across = given(tier.shape === 'round' ? 'Across' : 'Side', tier.width, 'mm');
  const tall = given('Tall', tier.height, 'mm');
  const round = tier.shape === 'round';
  const area = byFormula(round ? ROUND_AREA : SQUARE_AREA, [across, tall]);
  const tuck = given('Tuck, each side', TUCK, 'mm', 'common practice');
  const roll = reckon(
    round ? 'Roll a disc' : 'Roll a square',
    'mm',
    'across + 2 × tall + 2 × tuck',
    [across, tall, tuck],
    (d, h, a) => d + 2 * h + 2 * a,
  );
  const used = byFormula(round ? ROUND_USED : SQUARE_USED, [across, tall, tuck]);
  return { tier, area, roll, used };
}

/** The covers of all plain tiers, from the board up. */
export const coversOf = (build: Build): Cover[] => build.cake.tiers.map(coverOf);
