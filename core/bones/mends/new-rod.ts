import { drivenInto, groundOf } from '../../ground/index.ts';
import { addRod } from '../../edits/index.ts';
import { BOARD, pieceOf, type Build, type Place } from '../../record/index.ts';
import { height, measureOf } from '../../figure/index.ts';

/** Least height of the lower end over the foot of what carries the piece, mm. */
const CLEAR = 4;
/** Most a first rod reaches into the carrier, mm; a third of a small figure. A start to mend from, not a depth that is reckoned. */
const INTO = 60;
/** Share of the piece's height a first rod reaches up. */
const UP = 0.6;

/**
 * A first rod for a piece: down its middle into what carries it, or through the board where nothing does. A piece of
 * a pair gets a pair. Undefined when there is no such piece.
 */
export function rodInto(build: Build, pieceId: string): { build: Build; id: string } | undefined {
  const piece = pieceOf(build, pieceId);
  if (!piece) return undefined;
  const carrier = pieceOf(build, piece.seat.on);
  const [x, y, z] = piece.seat.at;
  const from: { on: string; at: Place } = carrier
    ? { on: carrier.id, at: [x, y, Math.max(CLEAR, z - Math.min(INTO, height(build) / 3))] }
    : { on: BOARD, at: [x, y, -drivenInto(groundOf(build))] };
  return addRod(build, {
    name: piece.name,
    stock: 'skewer3',
    from,
    to: { on: piece.id, at: [0, 0, measureOf(piece).height * UP] },
    pair: piece.pair,
    sleeved: false,
  });
}
