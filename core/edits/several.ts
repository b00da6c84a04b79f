import { makeTrouble } from '../figure/index.ts';
import { fail, ok, type Degrees } from '../quantity/index.ts';
import {
  BOARD,
  carriedBy,
  pieceOf,
  type Build,
  type Change,
  type Piece,
  type RodEnd,
} from '../record/index.ts';
import { rounded, scaleForm, type Vec } from '../solids/index.ts';
import { nudge, removePiece } from './edit-pieces.ts';

/** Several pieces at once: what carries others takes them along, so each is changed once. */

type Ids = ReadonlySet<string>;

/** Those of them that are carried by none of the others. */
function first(build: Build, ids: Ids): Piece[] {
  return build.pieces.filter((p) => {
    if (!ids.has(p.id)) return false;
    for (let on = pieceOf(build, p.seat.on); on; on = pieceOf(build, on.seat.on))
      if (ids.has(on.id)) return false;
    return true;
  });
}

const NONE = 'None of those pieces is in the build any more.';

/** Move them together, by a step in the board's directions; rods that end in them follow. */
export function moveSeveral(build: Build, ids: Ids, step: Vec): Change {
  const roots = first(build, ids);
  if (roots.length === 0) return fail(NONE);
  let now = build;
  for (const p of roots) {
    const moved = nudge(now, p.id, step);
    if (!moved.ok) return moved;
    now = moved.value;
  }
  return ok(now);
}

const DEG = Math.PI / 180;

/** Turn them together about the upright through their middle; what stands on a piece that is not among them turns in its place. */
export function turnSeveral(build: Build, ids: Ids, by: Degrees): Change {
  if (!Number.isFinite(by)) return fail('A turn is a number of degrees.');
  const roots = first(build, ids);
  if (roots.length === 0) return fail(NONE);
  const own = roots.filter((p) => p.seat.on === BOARD);
  const middle = (k: 0 | 1) => own.reduce((s, p) => s + p.seat.at[k], 0) / Math.max(1, own.length);
  const [mx, my] = [middle(0), middle(1)];
  const [c, s] = [Math.cos(by * DEG), Math.sin(by * DEG)];
  const round = ([x, y, z]: Vec): Vec =>
    rounded([mx + (x - mx) * c - (y - my) * s, my + (x - mx) * s + (y - my) * c, z], 3);
  if (own.some((p) => p.pair || p.seat.lean !== 0 || p.seat.tip !== 0))
    return fail(
      'A pair on the board, and what leans there, cannot be turned about another: turn each in its place.',
    );
  const turned = new Set(roots.map((p) => p.id));
  const upright = (turn: number) => Number((((turn + by + 540) % 360) - 180).toFixed(3));
  const held = new Set(own.flatMap((p) => carriedBy(build, p.id).map((q) => q.id)));
  const end = (e: RodEnd): RodEnd => (e.on === BOARD ? { ...e, at: round(e.at) } : e);
  return ok({
    ...build,
    pieces: build.pieces.map((p) => {
      if (!turned.has(p.id)) return p;
      const at = p.seat.on === BOARD ? round(p.seat.at) : p.seat.at;
      return { ...p, seat: { ...p.seat, at, turn: upright(p.seat.turn) } };
    }),
    // a rod out of the board into one of them turns with it
    rods: build.rods.map((r) =>
      held.has(r.to.on) || held.has(r.from.on) ? { ...r, from: end(r.from), to: end(r.to) } : r,
    ),
  });
}

/** Make them so many times as large, each on its own foot; what one carries stays on it. */
export function scaleSeveral(build: Build, ids: Ids, k: number): Change {
  if (!(k > 0.05 && k < 20)) return fail('Between a twentieth and twenty times as large.');
  if (first(build, ids).length === 0) return fail(NONE);
  const larger = (v: Vec): Vec => rounded([v[0] * k, v[1] * k, v[2] * k], 3);
  const end = (e: RodEnd): RodEnd => (ids.has(e.on) ? { ...e, at: larger(e.at) } : e);
  const now: Build = {
    ...build,
    pieces: build.pieces.map((p) => {
      const grown = ids.has(p.id) ? { ...p, form: scaleForm(p.form, k) } : p;
      return ids.has(p.seat.on) ? { ...grown, seat: { ...grown.seat, at: larger(p.seat.at) } } : grown;
    }),
    rods: build.rods.map((r) => ({
      ...r,
      from: end(r.from),
      to: end(r.to),
      ...(r.bends ? { bends: r.bends.map(end) } : {}),
    })),
  };
  const wrong = makeTrouble(now);
  return wrong === undefined ? ok(now) : fail(`So large they cannot be made. ${wrong}`);
}

/** Give them all one colour, or one paste. */
export function recolourSeveral(
  build: Build,
  ids: Ids,
  to: Partial<Pick<Piece, 'colour' | 'blend'>>,
): Change {
  if (to.colour !== undefined && !build.colours.some((c) => c.id === to.colour))
    return fail('That colour is no longer in the build.');
  if (to.blend !== undefined && !build.blends.some((b) => b.id === to.blend))
    return fail('That paste is no longer in the build.');
  return ok({ ...build, pieces: build.pieces.map((p) => (ids.has(p.id) ? { ...p, ...to } : p)) });
}

/** Take them away with all they carry and the rods that end in them. */
export function removeSeveral(build: Build, ids: Ids): { build: Build; removed: readonly Piece[] } {
  let now = build;
  const removed: Piece[] = [];
  for (const p of first(build, ids)) {
    const gone = removePiece(now, p.id);
    now = gone.build;
    removed.push(...gone.removed);
  }
  return { build: now, removed };
}
