import { addPiece, setGrams } from '../../edits/index.ts';
import { BOARD } from '../../record/index.ts';
import { boardFor, num, PASTE, POWDER } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

export const askBall: SmallQuestion = {
  id: 'ball',
  name: 'Grams to a ball',
  asks: 'How big a ball is so much paste?',
  fields: [{ key: 'grams', label: 'Paste', kind: 'mass', usual: 50, least: 0.1, most: 5000 }, PASTE, POWDER],
  build: (said) => {
    const made = addPiece(boardFor(said), 'ball', 'Ball', BOARD);
    return setGrams(made.build, made.id, num(said, 'grams'));
  },
  answers: ({ figure }) => {
    const { ball: across, volume } = figure.pieces[0]!.weight;
    return [
      { says: 'across, no creases', figure: across },
      { says: 'in the measuring jug', figure: volume },
    ];
  },
  makes: true,
};
