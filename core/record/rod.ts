import { field, type Mm, type Of } from '../quantity/index.ts';
import { placeField } from './places.ts';

const { entryOf, flag, id, list, name, number, optional, record } = field;

export const rodEndRecord = record({ on: id, at: placeField });

/** An end of a rod, fixed to a piece so that it follows it. */
export interface RodEnd extends Of<typeof rodEndRecord> {}

/** More than any armature has. */
export const MOST_BENDS = 12;

export const rodRecord = record({
  id,
  name,
  /** Entry of the rod catalogue. */
  stock: entryOf('rods'),
  from: rodEndRecord,
  to: rodEndRecord,
  /** Where it is bent between its ends, in order; absent when it is straight. */
  bends: optional(list(rodEndRecord, MOST_BENDS, 1)),
  /** Two of them, mirrored left and right. */
  pair: flag,
  /** Kept off the food by a sleeve. */
  sleeved: flag,
  /** Measured across, where gauges differ from seller to seller. */
  across: optional(number<Mm>(0.1, 40)),
  /** Rods of one bundle are taped together and may touch. */
  bundle: optional(name),
  /** Meant to be seen: a pole, a stem; paste need not cover it. */
  shown: optional(flag),
});

/** An internal support, straight or bent at places. */
export interface Rod extends Of<typeof rodRecord> {}
