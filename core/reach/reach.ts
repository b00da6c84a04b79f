import { groundSolid, solidOf, type Solid } from '../contacts/index.ts';
import { place, type Instance } from '../figure/index.ts';
import type { OnGround } from '../ground/index.ts';
import { remembered, type Mm } from '../quantity/index.ts';
import type { PartsOf, PieceSide, WorkKind } from '../record/index.ts';
import { bodyBall, length, rotated, sub, toLocal, toWorld, type Vec } from '../solids/index.ts';
import { closedBy, closedByItself, seenSpots } from './closed.ts';
import { ALL_SHUT, spotsOf } from './points.ts';
import { EYE, REACH_TOOLS, type ReachTool } from './tools.ts';

/** The joins of a figure in the order they are made: ids of the pieces that are joined to what carries them. */
export type Stages = readonly string[];

/** A spot of a face in the finished figure. */
export interface FaceSpot {
  readonly at: Vec;
  readonly faces: Vec;
  /** Part of the piece's whole surface. */
  readonly share: number;
  /** After so many stages no tool of this kind gets there; more than there are where it always does. */
  readonly lost: number;
}

/** Nearer than this to another body nobody asks for a finish: paint runs in, a shadow hides it, mm. Estimate. */
const CREASE: Mm = 1;
/** Bodies of a figure that are remembered. Step of the method; estimate. */
const MOST_KEPT = 400;
/** A side is what faces that way by more than half; a cosine. */
const FACES = 0.5;

const SIDE: Readonly<Record<PieceSide, (n: Vec) => boolean>> = {
  all: () => true,
  front: (n) => n[1] < -FACES,
  back: (n) => n[1] > FACES,
  left: (n) => n[0] < -FACES,
  right: (n) => n[0] > FACES,
  top: (n) => n[2] > FACES,
  under: (n) => n[2] < -FACES,
};

/** From its carrier up to the board, itself first. */
function chainOf(all: readonly Instance[], i: number): number[] {
  const out: number[] = [];
  for (let k = i; k >= 0; k = all[k]!.carrier) out.push(k);
  return out;
}

/** When each of the others comes together with one, as so many stages have passed; the board is the last. */
function meetings(all: readonly Instance[], of: number, stages: Stages): number[] {
  const rank = new Map(stages.map((id, k) => [id, k]));
  const stageOf = (i: number) => rank.get(all[i]!.piece.id) ?? -1;
  const own = chainOf(all, of);
  const from = new Map(own.map((i, k) => [i, k]));
  const until = (chain: readonly number[]) => Math.max(-1, ...chain.map(stageOf));
  const meet = all.map((_, i) => {
    const theirs = chainOf(all, i);
    const shared = theirs.findIndex((k) => from.has(k));
    const [up, down] =
      shared < 0 ? [own, theirs] : [own.slice(0, from.get(theirs[shared]!)!), theirs.slice(0, shared)];
    return until([...up, ...down]);
  });
  return [...meet, until(own)];
}

/** When the last direction to each spot is shut; more than any stage where none is. */
function lostOf(build: OnGround & PartsOf<'pieces'>, of: number, tool: ReachTool, stages: Stages): number[] {
  const all = place(build);
  const piece = all[of]!;
  const own = closedByItself(piece, tool);
  const meet = meetings(all, of, stages);
  const others = meet
    .map((stage, i) => ({ stage, by: i < all.length ? all[i]! : groundSolid(build), i }))
    .filter(({ by, i }) => i !== of && (!('frame' in by) || by.first))
    .sort((a, b) => a.stage - b.stage);
  const n = spotsOf(piece.body).length;
  const shut = own ? Int32Array.from(own) : new Int32Array(n);
  const lost = Array.from({ length: n }, (_, k) => (shut[k] === ALL_SHUT ? -1 : Infinity));
  for (const { stage, by } of others) {
    const closed = closedBy(piece, by, tool);
    if (!closed) continue;
    for (let k = 0; k < n; k++) {
      if (closed[k] === 0 || lost[k]! < Infinity) continue;
      shut[k]! |= closed[k]!;
      if (shut[k] === ALL_SHUT) lost[k] = stage + 1;
    }
  }
  return lost;
}

/** Spots of each body that are asked for: seen of the finished figure, and in no crease. */
const askedOf = remembered(
  (all: readonly Instance[], ground: Solid, of: number): Uint8Array => {
    const others = [...all.filter((by, i) => i !== of && by.first), ground];
    const piece = all[of]!;
    const asked = seenSpots(piece, others, EYE);
    const near = others.filter((by) => !('frame' in by) || ballsNear(piece, by));
    for (const [k, spot] of spotsOf(piece.body).entries())
      if (asked[k] === 1 && creased(near, toWorld(piece.frame, spot.at))) asked[k] = 0;
    return asked;
  },
  Object.is,
  MOST_KEPT,
);

/** Are the balls round two bodies so near that one may lie in a crease with the other? */
function ballsNear(a: Instance, b: Instance): boolean {
  const [p, q] = [bodyBall(a.body), bodyBall(b.body)];
  const far = length(sub(toWorld(a.frame, p.centre), toWorld(b.frame, q.centre)));
  return far <= p.radius + q.radius + CREASE;
}

/** Does another body of the finished figure lie over a spot, or so near that it is in a crease? */
const creased = (near: readonly (Instance | Solid)[], at: Vec): boolean =>
  near.some((by) =>
    'frame' in by ? solidOf(by.body).depth(...toLocal(by.frame, at)) > -CREASE : by.depth(...at) > -CREASE,
  );

/** The spots of a piece that are seen of the finished figure on one side of it, with when a kind of work no longer gets there. */
export function reachOf(
  build: OnGround & PartsOf<'pieces'>,
  { piece, work, side }: { readonly piece: string; readonly work: WorkKind; readonly side: PieceSide },
  stages: Stages,
): readonly FaceSpot[] {
  const facing = SIDE[side];
  return place(build).flatMap((instance, i) => {
    if (instance.piece.id !== piece || !instance.first) return [];
    const lost = lostOf(build, i, REACH_TOOLS[work], stages);
    const asked = askedOf(place(build), groundSolid(build), i);
    return spotsOf(instance.body).flatMap((s, k): FaceSpot[] => {
      const faces = rotated(instance.frame, s.faces);
      if (asked[k] === 0 || !facing(faces)) return [];
      return [{ at: toWorld(instance.frame, s.at), faces, share: s.share, lost: lost[k]! }];
    });
  });
}

/** Share of spots that are still reached when so many stages have passed; 1 where there are none. */
export function reachedAfter(spots: readonly FaceSpot[], passed: number): number {
  const whole = spots.reduce((sum, s) => sum + s.share, 0);
  if (whole === 0) return 1;
  return spots.reduce((sum, s) => sum + (s.lost > passed ? s.share : 0), 0) / whole;
}

/** Less of what could be reached at first than this, and work waits for nothing more; under the second it is refused. Estimates. */
export const ENOUGH = 0.95;
export const REFUSED = 0.6;

/** The stage that takes a face out of reach, and what is left of it then. */
export interface OutOfReach {
  readonly stage: number;
  readonly piece: string;
  /** Share reached before anything stands in the way, and after that stage. */
  readonly first: number;
  readonly left: number;
}

/** The first stage after which less than enough of what could be reached at first still is; undefined where none is. */
export function closingOf(spots: readonly FaceSpot[], stages: Stages): OutOfReach | undefined {
  const first = reachedAfter(spots, 0);
  for (const [k, piece] of stages.entries()) {
    const left = reachedAfter(spots, k + 1);
    if (left < ENOUGH * first) return { stage: k, piece, first, left };
  }
  return undefined;
}
