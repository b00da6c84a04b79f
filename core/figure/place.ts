import {
  formBody,
  measure,
  mirrored,
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
import { remembered } from '../quantity/index.ts';
import { BOARD, fromBuild, type PartsOf, type Piece, type Rod, type RodEnd, type Seat } from './build.ts';
import { pointsOf, type Line } from './rod-line.ts';
import { wrapRound } from './wrap.ts';

/** One body standing in space. A pair has two, a batch as many as are alike. */
export interface Instance {
  readonly piece: Piece;
  readonly frame: Frame;
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

/** Bodies that stand as they stood before are the very same objects, so that what follows from them is kept too. */
const stood = new WeakMap<Piece, { instance: Instance; outer: Instance | undefined }[]>();

function kept(
  piece: Piece,
  index: number,
  carrier: number,
  outer: Instance | undefined,
  body: Body,
): Instance | undefined {
  const before = stood.get(piece)?.[index];
  return before &&
    before.outer === outer &&
    before.instance.carrier === carrier &&
    before.instance.body === body
    ? before.instance
    : undefined;
}

function keep(instance: Instance, outer: Instance | undefined): Instance {
  let all = stood.get(instance.piece);
  if (!all) stood.set(instance.piece, (all = []));
  all[instance.index] = { instance, outer };
  return instance;
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
      for (const carrier of onBoard ? [-1] : carriers!) {
        const outer = carrier < 0 ? WORLD : out[carrier]!.frame;
        const round = carrier < 0 ? undefined : wrapRound(piece, bodyOf(piece), out[carrier]!.body);
        const local = round ? WORLD : seatFrame(piece.seat);
        const body = round ?? bodyOf(piece);
        for (const [nth, offset] of batchOffsets(piece).entries())
          for (const frame of piece.pair ? [local, mirrored(local)] : [local]) {
            const moved: Frame = {
              ...frame,
              origin: [frame.origin[0] + offset[0], frame.origin[1] + offset[1], frame.origin[2] + offset[2]],
            };
            own.push(out.length);
            const outerOne = carrier < 0 ? undefined : out[carrier]!;
            const index = own.length - 1;
            const first = nth === 0 && (outerOne?.first ?? true);
            out.push(
              kept(piece, index, carrier, outerOne, body) ??
                keep({ piece, frame: within(outer, moved), index, nth, first, carrier, body }, outerOne),
            );
          }
      }
      of.set(piece.id, own);
    }
  }
  return out;
});

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
  return { on, at: own.map((v) => Number(v.toFixed(2))) as unknown as RodEnd['at'] };
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

/** Every rod as it runs, pairs mirrored. */
export const placeRods = (build: PartsOf<'pieces' | 'rods'>): PlacedRod[] =>
  build.rods.flatMap((rod) => placeRod(build, rod));
