import type { JoinKind } from '../types.ts';

export const slid: JoinKind = {
  id: 'slid',
  name: 'slid on a stick',
  does: (piece, where) => `Slide the ${piece} on to ${where}`,
  says: ['Glue both faces, down over its rods, and hold until it stays.'],
  up: { after: ['handle'], before: [] },
  down: { after: ['handle', 'bear'], before: [] },
  onRods: { up: { after: [], before: [] }, down: { after: ['bear'], before: [] } },
  propTakes: ['handle'],
  carries: [60, 120, 240],
  labour: { once: 1, each: 1 },
  early: 'fingers print it, and what is below sinks',
  late: 'nothing: it may wait as long as it likes',
};
