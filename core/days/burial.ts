import { BOARD, fromBuild, type PartsOf } from '../record/index.ts';
import { isLaidRound, measureOf, place, type Instance } from '../figure/index.ts';
import { remembered } from '../quantity/index.ts';
import {
  add,
  bodyBall,
  bodyInside,
  bodySurface,
  length,
  sub,
  times,
  toLocal,
  toWorld,
  type Body,
  type Vec,
} from '../solids/index.ts';

/** A piece that another one covers when it is set in its place. */
export interface Buried {
  readonly piece: string;
  readonly name: string;
  readonly by: string;
  readonly byName: string;
  /** Share of its surface that can no longer be reached. */
  readonly share: number;
}

/** Surface within this of another piece is out of reach of a brush, mm; common practice. */
const REACH = 2;
/** Less than this share of a piece is not called covered. */
const TOLD = 0.02;
/** Less than this is no contact. */
const TOUCHES = 0.004;
const MOST_POINTS = 300;

const pointsOf = remembered((body: Body): readonly Vec[] => {
  const all = bodySurface(body);
  const every = Math.max(1, Math.ceil(all.length / MOST_POINTS));
  return all.filter((_, i) => i % every === 0);
});

/** A point moved towards another by so much; away from it by a minus. */
function stepped(at: Vec, to: Vec, by: number): Vec {
  const d = sub(to, at);
  const far = length(d);
  return far < 1e-9 ? at : add(at, times(d, by / far));
}

/** The ball round a standing body. */
const ballOf = remembered(({ body, frame }: Instance) => {
  const { centre, radius } = bodyBall(body);
  return { centre: toWorld(frame, centre), radius };
});

const near = (a: Instance, b: Instance): boolean => {
  const [p, q] = [ballOf(a), ballOf(b)];
  return length(sub(p.centre, q.centre)) <= p.radius + q.radius + REACH;
};

/** Share of a piece's surface inside another, or within reach of its skin; remembered while both stand where they stand. */
const coveredBy = remembered(
  (piece: Instance, by: Instance): number => {
    const { centre, radius } = ballOf(by);
    const middle = ballOf(piece).centre;
    const points = pointsOf(piece.body);
    let hidden = 0;
    for (const p of points) {
      const at = toWorld(piece.frame, p);
      if (length(sub(at, centre)) > radius + REACH) continue;
      // what lies against it or just over it counts as over it
      const probes = [at, stepped(at, centre, REACH), stepped(at, middle, -REACH)];
      if (probes.some((q) => bodyInside(by.body, toLocal(by.frame, q)))) hidden++;
    }
    return points.length > 0 ? hidden / points.length : 0;
  },
  Object.is,
  64,
);

/** What is laid round its carrier covers as much of it as its own face. */
function wrappedBy(piece: Instance, by: Instance): number {
  const thick = by.body.type === 'band' ? by.body.thickness : 0;
  return thick > 0 ? Math.min(1, measureOf(by.piece).volume / thick / measureOf(piece.piece).area) : 0;
}

/** Everything that is covered by what comes after it, most covered first. */
export const burials = (build: PartsOf<'pieces'>): readonly Buried[] =>
  contacts(build).filter((b) => b.share >= TOLD);

/** The same down to where one only leans against the other. */
export const contacts = fromBuild(['pieces'], (build): readonly Buried[] => {
  const all = place(build);
  // of many alike one stands for all: they do not reach each other
  const instances = all.filter((i) => i.first);
  const rank = new Map(build.pieces.map((p, i) => [p.id, i]));
  const found = new Map<string, Buried>();
  for (const by of instances)
    for (const piece of instances) {
      if (piece.piece.id === by.piece.id || rank.get(piece.piece.id)! > rank.get(by.piece.id)!) continue;
      const round = all[by.carrier] === piece && isLaidRound(by);
      if (!round && !near(piece, by)) continue;
      const key = `${piece.piece.id}/${by.piece.id}`;
      const share = round ? wrappedBy(piece, by) : coveredBy(piece, by);
      if (share < TOUCHES || (found.get(key)?.share ?? 0) >= share) continue;
      found.set(key, {
        piece: piece.piece.id,
        name: piece.piece.name,
        by: by.piece.id,
        byName: by.piece.name,
        share,
      });
    }
  return [...found.values()].sort((a, b) => b.share - a.share);
});

const PARTS = [
  [0.12, 'a little of'],
  [0.3, 'a part of'],
  [0.6, 'half of'],
  [0.9, 'most of'],
] as const;
const partOf = (share: number): string => PARTS.find(([most]) => share < most)?.[1] ?? 'all of';

/** What setting a piece in its place closes off, in words. */
export function closesOff(build: PartsOf<'pieces' | 'mast'>, id: string): string[] {
  const piece = build.pieces.find((p) => p.id === id);
  if (!piece) return [];
  return [
    ...(piece.seat.on === BOARD ? [`the board under the ${piece.name.toLowerCase()}`] : []),
    ...(piece.seat.on === BOARD && build.mast ? ['the nuts and holes of the threaded rod'] : []),
    ...burials(build)
      .filter((b) => b.by === id)
      .map((b) => `${partOf(b.share)} the ${b.name.toLowerCase()}`),
  ];
}
