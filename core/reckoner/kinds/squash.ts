import { addPiece, resize, setGrams, setSeat } from '../../edits/index.ts';
import { BOARD } from '../../record/index.ts';
import { boardFor, num, PASTE, POWDER, ROOM } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

export const askSquash: SmallQuestion = {
  id: 'squash',
  name: 'Squashed by what it carries',
  asks: 'How much height does a leg lose under what is set on it too soon?',
  fields: [
    { key: 'across', label: 'Leg across', kind: 'length', usual: 25, least: 3, most: 150 },
    { key: 'tall', label: 'Tall', kind: 'length', usual: 60, least: 5, most: 400 },
    { key: 'grams', label: 'Set on it', kind: 'mass', usual: 150, least: 1, most: 3000 },
    { key: 'after', label: 'After it was shaped', kind: 'time', usual: 60, least: 0, most: 10_080 },
    PASTE,
    POWDER,
    ...ROOM,
  ],
  build: (said) => {
    const leg = addPiece(boardFor(said), 'rope', 'Leg', BOARD);
    const sized = resize(leg.build, leg.id, { diameter: num(said, 'across'), length: num(said, 'tall') });
    if (!sized.ok) return sized;
    const load = addPiece(sized.value, 'ball', 'Load', leg.id);
    const weighed = setGrams(load.build, load.id, num(said, 'grams'));
    return weighed.ok ? setSeat(weighed.value, load.id, { at: [0, 0, num(said, 'tall') - 0.6] }) : weighed;
  },
  answers: (report, said) => {
    const lost = report.squash('leg', num(said, 'after'));
    const bears = report.stands.carries.find((c) => c.piece === 'leg')?.bears;
    return [
      ...(lost ? [{ says: 'of its height lost', figure: lost }] : []),
      ...(bears ? [{ says: 'until it bears that without giving', figure: bears }] : []),
    ];
  },
  notes: () => ['A stick up through both takes the weight at once; so does a prop until it has set.'],
  makes: true,
};
