import { ASKED, CLOSING, type Question } from '../../firming/index.ts';
import { addPiece, resize } from '../../edits/index.ts';
import { tellBand } from '../../quantity/index.ts';
import { BOARD } from '../../record/index.ts';
import { boardFor, num, PASTE, POWDER, ROOM } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

const SHAPES = [
  { value: 'ball', label: 'ball', sizes: (t: number) => ({ diameter: t }) },
  { value: 'rope', label: 'rope', sizes: (t: number) => ({ diameter: t, length: 6 * t }) },
  { value: 'sheet', label: 'rolled sheet', sizes: (t: number) => ({ thickness: t, width: 40, height: 50 }) },
] as const;
/** What is asked of a lone piece, in the order in which it happens. */
const TOLD: readonly Question[] = ['stick', 'bend', 'skin', 'touch', 'handle', 'dry'];

export const askFirm: SmallQuestion = {
  id: 'firm',
  name: 'How long to firm',
  asks: 'How long does it still bend, and when is it firm?',
  fields: [
    {
      key: 'shape',
      label: 'A',
      options: SHAPES.map(({ value, label }) => ({ value, label })),
      usual: 'ball',
    },
    { key: 'thick', label: 'Thick, or across', kind: 'length', usual: 20, least: 0.5, most: 25 },
    PASTE,
    POWDER,
    ...ROOM,
  ],
  build: (said) => {
    const shape = SHAPES.find((s) => s.value === said.shape) ?? SHAPES[0];
    const made = addPiece(boardFor(said), shape.value, 'Piece', BOARD);
    return resize(made.build, made.id, shape.sizes(num(said, 'thick')));
  },
  answers: ({ firming }) => {
    const f = [...firming.values()][0]!;
    return TOLD.flatMap((q) => {
      const [figure, band] = [f.figure(q), f.bands[q]];
      if (!figure || !band) return [];
      const says = CLOSING.has(q) ? `still ${ASKED[q].words}` : ASKED[q].words;
      return [{ says, figure, text: tellBand(band.fast, band.likely, band.slow) }];
    });
  },
  notes: ({ firming }) => {
    const { never } = [...firming.values()][0]!;
    return never === undefined ? [] : [never];
  },
  makes: true,
};
