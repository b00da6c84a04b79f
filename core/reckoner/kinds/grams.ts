import { addPiece, resize } from '../../edits/index.ts';
import { BOARD } from '../../record/index.ts';
import { boardFor, num, PASTE, POWDER } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

export const askGrams: SmallQuestion = {
  id: 'grams',
  name: 'A ball to grams',
  asks: 'How much paste is a ball of so many millimetres?',
  fields: [{ key: 'across', label: 'Across', kind: 'length', usual: 40, least: 2, most: 180 }, PASTE, POWDER],
  build: (said) => {
    const made = addPiece(boardFor(said), 'ball', 'Ball', BOARD);
    return resize(made.build, made.id, { diameter: num(said, 'across') });
  },
  answers: ({ figure, pasteSums }) => [
    { says: 'of paste', figure: figure.pieces[0]!.weight.paste },
    { says: 'to mix, with trimmings and what has to be kneaded at least', figure: pasteSums.mix },
  ],
  makes: true,
};
