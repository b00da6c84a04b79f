import { airbrushCup, THINNED } from '../../colour/index.ts';
import { ok } from '../../quantity/index.ts';
import { boardFor, num } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

export const askCup: SmallQuestion = {
  id: 'cup',
  name: 'Colour for the airbrush',
  asks: 'How much colour goes into the cup, and how is paint thinned?',
  fields: [
    { key: 'area', label: 'To cover, cm²', kind: 'count', usual: 60, least: 1, most: 10_000 },
    { key: 'passes', label: 'Passes', kind: 'count', usual: 3, least: 1, most: 20 },
  ],
  build: (said) => ok(boardFor(said)),
  answers: (_, said) => {
    const { ml, drops } = airbrushCup(num(said, 'area'), num(said, 'passes'));
    return [
      { says: 'into the cup', figure: ml },
      { says: 'is that by the drop', figure: drops },
    ];
  },
  notes: () => [
    'Where patches are wanted leave the drops unshaken in the cup, and try it on paper first. Mask on, extract, cover the cake.',
    `With a brush, to one drop of colour: ${THINNED.solid} of thinner for solid paint, ${THINNED.watered} for watered paint, ${THINNED.wash} for a wash that is wiped back.`,
  ],
  makes: false,
};
