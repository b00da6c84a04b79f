import { contactsOf, GROUND } from '../../contacts/index.ts';
import { place } from '../../figure/index.ts';
import type { PartsOf } from '../../record/index.ts';
import { standingOf } from '../carried/carried.ts';
import { stanceOf } from '../carried/footprint.ts';

type Stands = PartsOf<'pieces' | 'blends' | 'cake' | 'board' | 'card' | 'mast'>;

/** Radius of a face as large as all the patches a piece rests on, mm; nought where it touches nothing. */
export function seatRadius(build: Stands, index: number): number {
  const under = new Set(
    standingOf(build).rests.flatMap((r) => (r.upper === index && r.contact ? [r.lower] : [])),
  );
  const { carrier } = place(build)[index]!;
  const area = contactsOf(build).reduce((sum, c) => {
    const other = c.a === index ? c.b : c.b === index ? c.a : undefined;
    return other !== undefined && (under.has(other) || other === carrier) ? sum + c.area : sum;
  }, 0);
  return Math.sqrt(area / Math.PI);
}

/**
 * Half of what a piece is held back by when it is pushed, mm: its own patches, or, of one of several that stand on the ground,
 * the stance of them all, for what tips it is what tips them.
 */
export function seatOf(build: Stands, index: number): number {
  const { rests } = standingOf(build);
  const mine = rests.filter((r) => r.upper === index);
  const together =
    mine.length > 0 &&
    mine.every((r) => r.lower === GROUND) &&
    rests.some((r) => r.lower === GROUND && r.upper !== index && r.contact);
  const own = seatRadius(build, index);
  return together ? Math.max(own, stanceOf(build)) : own;
}
