import { drapeUse, drapeUseSquare, TUCK } from '../pastes/index.ts';
import { given, reckon, type Reckoned } from '../quantity/index.ts';
import type { Build, Tier } from './build.ts';

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

/** What it takes to drape a plain tier: top + sides, and the sheet that reaches down with a tuck. Derived. */
export function coverOf(tier: Tier): Cover {
  const across = given(tier.shape === 'round' ? 'Across' : 'Side', tier.width, 'mm');
  const tall = given('Tall', tier.height, 'mm');
  const round = tier.shape === 'round';
  const area = reckon(
    'Top and sides',
    'cm²',
    round ? 'π d² ÷ 4 + π d h' : 'a² + 4 a h',
    [across, tall],
    (d, h) => (round ? (Math.PI * d * d) / 4 + Math.PI * d * h : d * d + 4 * d * h) / 100,
  );
  const tuck = given('Tuck, each side', TUCK, 'mm', 'common practice');
  const roll = reckon(
    round ? 'Roll a disc' : 'Roll a square',
    'mm',
    'across + 2 × tall + 2 × tuck',
    [across, tall, tuck],
    (d, h, a) => d + 2 * h + 2 * a,
  );
  const used = reckon(
    'Stays on the tier',
    '%',
    'area ÷ what is rolled',
    [across, tall, tuck],
    (d, h, a) => 100 * (round ? drapeUse(d, h, a) : drapeUseSquare(d, h, a)),
  );
  return { tier, area, roll, used };
}

export const coversOf = (build: Build): Cover[] => build.cake.tiers.map(coverOf);
