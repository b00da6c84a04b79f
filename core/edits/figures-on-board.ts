import { makeTrouble, place, reach } from '../figure/index.ts';
import { fail, ok, type Mm } from '../quantity/index.ts';
import { BOARD, type Build, type Change, type Piece, type Rod, type RodEnd } from '../record/index.ts';
import { rounded, scaleForm, type Vec } from '../solids/index.ts';
import { withoutBoardPairs } from './put-in.ts';

/** Figures that stand beside each other on one board, each moved and made taller by itself. */

const own = (build: Build, name: string): Set<string> =>
  new Set(build.pieces.filter((p) => p.of === name).map((p) => p.id));

/** A rod of a figure: every end that is not in the board is in it. */
const isOwn = (rod: Rod, ids: ReadonlySet<string>): boolean => {
  const ends = [rod.from, rod.to, ...(rod.bends ?? [])].filter((e) => e.on !== BOARD);
  return ends.length > 0 && ends.every((e) => ids.has(e.on));
};

/** What happens to a figure: to what stands on the board, to what stands on its pieces, and to its forms. */
interface Doing {
  readonly onBoard: (at: Vec, rod: boolean) => Vec;
  readonly onPiece: (at: Vec) => Vec;
  readonly form?: (piece: Piece) => Piece;
}

function done(build: Build, ids: ReadonlySet<string>, { onBoard, onPiece, form }: Doing): Build {
  const end = (e: RodEnd): RodEnd => ({ ...e, at: e.on === BOARD ? onBoard(e.at, true) : onPiece(e.at) });
  return {
    ...build,
    pieces: build.pieces.map((p) => {
      if (!ids.has(p.id)) return p;
      const at = p.seat.on === BOARD ? onBoard(p.seat.at, false) : onPiece(p.seat.at);
      const made = form ? form(p) : p;
      return { ...made, seat: { ...made.seat, at } };
    }),
    rods: build.rods.map((r) =>
      isOwn(r, ids)
        ? { ...r, from: end(r.from), to: end(r.to), ...(r.bends ? { bends: r.bends.map(end) } : {}) }
        : r,
    ),
  };
}

const GONE = 'There is no such figure on the board any more.';

/** Move one figure over the board, with its sticks. */
export function moveFigure(build: Build, name: string, right: Mm, back: Mm): Change {
  if (own(build, name).size === 0) return fail(GONE);
  // a pair stays mirrored in the middle of the board: it cannot go aside with its figure
  const single = right === 0 ? build : withoutBoardPairs(build);
  return ok(
    done(single, own(single, name), {
      onBoard: ([x, y, z]) => rounded([x + right, y + back, z], 3),
      onPiece: (at) => at,
    }),
  );
}

/** Put one figure so far to the right of the middle of the board. @param from where its own middle is now */
export const placeFigure = (build: Build, name: string, to: Mm, from: Mm): Change =>
  moveFigure(build, name, to - from, 0);

/** Make one figure so tall, on its own place; sheets and coats keep their thickness, sticks their stock. */
export function tallFigure(build: Build, name: string, tall: Mm): Change {
  const ids = own(build, name);
  const bodies = place(build).filter((i) => ids.has(i.piece.id));
  if (bodies.length === 0) return fail(GONE);
  const far = (x: number, y: number, z: number) => Math.max(...bodies.map((i) => reach(i, [x, y, z])));
  const k = tall / far(0, 0, 1);
  if (!(k > 0.05 && k < 20)) return fail('Between a twentieth and twenty times as tall.');
  const paired = build.pieces.some((p) => ids.has(p.id) && p.pair && p.seat.on === BOARD);
  const [mx, my] = [paired ? 0 : (far(1, 0, 0) - far(-1, 0, 0)) / 2, (far(0, 1, 0) - far(0, -1, 0)) / 2];
  const now = done(build, ids, {
    onBoard: ([x, y, z], rod) =>
      rounded([mx + (x - mx) * k, my + (y - my) * k, rod && z <= 0 ? z : z * k], 3),
    onPiece: ([x, y, z]) => rounded([x * k, y * k, z * k], 3),
    form: (p) => ({
      ...p,
      form: scaleForm(p.form, k),
      seat: { ...p.seat, sink: Number((p.seat.sink * k).toFixed(3)) },
    }),
  });
  const wrong = makeTrouble(now);
  return wrong === undefined ? ok(now) : fail(`So tall it cannot be made. ${wrong}`);
}
