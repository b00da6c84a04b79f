import { polygonArea } from 'd3-polygon';
import { bodyOutlines, toWorld, type Vec } from '../solids/index.ts';
import type { Build } from './build.ts';
import { isLaidRound, measureOf, place, type Instance } from './place.ts';

export type View = 'front' | 'side';
export type Flat = readonly [number, number];

/** One body drawn in an elevation: outlines in mm, x to the right, up positive. */
export interface Silhouette {
  readonly instance: Instance;
  /** One outline, or several that together cover the body. */
  readonly outlines: readonly (readonly Flat[])[];
  /** Outlines of the core inside, where there is one. */
  readonly core?: readonly (readonly Flat[])[];
  /** Distance from the viewer; larger is further away. */
  readonly away: number;
}

/** Drop a point of the board's space into the picture: front shows x and z, side (seen from the right) y and z. */
export const project = (view: View, p: Vec): Flat => (view === 'front' ? [p[0], p[2]] : [p[1], p[2]]);

const awayOf = (view: View, p: Vec): number => (view === 'front' ? p[1] : -p[0]);

/** All the same way round, so that outlines laid over each other never cancel out. */
const oneWay = (outline: readonly Flat[]): readonly Flat[] =>
  polygonArea(outline as [number, number][]) < 0 ? [...outline].reverse() : outline;

/** The outline of one body. */
export function silhouette(instance: Instance, view: View): Silhouette {
  const { frame, piece, body } = instance;
  const flat = (p: Vec): Flat => project(view, toWorld(frame, p));
  const holed = body.type === 'flat' && body.holes.length > 0;
  const outlines = bodyOutlines(body, flat);
  const m = measureOf(piece);
  const wrapped = isLaidRound(instance);
  // what is laid round something is drawn just before it; a flat piece is as near as its front face
  const middle = wrapped
    ? toWorld(frame, [0, -1e-3, 0])
    : toWorld(frame, [0, body.type === 'flat' ? -m.depth / 2 : 0, m.height / 2]);
  const drawn: Silhouette = {
    instance,
    outlines: holed ? outlines : outlines.map(oneWay),
    away: awayOf(view, middle),
  };
  const core = body.type === 'stack' ? body.core : undefined;
  if (!core) return drawn;
  const up = (p: Vec): Flat => flat([p[0], p[1], p[2] + core.up]);
  return { ...drawn, core: bodyOutlines(core.body, up).map(oneWay) };
}

/** Every body as seen from one side, the furthest first. */
export function elevation(build: Build, view: View): Silhouette[] {
  return place(build)
    .map((instance) => silhouette(instance, view))
    .sort((a, b) => b.away - a.away);
}
