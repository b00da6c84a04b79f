import { fail, ok, inLimits, inWords, type Result } from '../quantity/index.ts';
import { measure, shapeOf, startingForm, toLocal, type ShapeKind, type Vec } from '../solids/index.ts';
import {
  BOARD,
  UPRIGHT,
  USUAL_PIECE,
  carriedBy,
  discRecord,
  FARTHEST,
  MOST_RESTS,
  pieceRecord,
  restRecord,
  seatRecord,
  pieceOf,
  type Build,
  type Disc,
  type Piece,
  type Place,
  type Seat,
  type CoverWay,
  type TemplateUse,
  freshId,
  keptName,
  nameTrouble,
  standing,
  type Change,
} from '../record/index.ts';
import { carriedOn } from './carried-on.ts';
import { framesOf, isLaidRound, measureOf, place, pointsOf, girthAt } from '../figure/index.ts';

const ONCE_ROUND = () => 'A turn is at most once round.';

export const GONE = 'That piece is no longer in the build.';

const tidy = (x: number): number => Number(x.toFixed(2));
/** A place to the hundredth of a millimetre. */
export const tidyPlace = (p: Vec): Place => [tidy(p[0]), tidy(p[1]), tidy(p[2])];

/** The build with one piece changed; nothing happens where it is not there. */
export const patched = (build: Build, id: string, next: (piece: Piece) => Piece): Build => ({
  ...build,
  pieces: build.pieces.map((p) => (p.id === id ? next(p) : p)),
});

/** Add a piece at its starting size, standing on top of `on`. */
export function addPiece(
  build: Build,
  kind: ShapeKind,
  name: string,
  on: string,
): { build: Build; id: string } {
  const carrier = pieceOf(build, on);
  const id = freshId(name, standing(build));
  const piece: Piece = {
    id,
    name: keptName(name, 'Piece'),
    form: startingForm(kind),
    blend: carrier?.blend ?? build.pieces.at(-1)?.blend ?? build.blends[0]!.id,
    colour: carrier?.colour ?? build.pieces.at(-1)?.colour ?? build.colours[0]!.id,
    seat: {
      on: carrier ? on : BOARD,
      ...UPRIGHT,
      at: [0, 0, carrier ? measure(carrier.form).height : 0],
      sink: carrier ? 2 : 0,
    },
    ...USUAL_PIECE,
  };
  return { build: { ...build, pieces: [...build.pieces, piece] }, id };
}

/** A second piece like the first, beside it, with all that it carries. */
export function duplicatePiece(build: Build, id: string): Result<{ build: Build; id: string }> {
  const first = pieceOf(build, id);
  if (!first) return fail(GONE);
  const family = carriedBy(build, id);
  const ids = new Map<string, string>();
  const copies: Piece[] = [];
  for (const piece of family) {
    const copyId = freshId(piece.name, [...standing(build), ...copies]);
    ids.set(piece.id, copyId);
    const [x, y, z] = piece.seat.at;
    const aside = piece.id === id ? measure(piece.form).width * 1.1 : 0;
    copies.push({
      ...carriedOn(piece, (other) => ids.get(other) ?? other),
      id: copyId,
      seat: { ...piece.seat, on: ids.get(piece.seat.on) ?? piece.seat.on, at: [tidy(x + aside), y, z] },
    });
  }
  const farther = copies.find((p) => p.seat.at.some((x) => Math.abs(x) > FARTHEST));
  if (farther) return fail('A copy beside it would be more than three metres away.', 'seat');
  return ok({ build: { ...build, pieces: [...build.pieces, ...copies] }, id: ids.get(id)! });
}

/** Make a piece one of a mirrored pair, or single again. A piece on the centre line is moved out by its own half width. */
export function togglePair(build: Build, id: string): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const [x, y, z] = piece.seat.at;
  const out = !piece.pair && Math.abs(x) < 0.5 ? tidy(measure(piece.form).width * 0.6) : x;
  // a pair is alike by mirror, a single piece again as the hand makes it
  const tolerance = !piece.pair ? 'mirrored' : piece.tolerance === 'mirrored' ? 'varied' : piece.tolerance;
  return ok(
    patched(build, id, (p) => ({ ...p, pair: !p.pair, tolerance, seat: { ...p.seat, at: [out, y, z] } })),
  );
}

/** Where a piece is put once it is shaped, one place after the other; then it stands in the room. */
export function setRests(build: Build, id: string, rests: NonNullable<Piece['rests']>): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  for (const rest of rests) {
    const asked = inLimits(restRecord, rest, {
      hours: (least, most) => `It lies somewhere for ${least} to ${most} hours.`,
    });
    if (!asked.ok) return asked;
  }
  if (rests.length > MOST_RESTS)
    return fail(`It is put somewhere else ${inWords(MOST_RESTS)} times at most.`);
  const { rests: _rests, ...bare } = piece;
  return ok(patched(build, id, () => (rests.length > 0 ? { ...bare, rests } : bare)));
}

/** Take a piece away with everything that stands on it, and the rods that end in them. */
export function removePiece(build: Build, id: string): { build: Build; removed: readonly Piece[] } {
  const removed = carriedBy(build, id);
  const gone = new Set(removed.map((p) => p.id));
  const { portions, ...rest } = build;
  return {
    build: {
      ...rest,
      // nothing is left to weigh
      ...(portions && !gone.has(portions.piece) ? { portions } : {}),
      pieces: build.pieces
        .filter((p) => !gone.has(p.id))
        .map((p) => carriedOn(p, (other) => (gone.has(other) ? undefined : other))),
      rods: build.rods.filter((r) => !pointsOf(r).some((end) => gone.has(end.on))),
    },
    removed,
  };
}

/** Change what a piece is besides its form and its seat; refused where a number lies outside the record. */
export function setPiece(
  build: Build,
  id: string,
  patch: Partial<Omit<Piece, 'id' | 'form' | 'seat'>>,
): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const wrong = patch.name === undefined ? undefined : nameTrouble(patch.name, 'A piece');
  if (wrong !== undefined) return fail(wrong, 'name');
  const asked = inLimits(pieceRecord, patch, {
    count: (least, most) => `How many has to be a whole number from ${least} to ${most}.`,
    breaks: (least, most) => `The chance of breaking lies between ${least} and ${most} %.`,
  });
  if (!asked.ok) return asked;
  const several =
    (patch.count ?? 1) > 1 && piece.tolerance === 'varied' ? { tolerance: 'equal' as const } : {};
  return ok(patched(build, id, (p) => ({ ...p, ...several, ...patch })));
}

/** Change where and how a piece sits; refused outside the record, and laid round only what has a side to be laid round. */
export function setSeat(build: Build, id: string, patch: Partial<Omit<Seat, 'on' | 'disc'>>): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const seat = { ...piece.seat, ...patch };
  if (![...seat.at, seat.lean, seat.tip, seat.turn, seat.sink].every(Number.isFinite))
    return fail('A place needs numbers.', 'seat');
  if (seat.at.some((x) => Math.abs(x) > FARTHEST))
    return fail('That is more than three metres away.', 'seat');
  const asked = inLimits(seatRecord, seat, {
    lean: ONCE_ROUND,
    tip: ONCE_ROUND,
    turn: ONCE_ROUND,
    sink: (least, most) => `It goes in by at most ${most} mm, and stands off by at most ${-least}.`,
  });
  if (!asked.ok) return asked;
  if (seat.how === 'wraps' && !shapeOf(piece.form.kind).wraps)
    return fail(`A ${shapeOf(piece.form.kind).name.toLowerCase()} cannot be laid round anything.`, 'how');
  if (seat.how === 'wraps' && piece.seat.on === BOARD)
    return fail('There is nothing on the board to lay it round: choose what carries it first.', 'how');
  return ok(patched(build, id, (p) => ({ ...p, seat: keepsDisc({ ...seat, at: tidyPlace(seat.at) }) })));
}

/** Lay a disc under a piece, let into what carries it, or take it out. */
export function setDisc(build: Build, id: string, disc: Disc | undefined): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  if (disc === undefined) return ok(patched(build, id, (p) => ({ ...p, seat: withoutDisc(p.seat) })));
  const carrier = pieceOf(build, piece.seat.on);
  if (!carrier || (piece.seat.how !== 'sits' && piece.seat.how !== 'set'))
    return fail('A disc lies under a piece that sits on another.', 'disc');
  const asked = inLimits(discRecord, disc, {
    width: (least, most) => `A disc is ${least} to ${most} mm wide.`,
  });
  if (!asked.ok) return asked;
  if (disc.width > Math.min(measureOf(carrier).width, measureOf(carrier).depth))
    return fail(`A disc that wide shows: the ${carrier.name.toLowerCase()} is narrower.`, 'disc');
  return ok(
    patched(build, id, (p) => ({ ...p, seat: { ...p.seat, disc: { ...disc, width: tidy(disc.width) } } })),
  );
}

function withoutDisc({ disc: _was, ...seat }: Seat): Seat {
  return seat;
}

/** A disc goes with a seat that has a top to be let into. */
const keepsDisc = (seat: Seat): Seat =>
  seat.on !== BOARD && (seat.how === 'sits' || seat.how === 'set') ? seat : withoutDisc(seat);

/** Prop a piece in its place until its glue and its pose hold, or leave it to itself. */
export function setPropped(build: Build, id: string, propped: boolean): Build {
  return patched(build, id, ({ propped: _was, ...piece }) => (propped ? { ...piece, propped: true } : piece));
}

/** What the paper template of a piece is for; as its shape asks when undefined. */
export function setTemplate(build: Build, id: string, use: TemplateUse | undefined): Build {
  return patched(build, id, ({ template: _was, ...piece }) => (use ? { ...piece, template: use } : piece));
}

/** How paste gets over the core of a piece; as core and coat ask when undefined. */
export function setCover(build: Build, id: string, way: CoverWay | undefined): Build {
  return patched(build, id, ({ cover: _was, ...piece }) => (way ? { ...piece, cover: way } : piece));
}

/** Let a piece stand on another, keeping where it is in space; it cannot stand on itself or on what it carries. */
export function reseat(build: Build, id: string, on: string): Change {
  const piece = pieceOf(build, id);
  const frames = framesOf(build, id);
  if (!piece || !frames) return fail(GONE);
  if (on !== BOARD && !pieceOf(build, on)) return fail('There is no such piece to stand on.');
  const carried = carriedBy(build, id);
  if (carried.some((p) => p.id === on))
    return fail(`${piece.name} cannot stand on ${on === id ? 'itself' : 'something that it carries'}.`, 'on');
  const target = on === BOARD ? undefined : framesOf(build, on);
  const sunk = piece.seat.sink;
  const { origin, z } = frames.own;
  const foot: Vec = [origin[0] + z[0] * sunk, origin[1] + z[1] * sunk, origin[2] + z[2] * sunk];
  const at = target ? toLocal(target.own, foot) : foot;
  if (at.some((x) => Math.abs(x) > FARTHEST)) return fail('That is more than three metres away.', 'on');
  const moved = patched(build, id, (p) => ({ ...p, seat: keepsDisc({ ...p.seat, on, at: tidyPlace(at) }) }));
  return ok({ ...moved, pieces: inBuildingOrder(moved.pieces) });
}

/**
 * Nudge a piece in the picture: a step given in the board's directions becomes one in its carrier's frame. What is
 * laid round its carrier goes up it, and turns about it by the length of the step.
 */
export function nudge(build: Build, id: string, step: Vec): Change {
  const piece = pieceOf(build, id);
  const frames = framesOf(build, id);
  if (!piece || !frames) return fail(GONE);
  const { carrier } = frames;
  const local = toLocal({ ...carrier, origin: [0, 0, 0] }, step);
  const [x, y, z] = piece.seat.at;
  const instances = place(build);
  const own = instances.find((i) => i.piece.id === id)!;
  if (isLaidRound(own)) {
    const girth = girthAt(instances[own.carrier]!.body, z) ?? Infinity;
    const turn = piece.seat.turn + (360 * (local[0] + local[1])) / girth;
    return setSeat(build, id, {
      at: [x, y, Math.max(0, z + local[2])],
      turn: tidy(((turn + 540) % 360) - 180),
    });
  }
  return setSeat(build, id, { at: [x + local[0], y + local[1], z + local[2]] });
}

/** Carriers before what they carry, otherwise as the person ordered them. */
export function inBuildingOrder(pieces: readonly Piece[]): Piece[] {
  const out: Piece[] = [];
  const placed = new Set<string>([BOARD]);
  const waiting = [...pieces];
  while (waiting.length > 0) {
    const next = waiting.findIndex((p) => placed.has(p.seat.on));
    const [piece] = waiting.splice(Math.max(0, next), 1);
    placed.add(piece!.id);
    out.push(piece!);
  }
  return out;
}

/** Build a piece earlier or later; a piece cannot come before what carries it. */
export function reorder(build: Build, id: string, before: string | undefined): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const rest = build.pieces.filter((p) => p.id !== id);
  const at = before === undefined ? rest.length : rest.findIndex((p) => p.id === before);
  const wanted = [...rest.slice(0, at), piece, ...rest.slice(at)];
  const seen = new Set<string>([BOARD]);
  for (const p of wanted) {
    if (!seen.has(p.seat.on))
      return fail(
        `${p.name} cannot be built before ${pieceOf(build, p.seat.on)?.name ?? 'what carries it'}.`,
        'order',
      );
    seen.add(p.id);
  }
  return ok({ ...build, pieces: wanted });
}
