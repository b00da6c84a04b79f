import { coverOf } from '../../covers/index.ts';
import { addTier, setTier } from '../../edits/index.ts';
import { tierRecord } from '../../record/index.ts';
import { boardFor, num, roundOrSquare, shapeSaid } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

const { width, height } = tierRecord.properties;

/** What is over at the foot, mm on each side. Common practice. */
const FEET = {
  trimmed: {
    label: 'is trimmed',
    over: 20,
    note: 'Smooth it down, let it rest ten minutes, then trim along the foot with the blade upright.',
  },
  tucked: {
    label: 'is turned under',
    over: 12,
    note: 'Wear the foot round to 6 mm or more and carve it in by the paste: the hem makes it wider.',
  },
  hangs: {
    label: 'hangs in folds',
    over: 40,
    note: 'Corners and folds are opened by hand; a warm sheet draws itself thin as it hangs.',
  },
} as const;

export const askTier: SmallQuestion = {
  id: 'tier',
  name: 'Cover of a tier',
  asks: 'How much paste covers a cake?',
  fields: [
    roundOrSquare('Cake'),
    { key: 'wide', label: 'Wide', kind: 'length', usual: 200, least: width.minimum, most: width.maximum },
    { key: 'high', label: 'High', kind: 'length', usual: 100, least: height.minimum, most: height.maximum },
    { key: 'cover', label: 'Paste rolled to', kind: 'length', usual: 4, least: 1, most: 20 },
    {
      key: 'foot',
      label: 'At the foot it',
      options: Object.entries(FEET).map(([value, { label }]) => ({ value, label })),
      usual: 'trimmed',
    },
  ],
  build: (said) => {
    const board = boardFor(said);
    const wide = num(said, 'wide');
    const made = addTier({ ...board, board: { ...board.board, width: Math.min(1500, wide + 60) } });
    const [own] = made.cake.tiers;
    return setTier(made, own!.id, {
      shape: shapeSaid(said),
      width: wide,
      height: num(said, 'high'),
      cover: { ...own!.cover!, thickness: num(said, 'cover') },
    });
  },
  answers: ({ paste, covers }, said) => {
    const cover = covers.find((c) => c.kind === 'plain');
    const foot = FEET[said.foot === 'tucked' || said.foot === 'hangs' ? said.foot : 'trimmed'];
    return [
      { says: 'of paste on it', figure: paste[0]!.net },
      ...(cover?.kind === 'plain'
        ? [
            {
              says:
                shapeSaid(said) === 'round'
                  ? 'across is the round to roll'
                  : 'is the side of the square to roll',
              figure: coverOf({ ...cover.plain.of, over: foot.over }).roll,
            },
          ]
        : []),
      { says: 'to roll out, where it is trimmed', figure: paste[0]!.need },
    ];
  },
  notes: (_, said) => [FEET[said.foot === 'tucked' || said.foot === 'hangs' ? said.foot : 'trimmed'].note],
  makes: true,
};
