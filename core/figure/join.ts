import { materialOf, type GlueSide } from '../pastes/index.ts';
import { BOARD, carriedBy, pieceOf, type Build, type Piece } from '../record/index.ts';
import { blendOf, weighIn } from './weigh.ts';

/** What is glued to what. */
export interface Join {
  readonly onName: string;
  readonly sides: readonly [GlueSide, GlueSide];
  /** With all it carries it weighs more than glue alone is asked to hold. */
  readonly heavy: boolean;
}

/** Glue alone holds a detail up to about this; common practice, grams. */
const DETAIL = 15;

/** A piece and what carries it, as glue sees them; a board counts as covered with sugar paste. */
export function joinOf(build: Build, piece: Piece): Join {
  const side = (p: Piece): GlueSide => materialOf(blendOf(build, p).base).family;
  const carrier = piece.seat.on === BOARD ? undefined : pieceOf(build, piece.seat.on);
  const grams = carriedBy(build, piece.id).reduce((g, p) => g + weighIn(build, p).whole.value, 0);
  return {
    onName: carrier?.name ?? 'Covered board',
    sides: [side(piece), carrier ? side(carrier) : 'sugar'],
    heavy: grams > DETAIL,
  };
}
