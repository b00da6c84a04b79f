import { travellingApart } from '../days/index.ts';
import { removePiece } from '../edits/index.ts';
import { BACK, DOWN, FRONT, LEFT, place, reach, RIGHT, UP, weighIn } from '../figure/index.ts';
import { given, reckon, total, type Grams, type Mm, type Reckoned } from '../quantity/index.ts';
import { carriedBy, multiplicity, pieceOf, type Build, type Piece } from '../record/index.ts';

/** Something that is carried by itself: a piece with all it carries, or the board with what stands on it. */
export interface Parcel {
  readonly id: string;
  readonly name: string;
  readonly pieces: readonly string[];
  readonly weighs: Reckoned<'g'>;
  /** As it stands, to the side, to the back and up. */
  readonly size: readonly [Reckoned, Reckoned, Reckoned];
  /** Inside of the box it travels in. */
  readonly box: readonly [Reckoned, Reckoned, Reckoned];
  /** What its weight asks for. */
  readonly says: readonly string[];
}

/** Room in a box, for fingers and for what sways, mm on each side; over the top as much. Common practice. */
const ROOM: Mm = 25;
/** From here on two carry it, g. Common practice; occupational guidance for lifting lies between 15 and 25 kg, from memory. */
const TWO: Grams = 12_000;

/** The build as it is driven: without what travels apart. */
export const withoutApart = (build: Build, apart: readonly Piece[] = travellingApart(build)): Build =>
  apart.reduce((b, p) => (pieceOf(b, p.id) ? removePiece(b, p.id).build : b), build);

const sized = (name: string, wide: Mm, deep: Mm, tall: Mm): Pick<Parcel, 'size' | 'box'> => {
  const size = [
    given(`${name}, to the side`, wide, 'mm', 'derived'),
    given(`${name}, to the back`, deep, 'mm', 'derived'),
    given(`${name}, high`, tall, 'mm', 'derived'),
  ] as const;
  const room = given('Room round it', ROOM, 'mm', 'common practice');
  const both = (what: string, of: Reckoned) =>
    reckon(`Box inside, ${what}`, 'mm', 'size + 2 × room', [of, room], (x, r) => x + 2 * r);
  const over = reckon('Box inside, high', 'mm', 'size + room', [size[2], room], (x, r) => x + r);
  return {
    size,
    box: [both('to the side', size[0]), both('to the back', size[1]), over],
  };
};

const heavy = (weighs: Reckoned): string[] =>
  weighs.value >= TWO
    ? ['Two people lift it, with straight backs and the way clear; nobody carries it alone.']
    : [];

/** One piece with all it carries, as it stands in the figure; the largest of them where there are several alike. */
export function parcelOf(build: Build, piece: Piece): Parcel {
  const pieces = carriedBy(build, piece.id);
  const all = place(build);
  // of several alike the first: each has a box of its own
  const mine = new Set([all.findIndex((i) => i.piece.id === piece.id)]);
  all.forEach((i, k) => {
    if (mine.has(i.carrier)) mine.add(k);
  });
  const near = [...mine].flatMap((k) => all[k] ?? []);
  const far = (along: Parameters<typeof reach>[1]) =>
    Math.max(...near.map((i) => reach(i, along)), -Infinity);
  const span = (a: Parameters<typeof reach>[1], b: Parameters<typeof reach>[1]): Mm => {
    const sum = far(a) + far(b);
    return Number.isFinite(sum) ? sum : 0;
  };
  const weighs = total(
    `${piece.name}, with all it carries`,
    'g',
    pieces.map((p) => {
      const { whole } = weighIn(build, p);
      const n = multiplicity(build, p);
      return n === 1
        ? whole
        : reckon(
            `${p.name}, all of them`,
            'g',
            'one × how many',
            [whole, given('How many', n, 'pieces')],
            (g, k) => g * k,
          );
    }),
  );
  return {
    id: piece.id,
    name: piece.name,
    pieces: pieces.map((p) => p.id),
    weighs,
    ...sized(piece.name, span(LEFT, RIGHT), span(FRONT, BACK), span(UP, DOWN)),
    says: heavy(weighs),
  };
}

/** The board with everything that stays on it. @param weighs all of it @param rise from the table to where the figure stands */
export function boardParcel(build: Build, weighs: Reckoned<'g'>, rise: Mm, tall: Mm): Parcel {
  const all = place(build);
  const wide = build.board.width;
  const far = (along: Parameters<typeof reach>[1]) => Math.max(wide / 2, ...all.map((i) => reach(i, along)));
  return {
    id: 'board',
    name: 'The board, with what stays on it',
    pieces: build.pieces.map((p) => p.id),
    weighs,
    ...sized('Board and figure', far(LEFT) + far(RIGHT), far(FRONT) + far(BACK), rise + tall),
    says: heavy(weighs),
  };
}
