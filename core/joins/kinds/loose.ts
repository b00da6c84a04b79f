import { NOTHING, type JoinKind } from '../types.ts';

export const loose: JoinKind = {
  id: 'loose',
  name: 'loose in its case',
  does: (piece) => `Put the ${piece} in its case`,
  says: ['No glue: it stands by itself.'],
  up: NOTHING,
  down: NOTHING,
  propTakes: [],
  carries: [0, 0, 0],
  labour: { once: 0.2, each: 0.08 },
  early: 'it takes the paper with it',
  late: 'nothing',
};
