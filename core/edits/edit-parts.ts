import { fail, LONGEST_NAME, ok, type Grams, type Mm, type Result } from '../quantity/index.ts';
import { finishedDensity } from '../pastes/index.ts';
import type { SolidData } from '../solids/index.ts';
import { pieceOf, type Build, type Piece, freshId, keptName, standing } from '../record/index.ts';
import { addPiece } from './edit-pieces.ts';
import { makeTrouble, blendOf, weigh } from '../figure/index.ts';
import { splitByDiameter } from '../paste-list/index.ts';

/**
 * Split a piece's paste into balls that together weigh the same: the first takes its place, the others stand on each
 * other or, when all are equal, side by side.
 * @param ratios diameters relative to each other
 */
export function splitPiece(
  build: Build,
  id: string,
  ratios: readonly number[],
  total?: Grams,
): Result<{ build: Build; ids: readonly string[] }> {
  const piece = pieceOf(build, id);
  if (!piece) return fail('That piece is no longer in the build.');
  const blend = blendOf(build, piece);
  const parts = splitByDiameter(total ?? weigh(piece, blend).paste.value, ratios, finishedDensity(blend));
  if (!parts.ok) return parts;
  const equal = ratios.every((r) => r === ratios[0]);
  const made: Piece[] = [];
  parts.value.forEach((part, k) => {
    const name = ratios.length > 1 ? `${piece.name.slice(0, LONGEST_NAME - 4)} ${k + 1}` : piece.name;
    const first = made[0];
    const diameter = Number(part.ball.toFixed(3));
    const stacked = first !== undefined && !equal;
    const [x, y, z] = piece.seat.at;
    made.push({
      ...piece,
      id: k === 0 ? id : freshId(name, [...standing(build), ...made]),
      name,
      form: { kind: 'ball', sizes: { diameter, press: 0 } },
      pair: k === 0 ? piece.pair : !stacked && piece.pair,
      seat: stacked
        ? {
            ...piece.seat,
            on: made[k - 1]!.id,
            at: [0, 0, made[k - 1]!.form.sizes.diameter!],
            lean: 0,
            tip: 0,
            turn: 0,
            sink: Number((diameter * 0.06).toFixed(2)),
            how: 'sits',
          }
        : { ...piece.seat, at: [x + (equal ? k * diameter * 1.05 : 0), y, z], how: 'sits' },
      tolerance: equal ? 'equal' : piece.tolerance,
      count: stacked ? 1 : piece.count,
    });
  });
  const at = build.pieces.findIndex((p) => p.id === id);
  const pieces = [...build.pieces.slice(0, at), ...made, ...build.pieces.slice(at + 1)];
  const split = { ...build, pieces };
  const wrong = makeTrouble(split);
  return wrong === undefined ? ok({ build: split, ids: made.map((p) => p.id) }) : fail(wrong, 'ratios');
}

/** Add a solid read from a file, at the size it was read at, standing on `on`. */
export function addSolid(
  build: Build,
  solid: SolidData,
  size: readonly [Mm, Mm, Mm],
  on: string,
): { build: Build; id: string } {
  const { build: next, id } = addPiece(build, 'imported', solid.name, on);
  const named = { ...solid, name: keptName(solid.name, 'Solid') };
  const tidy = (x: number) => Number(Math.min(2000, Math.max(1, x)).toFixed(2));
  const form = {
    kind: 'imported' as const,
    sizes: { width: tidy(size[0]), depth: tidy(size[1]), height: tidy(size[2]) },
    solid: named,
  };
  return { build: { ...next, pieces: next.pieces.map((p) => (p.id === id ? { ...p, form } : p)) }, id };
}

const NEAR = (ratio: number, wanted: number) => ratio > wanted * 0.85 && ratio < wanted * 1.18;

/**
 * A size typed as a bare number that is ten or twenty-five times what it was may be in the wrong unit.
 * @returns a soft question, or undefined
 */
export function unitDoubt(before: Mm, after: Mm): string | undefined {
  const ratio = after / before;
  if (NEAR(ratio, 10) || NEAR(1 / ratio, 10))
    return 'That is about ten times as much or as little: centimetres or millimetres? Ctrl Z takes it back.';
  if (NEAR(ratio, 25.4) || NEAR(1 / ratio, 25.4))
    return 'That is about twenty-five times as much or as little: inches or millimetres? Ctrl Z takes it back.';
  return undefined;
}
