import { addPiece, setGrams } from '../../edits/index.ts';
import { JOBS, jobOf, powderFor } from '../../pastes/index.ts';
import { given } from '../../quantity/index.ts';
import { BOARD } from '../../record/index.ts';
import { boardFor, num } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

const job = (said: Readonly<Record<string, number | string>>) => jobOf(String(said.job)) ?? JOBS[0]!;

export const askPowder: SmallQuestion = {
  id: 'powder',
  name: 'Powder for a paste',
  asks: 'How much stiffening powder goes into so much paste?',
  fields: [
    { key: 'grams', label: 'Paste', kind: 'mass', usual: 200, least: 1, most: 20_000 },
    {
      key: 'job',
      label: 'It has to',
      options: JOBS.map((j) => ({ value: j.id, label: j.name })),
      usual: 'carry',
    },
    { key: 'spoon', label: 'Your teaspoon, ml', kind: 'count', usual: 5, least: 1, most: 20 },
  ],
  build: (said) => {
    const { low, high } = job(said).powder;
    const made = addPiece(boardFor({ ...said, powder: (low + high) / 2 }), 'ball', 'Paste', BOARD);
    return setGrams(made.build, made.id, Math.min(5000, num(said, 'grams')));
  },
  answers: (_, said) => {
    const paste = given('Paste', num(said, 'grams'), 'g', 'yours');
    const { low, high } = job(said).powder;
    const [least, most] = [low, high].map((dose) => powderFor(paste, dose, undefined, num(said, 'spoon')));
    return [
      { says: 'by those who dose low', figure: least!.grams },
      { says: 'in your level teaspoons', figure: least!.spoons },
      { says: 'by those who dose high', figure: most!.grams },
      { says: 'in your level teaspoons', figure: most!.spoons },
    ];
  },
  notes: (_, said) => [`It is right when ${job(said).feel}. For ${job(said).means}.`],
  makes: false,
};
