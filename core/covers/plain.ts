import { drapeUse, drapeUseSquare, TUCK } from '../pastes/index.ts';
import { byFormula, formula, given, reckon, type Mm, type Reckoned } from '../quantity/index.ts';
import { groundOf, type Fitting, type OnGround } from '../ground/index.ts';
import { BOARD, type Build, type RolledCover, type Sleeve, type Tier } from '../record/index.ts';

/** What is covered: a tier over top and sides, a board over its top. */
export interface Covered {
  readonly id: string;
  readonly name: string;
  readonly shape: Tier['shape'];
  readonly width: Mm;
  /** Of its sides; a board has none that are covered. */
  readonly height: Mm;
  readonly cover: RolledCover;
  /** Over at the foot on each side, mm; as it is usually trimmed when absent. */
  readonly over?: Mm;
}

/** Rolled paste over a tier or a board. */
export interface Cover {
  readonly of: Covered;
  /** Top and sides, cm². */
  readonly area: Reckoned;
  /** Across the disc, or the side of the square, to roll out. */
  readonly roll: Reckoned;
  /** Share of what is rolled that stays on it. */
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
  name: 'Stays on it',
  takes: ['mm', 'mm', 'mm'],
  unit: '%',
  rule: 'area ÷ what is rolled',
  f: (d, h, tuck) => 100 * drapeUse(d, h, tuck),
});
const SQUARE_USED = formula({ ...ROUND_USED, f: (a, h, tuck) => 100 * drapeUseSquare(a, h, tuck) });

/** What it takes to drape something plain: top + sides, and the sheet that reaches down with a tuck. Derived. */
export function coverOf(of: Covered): Cover {
  const across = given(of.shape === 'round' ? 'Across' : 'Side', of.width, 'mm');
  const tall = given('Tall', of.height, 'mm');
  const round = of.shape === 'round';
  const area = byFormula(round ? ROUND_AREA : SQUARE_AREA, [across, tall]);
  const tuck =
    of.over === undefined
      ? given('Over at the foot, each side', TUCK, 'mm', 'common practice')
      : given('Over at the foot, each side', of.over, 'mm', 'yours');
  const roll = reckon(
    round ? 'Roll a disc' : 'Roll a square',
    'mm',
    'across + 2 × tall + 2 × what is over',
    [across, tall, tuck],
    (d, h, a) => d + 2 * h + 2 * a,
  );
  const used = byFormula(round ? ROUND_USED : SQUARE_USED, [across, tall, tuck]);
  return { of, area, roll, used };
}

/** A tier that is covered, as what is covered. */
export const coveredTier = (tier: Tier): Covered | undefined => tier.cover && { ...tier, cover: tier.cover };

/** The covers of the board and of all plain tiers, from the board up. */
export function coversOf({ board, cake }: Pick<Build, 'board' | 'cake'>): Cover[] {
  const under: Covered[] = board.cover
    ? [{ id: BOARD, name: 'Board', shape: board.shape, width: board.width, height: 0, cover: board.cover }]
    : [];
  return [...under, ...cake.tiers.flatMap((t) => coveredTier(t) ?? [])].map(coverOf);
}

/** Paste round a threaded rod in its gaps, from the board up. */
export const sleevesOf = (build: OnGround): (Fitting & { readonly sleeve: Sleeve })[] =>
  groundOf(build).fittings.flatMap((f) => (f.sleeve ? [{ ...f, sleeve: f.sleeve }] : []));
