import { POWDER_BULK, SMALLEST_BATCH, USUAL_SPARE, type Blend } from '../pastes/index.ts';
import {
  derivedFrom,
  VOLUME_IN_ML,
  type Celsius,
  type Degrees,
  type Grams,
  type Mm,
} from '../quantity/index.ts';
import type { Form } from '../solids/index.ts';
import type { TextureKind } from './textures.ts';
import type { CakeWork, HardwareStack, Portions, TierBoard } from './cake-work.ts';
import type { BenchRecord, Measurement, Seen } from './records.ts';
import type { DateHours, Hours, StepEdits, Workshop } from './workshop.ts';

export * from './cake-work.ts';
export * from './records.ts';
export * from './workshop.ts';

/** The version written today; every older one has a migration in files/. */
export const BUILD_VERSION = 7;
export const BUILD_FORMAT = 'elm-spindle-build';

export type Place = readonly [Mm, Mm, Mm];

/** Where a piece joins what carries it. */
export interface Seat {
  /** The piece that carries it, or `board`. */
  readonly on: string;
  /** Place of its foot in the carrier's own frame: x to the right, y to the back, z up. On the board: from its centre. */
  readonly at: Place;
  /** Leans to the right in the front view. */
  readonly lean: Degrees;
  /** Tips towards the viewer. */
  readonly tip: Degrees;
  /** Turned round its own axis. */
  readonly turn: Degrees;
  /** How deep it goes in along its own axis. */
  readonly sink: Mm;
  readonly how: SeatKind;
  /** What happens to the paste where the two would be in one place. */
  readonly overlap: Overlap;
  /** A disc under it, let into its carrier. */
  readonly disc?: Disc;
}

/** A round disc of board that nobody sees: it spreads what stands on it, and rods go through it. */
export interface Disc {
  readonly of: DiscKind;
  readonly width: Mm;
}

/** Boards thin enough to be let into a top. */
export const DISC_KINDS = ['card', 'foam', 'acrylic'] as const satisfies readonly TierBoard[];
export type DiscKind = (typeof DISC_KINDS)[number];
/** Narrowest and widest, mm. */
export const DISC_WIDTHS: readonly [Mm, Mm] = [10, 600];

/** As far as anything may stand from what carries it, mm. */
export const FARTHEST: Mm = 3000;
/** How far a piece may stand off its carrier, and how deep it may go in, mm. */
export const LEAST_SINK: Mm = -200;
export const MOST_SINK: Mm = 500;

/** How a piece is held by its carrier: on it, in a socket of it, under it, or laid round it. */
export type SeatKind = 'sits' | 'set' | 'hangs' | 'wraps';
/** Pressed paste bulges and none is lost; trimmed paste is cut away and becomes offcut. */
export type Overlap = 'pressed' | 'trimmed';
/** How alike the makes of a piece have to be, and how closely it is weighed. */
export type Tolerance = 'equal' | 'mirrored' | 'varied' | 'hidden';
/** The face nobody sees: seams are gathered there. */
export type HiddenFace = 'none' | 'under' | 'back' | 'front' | 'left' | 'right' | 'top';

export type CoreKind = 'foam' | 'cereal' | 'cake';

/** Where a piece may lie while it firms. */
export type RestPlace = 'room' | 'fan' | 'box' | 'fridge' | 'freezer' | 'bag';

/**
 * Where a piece is built: where it stands, before anything is set on it; upright on a dummy, with what it carries, and
 * moved as one; or flat on foam, until it is set in its place.
 */
export type BuiltOn = 'there' | 'dummy' | 'foam';

/** One modelled part. */
export interface Piece {
  readonly id: string;
  readonly name: string;
  readonly form: Form;
  readonly blend: string;
  readonly colour: string;
  readonly seat: Seat;
  /** Two of them, mirrored left and right. */
  readonly pair: boolean;
  /** How many alike, standing side by side on the board. */
  readonly count: number;
  /** What is done to its surface while it is still soft. */
  readonly texture: TextureKind;
  /** What a skin is pressed over; only read where the shape has a core. */
  readonly core: CoreKind;
  readonly tolerance: Tolerance;
  readonly hidden: HiddenFace;
  /** Chance that one of them breaks before the end, per cent: more are made. */
  readonly breaks: number;
  /** What sticks it to its carrier; the usual for both pastes when absent. */
  readonly glue?: string;
  /** Where it is built; as it comes when absent. */
  readonly built?: BuiltOn;
  /** Propped in its place until its glue and its pose hold. */
  readonly propped?: true;
  /** Where it is put once it is shaped, one after the other; after that it stands in the room. */
  readonly rests?: readonly { readonly place: RestPlace; readonly hours: number }[];
}

/** An end of a rod, fixed to a piece so that it follows it. */
export interface RodEnd {
  readonly on: string;
  readonly at: Place;
}

/** An internal support, straight or bent at places. */
export interface Rod {
  readonly id: string;
  readonly name: string;
  /** Entry of the rod catalogue. */
  readonly stock: string;
  readonly from: RodEnd;
  readonly to: RodEnd;
  /** Where it is bent between its ends, in order; absent when it is straight. */
  readonly bends?: readonly RodEnd[];
  /** Two of them, mirrored left and right. */
  readonly pair: boolean;
  /** Kept off the food by a sleeve. */
  readonly sleeved: boolean;
  /** Measured across, mm, where gauges differ from seller to seller. */
  readonly across?: Mm;
  /** Rods of one bundle are taped together and may touch. */
  readonly bundle?: string;
  /** Meant to be seen: a pole, a stem; paste need not cover it. */
  readonly shown?: boolean;
}

export interface Colour {
  readonly id: string;
  readonly name: string;
  /** `#rrggbb`. */
  readonly hex: string;
}

/** The air the pieces stand in. */
export interface Room {
  readonly temperature: Celsius;
  /** Relative humidity, per cent. */
  readonly humidity: number;
  /** Metres a second: 0.03 in a closed cupboard, 0.1 in a still room, 0.3 to 1 before a fan. */
  readonly air: number;
  /** From ten in the evening to eight in the morning, where that differs. */
  readonly night?: { readonly temperature: Celsius; readonly humidity: number };
}

export interface Board {
  readonly shape: 'round' | 'square';
  readonly width: Mm;
  readonly thickness: Mm;
  readonly material: 'drum' | 'mdf' | 'plywood' | 'foamcore';
}

/** What the board stands on while it travels. */
export type Grip = 'bare' | 'box' | 'seat' | 'mat';

export type Journey = 'table' | 'carry' | 'carFlat' | 'carSeat' | 'carHard';

/** How hard a situation pushes on what stands in it. */
export interface Push {
  /** Sideways, in any direction, g. */
  readonly sideways: number;
  /** The board leans, in the worst direction. */
  readonly tilt: Degrees;
  /** The weight presses so many times, and holds down so many times. */
  readonly down: number;
  readonly up: number;
}

export interface Brief {
  /** Local date and time, `YYYY-MM-DDTHH:mm`. */
  readonly due: string;
  /** IANA time zone. */
  readonly zone: string;
  readonly journey: Journey;
  readonly grip: Grip;
  /** How hard a situation pushes, where somebody knows better than the usual figures. */
  readonly loads?: Partial<Readonly<Record<Journey, Push>>>;
  readonly note: string;
}

/** How this person works; every value starts from common practice and is theirs to change. */
export interface Practice {
  /** Spare paste, per cent. */
  readonly spare: number;
  /** Their spoon: grams in a millilitre of stiffening powder. */
  readonly powderBulk: number;
  /** What their teaspoon holds, mL. */
  readonly spoon: number;
  /** Least paste they knead in one lump, g. */
  readonly smallestBatch: Grams;
  /** Trimmings are kneaded back into the next rolling. */
  readonly saves: boolean;
  /** Multiplies the hands-on minutes; 1 is the table. */
  readonly pace: number;
}

/** An offcut kept for a batch of this build. */
export interface Reserve {
  /** Entry of the stores. */
  readonly stock: string;
  readonly name: string;
  readonly batch: string;
  readonly grams: Grams;
  /** It is lighter than wanted and is coloured again. */
  readonly recolour: boolean;
  readonly allergens: readonly string[];
  /** `YYYY-MM-DD`. */
  readonly keepBy?: string;
}

/** One job: the single record everything else is derived from. */
export interface Build {
  readonly format: typeof BUILD_FORMAT;
  readonly version: typeof BUILD_VERSION;
  readonly id: string;
  readonly name: string;
  readonly brief: Brief;
  readonly room: Room;
  readonly board: Board;
  readonly blends: readonly Blend[];
  readonly colours: readonly Colour[];
  /** In the order in which they are built, from the board up. */
  readonly pieces: readonly Piece[];
  readonly rods: readonly Rod[];
  readonly hours: readonly Hours[];
  /** Dates that differ from the week; absent when none does. */
  readonly dates?: readonly DateHours[];
  readonly practice: Practice;
  readonly workshop: Workshop;
  readonly cake: CakeWork;
  readonly portions?: Portions;
  readonly stack?: HardwareStack;
  readonly reserves: readonly Reserve[];
  readonly measured: readonly Measurement[];
  /** What was seen of firming, in this build and in those it learned from. */
  readonly log: readonly Seen[];
  readonly steps: StepEdits;
  readonly bench: BenchRecord;
}

/** How people begin who have not said how they work. */
export const USUAL_PRACTICE: Practice = {
  spare: USUAL_SPARE,
  powderBulk: POWDER_BULK,
  spoon: VOLUME_IN_ML.tsp,
  smallestBatch: SMALLEST_BATCH,
  saves: true,
  pace: 1,
};

export const BOARD = 'board';

/** Some parts of a build: what a function that does not need the whole of it asks for. */
export type PartsOf<K extends keyof Build> = Pick<Build, K>;

/** Derive from named parts of a build, and keep the answer while they stay as they are. */
export const fromBuild = derivedFrom<Build>();

export const pieceOf = (build: PartsOf<'pieces'>, id: string): Piece | undefined =>
  build.pieces.find((p) => p.id === id);
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
