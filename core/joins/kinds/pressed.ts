import { STRAINS } from '../strains.ts';
import type { JoinKind } from '../types.ts';

export const pressed: JoinKind = {
  id: 'pressed',
  name: 'pressed on soft',
  does: (piece, where) => `Press the ${piece} on to ${where}`,
  says: ['While both are soft; a touch of water is enough.'],
  up: { after: [], before: [{ gives: STRAINS.thumb }] },
  down: { after: ['bear'], before: [] },
  propTakes: [],
  carries: [10, 30, 60],
  labour: { once: 0.3, each: 0.35 },
  early: 'a thumb dents both',
  late: 'its edge cracks when it is pressed, or it falls off',
};
