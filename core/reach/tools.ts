import type { Mm } from '../quantity/index.ts';
import type { WorkKind } from '../record/index.ts';

/** A straight stretch of a tool: half its width, and its length. */
interface Stretch {
  readonly half: Mm;
  readonly length: Mm;
}

/** What works a face: a tip that touches it, a shaft or a hand behind, and how far off the square it may be held, degrees. */
export interface ReachTool {
  readonly tip: Stretch;
  readonly shaft?: Stretch;
  readonly cone: number;
}

/** Hairs go into a crease that the ferrule behind them does not. Half widths, lengths, mm, and cones of what is in the trade; common practice, estimates. */
export const REACH_TOOLS: Readonly<Record<WorkKind, ReachTool>> = {
  paint: { tip: { half: 0.5, length: 14 }, shaft: { half: 3, length: 50 }, cone: 65 },
  line: { tip: { half: 0.25, length: 10 }, shaft: { half: 2.5, length: 50 }, cone: 70 },
  dust: { tip: { half: 2.5, length: 20 }, shaft: { half: 5, length: 40 }, cone: 65 },
  spray: { tip: { half: 0.3, length: 60 }, shaft: { half: 8, length: 60 }, cone: 60 },
  sponge: { tip: { half: 5, length: 10 }, shaft: { half: 10, length: 30 }, cone: 50 },
  snip: { tip: { half: 3, length: 70 }, cone: 55 },
  mark: { tip: { half: 0.8, length: 25 }, shaft: { half: 4, length: 60 }, cone: 55 },
  press: { tip: { half: 5, length: 8 }, shaft: { half: 7, length: 40 }, cone: 50 },
};

/** The eye looks from nearly anywhere, so far, and begins a little off the skin: what it does not meet in the end nobody sees. Degrees and mm; estimate. */
export const EYE = { cone: 80, far: 200, off: 0.3 } as const;
