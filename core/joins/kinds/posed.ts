import { STRAINS } from '../strains.ts';
import type { JoinKind } from '../types.ts';

export const posed: JoinKind = {
  id: 'posed',
  name: 'keeps its pose, then pressed on',
  does: (piece, where) => `Press the ${piece} on to ${where}`,
  says: ['When it stays as it is bent, and its foot still gives: glue, press, hold until it stays.'],
  up: { after: ['pose'], before: [{ gives: STRAINS.foot }] },
  down: { after: ['bear'], before: [] },
  propTakes: ['pose'],
  carries: [60, 120, 240],
  labour: { once: 0.5, each: 0.5 },
  early: 'it sinks out of its pose',
  late: 'its foot cracks when it is fitted',
};
