import { goresOf, jacketOf, leaningOf, sleeveOf, tasselOf, type Cloth } from '../../covers/index.ts';
import { addPiece, resize, setArt, setPiece } from '../../edits/index.ts';
import { fail, type Mm } from '../../quantity/index.ts';
import { BOARD, type Change } from '../../record/index.ts';
import { boardFor, num, PASTE, POWDER } from '../fields.ts';
import type { Sayings, SmallQuestion } from '../types.ts';

/** An outline is kept within one unit. */
const drawn = (outline: Cloth['outline']) => {
  const [xs, ys] = [outline.map((p) => p[0]), outline.map((p) => p[1])];
  const [left, low] = [Math.min(...xs), Math.min(...ys)];
  const [width, height] = [Math.max(...xs) - left, Math.max(...ys) - low];
  const edge = outline.map(([x, y]) => [(x - left) / width - 0.5, (y - low) / height, 1] as const);
  return { edge, width, height };
};

/** The cloth as a piece cut from a sheet; its paper comes under Cut. */
function onBoard(said: Sayings, name: string, { outline, says, number }: Cloth, thick: Mm): Change {
  const { edge, width, height } = drawn(outline);
  if (!(width > 0 && height > 0)) return fail(says ?? 'Nothing is left of it to cut.');
  const made = addPiece(boardFor(said), 'sheet', name, BOARD);
  const sized = resize(made.build, made.id, { width, height, thickness: thick });
  const shaped = sized.ok ? setArt(sized.value, made.id, { curves: { edge } }) : sized;
  return shaped.ok && number !== undefined ? setPiece(shaped.value, made.id, { count: number }) : shaped;
}

const THICK = { key: 'thick', label: 'Rolled to', kind: 'length', usual: 2, least: 0.5, most: 8 } as const;

/** A small question about something cut from a sheet, asked and answered the same way whatever it is. */
const asking = (
  of: Pick<SmallQuestion, 'id' | 'name' | 'asks' | 'fields'> & {
    readonly piece: string;
    readonly cloth: (said: Sayings) => Cloth;
    readonly notes: readonly string[];
  },
): SmallQuestion => ({
  id: of.id,
  name: of.name,
  asks: of.asks,
  fields: [...of.fields, THICK, PASTE, POWDER],
  build: (said) => onBoard(said, of.piece, of.cloth(said), num(said, 'thick')),
  answers: ({ figure }, said) => [
    ...of.cloth(said).figures,
    of.cloth(said).number === undefined
      ? { says: 'of paste in it', figure: figure.pieces[0]!.weight.paste }
      : { says: 'of paste in all of them', figure: figure.paste },
  ],
  notes: (_, said) => {
    const { says } = of.cloth(said);
    return says === undefined ? of.notes : [says, ...of.notes];
  },
  makes: true,
});

export const askSleeve = asking({
  id: 'sleeve',
  name: 'Sleeve',
  asks: 'How is a sleeve cut, and how does its upper edge curve?',
  piece: 'Sleeve',
  fields: [
    { key: 'arm', label: 'Arm, across', kind: 'length', usual: 27, least: 4, most: 150 },
    { key: 'long', label: 'Long', kind: 'length', usual: 60, least: 5, most: 300 },
    { key: 'slant', label: 'Shoulder slants by', kind: 'angle', usual: 40, least: 0, most: 70 },
    { key: 'lap', label: 'Lapped over', kind: 'length', usual: 4, least: 0, most: 30 },
  ],
  cloth: (said) =>
    sleeveOf(num(said, 'arm'), num(said, 'long'), num(said, 'slant'), num(said, 'thick'), num(said, 'lap')),
  notes: ['The seam lies on the inside of the arm. Let the sheet rest before it is cut: it shortens.'],
});

export const askJacket = asking({
  id: 'jacket',
  name: 'Collar, cape or jacket',
  asks: 'What part of a ring goes round a body that widens towards its hem?',
  piece: 'Jacket',
  fields: [
    { key: 'above', label: 'Across, above', kind: 'length', usual: 40, least: 4, most: 400 },
    { key: 'below', label: 'Across, at the hem', kind: 'length', usual: 80, least: 4, most: 500 },
    { key: 'tall', label: 'Tall', kind: 'length', usual: 60, least: 2, most: 400 },
    { key: 'gap', label: 'Open in front', kind: 'length', usual: 10, least: 0, most: 200 },
  ],
  cloth: (said) =>
    jacketOf(num(said, 'above'), num(said, 'below'), num(said, 'tall'), num(said, 'thick'), num(said, 'gap')),
  notes: ['Measure both ways round with a strip of paper on the finished body.'],
});

export const askTassel = asking({
  id: 'tassel',
  name: 'Tassel',
  asks: 'How wide a strip is rolled up to a tassel?',
  piece: 'Tassel, flat',
  fields: [
    { key: 'long', label: 'Long', kind: 'length', usual: 30, least: 4, most: 150 },
    { key: 'across', label: 'Across, rolled up', kind: 'length', usual: 8, least: 2, most: 60 },
  ],
  cloth: (said) => tasselOf(num(said, 'long'), num(said, 'across'), num(said, 'thick')),
  notes: ['Cut the comb first, damp the uncut edge, roll it up, then let the fringe hang as it firms.'],
});

export const askLeaning = asking({
  id: 'leaning',
  name: 'Strip round what leans',
  asks: 'How is a strip cut that goes round something that tapers and leans?',
  piece: 'Strip, flat',
  fields: [
    { key: 'below', label: 'Across, below', kind: 'length', usual: 60, least: 4, most: 300 },
    { key: 'above', label: 'Across, above', kind: 'length', usual: 40, least: 4, most: 300 },
    { key: 'tall', label: 'Tall', kind: 'length', usual: 75, least: 5, most: 300 },
    { key: 'aside', label: 'Top lies aside by', kind: 'length', usual: 22, least: 0, most: 200 },
    { key: 'lap', label: 'Lapped over', kind: 'length', usual: 3, least: 0, most: 40 },
  ],
  cloth: (said) =>
    leaningOf(
      {
        below: num(said, 'below'),
        above: num(said, 'above'),
        tall: num(said, 'tall'),
        aside: num(said, 'aside'),
      },
      num(said, 'thick'),
      num(said, 'lap'),
    ),
  notes: [
    'The seam lies on the short side, where it takes the least paste. Both edges of the seam come out alike: hold one against the other.',
  ],
});

export const askGores = asking({
  id: 'gores',
  name: 'Gores over a ball',
  asks: 'How wide is each leaf that covers a ball from pole to pole?',
  piece: 'Gore',
  fields: [
    { key: 'ball', label: 'Ball, across', kind: 'length', usual: 80, least: 15, most: 300 },
    { key: 'number', label: 'Leaves', kind: 'count', usual: 8, least: 3, most: 40 },
  ],
  cloth: (said) => goresOf(num(said, 'ball'), Math.round(num(said, 'number')), num(said, 'thick')),
  notes: [
    'Lay them edge to edge from the top; rub each seam with a warm finger before the next goes on. The last one is cut to what is left.',
  ],
});
