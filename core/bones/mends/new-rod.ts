import { drivenInto, groundOf } from '../../ground/index.ts';
import { addRod } from '../../edits/index.ts';
import { BOARD, pieceOf, rodOf, type Build, type Place } from '../../record/index.ts';
import { height, measureOf } from '../../figure/index.ts';
import { stockOf } from '../stock/stock.ts';
import { apartOf, doubled } from './mends.ts';

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

/** Half the distance between two sticks in one piece, as a share of the slimmer of what they join; common practice. */
const HALF_APART = 0.22;

/**
 * Two first rods for a piece, as far apart as the slimmer of what they join lets them stand: one alone lets it turn. A piece of a
 * pair has one in each. Undefined when there is no such piece.
 */
export function twoInto(build: Build, pieceId: string): { build: Build; id: string } | undefined {
  const piece = pieceOf(build, pieceId);
  const made = rodInto(build, pieceId);
  if (!piece || !made || piece.pair) return made;
  const carrier = pieceOf(build, piece.seat.on);
  const wide = Math.min(...[piece, ...(carrier ? [carrier] : [])].map((p) => measureOf(p).width));
  const rod = rodOf(made.build, made.id)!;
  const apart = Math.max(apartOf(stockOf(build, rod).section.diameter), HALF_APART * wide);
  return { build: doubled(made.build, rod, apart), id: made.id };
}
