import { polygonArea, polygonHull } from 'd3-polygon';
import { contactsOf, GROUND, SETTLE } from '../../contacts/index.ts';
import { place, type Instance } from '../../figure/index.ts';
import type { OnGround } from '../../ground/index.ts';
import type { PartsOf } from '../../record/index.ts';
import { remembered } from '../../quantity/index.ts';
import { bodySkin, placedMesh, slice } from '../../solids/index.ts';
import type { FlatPoint } from '../mechanics/soft-base.ts';
import { firstLike } from './carried.ts';
import { together } from './flows.ts';
import { ownMasses } from './own.ts';

/** Corners round a body whose foot is looked at. Estimate. */
const ROUND = 48;

/** Outline of the level cut through a standing body at a height, from above. */
const cutOf = remembered((i: Instance, height: number): readonly FlatPoint[] =>
  slice(placedMesh(bodySkin(i.body, ROUND), i.frame), height).loops.flat(),
);

/**
 * Where the figure touches what it stands on, from above: the hull of the patches found there. Each is the level cut as far up
 * as its paste beds in.
 */
export function footprint(build: OnGround & PartsOf<'pieces'>): FlatPoint[] {
  const instances = place(build);
  const like = firstLike(build);
  const depths = new Map(contactsOf(build).flatMap((c) => (c.b === GROUND ? [[c.a, c.depth] as const] : [])));
  const points = instances.flatMap((i, k): [number, number][] => {
    const depth = depths.get(like[k]!);
    if (depth === undefined) return [];
    // the lowest part of it that is not in the board
    const up = Math.max(0, SETTLE - Math.max(0, depth)) + Math.max(0, -depth) + 1e-3;
    return cutOf(i, up).map(([x, y]) => [x, y]);
  });
  const hull = points.length >= 3 ? polygonHull(points) : null;
  return hull ?? points;
}

/** How far inside the outline of what it stands on the whole figure balances, mm; nought outside. */
export function stanceOf(build: OnGround & PartsOf<'pieces' | 'blends'>): number {
  const outline = footprint(build);
  if (outline.length < 3) return 0;
  const way = Math.sign(polygonArea(outline.map(([x, y]): [number, number] => [x, y])));
  const { at } = together(ownMasses(build));
  return Math.max(
    0,
    Math.min(
      ...outline.map(([x, y], k) => {
        const [u, v] = outline[(k + 1) % outline.length]!;
        const long = Math.hypot(u - x, v - y) || Infinity;
        return (way * ((y - at[1]) * (u - x) - (x - at[0]) * (v - y))) / long;
      }),
    ),
  );
}
