import { STRAINS } from '../strains.ts';
import type { JoinKind } from '../types.ts';

export const laidRound: JoinKind = {
  id: 'round',
  name: 'laid round',
  does: (piece, where) => `Lay the ${piece} round ${where}`,
  says: ['Begin on the hidden side and lay it on without stretching.'],
  up: { after: ['tack'], before: [{ gives: STRAINS.wrap }] },
  down: { after: ['skin'], before: [] },
  propTakes: [],
  carries: [30, 60, 120],
  labour: { once: 1, each: 1.5 },
  early: 'it stretches and takes every print',
  late: 'it cracks on the outside of the bend',
};
