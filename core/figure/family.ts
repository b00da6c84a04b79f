import { bisect, fail, ok, type Grams, type Mm, type Result } from '../quantity/index.ts';
import { BOARD, carriedBy, pieceOf, type Build, type Change } from '../record/index.ts';
import { extent } from './extent.ts';
import { scaleFigure } from './scale.ts';
import { weighIn } from './weigh.ts';

/** One of a piece with all it carries, standing alone in the middle of the board. */
export function aloneOf(build: Build, id: string): Build {
  const family = carriedBy(build, id);
  return {
    ...build,
    rods: [],
    pieces: family.map((p) =>
      p.id === id
        ? { ...p, count: 1, pair: false, seat: { ...p.seat, on: BOARD, at: [0, 0, 0], sink: 0, how: 'sits' } }
        : p,
    ),
  };
}

/** Paste and core in one of a piece with all it carries, g. */
export const oneWeighs = (alone: Build): Grams =>
  alone.pieces.reduce((g, p) => g + weighIn(alone, p).whole.value * times(alone, p.id), 0);

/** How many of a carried piece there are in one. */
function times(alone: Build, id: string): number {
  let n = 1;
  for (let at = pieceOf(alone, id); at; at = pieceOf(alone, at.seat.on)) n *= at.count * (at.pair ? 2 : 1);
  return n;
}

/** Widest the one is, seen from above. */
export function oneIsWide(alone: Build): Mm {
  const e = extent(alone);
  return Math.max(e.right - e.left, e.back - e.front);
}

/**
 * Make one of a piece, with all it carries, weigh so much: sizes grow together, sheets and coats keep their thickness.
 * Found by halving, because they do.
 */
export function oneWeighing(build: Build, id: string, target: Grams): Change {
  if (!pieceOf(build, id)) return fail('That piece is no longer in the build.');
  if (!(target > 0)) return fail('A portion has to weigh more than nothing.', 'target');
  const alone = aloneOf(build, id);
  const k = bisect((x) => oneWeighs(scaleFigure(alone, x)) - target, 0.05, 20, 60);
  if (k === undefined) return fail('That weight cannot be reached with these sheets and coats.', 'target');
  const family = new Map(scaleFigure(alone, k).pieces.map((p) => [p.id, p]));
  return ok({
    ...build,
    pieces: build.pieces.map((p) => {
      const next = family.get(p.id);
      if (!next) return p;
      return p.id === id ? { ...p, form: next.form } : { ...p, form: next.form, seat: next.seat };
    }),
  });
}

/** The pieces that make many alike: those that stand in numbers on what carries them. */
export const portionPieces = (build: Build): Result<readonly string[]> => {
  const many = build.pieces.filter((p) => p.count * (p.pair ? 2 : 1) > 2).map((p) => p.id);
  return many.length ? ok(many) : fail('Nothing in this build is made in numbers.');
};
