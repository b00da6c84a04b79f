import { byFormula, formula, given, type Reckoned } from '../../quantity/index.ts';
import type { Check } from './check.ts';
import type { Joint } from '../paths/joints.ts';
import type { Side } from './joint-push.ts';
import type { LoadCase } from './load-cases.ts';
import type { RodStock } from '../stock/rods/registry.ts';
import type { RodStrength } from '../stock/stock.ts';

/** A threaded rod held by the nuts and washers on its board. */
export interface Clamp {
  /** Moment its washers press into the board. */
  readonly bears: Reckoned<'N·mm'>;
  /** From the board up to the joint, mm. */
  readonly over: number;
}

/** A joint in one load case: what is the same for every direction of throw. N, mm, MPa. */
export interface Situation {
  readonly joint: Joint;
  readonly names: { readonly upper: string; readonly lower: string };
  readonly loadCase: LoadCase;
  /** Rods across the joint. */
  readonly n: number;
  /** As many rods as hold sideways: a bundle taped together is about as wide as its area, not as its number. */
  readonly holders: number;
  /** The weakest of them. */
  readonly stock: RodStock;
  readonly strength: RodStrength;
  readonly below: Side;
  readonly above: Side;
  /** Every rod ends in the board. */
  readonly onBoard: boolean;
  /** Strength of the softer of the two faces. */
  readonly seatStrength: number;
  /** Clamped between nuts to the board. */
  readonly clamp?: Clamp | undefined;
  /** What a glue that was chosen holds against turning. */
  readonly glue?: Reckoned<'N·mm'> | undefined;
}

/** Something that can go wrong: the share used, and its check made when it is the worst of its kind. */
export interface FoundCheck {
  readonly id: string;
  readonly use: number;
  readonly make: () => Check;
}

/** A check whose words and sum are only made where it turns out to be the worst. */
export const found = (id: string, use: number, make: () => Check): FoundCheck => ({ id, use, make });

/** Reserve on holding and on turning: paste and cake vary. Estimate. */
export const HOLDING_RESERVE = 2;
/** Reserve on grip along a rod. Estimate. */
export const PULL_RESERVE = 3;

/** What holds a rod along itself: the side that grips less. */
const GRIPS = formula({
  name: 'Grip on a rod',
  takes: ['N', 'N'],
  unit: 'N',
  rule: 'the lesser of the two sides, each π d L × grip',
  source: 'estimate',
  f: Math.min,
});
/** What holds a rod along itself, N. */
export const gripOf = (below: Side, above: Side): number => GRIPS.f(below.grip, above.grip);
/** The same as a sum that can be opened. */
export const gripOver = (below: Side, above: Side): Reckoned<'N'> =>
  byFormula(GRIPS, [
    given(`Below, held over ${Math.round(below.held)} mm`, below.grip, 'N', 'estimate'),
    given(`Above, held over ${Math.round(above.held)} mm`, above.grip, 'N', 'estimate'),
  ]);
