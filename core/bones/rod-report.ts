import type { Rod, Vec } from '../figure/index.ts';
import type { Reckoned } from '../quantity/index.ts';
import type { Check, Verdict } from './check.ts';
import type { RodChoice } from './choose-rod.ts';
import type { Droop } from './droop.ts';
import type { Mend } from './mends.ts';
import type { RodStock } from './rods/registry.ts';

/** A rod with everything it has to answer for. */
export interface RodReport {
  readonly rod: Rod;
  /** A, B, C… as lettered on the stage. */
  readonly letter: string;
  readonly stock: RodStock;
  readonly length: Reckoned;
  readonly mass: Reckoned;
  /** What it runs through, from one end to the other, in words. */
  readonly through: string;
  /** How deep it is held in the lowest thing, mm; zero when it holds nothing. */
  readonly depth: number;
  readonly depthIn: string;
  readonly checks: readonly Check[];
  readonly worst: Check | undefined;
  /** The heaviest it holds: where that balances, and what pushes there on the way, N. */
  readonly load: { readonly at: Vec; readonly down: number; readonly sideways: number } | undefined;
  readonly verdict: Verdict | 'idle';
  /** The other rods hold everything better without it. */
  readonly spare: boolean;
  readonly caution: string | undefined;
  /** How it bends under what it carries, where it hangs out; worked out when first read. */
  readonly droop: Droop | undefined;
  /** Changes that were tried and make it hold; worked out when first read. */
  readonly mends: readonly Mend[];
  /** Try every rod there is along the same line and take the simplest that holds. */
  readonly choose: () => RodChoice;
}
