import { askBall } from './kinds/ball.ts';
import { askBoard } from './kinds/board.ts';
import { askChocolate } from './kinds/chocolate.ts';
import { askFirm } from './kinds/firm.ts';
import { askGrams } from './kinds/grams.ts';
import { askPowder } from './kinds/powder.ts';
import { askSkin } from './kinds/skin.ts';
import { askSpoons } from './kinds/spoons.ts';
import { askTier } from './kinds/tier.ts';
import type { SmallQuestion } from './types.ts';

/** Every small question, in the order in which they are listed. */
export const SMALL_QUESTIONS: readonly SmallQuestion[] = [
  askBall,
  askGrams,
  askFirm,
  askPowder,
  askChocolate,
  askSkin,
  askTier,
  askBoard,
  askSpoons,
];
