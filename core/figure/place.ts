import {
  formBody,
  measure,
  mirrored,
  rounded,
  toLocal,
  toWorld,
  within,
  WORLD,
  type Body,
  type Form,
  type Frame,
  type Measure,
  type Vec,
} from '../solids/index.ts';
import { groundOf, type OnGround } from '../ground/index.ts';
import { remembered } from '../quantity/index.ts';
import {
  BOARD,
  fromBuild,
  type PartsOf,
  type Piece,
  type Rod,
  type RodEnd,
  type Seat,
} from '../record/index.ts';
import { pointsOf, type Line } from './rod-line.ts';
import { wrapRound } from './wrap.ts';

/** A body as it is turned, wherever it stands: alike ones of a batch on one carrier share it. */
export interface Stance extends Pick<Frame, 'x' | 'y' | 'z'> {
  readonly body: Body;
}

/** One body standing in space. A pair has two, a batch as many as are alike. */
export interface Instance {
  readonly piece: Piece;
  readonly frame: Frame;
  readonly stance: Stance;
  /** Which of several: 0 is the one the person edits. */
  readonly index: number;
  /** Which of several alike on one carrier; a mirrored one counts as the one it mirrors. */
  readonly nth: number;
  /** It and everything that carries it is the first of its kind: all the others are as this one is. */
  readonly first: boolean;
  /** Index of the carrier among all instances; −1 on the board. */
  readonly carrier: number;
  /** Its body in that frame: of the form alone, or laid round the carrier. */
  readonly body: Body;
}

const DEG = Math.PI / 180;

/** Frame of a piece in its carrier's: turned about itself, tipped to the viewer, leant to the right, then sunk. */
export function seatFrame(seat: Seat): Frame {
  const [cl, sl] = [Math.cos(seat.lean * DEG), Math.sin(seat.lean * DEG)];
  const [ct, st] = [Math.cos(seat.tip * DEG), Math.sin(seat.tip * DEG)];
  const [cr, sr] = [Math.cos(seat.turn * DEG), Math.sin(seat.turn * DEG)];
  // lean · tip · turn, applied right to left; tip leans z towards −y, the viewer's side
  const lean = ([x, y, z]: Vec): Vec => [cl * x + sl * z, y, -sl * x + cl * z];
  const tip = ([x, y, z]: Vec): Vec => [x, ct * y - st * z, st * y + ct * z];
  const z = lean(tip([0, 0, 1]));
  const x = lean(tip([cr, sr, 0]));
  const y = lean(tip([-sr, cr, 0]));
  const [ax, ay, az] = seat.at;
  return { origin: [ax - z[0] * seat.sink, ay - z[1] * seat.sink, az - z[2] * seat.sink], x, y, z };
}

/** Places of a batch on the board: rows as square as they come, a quarter of a width apart. */
function batchOffsets(piece: Piece): Vec[] {
  if (piece.count <= 1) return [[0, 0, 0]];
  const m = measure(piece.form);
  const pitch = Math.max(m.width, m.depth) * 1.25;
  const across = Math.ceil(Math.sqrt(piece.count));
  const rows = Math.ceil(piece.count / across);
  return Array.from({ length: piece.count }, (_, i) => [
    ((i % across) - (across - 1) / 2) * pitch,
    (Math.floor(i / across) - (rows - 1) / 2) * pitch,
    0,
  ]);
}

/** What a piece is made of on one carrier: a pair, or as many as are alike. */
interface Row {
  readonly outer: Instance | undefined;
  readonly carrier: number;
  readonly body: Body;
  readonly instances: readonly Instance[];
}

/** Bodies that stand as they stood before are the very same objects, so that what follows from them is kept too. */
const stood = new WeakMap<Piece, Row[]>();

function stand(
  piece: Piece,
  offsets: readonly Vec[],
  before: number,
  carrier: number,
  outer?: Instance,
): Row {
  const round = outer && wrapRound(piece, bodyOf(piece), outer.body);
  const local = round ? WORLD : seatFrame(piece.seat);
  const body = round ?? bodyOf(piece);
  const turned = (piece.pair ? [local, mirrored(local)] : [local]).map(({ origin, ...axes }) => {
    const frame = within(outer?.frame ?? WORLD, { origin, ...axes });
    return { origin, frame, stance: { body, x: frame.x, y: frame.y, z: frame.z } };
  });
  const instances: Instance[] = [];
  for (const [nth, [dx, dy, dz]] of offsets.entries())
    for (const { origin, frame, stance } of turned) {
      const at: Vec = [origin[0] + dx, origin[1] + dy, origin[2] + dz];
      const { x, y, z } = frame;
      instances.push({
        piece,
        frame: { origin: outer ? toWorld(outer.frame, at) : at, x, y, z },
        stance,
        index: before + instances.length,
        nth,
        first: nth === 0 && (outer?.first ?? true),
        carrier,
        body,
      });
    }
  return { outer, carrier, body, instances };
}

/** The row as it stood before, where nothing about it has changed. */
function rowOf(piece: Piece, k: number, offsets: readonly Vec[], carrier: number, outer?: Instance): Row {
  let rows = stood.get(piece);
  if (!rows) stood.set(piece, (rows = []));
  const row = rows[k];
  const each = offsets.length * (piece.pair ? 2 : 1);
  if (
    row &&
    row.outer === outer &&
    row.carrier === carrier &&
    row.body === ((outer && wrapRound(piece, bodyOf(piece), outer.body)) ?? bodyOf(piece))
  )
    return row;
  return (rows[k] = stand(piece, offsets, k * each, carrier, outer));
}

/**
 * Stand every piece on what carries it, mirrored ones and batches spelled out.
 * A piece whose carrier is missing stands on the board; files with such pieces are refused before they get here.
 */
export const place = fromBuild(['pieces'], (build): readonly Instance[] => {
  const out: Instance[] = [];
  const of = new Map<string, number[]>();
  const waiting = [...build.pieces];
  const present = new Set(build.pieces.map((p) => p.id));
  for (let guard = 0; waiting.length > 0 && guard <= build.pieces.length; guard++) {
    for (let w = 0; w < waiting.length; w++) {
      const piece = waiting[w]!;
      const carriers = of.get(piece.seat.on);
      const onBoard = piece.seat.on === BOARD || !present.has(piece.seat.on);
      if (!carriers && !onBoard) continue;
      waiting.splice(w--, 1);
      const own: number[] = [];
      const offsets = batchOffsets(piece);
      for (const [k, carrier] of (onBoard ? [-1] : carriers!).entries())
        for (const instance of rowOf(piece, k, offsets, carrier, out[carrier]).instances) {
          own.push(out.length);
          out.push(instance);
        }
      of.set(piece.id, own);
    }
  }
  return out;
});

/** What stands on each, by index in `place`; −1 is the board. What carries nothing is not in it. */
const childrenOf = fromBuild(['pieces'], (build): ReadonlyMap<number, readonly number[]> => {
  const out = new Map<number, number[]>();
  place(build).forEach(({ carrier }, i) => {
    const of = out.get(carrier);
    if (of) of.push(i);
    else out.set(carrier, [i]);
  });
  return out;
});

/** A body with everything that stands on it, and on that, by index in `place`. */
export function familyOf(build: PartsOf<'pieces'>, index: number): number[] {
  const children = childrenOf(build);
  const out: number[] = [];
  const gather = (i: number): void => {
    out.push(i);
    const own = children.get(i);
    if (own) for (let k = own.length - 1; k >= 0; k--) gather(own[k]!);
  };
  gather(index);
  return out;
}

const bodyOfForm = remembered((form: Form): Body => formBody(form));
const measureOfForm = remembered((form: Form): Measure => measure(form));

/** The body of a form, remembered with it. */
export const bodyOf = (piece: Piece): Body => bodyOfForm(piece.form);

/** Volume, surface and extents of a piece, remembered with its form. */
export const measureOf = (piece: Piece): Measure => measureOfForm(piece.form);

/** Is it laid round its carrier? Then its frame is the carrier's. */
export const isLaidRound = (i: Instance): boolean => i.carrier >= 0 && i.body !== bodyOf(i.piece);

/** The frame the person edits a piece in, and the one it stands in. */
export function framesOf(build: PartsOf<'pieces'>, id: string): { own: Frame; carrier: Frame } | undefined {
  const instances = place(build);
  const own = instances.find((i) => i.piece.id === id);
  if (!own) return undefined;
  return { own: own.frame, carrier: own.carrier < 0 ? WORLD : instances[own.carrier]!.frame };
}

/** Where an end of a rod is, in the board's coordinates. */
export function rodEndAt(build: PartsOf<'pieces'>, end: RodEnd): Vec {
  if (end.on === BOARD) return end.at;
  const frames = framesOf(build, end.on);
  return frames ? toWorld(frames.own, end.at) : end.at;
}

/** A place in space as an end fixed to a piece or the board, so that it follows it. */
export function rodEndOn(build: PartsOf<'pieces'>, on: string, at: Vec): RodEnd {
  const own = on === BOARD ? at : toLocal(framesOf(build, on)!.own, at);
  return { on, at: rounded(own) };
}

export interface PlacedRod {
  readonly rod: Rod;
  readonly from: Vec;
  readonly to: Vec;
  /** From `from` over its bends to `to`. */
  readonly line: Line;
  readonly index: number;
}

/** A rod as it runs; a pair is two, mirrored. */
export function placeRod(build: PartsOf<'pieces'>, rod: Rod): PlacedRod[] {
  const line = pointsOf(rod).map((end) => rodEndAt(build, end));
  const placed = (points: Line, index: number): PlacedRod => ({
    rod,
    from: points[0]!,
    to: points.at(-1)!,
    line: points,
    index,
  });
  const one = placed(line, 0);
  if (!rod.pair) return [one];
  const mirrored = line.map(([x, y, z]): Vec => [-x, y, z]);
  return [one, placed(mirrored, 1)];
}

/** Id of the threaded rod among the rods of a figure; no rod of a file can have it. */
export const MAST = 'mast:';

/** The threaded rod where it stands up into the figure: there it is a rod like others. */
export const mastRod = fromBuild(['board', 'cake', 'card', 'mast'], (build): Rod | undefined => {
  const { rod } = groundOf(build);
  if (!rod || rod.mast.up <= 0) return undefined;
  return {
    id: MAST,
    name: 'Threaded rod',
    stock: `m${rod.mast.thread}`,
    from: { on: BOARD, at: [0, 0, rod.from] },
    to: { on: BOARD, at: [0, 0, rod.to] },
    pair: false,
    sleeved: false,
  };
});

/** Parts of a build that its rods follow from. */
export type WithRods = PartsOf<'pieces' | 'rods'> & OnGround;

/** Every rod as it runs, pairs mirrored; the threaded rod of the board last. */
export const placeRods = (build: WithRods): PlacedRod[] => {
  const mast = mastRod(build);
  return [...build.rods, ...(mast ? [mast] : [])].flatMap((rod) => placeRod(build, rod));
};
