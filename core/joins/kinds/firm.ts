import type { JoinKind } from '../types.ts';

export const firm: JoinKind = {
  id: 'firm',
  name: 'glued firm',
  does: (piece, where) => `Set the ${piece} on ${where}`,
  says: ['Glue both faces, press, and hold until it stays.'],
  up: { after: ['handle', 'pose'], before: [] },
  down: { after: ['handle', 'bear'], before: [] },
  propTakes: ['handle', 'pose'],
  carries: [240, 480, 720],
  labour: { once: 2, each: 2 },
  early: 'fingers print it, and what is below sinks',
  late: 'nothing: it may wait as long as it likes',
};
