import { fail, ok, type Grams, type Mm, type Result } from '../quantity/index.ts';
import {
  checkForm,
  shapeOf,
  formOfVolume,
  measure,
  startingForm,
  toLocal,
  type Art,
  type Coat,
  type Form,
  type ShapeKind,
  type Sizes,
  type Vec,
} from '../solids/index.ts';
import { blendDensity } from '../pastes/index.ts';
import {
  BOARD,
  carriedBy,
  pieceOf,
  type Build,
  type Piece,
  type Place,
  type RodEnd,
  type Seat,
} from './build.ts';
import { freshId, type Change } from './edit.ts';
import { framesOf, place } from './place.ts';
import { girthAt } from './wrap.ts';
import { blendOf } from './weigh.ts';

const GONE = 'That piece is no longer in the build.';

const tidy = (x: number): number => Number(x.toFixed(2));
const tidyPlace = (p: Vec): Place => [tidy(p[0]), tidy(p[1]), tidy(p[2])];

const patched = (build: Build, id: string, next: (piece: Piece) => Piece): Build => ({
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
  const id = freshId(name, build.pieces);
  const piece: Piece = {
    id,
    name,
    form: startingForm(kind),
    blend: carrier?.blend ?? build.pieces.at(-1)?.blend ?? build.blends[0]!.id,
    colour: carrier?.colour ?? build.pieces.at(-1)?.colour ?? build.colours[0]!.id,
    seat: {
      on: carrier ? on : BOARD,
      at: [0, 0, carrier ? measure(carrier.form).height : 0],
      lean: 0,
      tip: 0,
      turn: 0,
      sink: carrier ? 2 : 0,
      how: 'sits',
      overlap: 'pressed',
    },
    pair: false,
    count: 1,
    texture: 'none',
    core: 'foam',
    tolerance: 'varied',
    hidden: 'none',
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
    const copyId = freshId(piece.name, [...build.pieces, ...copies]);
    ids.set(piece.id, copyId);
    const [x, y, z] = piece.seat.at;
    const aside = piece.id === id ? measure(piece.form).width * 1.1 : 0;
    copies.push({
      ...piece,
      id: copyId,
      seat: { ...piece.seat, on: ids.get(piece.seat.on) ?? piece.seat.on, at: [tidy(x + aside), y, z] },
    });
  }
  return ok({ build: { ...build, pieces: [...build.pieces, ...copies] }, id: ids.get(id)! });
}

/** Make a piece one of a mirrored pair, or single again. A piece on the centre line is moved out by its own half width. */
export function togglePair(build: Build, id: string): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const [x, y, z] = piece.seat.at;
  const out = !piece.pair && Math.abs(x) < 0.5 ? tidy(measure(piece.form).width * 0.6) : x;
  return ok(patched(build, id, (p) => ({ ...p, pair: !p.pair, seat: { ...p.seat, at: [out, y, z] } })));
}

/** Take a piece away with everything that stands on it, and the rods that end in them. */
export function removePiece(build: Build, id: string): { build: Build; removed: readonly Piece[] } {
  const removed = carriedBy(build, id);
  const gone = new Set(removed.map((p) => p.id));
  return {
    build: {
      ...build,
      pieces: build.pieces.filter((p) => !gone.has(p.id)),
      rods: build.rods.filter((r) => !gone.has(r.from.on) && !gone.has(r.to.on)),
    },
    removed,
  };
}

/** When a piece changes size, what stands on it and the rods in it keep their share of it. */
function carryAlong(build: Build, id: string, before: Form, after: Form): Build {
  const a = measure(before);
  const b = measure(after);
  const k: Vec = [b.width / a.width, b.depth / a.depth, b.height / a.height];
  const move = (at: Place): Place => tidyPlace([at[0] * k[0], at[1] * k[1], at[2] * k[2]]);
  const end = (e: RodEnd): RodEnd => (e.on === id ? { ...e, at: move(e.at) } : e);
  return {
    ...build,
    pieces: build.pieces.map((p) =>
      p.seat.on === id ? { ...p, seat: { ...p.seat, at: move(p.seat.at) } } : p,
    ),
    rods: build.rods.map((r) =>
      r.from.on === id || r.to.on === id ? { ...r, from: end(r.from), to: end(r.to) } : r,
    ),
  };
}

/** Change the form of a piece: other sizes, another outline, another shape. */
export function setForm(build: Build, id: string, form: Form): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const checked = checkForm(form);
  if (!checked.ok) return checked;
  const next = patched(build, id, (p) => ({ ...p, form }));
  return ok(carryAlong(next, id, piece.form, form));
}

export function resize(build: Build, id: string, sizes: Partial<Sizes>): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const merged: Record<string, number> = { ...piece.form.sizes };
  for (const [key, x] of Object.entries(sizes)) {
    const whole = shapeOf(piece.form.kind).sizes.find((s) => s.key === key)?.whole;
    if (x !== undefined) merged[key] = whole ? Math.round(x) : Number(x.toFixed(3));
  }
  return setForm(build, id, { ...piece.form, sizes: merged });
}

/** Make the piece the core under an even coat, or a piece of paste again. */
export function setCoat(build: Build, id: string, coat: Coat | undefined): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const { coat: _, ...bare } = piece.form;
  return setForm(build, id, coat ? { ...bare, coat } : bare);
}

/** Another outline, or a line drawn by hand. */
export function setArt(build: Build, id: string, art: Art): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const { outline: _o, curves: _c, ...rest } = piece.form;
  return setForm(build, id, { ...rest, ...art });
}

/** Another shape for the same paste: its starting proportions at the same grams, where they can be met. */
export function setKind(build: Build, id: string, kind: ShapeKind): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const start = startingForm(kind);
  const fitted = formOfVolume(start, measure(piece.form).volume);
  const next = setForm(build, id, fitted.ok ? fitted.value : start);
  if (!next.ok || piece.seat.how !== 'wraps' || shapeOf(kind).wraps) return next;
  return setSeat(next.value, id, { how: 'sits' });
}

/** Cut a strip, rope or ruffle to the girth it is laid round, with so much lapping over. */
export function fitToGirth(build: Build, id: string, lap: Mm): Change {
  const piece = pieceOf(build, id);
  const on = piece && place(build).find((i) => i.piece.id === piece.seat.on);
  const key = piece && (['length', 'attach', 'width'] as const).find((k) => k in piece.form.sizes);
  if (!piece || !key) return fail(GONE);
  const girth = on && girthAt(on.body, piece.seat.at[2]);
  if (girth === undefined) return fail('There is no round side here to measure.', 'seat');
  // the middle of the paste runs half its thickness outside the side
  const thick = piece.form.sizes.thickness ?? piece.form.sizes.diameter ?? piece.form.sizes.pearl ?? 0;
  return resize(build, id, { [key]: girth + Math.PI * thick + lap });
}

/** Give one piece the paste somebody typed; its form follows. */
export function setGrams(build: Build, id: string, grams: Grams): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const volume = (grams / blendDensity(blendOf(build, piece)).value) * 1000;
  const form = formOfVolume(piece.form, volume);
  return form.ok ? setForm(build, id, form.value) : form;
}

export function setPiece(
  build: Build,
  id: string,
  patch: Partial<Omit<Piece, 'id' | 'form' | 'seat'>>,
): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  if (patch.name !== undefined && !patch.name.trim()) return fail('A piece needs a name.', 'name');
  if (patch.count !== undefined && !(Number.isInteger(patch.count) && patch.count >= 1 && patch.count <= 500))
    return fail('How many has to be a whole number from 1 to 500.', 'count');
  return ok(patched(build, id, (p) => ({ ...p, ...patch })));
}

export function setSeat(build: Build, id: string, patch: Partial<Omit<Seat, 'on'>>): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const seat = { ...piece.seat, ...patch };
  if (![...seat.at, seat.lean, seat.tip, seat.turn, seat.sink].every(Number.isFinite))
    return fail('A place needs numbers.', 'seat');
  if (seat.how === 'wraps' && !shapeOf(piece.form.kind).wraps)
    return fail(`A ${shapeOf(piece.form.kind).name.toLowerCase()} cannot be laid round anything.`, 'how');
  if (seat.how === 'wraps' && piece.seat.on === BOARD)
    return fail('There is nothing on the board to lay it round: choose what carries it first.', 'how');
  return ok(patched(build, id, (p) => ({ ...p, seat: { ...seat, at: tidyPlace(seat.at) } })));
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
  const moved = patched(build, id, (p) => ({ ...p, seat: { ...p.seat, on, at: tidyPlace(at) } }));
  return ok({ ...moved, pieces: inBuildingOrder(moved.pieces) });
}

/** Nudge a piece in the picture: a step given in the board's directions becomes one in its carrier's frame. */
export function nudge(build: Build, id: string, step: Vec): Change {
  const piece = pieceOf(build, id);
  const frames = framesOf(build, id);
  if (!piece || !frames) return fail(GONE);
  const { carrier } = frames;
  const local = toLocal({ ...carrier, origin: [0, 0, 0] }, step);
  const [x, y, z] = piece.seat.at;
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
