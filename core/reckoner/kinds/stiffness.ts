import { addPiece, setGrams } from '../../edits/index.ts';
import { freshYield } from '../../firming/index.ts';
import { byFormula, formula, given } from '../../quantity/index.ts';
import { BOARD } from '../../record/index.ts';
import { boardFor, num } from '../fields.ts';
import type { Sayings, SmallQuestion } from '../types.ts';

/** Pastes one knows by hand, as something to be as stiff as. */
const LIKE = [
  { value: 'half', label: 'between covering paste and gum paste', share: 50 },
  { value: 'posing', label: 'for posing: 30 in the hundred', share: 30 },
  { value: 'lumps', label: 'for lumps: 20 in the hundred', share: 20 },
  { value: 'thin', label: 'for thin work: 70 in the hundred', share: 70 },
] as const;

const shareOf = (said: Sayings): number => LIKE.find((l) => l.value === said.like)?.share ?? 50;

const MORE = formula({
  name: 'Gum paste to knead in',
  takes: ['g', '%', '%'],
  unit: 'g',
  rule: 'paste × (wanted − there) ÷ (100 − wanted)',
  f: (paste, wanted, there) => Math.max(0, (paste * (wanted - there)) / (100 - wanted)),
});
const STIFFER = formula({
  name: 'Stiffer than plain covering paste',
  takes: ['kPa', 'kPa'],
  unit: '×',
  rule: 'of the blend ÷ of plain paste',
  f: (blend, plain) => blend / plain,
});

export const askStiffness: SmallQuestion = {
  id: 'stiffness',
  name: 'Blend to a stiffness',
  asks: 'How much gum paste brings a paste to a stiffness, and how much stiffer is that?',
  fields: [
    { key: 'grams', label: 'Paste there is', kind: 'mass', usual: 200, least: 1, most: 5000 },
    { key: 'there', label: 'Gum paste in it', kind: 'percent', usual: 0, least: 0, most: 95 },
    {
      key: 'like',
      label: 'As stiff as',
      options: LIKE.map(({ value, label }) => ({ value, label })),
      usual: 'posing',
    },
  ],
  build: (said) => {
    const empty = boardFor({ paste: 'fondant' });
    const gumPaste = Math.max(shareOf(said), num(said, 'there'));
    const made = addPiece({ ...empty, blends: [{ ...empty.blends[0]!, gumPaste }] }, 'ball', 'Paste', BOARD);
    return setGrams(made.build, made.id, Math.min(5000, num(said, 'grams')));
  },
  answers: (_, said) => {
    const wanted = Math.max(shareOf(said), num(said, 'there'));
    const yieldOf = (gumPaste: number) =>
      freshYield({ id: 'x', name: '', base: 'fondant', gumPaste, powder: 0 });
    return [
      {
        says: 'of gum paste to knead in',
        figure: byFormula(MORE, [
          given('Paste there is', num(said, 'grams'), 'g', 'yours'),
          given('Wanted', wanted, '%', 'common practice'),
          given('In it already', num(said, 'there'), '%', 'yours'),
        ]),
      },
      {
        says: 'as stiff as plain covering paste, fresh from the hands',
        figure: byFormula(STIFFER, [
          given('Of the blend', yieldOf(wanted), 'kPa', 'fitted'),
          given('Of plain covering paste', yieldOf(0), 'kPa', 'fitted'),
        ]),
      },
    ];
  },
  notes: (_, said) =>
    num(said, 'there') > shareOf(said)
      ? ['It is stiffer than that already: knead in plain covering paste.']
      : [],
  makes: true,
};
