import { addPiece, resize } from '../../edits/index.ts';
import { BOARD } from '../../record/index.ts';
import { boardFor, num, PASTE, POWDER } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

export const askSkin: SmallQuestion = {
  id: 'skin',
  name: 'Cover of a ball',
  asks: 'How much paste covers a foam ball?',
  fields: [
    { key: 'core', label: 'Foam ball', kind: 'length', usual: 60, least: 5, most: 300 },
    { key: 'coat', label: 'Coat', kind: 'length', usual: 5, least: 1, most: 40 },
    PASTE,
    POWDER,
  ],
  build: (said) => {
    const made = addPiece(boardFor(said), 'skinOverBall', 'Covered ball', BOARD);
    return resize(made.build, made.id, { core: num(said, 'core'), coat: num(said, 'coat') });
  },
  answers: ({ figure, covers }) => {
    const { paste, ball } = figure.pieces[0]!.weight;
    const cover = covers[0];
    const sheet = cover?.kind === 'core' ? cover.over.sheet : undefined;
    return [
      { says: 'of paste on it', figure: paste },
      ...(sheet
        ? [
            { says: 'across, the round to roll out', figure: sheet.round },
            { says: 'rolled out for it', figure: sheet.rolled },
            { says: 'come off again, gathered underneath', figure: sheet.off },
            { says: 'at its thinnest, on the top', figure: sheet.thinnest },
          ]
        : [{ says: 'across, the ball of paste to begin with', figure: ball }]),
    ];
  },
  notes: ({ figure }) => figure.warnings,
  makes: true,
};
