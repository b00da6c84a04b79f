import { areaLabour, formatBand } from '../../quantity/index.ts';
import { measureOf, weighIn } from '../../figure/index.ts';
import { TEXTURES } from '../../record/index.ts';
import { colourOf, lower, many, paced, shapeId, textureId, type StepMaker } from './types.ts';

/** Finding the tool, and the first marks of each piece, minutes. Common practice. */
const TOOLS_OUT = 1;

/** Work the surface while it is soft: has to begin before the skin cracks. */
export const texture: StepMaker = {
  kind: 'texture',
  make: (bench) => {
    const textured = bench.build.pieces.filter((p) => p.texture !== 'none');
    return {
      steps: textured.map((piece) => {
        const record = TEXTURES[piece.texture];
        const n = bench.number(piece);
        const cm2 = (measureOf(piece).area / 100) * n;
        const closes = bench.firming.get(piece.id)?.bands.texture;
        return {
          id: textureId(piece.id),
          kind: 'texture' as const,
          title: `${record.verb} the ${lower(piece.name)}`,
          notes: closes
            ? [
                Number.isFinite(closes.fast)
                  ? `Begin at once: the surface cracks ${formatBand(closes.fast, closes.slow)} after shaping. Keep what you are not working on covered.`
                  : 'There is no hurry: in this room the surface stays soft enough to texture.',
              ]
            : [],
          minutes: paced(bench, 'texture', areaLabour(TOOLS_OUT * n, record.perCm2, cm2)),
          piece: piece.id,
          ...many(n * weighIn(bench.build, piece).alike, piece.name),
          ...colourOf(bench, piece.colour),
        };
      }),
      links: textured.map((piece) => {
        const closes = bench.firming.get(piece.id)?.bands.texture ?? { fast: 5, likely: 8, slow: 15 };
        return {
          from: shapeId(piece.id),
          to: textureId(piece.id),
          kind: 'window' as const,
          band: closes,
          why: `the ${lower(piece.name)} is textured before its skin cracks`,
          piece: piece.id,
        };
      }),
    };
  },
};
