import { polygonArea } from 'd3-polygon';
import {
  bodyOutlines,
  dot,
  formBody,
  measure,
  rotated,
  toLocal,
  toWorld,
  WORLD,
  type Body,
  type Form,
  type Frame,
  type GroupBody,
  type Measure,
  type Vec,
} from '../solids/index.ts';
import { remembered } from '../quantity/index.ts';
import { fromBuild, type PartsOf } from '../record/index.ts';
import { isLaidRound, measureOf, place, type Instance } from './place.ts';

export type View = 'front' | 'side';
export type ElevationPoint = readonly [number, number];

type Outlines = readonly (readonly ElevationPoint[])[];

/**
 * What is drawn of a body as it is turned, round its own origin: mm, x to the right, up positive. Alike ones are drawn once,
 * and one that only moves keeps its very drawing.
 */
export interface Turned {
  /** One outline, or several that together cover the body. */
  readonly outlines: Outlines;
  /** Of a heap of small ones, each by itself, the furthest first. */
  readonly layers?: readonly Outlines[];
  /** Outlines of the core inside, where there is one. */
  readonly core?: Outlines;
  /** Cut from a sheet: what is inside an outline may be a hole. */
  readonly flat: boolean;
  /** Which way its own top points in the picture. */
  readonly up: ElevationPoint;
  /** Distance of its middle behind its origin. */
  readonly away: number;
}

/** One body drawn in an elevation. */
export interface Silhouette {
  readonly instance: Instance;
  readonly drawn: Turned;
  /** Where its origin is in the picture, mm. */
  readonly at: ElevationPoint;
  /** Distance from the viewer; larger is further away. */
  readonly away: number;
}

/** Outlines where they stand in the picture. */
export const standingOutlines = ({ drawn, at: [dx, dy] }: Silhouette): Outlines =>
  drawn.outlines.map((o) => o.map(([x, y]): ElevationPoint => [x + dx, y + dy]));

/** Drop a point of the board's space into the picture: front shows x and z, side (seen from the right) y and z. */
export const project = (view: View, p: Vec): ElevationPoint =>
  view === 'front' ? [p[0], p[2]] : [p[1], p[2]];

const awayOf = (view: View, p: Vec): number => (view === 'front' ? p[1] : -p[0]);

/** All the same way round, so that outlines laid over each other never cancel out. */
const oneWay = (outline: readonly ElevationPoint[]): readonly ElevationPoint[] =>
  polygonArea(outline as [number, number][]) < 0 ? [...outline].reverse() : outline;

/** Laid round something, what looks away by more than this is hidden behind it. */
const HIDDEN = -0.3;

/** The small ones of a heap one by one, the furthest first; those hidden behind their carrier left out. */
function layersOf(body: GroupBody, frame: Frame, view: View, wrapped: boolean): Outlines[] {
  const towards: Vec = view === 'front' ? [0, -1, 0] : [1, 0, 0];
  return body.parts
    .filter((p) => !wrapped || -dot(rotated(frame, p.frame.y), towards) > HIDDEN)
    .map((p) => ({
      away: awayOf(view, toWorld(frame, p.frame.origin)),
      outlines: bodyOutlines(p.body, (at) => project(view, toWorld(frame, toWorld(p.frame, at)))).map((o) => [
        ...oneWay(o),
      ]),
    }))
    .sort((a, b) => b.away - a.away)
    .map((p) => p.outlines);
}

/** The way a body is turned, as part of a key. */
const turnOf = ({ x, y, z }: Frame): string => [...x, ...y, ...z].join();
/** So many turns of one body are kept: pairs, rows, a few trials. */
const TURNS = 24;
const drawnOnce = remembered(
  // the frame is told by its turn: where it stands does not matter
  (body: Body, _turn: string, wrapped: boolean, view: View, frame: () => Frame, m: () => Measure): Turned =>
    turned(body, m(), frame(), wrapped, view),
  (a, b) => Object.is(a, b) || (typeof a === 'function' && typeof b === 'function'),
  TURNS,
);

/** One body as it stands; remembered while it stands there. */
const silhouette = remembered((instance: Instance, view: View): Silhouette => {
  const { body, piece, frame } = instance;
  const drawn = drawnOnce(
    body,
    turnOf(frame),
    isLaidRound(instance),
    view,
    () => ({ ...frame, origin: [0, 0, 0] }),
    () => measureOf(piece),
  );
  return { instance, drawn, at: project(view, frame.origin), away: drawn.away + awayOf(view, frame.origin) };
});

function turned(body: Body, m: Measure, frame: Frame, wrapped: boolean, view: View): Turned {
  const flat = (p: Vec): ElevationPoint => project(view, toWorld(frame, p));
  const holed = body.type === 'flat' && body.holes.length > 0;
  const outlines = bodyOutlines(body, flat);
  // what is laid round something is drawn just before it; a flat piece is as near as its front face
  const middle = wrapped
    ? toWorld(frame, [0, -1e-3, 0])
    : toWorld(frame, [0, body.type === 'flat' ? -m.depth / 2 : 0, m.height / 2]);
  const drawn: Turned = {
    outlines: holed ? outlines : outlines.map(oneWay),
    flat: body.type === 'flat',
    up: project(view, rotated(frame, [0, 0, 1])),
    away: awayOf(view, middle),
  };
  if (body.type === 'group') return { ...drawn, layers: layersOf(body, frame, view, wrapped) };
  const core = body.type === 'stack' ? body.core : undefined;
  if (!core) return drawn;
  const up = (p: Vec): ElevationPoint => flat([p[0], p[1], p[2] + core.up]);
  return { ...drawn, core: bodyOutlines(core.body, up).map(oneWay) };
}

/** The outline of a form by itself, upright, from the front. */
export const outlineOf = remembered((form: Form): Turned =>
  turned(formBody(form), measure(form), WORLD, false, 'front'),
);

/** What lies on a flat piece is before it or behind it by the side it is on, not by how far its middle is. */
function besideFlat(drawn: readonly Silhouette[], all: readonly Instance[], view: View): Silhouette[] {
  const away = new Map(drawn.map((s) => [s.instance, s.away]));
  if (!all.some((i) => i.body.type === 'flat')) return [...drawn];
  const towards: Vec = view === 'front' ? [0, -1, 0] : [1, 0, 0];
  // carriers come before what they carry
  for (const i of all) {
    const carrier = i.carrier >= 0 ? all[i.carrier]! : undefined;
    if (carrier?.body.type !== 'flat' || !away.has(i) || !away.has(carrier)) continue;
    const before = toLocal(carrier.frame, i.frame.origin)[1] * dot(carrier.frame.y, towards) > 0;
    const edge = away.get(carrier)!;
    away.set(i, before ? Math.min(away.get(i)!, edge - 0.01) : Math.max(away.get(i)!, edge + 0.01));
  }
  return drawn.map((s) => (s.away === away.get(s.instance) ? s : { ...s, away: away.get(s.instance)! }));
}

/** More bodies than this are drawn nowhere: nobody could tell them apart, and no page could show them. */
const MOST_DRAWN = 1200;

/** Bodies that are drawn: all of them, or of very many alike on one carrier the first few. */
export const drawnOf = fromBuild(['pieces'], (build): readonly Instance[] => {
  const all = place(build);
  if (all.length <= MOST_DRAWN) return all;
  const each = Math.floor(MOST_DRAWN / build.pieces.length);
  const carriers = new Map<string, number>();
  const shown = new Set<Instance>();
  return all.filter((i) => {
    const carrier = i.carrier < 0 ? undefined : all[i.carrier]!;
    if (carrier && !shown.has(carrier)) return false;
    const most = Math.max(
      1,
      Math.floor(each / Math.max(1, carrier ? (carriers.get(carrier.piece.id) ?? 1) : 1)),
    );
    if (i.nth >= most) return false;
    carriers.set(i.piece.id, (carriers.get(i.piece.id) ?? 0) + 1);
    shown.add(i);
    return true;
  });
});

/** How many bodies of a build are not drawn. */
export const notDrawn = (build: PartsOf<'pieces'>): number => place(build).length - drawnOf(build).length;

/** Every body as seen from one side, the furthest first. */
export function elevation(build: PartsOf<'pieces'>, view: View): Silhouette[] {
  const all = place(build);
  const drawn = drawnOf(build).map((instance) => silhouette(instance, view));
  return besideFlat(drawn, all, view).sort((a, b) => b.away - a.away);
}
