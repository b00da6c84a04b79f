import { addPiece, resize } from '../../edits/index.ts';
import { given, reckon } from '../../quantity/index.ts';
import { BOARD } from '../../record/index.ts';
import { boardFor, num, PASTE, POWDER } from '../fields.ts';
import type { Sayings, SmallQuestion } from '../types.ts';

/** What a section fills of the box round it. Derived. */
const SECTIONS = {
  halfRound: { label: 'half round', fills: Math.PI / 4 },
  quarterRound: { label: 'quarter round', fills: Math.PI / 4 },
  threeCornered: { label: 'three-cornered', fills: 1 / 2 },
  flat: { label: 'flat, with square edges', fills: 1 },
} as const;
type Section = keyof typeof SECTIONS;
const isSection = (x: unknown): x is Section => typeof x === 'string' && x in SECTIONS;

function sectionOf(said: Sayings) {
  const { fills } = SECTIONS[isSection(said.section) ? said.section : 'halfRound'];
  return reckon(
    'Section',
    'mm²',
    'wide × tall × share of the box it fills',
    [
      given('Wide', num(said, 'wide'), 'mm', 'yours'),
      given('Tall', num(said, 'tall'), 'mm', 'yours'),
      given('Share of the box it fills', fills, '', 'derived'),
    ],
    (w, h, k) => k * w * h,
  );
}
const ropeOf = (said: Sayings) =>
  reckon('Rope to begin with', 'mm', '√(4 × section ÷ π)', [sectionOf(said)], (a) =>
    Math.sqrt((4 * a) / Math.PI),
  );

export const askMoulding: SmallQuestion = {
  id: 'moulding',
  name: 'Moulding rolled in a groove',
  asks: 'How much paste is a length of moulding, and how thick a rope does it begin as?',
  fields: [
    {
      key: 'section',
      label: 'Section',
      options: Object.entries(SECTIONS).map(([value, { label }]) => ({ value, label })),
      usual: 'halfRound',
    },
    { key: 'long', label: 'Long', kind: 'length', usual: 200, least: 5, most: 900 },
    { key: 'wide', label: 'Wide', kind: 'length', usual: 12, least: 1, most: 80 },
    { key: 'tall', label: 'Tall', kind: 'length', usual: 6, least: 1, most: 60 },
    PASTE,
    POWDER,
  ],
  build: (said) => {
    const made = addPiece(boardFor(said), 'rope', 'Moulding, as a rope', BOARD);
    return resize(made.build, made.id, { diameter: ropeOf(said).value, length: num(said, 'long') });
  },
  answers: ({ figure }, said) => [
    { says: 'of paste in it', figure: figure.pieces[0]!.weight.paste },
    { says: 'across is the rope that is rolled into the groove', figure: ropeOf(said) },
  ],
  notes: () => [
    'Dust the groove, lay the rope in, roll over it and trim along the board; lift it out by bending the board, not the paste.',
  ],
  makes: true,
};
