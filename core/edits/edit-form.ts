import { fail, ok, type Grams, type Mm } from '../quantity/index.ts';
import {
  checkForm,
  formOfVolume,
  massOfBall,
  measure,
  shapeOf,
  startingForm,
  type Art,
  type Coat,
  type Form,
  type ShapeKind,
  type Sizes,
  type Vec,
} from '../solids/index.ts';
import { blendDensity, finishedDensity } from '../pastes/index.ts';
import { FARTHEST, pieceOf, type Build, type Place, type RodEnd, type Change } from '../record/index.ts';
import { GONE, patched, setSeat, tidyPlace } from './edit-pieces.ts';
import { alongTheLine } from './edit-bands.ts';
import { place, mapPoints, pointsOf, blendOf, girthAt } from '../figure/index.ts';

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
    rods: build.rods.map((r) => (pointsOf(r).some((e) => e.on === id) ? { ...r, ...mapPoints(r, end) } : r)),
  };
}

/** Change the form of a piece: other sizes, another outline, another shape. */
export function setForm(build: Build, id: string, form: Form): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const checked = checkForm(form);
  if (!checked.ok) return checked;
  const next = carryAlong(
    patched(build, id, (p) => ({ ...p, form })),
    id,
    piece.form,
    form,
  );
  const places = [
    ...next.pieces.map((p) => p.seat.at),
    ...next.rods.flatMap((r) => pointsOf(r).map((e) => e.at)),
  ];
  return places.flat().some((x) => Math.abs(x) > FARTHEST)
    ? fail('So large, what it carries would be more than three metres away.', 'sizes')
    : ok(next);
}

/** Change some sizes of a piece, mm, ° or a count by their keys; refused outside what the shape takes. */
export function resize(build: Build, id: string, sizes: Partial<Sizes>): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const merged: Record<string, number> = { ...piece.form.sizes };
  for (const [key, x] of Object.entries(sizes)) {
    const whole = shapeOf(piece.form.kind).sizes.find((s) => s.key === key)?.whole;
    if (x !== undefined) merged[key] = whole ? Math.round(x) : Number(x.toFixed(3));
  }
  const next = setForm(build, id, { ...piece.form, sizes: merged });
  return next.ok && sizes.width !== undefined ? ok(alongTheLine(next.value, id)) : next;
}

/** A piece so wide, in the same proportions; sheets and coats keep their thickness. */
export function setWidth(build: Build, id: string, width: Mm): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const now = measure(piece.form).width;
  if (!(width > 0) || !(now > 0)) return fail('Its width has to be more than nothing.', 'width');
  const lengths = shapeOf(piece.form.kind).sizes.filter((s) => s.role === 'length');
  return resize(
    build,
    id,
    Object.fromEntries(lengths.map((s) => [s.key, (piece.form.sizes[s.key]! * width) / now])),
  );
}

/** Start the piece from a ball of another size; of many small ones, each of them. */
export function setBall(build: Build, id: string, diameter: Mm): Change {
  const piece = pieceOf(build, id);
  if (!piece) return fail(GONE);
  const density = blendDensity(blendOf(build, piece)).value;
  const { alike = 1 } = measure(piece.form);
  return setGrams(build, id, massOfBall(diameter, density) * alike);
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
  const volume = (grams / finishedDensity(blendOf(build, piece))) * 1000;
  const form = formOfVolume(piece.form, volume);
  return form.ok ? setForm(build, id, form.value) : form;
}
