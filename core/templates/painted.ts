import { coverOver, type Over } from '../covers/index.ts';
import { blendOf, drawnOf, project, type View } from '../figure/index.ts';
import type { Mm } from '../quantity/index.ts';
import type { Build } from '../record/index.ts';
import { bodyOutlines, toWorld, type Frame, type StackBody } from '../solids/index.ts';
import { underFoot, type Carving } from './carving.ts';
import { healed, type Rings } from './rings.ts';

/** A part of the figure that is marked on the stage: outlines that together cover it, in the picture. */
export interface Marked {
  readonly kind: 'tears' | 'shows' | 'thin' | 'gathers' | 'folds' | 'layer';
  readonly piece: string;
  readonly outlines: readonly (readonly (readonly [Mm, Mm])[])[];
  /** Written beside it. */
  readonly says?: string;
}

/** Part of a body between two heights, standing where it stands in the whole. */
const between = (body: StackBody, low: Mm, high: Mm): StackBody => ({
  type: 'stack',
  cutAt: (z) => body.cutAt(Math.min(high, Math.max(low, z))),
  levels: [low, ...body.levels.filter((z) => z > low && z < high), high],
});

const seen = (body: StackBody, frame: Frame, view: View): Rings =>
  healed(
    bodyOutlines(body, (p) => project(view, toWorld(frame, p))),
    'seen',
  );

/** Where a sheet shows what is under it, where it is pushed together, and where it folds, by height on its own body. */
function zonesOf({ marks }: Over, tall: Mm): { kind: Marked['kind']; low: Mm; high: Mm }[] {
  if (!marks) return [];
  const [shows, gathers, folds] = [marks.shows * tall, marks.gathers * tall, marks.folds * tall];
  return [
    { kind: 'shows' as const, low: shows, high: tall },
    { kind: 'gathers' as const, low: folds, high: gathers },
    { kind: 'folds' as const, low: 0, high: Math.min(gathers, folds) },
  ].filter(({ low, high }) => high - low > 0.5);
}

/** Zones of every sheet of a build, as they are seen. */
export function coversPainted(build: Pick<Build, 'pieces' | 'blends'>, view: View): Marked[] {
  return drawnOf(build).flatMap(({ piece, frame, body }): Marked[] => {
    const over = coverOver(piece, blendOf(build, piece));
    if (!over || body.type !== 'stack') return [];
    const tall = body.levels.at(-1)!;
    return zonesOf(over, tall).map(({ kind, low, high }) => ({
      kind,
      piece: piece.id,
      outlines: seen(between(body, low, high), frame, view),
    }));
  });
}

/** Layers of every cake that is carved, each as its tin bakes it, as they are seen. */
export function layersPainted(
  build: Pick<Build, 'pieces' | 'cake'>,
  carvings: readonly Carving[],
  view: View,
): Marked[] {
  const { layer: thick, coatThickness } = build.cake;
  return drawnOf(build).flatMap(({ piece, frame, index }): Marked[] => {
    const carving = index === 0 ? carvings.find((c) => c.piece === piece.id) : undefined;
    if (!carving) return [];
    const foot = underFoot(piece, coatThickness);
    return carving.layers.map(({ layer, number, middle: [x, y] }): Marked => {
      const r = (layer.tin ?? layer.circle) / 2;
      const tin: StackBody = {
        type: 'stack',
        cutAt: () => ({ a: r, b: r, x, y }),
        levels: [foot + layer.foot, foot + layer.foot + thick],
      };
      return { kind: 'layer', piece: piece.id, outlines: seen(tin, frame, view), says: `layer ${number}` };
    });
  });
}
