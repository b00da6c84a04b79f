import type { JoinKindId } from '../record/index.ts';

/** What tells how a piece is best joined. */
export interface Joined {
  /** It stands on the board, on a tier, or on its own. */
  readonly onBoard: boolean;
  /** It is one of many that are weighed alike. */
  readonly portion: boolean;
  /** The threaded rod of the board goes through it. */
  readonly threaded: boolean;
  readonly how: 'sits' | 'set' | 'hangs' | 'wraps';
  /** Rods run through it into what carries it. */
  readonly rods: number;
  /** Icing or chocolate was chosen to stick it. */
  readonly iced: boolean;
  /** Finished on a dummy, with what it carries, before it is set on. */
  readonly apart: boolean;
  /** It leans out and has to keep its pose. */
  readonly poses: boolean;
  /** What carries it bears it as it leaves the hands. */
  readonly borneAtOnce: boolean;
}

/** How a piece is joined where nobody says: the first that fits. Common practice. */
export function proposedJoin(j: Joined): JoinKindId {
  if (j.onBoard) return j.threaded ? 'threaded' : j.portion ? 'loose' : 'stood';
  if (j.how === 'set') return 'socket';
  if (j.how === 'wraps') return 'round';
  if (j.how === 'hangs') return 'hung';
  if (j.threaded) return 'threaded';
  if (j.rods > 0) return 'slid';
  if (j.iced) return 'iced';
  if (j.apart) return 'firm';
  if (j.poses) return 'posed';
  return j.borneAtOnce ? 'pressed' : 'firm';
}
