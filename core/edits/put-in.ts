import { carriedOn } from './carried-on.ts';
import { extent, factorForHeight, framesOf, measureOf, scaleFigure } from '../figure/index.ts';
import { fail, LONGEST_NAME, ok, type Mm, type Result } from '../quantity/index.ts';
import {
  BOARD,
  carriedBy,
  freshId,
  keptName,
  pieceOf,
  standing,
  type Build,
  type Piece,
  type Rod,
  type RodEnd,
  type Seat,
} from '../record/index.ts';
import { rounded, toLocal, toWorld, type Frame, type Vec } from '../solids/index.ts';
import { inBuildingOrder } from './edit-pieces.ts';

/**
 * Parts of one's own: a piece with all that stands on it, kept as a small build, and put into another one. A whole figure is a
 * part too, and may stand beside the one that is there.
 */

const endsOf = (rod: Rod): RodEnd[] => [rod.from, rod.to, ...(rod.bends ?? [])];

/** A piece with all it carries and the rods that run only through them, standing by itself on a board. */
export function asPart(build: Build, id: string): Result<Build> {
  const root = pieceOf(build, id);
  if (!root) return fail('That piece is no longer in the build.');
  const pieces = carriedBy(build, id).map((p): Piece => {
    if (p.id !== id) return p;
    const { disc: _disc, ...seat } = p.seat;
    const how = seat.how === 'wraps' || seat.how === 'hangs' ? 'sits' : seat.how;
    return { ...p, seat: { ...seat, on: BOARD, at: [0, 0, 0], sink: 0, how } };
  });
  const inside = new Set(pieces.map((p) => p.id));
  const { portions: _portions, mast: _mast, card: _card, ...rest } = build;
  return ok({
    ...rest,
    name: root.name,
    pieces,
    rods: build.rods.filter((r) => endsOf(r).every((e) => inside.has(e.on))),
    blends: build.blends.filter((b) => pieces.some((p) => p.blend === b.id)),
    colours: build.colours.filter((c) => pieces.some((p) => p.colour === c.id)),
    cake: { ...build.cake, tiers: [] },
    reserves: [],
    measured: [],
    log: [],
    steps: { own: [], minutes: {}, left: [] },
    bench: { done: [] },
  });
}

/** The one of a pair that is no longer its mirror image. */
const theOther = (name: string): string => keptName(`${name.slice(0, LONGEST_NAME - 7)}, other`, name);

const mirroredSeat = (seat: Seat): Seat => {
  const [x, y, z] = seat.at;
  return { ...seat, at: [-x, y, z], lean: -seat.lean, turn: -seat.turn };
};

/** Pairs that are mirrored in the middle of the board, each of them by itself: beside the middle they would not stay with their figure. */
export function withoutBoardPairs(part: Build): Build {
  const pieces: Piece[] = [];
  /** What is mirrored, by the id of what it mirrors. */
  const other = new Map<string, string>();
  for (const p of part.pieces) {
    if (p.seat.on === BOARD && p.pair) {
      const twin = freshId(`${p.name} other`, [...standing(part), ...pieces]);
      other.set(p.id, twin);
      pieces.push(
        { ...p, pair: false },
        { ...p, id: twin, name: theOther(p.name), pair: false, seat: mirroredSeat(p.seat) },
      );
      continue;
    }
    pieces.push(p);
    const on = other.get(p.seat.on);
    if (on === undefined) continue;
    const twin = freshId(`${p.name} other`, [...standing(part), ...pieces]);
    other.set(p.id, twin);
    pieces.push({ ...p, id: twin, name: theOther(p.name), seat: { ...mirroredSeat(p.seat), on } });
  }
  const whole: Build = { ...part, pieces: inBuildingOrder(pieces) };
  const frameIn = (build: Build, id: string): Frame | undefined => framesOf(build, id)?.own;
  /** An end on the other side of the middle of the board. */
  const over = (end: RodEnd): RodEnd => {
    if (end.on === BOARD) return { ...end, at: [-end.at[0], end.at[1], end.at[2]] };
    const on = other.get(end.on) ?? end.on;
    const [from, to] = [frameIn(part, end.on), frameIn(whole, on)];
    if (!from || !to) return end;
    const [x, y, z] = toWorld(from, end.at);
    return { on, at: rounded(toLocal(to, [-x, y, z]), 3) };
  };
  const rods: Rod[] = [];
  for (const r of part.rods) {
    rods.push({ ...r, pair: false });
    if (!r.pair) continue;
    const id = freshId(`${r.name} other`, [...part.rods, ...rods]);
    const bends = r.bends ? { bends: r.bends.map(over) } : {};
    rods.push({ ...r, id, pair: false, from: over(r.from), to: over(r.to), ...bends });
  }
  return { ...whole, rods };
}

/** Open board between two figures, mm. Estimate. */
const BETWEEN: Mm = 20;

/** Where a part goes: on the board or on a piece, at a place of it, as tall as it was or as it is wished. */
export interface PutWhere {
  readonly on: string;
  readonly at: Vec;
  /** Finished height, mm. */
  readonly tall?: Mm;
}

const alike = (a: object, b: object, ...apartFrom: readonly string[]): boolean => {
  const plain = (x: object) =>
    JSON.stringify(
      Object.entries(x)
        .filter(([k]) => !apartFrom.includes(k))
        .sort(([p], [q]) => p.localeCompare(q)),
    );
  return plain(a) === plain(b);
};

/** Entries of the part that the build has too go by its names; the others come along under names nobody has. */
function merged<T extends { readonly id: string; readonly name: string }>(
  own: readonly T[],
  more: readonly T[],
  apartFrom: readonly string[],
): { readonly list: readonly T[]; readonly as: ReadonlyMap<string, string> } {
  const list = [...own];
  const as = new Map<string, string>();
  for (const m of more) {
    const same = list.find((o) => alike(o, m, ...apartFrom));
    if (same) as.set(m.id, same.id);
    else {
      const id = list.some((o) => o.id === m.id) ? freshId(m.name, list) : m.id;
      as.set(m.id, id);
      list.push({ ...m, id });
    }
  }
  return { list, as };
}

/**
 * Put a part, or a whole figure, into a build.
 * @returns the build with it and the id of its first piece; a sentence where there is nothing to put it on or it cannot be so tall
 */
export function putIn(
  build: Build,
  given: Build,
  where: PutWhere,
): Result<{ readonly build: Build; readonly id: string }> {
  if (given.pieces.length === 0) return fail('There is nothing in that part.');
  if (where.on !== BOARD && !pieceOf(build, where.on)) return fail('There is no such piece to put it on.');
  let part = given;
  if (where.tall !== undefined) {
    const k = factorForHeight(part, where.tall);
    if (!k.ok) return k;
    part = scaleFigure(part, k.value);
  }
  if (where.on !== BOARD || where.at[0] !== 0) part = withoutBoardPairs(part);
  if (where.on !== BOARD && part.rods.some((r) => endsOf(r).some((e) => e.on === BOARD)))
    part = { ...part, rods: part.rods.filter((r) => endsOf(r).every((e) => e.on !== BOARD)) };
  const blends = merged(build.blends, part.blends, ['id', 'name']);
  const colours = merged(build.colours, part.colours, ['id', 'name']);
  const ids = new Map<string, string>([[BOARD, where.on]]);
  const taken: { readonly id: string }[] = [...standing(build)];
  for (const p of part.pieces) {
    const id = taken.some((t) => t.id === p.id) ? freshId(p.name, taken) : p.id;
    ids.set(p.id, id);
    taken.push({ id });
  }
  const moved = ([x, y, z]: Vec): Vec => rounded([x + where.at[0], y + where.at[1], z + where.at[2]], 3);
  const pieces = part.pieces.map((p): Piece => {
    const root = p.seat.on === BOARD;
    return {
      ...carriedOn(p, (other) => ids.get(other)),
      id: ids.get(p.id)!,
      blend: blends.as.get(p.blend)!,
      colour: colours.as.get(p.colour)!,
      seat: { ...p.seat, on: ids.get(p.seat.on)!, at: root ? moved(p.seat.at) : p.seat.at },
    };
  });
  const end = (e: RodEnd): RodEnd => ({ on: ids.get(e.on)!, at: e.on === BOARD ? moved(e.at) : e.at });
  const rods: Rod[] = [];
  for (const r of part.rods) {
    const id = [...build.rods, ...rods].some((o) => o.id === r.id)
      ? freshId(r.name, [...build.rods, ...rods])
      : r.id;
    rods.push({
      ...r,
      id,
      from: end(r.from),
      to: end(r.to),
      ...(r.bends ? { bends: r.bends.map(end) } : {}),
    });
  }
  return ok({
    build: {
      ...build,
      blends: [...blends.list],
      colours: [...colours.list],
      pieces: inBuildingOrder([...build.pieces, ...pieces]),
      rods: [...build.rods, ...rods],
    },
    id: pieces[0]!.id,
  });
}

/** It goes in by so much, mm. Estimate. */
const BEDS: Mm = 1;

/** A part on top of a piece, bedded in; on the board in its middle. */
export function putOn(build: Build, part: Build, on: string, tall?: Mm): ReturnType<typeof putIn> {
  const carrier = pieceOf(build, on);
  const at: Vec = carrier ? [0, 0, measureOf(carrier).height - BEDS] : [0, 0, 0];
  return putIn(build, part, { on, at, ...(tall === undefined ? {} : { tall }) });
}

/** Everything on the board moved to the right by so much; pairs that were mirrored in its middle stand by themselves then. */
function shifted(build: Build, by: Mm): Build {
  if (by === 0) return build;
  const single = withoutBoardPairs(build);
  const over = ([x, y, z]: Vec): Vec => [x + by, y, z];
  const end = (e: RodEnd): RodEnd => (e.on === BOARD ? { ...e, at: over(e.at) } : e);
  return {
    ...single,
    pieces: single.pieces.map((p) =>
      p.seat.on === BOARD ? { ...p, seat: { ...p.seat, at: over(p.seat.at) } } : p,
    ),
    rods: single.rods.map((r) => ({
      ...r,
      from: end(r.from),
      to: end(r.to),
      ...(r.bends ? { bends: r.bends.map(end) } : {}),
    })),
  };
}

/** Both as figures with names of their own, where they have none yet; undefined where they have. */
function asFigures(build: Build, given: Build): { readonly build: Build; readonly given: Build } | undefined {
  if ([...build.pieces, ...given.pieces].every((p) => p.of !== undefined)) return undefined;
  const taken = new Set(build.pieces.map((p) => p.of ?? build.name));
  let name = given.name;
  for (let n = 2; taken.has(name); n++) name = `${given.name.slice(0, LONGEST_NAME - 4)} ${n}`;
  const of = (b: Build, as: string): Build => ({
    ...b,
    pieces: b.pieces.map((p) => ({ ...p, of: p.of ?? as })),
  });
  return { build: of(build, build.name), given: of(given, name) };
}

/** A figure beside the one that is there: to its right on the board, with a hand's breadth between, and a board that takes both. */
export function putBeside(
  build: Build,
  given: Build,
  tall?: Mm,
): Result<{ readonly build: Build; readonly id: string }> {
  if (build.pieces.length === 0)
    return putIn(build, given, { on: BOARD, at: [0, 0, 0], ...(tall === undefined ? {} : { tall }) });
  const named = asFigures(build, given);
  if (named) return putBeside(named.build, named.given, tall);
  const right = extent(build);
  const first = putIn({ ...build, pieces: [], rods: [] }, given, {
    on: BOARD,
    at: [0, 0, 0],
    ...(tall === undefined ? {} : { tall }),
  });
  if (!first.ok) return first;
  const left = extent(first.value.build);
  const at: Vec = [Math.round(right.right + BETWEEN - left.left), 0, 0];
  const put = putIn(build, given, { on: BOARD, at, ...(tall === undefined ? {} : { tall }) });
  if (!put.ok) return put;
  const both = extent(put.value.build);
  const middle = (both.left + both.right) / 2;
  const needed = Math.ceil((both.right - both.left + 2 * BETWEEN) / 10) * 10;
  const centred = shifted(put.value.build, -Math.round(middle));
  const board = { ...centred.board, width: Math.min(1500, Math.max(centred.board.width, needed)) };
  return ok({ build: { ...centred, board }, id: put.value.id });
}
