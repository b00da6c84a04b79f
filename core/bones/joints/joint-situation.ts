import type { Check } from './check.ts';
import type { Joint } from '../paths/joints.ts';
import type { Side } from './joint-push.ts';
import type { LoadCase } from './load-cases.ts';
import type { RodStock } from '../stock/rods/registry.ts';
import type { RodStrength } from '../stock/stock.ts';

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
}

/** Something that can go wrong: the share used, and its check made when it is the worst of its kind. */
export interface Found {
  readonly id: string;
  readonly use: number;
  readonly make: () => Check;
}

export const found = (id: string, use: number, make: () => Check): Found => ({ id, use, make });

/** Reserve on holding and on turning: paste and cake vary. Estimate. */
export const HOLDING_RESERVE = 2;
/** Reserve on grip along a rod. Estimate. */
export const PULL_RESERVE = 3;
