import type { JoinKind } from '../types.ts';

export const hung: JoinKind = {
  id: 'hung',
  name: 'hung',
  does: (piece, where) => `Hang the ${piece} on ${where}`,
  says: ['Thick glue on both faces; hold it up until it stays.'],
  up: { after: ['pose', 'handle'], before: [] },
  down: { after: ['handle', 'bear'], before: [] },
  propTakes: ['pose', 'handle'],
  carries: [240, 480, 720],
  labour: { once: 2, each: 2 },
  early: 'its own weight tears it off',
  late: 'nothing: it may wait as long as it likes',
};
