import { addPiece, addRod, setGrams, setSeat } from '../../edits/index.ts';
import { RODS, rodStock } from '../../bones/index.ts';
import { byFormula, formula, given } from '../../quantity/index.ts';
import { measureOf } from '../../figure/index.ts';
import { BOARD, type Rod } from '../../record/index.ts';
import { boardFor, num, PASTE, POWDER } from '../fields.ts';
import type { SmallQuestion } from '../types.ts';

const stockOf = (said: Readonly<Record<string, number | string>>): Rod['stock'] =>
  RODS.find((r) => r.id === said.stock)?.id ?? 'skewer4';

/** It ends so far up in the ball; common practice, two thirds. */
const DEEP = 2 / 3;
const CUT = formula({
  name: 'Stick to cut',
  takes: ['mm', 'mm', 'mm'],
  unit: 'mm',
  rule: 'board + height over it + in the ball',
  f: (board, high, into) => board + high + into,
});

export const askStick: SmallQuestion = {
  id: 'stick',
  name: 'Does a stick hold?',
  asks: 'Does this stick carry so much paste, so high up, in the car?',
  fields: [
    { key: 'grams', label: 'On it', kind: 'mass', usual: 60, least: 1, most: 3000 },
    { key: 'high', label: 'So high over the board', kind: 'length', usual: 120, least: 10, most: 600 },
    {
      key: 'stock',
      label: 'Stick',
      options: RODS.filter((r) => r.family !== 'wire' && r.family !== 'threaded').map((r) => ({
        value: r.id,
        label: r.name,
      })),
      usual: 'skewer4',
    },
    {
      key: 'board',
      label: 'Stands in',
      options: [
        { value: 'drum', label: 'a cake drum' },
        { value: 'plywood', label: 'plywood' },
        { value: 'mdf', label: 'MDF' },
      ],
      usual: 'drum',
    },
    PASTE,
    POWDER,
  ],
  build: (said) => {
    const empty = boardFor(said);
    const material = said.board === 'plywood' || said.board === 'mdf' ? said.board : 'drum';
    const made = addPiece({ ...empty, board: { ...empty.board, material } }, 'ball', 'Head', BOARD);
    const weighed = setGrams(made.build, made.id, num(said, 'grams'));
    if (!weighed.ok) return weighed;
    const up = setSeat(weighed.value, made.id, { at: [0, 0, num(said, 'high')] });
    if (!up.ok) return up;
    const ball = up.value.pieces[0]!;
    const deep = measureOf(ball).height * DEEP;
    const stock = stockOf(said);
    const rod = addRod(up.value, {
      name: 'Stick',
      stock,
      from: { on: BOARD, at: [0, 0, -empty.board.thickness] },
      to: { on: ball.id, at: [0, 0, deep] },
      pair: false,
      sleeved: rodStock(stock).needsSleeve,
      shown: true,
    });
    return { ok: true, value: rod.build };
  },
  answers: ({ bones, figure }, said) => {
    const [rod] = bones.rods;
    if (!rod) return [];
    const checks = [...rod.checks].sort((x, y) => y.use.value - x.use.value);
    return [
      ...checks.map((c) => ({ says: `used of what it can take: ${c.title.toLowerCase()}`, figure: c.use })),
      {
        says: 'to cut',
        figure: byFormula(CUT, [
          given('Board', Number(boardFor(said).board.thickness), 'mm'),
          given('Over the board', num(said, 'high'), 'mm', 'yours'),
          given('In the ball', DEEP * figure.pieces[0]!.weight.ball.value, 'mm', 'common practice'),
        ]),
      },
    ];
  },
  notes: ({ bones }) => {
    const [rod] = bones.rods;
    const says = {
      holds: 'It holds.',
      tight: 'It is tight: take the next wider one.',
      fails: 'It won’t hold.',
      idle: '',
    };
    return rod ? [says[rod.verdict], rod.stock.caution].filter(Boolean) : [];
  },
  makes: true,
};
