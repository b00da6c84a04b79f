import { areaLabour, formatBand } from '../../quantity/index.ts';
import { measureOf, weighIn } from '../../figure/index.ts';
import type { Band } from '../../firming/index.ts';
import { quantileOf } from '../../joins/index.ts';
import { TEXTURES, type Piece } from '../../record/index.ts';
import type { Joining } from '../joining.ts';
import { LEVELS } from '../levels.ts';
import {
  colourOf,
  joinId,
  lower,
  many,
  order,
  paced,
  shapeId,
  textureId,
  type Bench,
  type StepMaker,
} from './types.ts';

/** Finding the tool, and the first marks of each piece, minutes. Common practice. */
const TOOLS_OUT = 1;
/** More than so many are not all made before the first is joined. Estimate. */
const FEW = 3;
/** Said of pastes of which nothing is known. Estimate. */
const UNKNOWN: Band = { fast: 5, likely: 8, slow: 15 };

/** Many alike are shaped, textured and joined a few at a time. */
export const isLot = (bench: Bench, piece: Piece): boolean =>
  bench.number(piece) * weighIn(bench.build, piece).alike > FEW;

const minutesOf = (bench: Bench, piece: Piece): number => {
  const n = bench.number(piece);
  const cm2 = (measureOf(piece).area / 100) * n;
  return paced(bench, 'texture', areaLabour(TOOLS_OUT * n, TEXTURES[piece.texture].perCm2, cm2));
};

/**
 * A piece is textured once it is joined where its face would no longer give by then, as fur is snipped on limbs that are pressed on
 * soft. Common practice.
 */
export function texturedAfter(bench: Bench, { piece, level, up }: Joining): boolean {
  if (piece.texture === 'none' || level === undefined || up.closes.length === 0 || isLot(bench, piece))
    return false;
  const closes = Math.min(...up.closes.map((c) => quantileOf(c.band, 1 - level)));
  return minutesOf(bench, piece) > closes;
}

/** Until when the surface may be begun: it must not crack under what is done to it. */
function closesOf(bench: Bench, piece: Piece): Band {
  const f = bench.firming.get(piece.id);
  return f?.gives(TEXTURES[piece.texture].strain) ?? f?.bands.texture ?? UNKNOWN;
}

/** Work the surface while it is soft: has to begin before the skin cracks. */
export const texture: StepMaker = {
  kind: 'texture',
  make: (bench) => {
    const textured = bench.build.pieces.filter((p) => p.texture !== 'none');
    const after = new Set(bench.joinings.filter((j) => texturedAfter(bench, j)).map((j) => j.piece.id));
    return {
      steps: textured.map((piece) => {
        const closes = closesOf(bench, piece);
        return {
          id: textureId(piece.id),
          kind: 'texture' as const,
          title: `${TEXTURES[piece.texture].verb} the ${lower(piece.name)}`,
          notes: [
            Number.isFinite(closes.fast)
              ? `Begin at once: the surface cracks ${formatBand(closes.fast, closes.slow)} after shaping. Keep what you are not working on covered.`
              : 'There is no hurry: in this room the surface stays soft enough to texture.',
            ...(after.has(piece.id) ? ['On the figure: it is joined first, while it still gives.'] : []),
          ],
          minutes: minutesOf(bench, piece),
          piece: piece.id,
          ...many(bench.number(piece) * weighIn(bench.build, piece).alike, piece.name),
          ...colourOf(bench, piece.colour),
        };
      }),
      links: textured.flatMap((piece) => [
        {
          from: shapeId(piece.id),
          to: textureId(piece.id),
          kind: 'window' as const,
          band: closesOf(bench, piece),
          // joined first, it may only be begun while it mostly still gives
          ...(after.has(piece.id) ? { level: LEVELS[0] } : {}),
          why: `the ${lower(piece.name)} is textured before its skin cracks`,
          piece: piece.id,
        },
        ...(after.has(piece.id)
          ? [
              order(
                joinId(piece.id),
                textureId(piece.id),
                `the ${lower(piece.name)} is joined while it still gives, and textured there`,
              ),
            ]
          : []),
      ]),
    };
  },
};
