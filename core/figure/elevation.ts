import { polygonArea, polygonHull } from 'd3-polygon';
import type { Build } from './build.ts';
import { bodyOf, place, type Instance } from './place.ts';
import { toWorld, type Vec } from './vector.ts';

export type View = 'front' | 'side';
export type Flat = readonly [number, number];

/** One body drawn in an elevation: outlines in mm, x to the right, up positive. */
export interface Silhouette {
  readonly instance: Instance;
  /** One outline, or several that together cover the body. */
  readonly outlines: readonly (readonly Flat[])[];
  /** The core inside, where there is one. */
  readonly core?: { readonly at: Flat; readonly radius: number };
  /** Distance from the viewer; larger is further away. */
  readonly away: number;
}

/** Drop a point of the board's space into the picture: front shows x and z, side (seen from the right) y and z. */
export const project = (view: View, p: Vec): Flat => (view === 'front' ? [p[0], p[2]] : [p[1], p[2]]);

const awayOf = (view: View, p: Vec): number => (view === 'front' ? p[1] : -p[0]);

const RING = 28;
const ROUND = Array.from({ length: RING }, (_, i) => {
  const t = (2 * Math.PI * i) / RING;
  return [Math.cos(t), Math.sin(t)] as const;
});

const hull = (points: [number, number][]): readonly Flat[] => polygonHull(points) ?? points;

/** All the same way round, so that outlines laid over each other never cancel out. */
const oneWay = (outline: readonly Flat[]): readonly Flat[] =>
  polygonArea(outline as [number, number][]) < 0 ? [...outline].reverse() : outline;

/** The outline of one body. */
export function silhouette(instance: Instance, view: View): Silhouette {
  const { frame, piece } = instance;
  const body = bodyOf(piece);
  const flat = (p: Vec): [number, number] => [...project(view, toWorld(frame, p))];
  if (body.type === 'turned') {
    const points: [number, number][] = [];
    for (const z of body.levels) {
      const r = body.radiusAt(z);
      if (r < 1e-6) points.push(flat([0, 0, z]));
      else for (const [c, s] of ROUND) points.push(flat([r * c, r * s, z]));
    }
    const middle = toWorld(frame, [0, 0, body.levels[body.levels.length - 1]! / 2]);
    const drawn = { instance, outlines: [hull(points)], away: awayOf(view, middle) };
    return body.core
      ? { ...drawn, core: { at: flat([0, 0, body.core.centre]), radius: body.core.radius } }
      : drawn;
  }
  const half = body.thickness / 2;
  const back = body.outline.map(([x, z]) => flat([x, half, z]));
  const front = body.outline.map(([x, z]) => flat([x, -half, z]));
  const sides = body.outline.map((_, i) => {
    const j = (i + 1) % body.outline.length;
    return hull([front[i]!, front[j]!, back[j]!, back[i]!]);
  });
  const middle = toWorld(frame, [0, -half, body.outline.reduce((s, p) => s + p[1], 0) / body.outline.length]);
  return { instance, outlines: [front, back, ...sides].map(oneWay), away: awayOf(view, middle) };
}

/** Every body as seen from one side, the furthest first. */
export function elevation(build: Build, view: View): Silhouette[] {
  return place(build)
    .map((instance) => silhouette(instance, view))
    .sort((a, b) => b.away - a.away);
}
