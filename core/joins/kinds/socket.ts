import { STRAINS } from '../strains.ts';
import type { JoinKind } from '../types.ts';

export const socket: JoinKind = {
  id: 'socket',
  name: 'set in a socket',
  does: (piece, where) => `Set the ${piece} into ${where}`,
  says: ['Glue in the socket, set it in, hold until it stays.'],
  up: { after: ['pose'], before: [] },
  down: { after: ['bear'], before: [{ gives: STRAINS.lip }] },
  propTakes: ['pose'],
  carries: [30, 60, 120],
  labour: { once: 0.6, each: 0.6 },
  early: 'its foot is squashed',
  late: 'the lip of the socket tears: cut it instead of pressing it',
};
