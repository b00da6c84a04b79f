import { coverBoard, setRibbon } from '../../edits/index.ts';
import { boardRecord } from '../../record/index.ts';
import { boardFor, num, roundOrSquare, shapeSaid } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

const { width, thickness } = boardRecord.properties;

export const askBoard: SmallQuestion = {
  id: 'board',
  name: 'Cover of a board',
  asks: 'How much paste covers a board, and how long is its ribbon?',
  fields: [
    roundOrSquare('Board'),
    { key: 'width', label: 'Wide', kind: 'length', usual: 250, least: width.minimum, most: width.maximum },
    {
      key: 'thick',
      label: 'Its own thickness',
      kind: 'length',
      usual: 12,
      least: thickness.minimum,
      most: thickness.maximum,
    },
    { key: 'cover', label: 'Paste rolled to', kind: 'length', usual: 3, least: 1, most: 20 },
  ],
  build: (said) => {
    const build = boardFor(said);
    const sized = {
      ...build,
      board: {
        ...build.board,
        shape: shapeSaid(said),
        width: num(said, 'width'),
        thickness: num(said, 'thick'),
      },
    };
    const covered = coverBoard(sized, {
      thickness: num(said, 'cover'),
      blend: 'paste',
      colour: build.colours[0]!.id,
    });
    // a ribbon covers board and paste
    const wide = Math.max(3, Math.min(100, num(said, 'thick') + num(said, 'cover')));
    return covered.ok ? setRibbon(covered.value, { width: wide, colour: build.colours[0]!.id }) : covered;
  },
  answers: ({ paste, needs }) => {
    const ribbon = needs.find((n) => n.id === 'ribbon');
    return [
      { says: 'of paste on it', figure: paste[0]!.net },
      { says: 'to have, with what is trimmed off', figure: paste[0]!.need },
      ...(ribbon ? [{ says: `of ${ribbon.name.toLowerCase()}, lapped over`, figure: ribbon.amount }] : []),
    ];
  },
  notes: () => [
    'Before the rod goes in and before the figure stands on it: it cannot be covered afterwards.',
  ],
  makes: true,
};
