import { blendOf, BOARD, pieceOf, place, reach, weigh, type Piece } from '../../figure/index.ts';
import type { Band, PieceFirming } from '../../firming/index.ts';
import type { Link, Step } from '../types.ts';
import { BONES_ID, joinId, lower, order, paced, shapedBy, type Bench, type StepMaker } from './types.ts';

/** Pieces lighter than this are pressed on soft, as soon as they are shaped. Common practice, grams. */
export const PRESSED_ON_SOFT = 4;

const isSmall = (bench: Bench, piece: Piece): boolean =>
  weigh(piece, blendOf(bench.build, piece)).whole.value < PRESSED_ON_SOFT;

/** Held over the board by a rod: it has to be firm before it goes there; what stands on the board firms where it stands. */
const floats = (bench: Bench, piece: Piece): boolean => {
  const instance = place(bench.build).find((i) => i.piece.id === piece.id);
  return instance !== undefined && -reach(instance, [0, 0, -1]) > CLEAR;
};

/** Further over the board than this a piece does not rest on it, mm. */
const CLEAR = 5;

const later = (a: Band, b: Band | undefined): Band =>
  b
    ? { fast: Math.max(a.fast, b.fast), likely: Math.max(a.likely, b.likely), slow: Math.max(a.slow, b.slow) }
    : a;

const wait = (from: string, to: string, band: Band, why: string, piece: string): Link => ({
  from,
  to,
  kind: 'wait',
  band,
  why,
  piece,
});

/** Firm enough to hold in the fingers, and to keep its pose where it leans. */
const heldBand = (f: PieceFirming): Band => later(f.bands.handle!, f.bands.pose);

/** Glue and set each piece where it belongs, over its rods, once both sides are firm enough. */
export const join: StepMaker = {
  kind: 'join',
  name: 'join',
  make: (bench) => {
    const { build } = bench;
    const steps: Step[] = [];
    const links: Link[] = [];
    for (const piece of build.pieces) {
      const id = joinId(piece.id);
      const n = bench.number(piece);
      const carrier = piece.seat.on === BOARD ? undefined : pieceOf(build, piece.seat.on);
      const rods = bench.bones.rods.filter((r) => r.through.includes(piece.name.toLowerCase()));
      const firming = bench.firming.get(piece.id)!;
      const small = isSmall(bench, piece);
      const where = carrier ? `the ${lower(carrier.name)}` : 'the board';
      steps.push({
        id,
        kind: 'join',
        title: small
          ? `Press the ${lower(piece.name)} on to ${where}`
          : `Set the ${lower(piece.name)} on ${where}`,
        notes: [
          small
            ? 'While both are soft; a touch of water is enough.'
            : 'Glue both faces, press, and hold until it stays.',
          ...(rods.length ? [`Over ${rods.map((r) => `rod ${r.letter}`).join(' and ')}.`] : []),
        ],
        minutes: paced(bench, (small ? 1 : 3) + (small ? 1 : 2) * (n - 1) + 2 * rods.length),
        piece: piece.id,
      });
      if (small || (!carrier && !floats(bench, piece))) links.push(order(shapedBy(piece), id));
      else
        links.push(
          wait(
            shapedBy(piece),
            id,
            heldBand(firming),
            `the ${lower(piece.name)} firms until it can be held`,
            piece.id,
          ),
        );
      if (rods.length) links.push(order(BONES_ID, id));
      if (!carrier) continue;
      const under = bench.firming.get(carrier.id)!;
      if (small) links.push(order(shapedBy(carrier), id));
      else
        links.push(
          wait(
            shapedBy(carrier),
            id,
            later(under.bands.handle!, under.bands.bear),
            `the ${lower(carrier.name)} firms until it carries the ${lower(piece.name)}`,
            carrier.id,
          ),
        );
    }
    return { steps, links };
  },
};
