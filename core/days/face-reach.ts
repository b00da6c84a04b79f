import { byFormula, formula, given, type Reckoned } from '../quantity/index.ts';
import { closingOf, reachOf, type FaceSpot, type Stages } from '../reach/index.ts';
import {
  pieceOf,
  FACE_SIDE_KINDS,
  FACE_SIDES,
  WORKS,
  type Build,
  type PieceSide,
  type WorkKind,
} from '../record/index.ts';

/** One side of a piece, and until when a kind of work gets there. */
export interface SideReach {
  readonly side: PieceSide;
  readonly name: string;
  /** Spots of it that are seen of the finished figure; none where nobody sees it. */
  readonly spots: readonly FaceSpot[];
  /** The piece whose join takes it out of reach; undefined where it is reached to the end. */
  readonly closes: { readonly piece: string; readonly name: string; readonly left: Reckoned } | undefined;
  /** Share of it that is reached when everything stands. */
  readonly end: Reckoned;
}

const REACHED = formula({
  name: 'Within reach',
  takes: ['%', '%'],
  unit: '%',
  rule: 'surface still reached ÷ surface that is seen of the finished figure, from 17 directions at every spot',
  source: 'estimate',
  f: (reached, seen) => (seen > 0 ? (100 * reached) / seen : 100),
});

const part = (spots: readonly FaceSpot[], keep: (s: FaceSpot) => boolean): number =>
  100 * spots.reduce((sum, s) => sum + (keep(s) ? s.share : 0), 0);

/** What of a side a tool reaches when so many stages have passed, as a figure that opens. */
const told = (name: string, spots: readonly FaceSpot[], passed: number): Reckoned =>
  byFormula(REACHED, [
    given(
      `${name}, still reached`,
      part(spots, (s) => s.lost > passed),
      '%',
      'estimate',
    ),
    given(
      `${name}, seen in the end`,
      part(spots, () => true),
      '%',
      'estimate',
    ),
  ]);

/** Each side of a piece with until when a kind of work gets there, in an order of joins. */
export function sidesReached(build: Build, piece: string, work: WorkKind, stages: Stages): SideReach[] {
  const name = pieceOf(build, piece)?.name ?? '';
  return FACE_SIDE_KINDS.map((side) => {
    const spots = reachOf(build, { piece, work, side }, stages);
    const closing = closingOf(spots, stages);
    const what = `${name}, ${FACE_SIDES[side]}, by ${WORKS[work].tool}`;
    return {
      side,
      name: FACE_SIDES[side],
      spots,
      closes: closing && {
        piece: closing.piece,
        name: pieceOf(build, closing.piece)?.name ?? '',
        left: told(what, spots, closing.stage + 1),
      },
      end: told(what, spots, stages.length),
    };
  });
}
