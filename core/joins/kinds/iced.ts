import type { JoinKind } from '../types.ts';

export const iced: JoinKind = {
  id: 'iced',
  name: 'stuck with icing or chocolate',
  does: (piece, where) => `Stick the ${piece} on to ${where}`,
  says: ['A dab on both faces, wiggle it in, prop it until that sets.'],
  up: { after: ['touch'], before: [] },
  down: { after: ['touch', 'bear'], before: [] },
  propTakes: [],
  carries: [120, 240, 480],
  labour: { once: 1.5, each: 1 },
  early: 'icing wets a soft face and it slides',
  late: 'nothing: it may wait as long as it likes',
};
