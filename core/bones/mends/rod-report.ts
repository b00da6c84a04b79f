import { pieceOf, type PartsOf, type Rod } from '../../record/index.ts';
import { type Vec } from '../../solids/index.ts';
import type { Reckoned } from '../../quantity/index.ts';
import type { Check, Verdict } from '../joints/check.ts';
import type { RodChoice } from './choose-rod.ts';
import type { Droop } from '../joints/droop.ts';
import type { Mend } from './mends.ts';
import type { RodStock } from '../stock/rods/registry.ts';

/** Something a rod runs through: paste or core of a piece, or a board or tier under the figure by its name. */
export type Passed =
  | { readonly piece: string; readonly part: 'paste' | 'core' }
  | { readonly part: 'board' | 'tier'; readonly name: string };

/** A rod with everything it has to answer for. */
/** A rod as it is seen: nothing of it has to be tried. */
export interface SeenRod {
  readonly rod: Rod;
  /** A, B, C… as lettered on the stage. */
  readonly letter: string;
  readonly stock: RodStock;
  readonly length: Reckoned;
  readonly mass: Reckoned;
  /** What it runs through, from one end to the other. */
  readonly passes: readonly Passed[];
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
  readonly droop: Pick<Droop, 'bent' | 'down'> | undefined;
}

/** A rod with what was tried to make it hold. */
export interface CheckedRod extends SeenRod {
  /** Changes that were tried and make it hold; worked out when first read. */
  readonly mends: readonly Mend[];
}

/** A rod of the figure, which may be of anything in the catalogue. */
export interface RodReport extends CheckedRod {
  /** Try every rod there is along the same line and take the simplest that holds. */
  readonly choose: () => RodChoice;
}

/** What a rod runs through in words: `board → feet → body`. */
export function throughWords(build: PartsOf<'pieces'>, passes: readonly Passed[]): string {
  const words = passes.map((p) => {
    if ('name' in p) return p.name.toLowerCase();
    const piece = pieceOf(build, p.piece);
    return (p.part === 'core' ? piece?.core : piece?.name.toLowerCase()) ?? '';
  });
  return words.length ? [...new Set(words)].join(' → ') : 'nothing yet';
}
