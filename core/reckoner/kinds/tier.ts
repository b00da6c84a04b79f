import { addTier, setTier } from '../../edits/index.ts';
import { tierRecord } from '../../record/index.ts';
import { boardFor, num, roundOrSquare, shapeSaid } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

const { width, height } = tierRecord.properties;

export const askTier: SmallQuestion = {
  id: 'tier',
  name: 'Cover of a tier',
  asks: 'How much paste covers a cake?',
  fields: [
    roundOrSquare('Cake'),
    { key: 'wide', label: 'Wide', kind: 'length', usual: 200, least: width.minimum, most: width.maximum },
    { key: 'high', label: 'High', kind: 'length', usual: 100, least: height.minimum, most: height.maximum },
    { key: 'cover', label: 'Paste rolled to', kind: 'length', usual: 4, least: 1, most: 20 },
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
  answers: ({ paste }) => [
    { says: 'of paste on it', figure: paste[0]!.net },
    { says: 'to roll out, with what is trimmed off', figure: paste[0]!.need },
  ],
  makes: true,
};
