import { addPiece, setGrams, setPiece, setPortions } from '../../edits/index.ts';
import { BOARD } from '../../record/index.ts';
import { boardFor, num, PASTE, POWDER } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

export const askPortions: SmallQuestion = {
  id: 'portions',
  name: 'Many of one weight',
  asks: 'How much paste makes so many of one weight, and how big is each ball?',
  fields: [
    { key: 'number', label: 'How many', kind: 'count', usual: 60, least: 2, most: 500 },
    { key: 'grams', label: 'Each', kind: 'mass', usual: 14, least: 0.5, most: 200 },
    { key: 'within', label: 'Give or take', kind: 'mass', usual: 0.5, least: 0.01, most: 20 },
    { ...PASTE, usual: 'marzipan' } as typeof PASTE,
    POWDER,
  ],
  build: (said) => {
    const made = addPiece(boardFor(said), 'ball', 'Portion', BOARD);
    const weighed = setGrams(made.build, made.id, num(said, 'grams'));
    if (!weighed.ok) return weighed;
    const many = setPiece(weighed.value, made.id, {
      count: Math.round(num(said, 'number')),
      tolerance: 'equal',
    });
    return many.ok
      ? setPortions(many.value, { piece: made.id, target: num(said, 'grams'), within: num(said, 'within') })
      : many;
  },
  answers: ({ figure, paste }) => [
    { says: 'of paste in all', figure: figure.pieces[0]!.all },
    { says: 'to mix, with what the hands and the bowl keep', figure: paste[0]!.mix },
    { says: 'across, each ball', figure: figure.pieces[0]!.weight.ball },
  ],
  notes: ({ portions }) =>
    portions
      ? [
          `Near enough is a ball of ${portions.ball[0].toFixed(1)} to ${portions.ball[1].toFixed(1)} mm.`,
          ...portions.says,
        ]
      : [],
  makes: true,
};
