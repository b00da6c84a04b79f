import { polygonArea } from 'd3-polygon';
import type { CakeWork } from '../record/index.ts';
import type { Mm } from '../quantity/index.ts';
import { slice, type Mesh } from '../solids/index.ts';
import { enclosingCircle } from './enclosing.ts';

/** One baked layer of a cake that is carved. */
export interface CakeLayer {
  /** Foot of the layer over the board, mm. */
  readonly foot: Mm;
  /** Smallest circle round everything the layer has to reach. */
  readonly circle: Mm;
  /** Round tin it is baked in; undefined when none in the kitchen is wide enough. */
  readonly tin: Mm | undefined;
  /** Cake that stays after carving, and that is baked, cm³. */
  readonly kept: number;
  readonly baked: number;
}

/** Room between a layer and its tin, each side; common practice, mm. */
const EASE: Mm = 2;
const SAMPLES = 9;
const ringArea = (loops: readonly (readonly (readonly [number, number])[])[]): number =>
  loops.reduce((sum, loop) => sum - polygonArea(loop as [number, number][]), 0);

/** A body drawn in on every side by a coat, its foot left where it stands: each axis scaled by what the coat takes. */
export function drawnIn(m: Mesh, width: Mm, depth: Mm, height: Mm, coat: Mm, under: boolean): Mesh {
  const k = [
    (width - 2 * coat) / width,
    (depth - 2 * coat) / depth,
    (height - (under ? 2 : 1) * coat) / height,
  ];
  const points = Float64Array.from(m.points, (x, i) => x * k[i % 3]!);
  return { ...m, points };
}

/**
 * How many layers are stacked to a height. What is missing at the top and is no more than a filling is made up in cream: nobody
 * bakes a layer for it.
 */
export const layersFor = (
  height: Mm,
  { layer, fillingThickness: f }: Pick<CakeWork, 'layer' | 'fillingThickness'>,
): number => Math.max(1, Math.ceil(height / (layer + f) - 1e-9));

/**
 * Layers of a carved cake: how many, and for each the smallest circle round nine level cuts through the layer and the
 * filling above it, the tin that takes it, and what stays of it (Simpson over the cuts).
 */
export function layersOf(
  mesh: Mesh,
  height: Mm,
  work: Pick<CakeWork, 'layer' | 'fillingThickness' | 'tins'>,
  ease: Mm = EASE,
): CakeLayer[] {
  const step = work.layer + work.fillingThickness;
  const n = layersFor(height, work);
  const tins = [...work.tins].sort((a, b) => a - b);
  const sliver = height * 1e-6;
  const cut = (z: Mm) => slice(mesh, Math.min(height - sliver, Math.max(sliver, z))).loops;
  return Array.from({ length: n }, (_, k): CakeLayer => {
    const foot = k * step;
    const top = Math.min(height, foot + step);
    const points = Array.from({ length: SAMPLES }, (_u, i) =>
      cut(foot + ((top - foot) * i) / (SAMPLES - 1)).flat(),
    ).flat();
    const circle = enclosingCircle(points);
    const cakeTop = Math.min(height, foot + work.layer);
    const h = (cakeTop - foot) / (SAMPLES - 1);
    let kept = 0;
    for (let i = 0; i < SAMPLES; i++)
      kept += ringArea(cut(foot + h * i)) * (i === 0 || i === SAMPLES - 1 ? 1 : i % 2 ? 4 : 2);
    const tin = tins.find((d) => d + 0.05 >= circle + 2 * ease);
    const baked = tin === undefined ? 0 : ((Math.PI * tin * tin) / 4) * work.layer;
    return { foot, circle, tin, kept: Math.max(0, (kept * h) / 3) / 1000, baked: baked / 1000 };
  });
}
