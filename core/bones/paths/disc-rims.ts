import { polygonHull } from 'd3-polygon';
import { place, project, type View } from '../../figure/index.ts';
import { add, times, type Vec } from '../../solids/index.ts';
import { type Build } from '../../record/index.ts';
import { boardOf, discUnder } from './discs.ts';

/** A disc where it lies: middle of its thickness, the way it faces, its size. */
export interface PlacedDisc {
  readonly piece: string;
  readonly at: Vec;
  readonly facing: Vec;
  readonly radius: number;
  readonly thick: number;
  readonly rim: readonly Vec[];
}

const ROUND = 24;

/** Every disc of a build where it lies, one for each make of its piece. */
export function placedDiscs(build: Build): PlacedDisc[] {
  return place(build).flatMap((i): PlacedDisc[] => {
    const disc = discUnder(i);
    if (!disc) return [];
    const { thick } = boardOf(disc);
    const { x, y, z, origin } = i.frame;
    const radius = disc.width / 2;
    const low = add(origin, times(z, i.piece.seat.sink - thick));
    const rim = [0, thick].flatMap((up) =>
      Array.from({ length: ROUND }, (_, k): Vec => {
        const a = (2 * Math.PI * k) / ROUND;
        const out = add(times(x, radius * Math.cos(a)), times(y, radius * Math.sin(a)));
        return add(add(low, out), times(z, up));
      }),
    );
    return [{ piece: i.piece.id, at: add(low, times(z, thick / 2)), facing: z, radius, thick, rim }];
  });
}

/** What is seen of a disc in a view, as a closed outline of across and up, mm. */
export function discOutline(disc: PlacedDisc, view: View): readonly (readonly [number, number])[] {
  const seen = disc.rim.map((p): [number, number] => {
    const [across, up] = project(view, p);
    return [across, up];
  });
  return polygonHull(seen) ?? seen;
}
