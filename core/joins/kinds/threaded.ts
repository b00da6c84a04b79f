import type { JoinKind } from '../types.ts';

export const threadedOn: JoinKind = {
  id: 'threaded',
  name: 'threaded on the rod of the board',
  does: (piece) => `Thread the ${piece} on the rod`,
  says: ['Down over the rod, film or a sealed tube between; turn it in until it stands.'],
  up: { after: ['touch'], before: [] },
  down: { after: ['bear'], before: [] },
  propTakes: ['touch'],
  carries: [30, 60, 120],
  labour: { once: 4, each: 4 },
  early: 'fingers print it',
  late: 'nothing: it may wait as long as it likes',
};
