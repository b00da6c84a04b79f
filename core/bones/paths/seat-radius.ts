import { measureOf, type Instance } from '../../figure/index.ts';
import { remembered } from '../../quantity/index.ts';
import { bodyFootRadius } from '../../solids/index.ts';

/** Half size of the face a piece rests on: its section a little way up, less when it lies on its side. */
export const seatRadius = remembered(({ piece, body, frame }: Instance): number => {
  const m = measureOf(piece);
  const sunk = Math.max(piece.seat.sink, 0.06 * m.height, 0.5);
  const standing = bodyFootRadius(body, sunk);
  if (body.type !== 'stack') return standing;
  const lying = 0.25 * Math.min(m.width, m.height);
  return Math.abs(frame.z[2]) > 0.7 ? standing : Math.min(standing, lying);
});
