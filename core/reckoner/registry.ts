import { askBall } from './kinds/ball.ts';
import { askBoard } from './kinds/board.ts';
import { askChocolate } from './kinds/chocolate.ts';
import { askFirm } from './kinds/firm.ts';
import { askGrams } from './kinds/grams.ts';
import { askPowder } from './kinds/powder.ts';
import { askSkin } from './kinds/skin.ts';
import { askSpoons } from './kinds/spoons.ts';
import { askTier } from './kinds/tier.ts';
import { askBand } from './kinds/band.ts';
import { askMast } from './kinds/mast.ts';
import { askCup } from './kinds/cup.ts';
import { askFinish } from './kinds/finish.ts';
import { askGores, askJacket, askLeaning, askSleeve, askTassel } from './kinds/cloth.ts';
import { askMoulding } from './kinds/moulding.ts';
import { askPortions } from './kinds/portions.ts';
import { askSquash } from './kinds/squash.ts';
import { askStick } from './kinds/stick.ts';
import { askStiffness } from './kinds/stiffness.ts';
import type { SmallQuestion } from './types.ts';

/** Every small question, in the order in which they are listed. */
export const SMALL_QUESTIONS: readonly SmallQuestion[] = [
  askBall,
  askGrams,
  askFirm,
  askSquash,
  askStick,
  askMast,
  askPowder,
  askStiffness,
  askChocolate,
  askSkin,
  askTier,
  askBoard,
  askBand,
  askSleeve,
  askJacket,
  askLeaning,
  askGores,
  askTassel,
  askMoulding,
  askPortions,
  askCup,
  askFinish,
  askSpoons,
];
