import { blendRecord, POWDER_BULK, SMALLEST_BATCH, USUAL_SPARE } from '../pastes/index.ts';
import { derivedFrom, field, remembered, VOLUME_IN_ML, type Of, type Result } from '../quantity/index.ts';
import {
  briefRecord,
  colourRecord,
  practiceRecord,
  reserveRecord,
  roomRecord,
  type Practice,
} from './brief.ts';
import { boardRecord, cardRecord } from './board.ts';
import { cakeRecord, portionsRecord, mastRecord } from './cake-work.ts';
import { handoverRecord } from './handover.ts';
import { pieceRecord, type Piece } from './piece.ts';
import { benchRecord, measurementRecord, seenRecord } from './records.ts';
import { rodRecord, type Rod } from './rod.ts';
import { dateRecord, stepsRecord, weekOfHours, workshopRecord } from './workshop.ts';

/** The version written today; every older one has a migration in files/. */
export const BUILD_VERSION = 17;
export const BUILD_FORMAT = 'elm-spindle-build';

const { id, list, name, only, optional, record, text } = field;

/** What of a build is another in each of its variations: the figure, its pastes, what it stands on, and how it is worked. */
const figureParts = {
  room: roomRecord,
  board: boardRecord,
  blends: list(blendRecord, 60, 1),
  colours: list(colourRecord, 200, 1),
  /** In the order in which they are built, from the board up. */
  pieces: list(pieceRecord, 600),
  rods: list(rodRecord, 200),
  cake: cakeRecord,
  portions: optional(portionsRecord),
  /** The figure's own board on the tiers, or raised on the rod. */
  card: optional(cardRecord),
  mast: optional(mastRecord),
  steps: stepsRecord,
};

export const variationRecord = record({ id, name, ...figureParts });

/** The same figure made another way. */
export interface Variation extends Of<typeof variationRecord> {}
/** A build has so many beside the one that is shown. */
export const MOST_VARIATIONS = 8;

export const buildRecord = record({
  format: only(BUILD_FORMAT),
  version: only(BUILD_VERSION),
  id: text(80, 1),
  name,
  brief: briefRecord,
  ...figureParts,
  hours: weekOfHours,
  /** Dates that differ from the week; absent when none does. */
  dates: optional(list(dateRecord, 200, 1)),
  practice: practiceRecord,
  workshop: workshopRecord,
  reserves: list(reserveRecord, 200),
  measured: list(measurementRecord, 100),
  /** What was seen of firming, in this build and in those it learned from. */
  log: list(seenRecord, 2000),
  bench: benchRecord,
  /** The way out of the kitchen, and those who take it over. */
  handover: optional(handoverRecord),
  /** What the one that is shown is called, and the others. */
  variation: optional(name),
  variations: optional(list(variationRecord, MOST_VARIATIONS, 1)),
});

/** One job: the single record everything else is derived from. */
export interface Build extends Of<typeof buildRecord> {}

/** A change of a build: the new build, or a sentence saying why not. */
export type Change = Result<Build>;

/** How people begin who have not said how they work. */
export const USUAL_PRACTICE: Practice = {
  spare: USUAL_SPARE,
  powderBulk: POWDER_BULK,
  spoon: VOLUME_IN_ML.tsp,
  smallestBatch: SMALLEST_BATCH,
  saves: true,
  pace: 1,
};

/** Some parts of a build: what a function that does not need the whole of it asks for. */
export type PartsOf<K extends keyof Build> = Pick<Build, K>;

/** Derive from named parts of a build, and keep the answer while they stay as they are. */
export const fromBuild = derivedFrom<Build>();

const piecesById = remembered(
  (pieces: Build['pieces']): ReadonlyMap<string, Piece> => new Map(pieces.map((p) => [p.id, p])),
);
/** The piece with this id; undefined where there is none. */
export const pieceOf = (build: PartsOf<'pieces'>, id: string): Piece | undefined =>
  piecesById(build.pieces).get(id);
/** The rod with this id; undefined where there is none. */
export const rodOf = (build: PartsOf<'rods'>, id: string): Rod | undefined =>
  build.rods.find((r) => r.id === id);

/** The pieces that stand on this one, directly. */
export const standingOn = (build: PartsOf<'pieces'>, id: string): Piece[] =>
  build.pieces.filter((p) => p.seat.on === id);

/** A piece and everything it carries, in building order. */
export function carriedBy(build: PartsOf<'pieces'>, id: string): Piece[] {
  const inside = new Set([id]);
  let grew = true;
  while (grew) {
    grew = false;
    for (const p of build.pieces)
      if (!inside.has(p.id) && inside.has(p.seat.on)) {
        inside.add(p.id);
        grew = true;
      }
  }
  return build.pieces.filter((p) => inside.has(p.id));
}

/** More of one piece than this nobody makes: counts multiply along what carries what. */
export const MOST_ALIKE = 20_000;

/** How many of a piece there are in all: its own number times that of everything that carries it. */
export function multiplicity(build: PartsOf<'pieces'>, piece: Piece): number {
  let n = 1;
  let at: Piece | undefined = piece;
  for (let guard = 0; at !== undefined && guard <= build.pieces.length; guard++) {
    n *= at.count * (at.pair ? 2 : 1);
    at = pieceOf(build, at.seat.on);
  }
  return n;
}
