import { polygonHull } from 'd3-polygon';
import type { Build } from '../../record/index.ts';
import { standingOf } from '../carried/carried.ts';
import type { FlatPoint } from '../mechanics/soft-base.ts';
import type { Joint } from '../paths/joints.ts';
import { worst, type Check } from './check.ts';
import type { LoadCase } from './load-cases.ts';
import { tipping } from './tipping.ts';

/** Twelve middles of cells lie so far inside the rim of the face they stand for. Estimate. */
const RIM = 1.25;

/** The faces a piece rests on from above, and how high they lie; nothing where it does not rest level. */
function facesUnder(build: Build, upper: number): { outline: FlatPoint[]; up: number } | undefined {
  const under = standingOf(build).rests.filter((r) => r.upper === upper);
  // a face that leans, or that hangs, does not hold by pressing alone
  if (under.length === 0 || under.some((r) => !r.contact || Math.abs(r.contact.normal[2]) < LEVEL))
    return undefined;
  const points = under.flatMap(({ contact: c }) =>
    c!.spots.map(({ at }): [number, number] => [
      c!.at[0] + RIM * (at[0] - c!.at[0]),
      c!.at[1] + RIM * (at[1] - c!.at[1]),
    ]),
  );
  const outline = points.length >= 3 ? polygonHull(points) : null;
  const up = Math.min(...under.map((r) => r.contact!.at[2]));
  return outline ? { outline, up } : undefined;
}
/** A step of the method; estimate. */
const LEVEL = 0.9;

/**
 * How a piece would stand on its seat alone, without any rod: a rod that is there besides cannot make that worse. Nothing where
 * it does not rest on level faces, or would go over.
 */
export function seatAlone(
  build: Build,
  joint: Joint,
  name: string,
  cases: readonly LoadCase[],
): Check | undefined {
  const faces = joint.seat > 0 ? facesUnder(build, joint.upper) : undefined;
  if (!faces) return undefined;
  const alone = worst(
    cases.map(
      (c) =>
        tipping(name, faces.outline, joint.load.at, faces.up, c, [
          'It stands on its seat alone; the rods only add to that.',
          'On its seat alone it would go over',
        ]).check,
    ),
  );
  return alone && alone.verdict !== 'fails' ? alone : undefined;
}
