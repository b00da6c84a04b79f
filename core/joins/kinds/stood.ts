import { NOTHING, type JoinKind } from '../types.ts';

export const stood: JoinKind = {
  id: 'stood',
  name: 'stands there',
  does: (piece, where) => `Set the ${piece} on ${where}`,
  says: ['Set it down where it belongs; a touch of water under it.'],
  up: NOTHING,
  down: NOTHING,
  propTakes: [],
  carries: [5, 15, 60],
  labour: { once: 0.3, each: 0.35 },
  early: 'its foot prints and it slides',
  late: 'nothing: it only has to be put there',
};
