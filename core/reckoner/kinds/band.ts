import { addPiece, fitToGirth, resize, setSeat } from '../../edits/index.ts';
import { formula, byFormula, given } from '../../quantity/index.ts';
import { BOARD } from '../../record/index.ts';
import { boardFor, num, PASTE, POWDER } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

const STRIP = formula({
  name: 'Strip to cut',
  takes: ['mm', 'mm', 'mm'],
  unit: 'mm',
  rule: 'π × (across + thickness) + lap',
  f: (across, thick, lap) => Math.PI * (across + thick) + lap,
});

export const askBand: SmallQuestion = {
  id: 'band',
  name: 'Band round a side',
  asks: 'How long is a band that meets at the back, and how much paste is it?',
  fields: [
    { key: 'across', label: 'Across, what it goes round', kind: 'length', usual: 150, least: 15, most: 560 },
    { key: 'wide', label: 'Band wide', kind: 'length', usual: 20, least: 2, most: 120 },
    { key: 'thick', label: 'Rolled to', kind: 'length', usual: 2, least: 0.5, most: 12 },
    { key: 'lap', label: 'Lapped over', kind: 'length', usual: 5, least: 0, most: 40 },
    PASTE,
    POWDER,
  ],
  build: (said) => {
    const round = addPiece(boardFor(said), 'truncatedCone', 'Side', BOARD);
    const across = num(said, 'across');
    const tall = num(said, 'wide') + 10;
    const sized = resize(round.build, round.id, { foot: across, top: across, height: tall });
    if (!sized.ok) return sized;
    const strip = addPiece(sized.value, 'strip', 'Band', round.id);
    const cut = resize(strip.build, strip.id, { width: num(said, 'wide'), thickness: num(said, 'thick') });
    if (!cut.ok) return cut;
    const laid = setSeat(cut.value, strip.id, { how: 'wraps', at: [0, 0, 5 + num(said, 'wide') / 2] });
    return laid.ok ? fitToGirth(laid.value, strip.id, num(said, 'lap')) : laid;
  },
  answers: ({ figure }, said) => [
    {
      says: 'to cut, lapped over at the back',
      figure: byFormula(STRIP, [
        given('Across', num(said, 'across'), 'mm', 'yours'),
        given('Thickness', num(said, 'thick'), 'mm', 'yours'),
        given('Lap', num(said, 'lap'), 'mm', 'yours'),
      ]),
    },
    { says: 'of paste in it', figure: figure.pieces[1]!.weight.paste },
  ],
  notes: () => [
    'Measure the side with a strip of paper once it is covered: paste makes it wider than its tin.',
  ],
  makes: true,
};
