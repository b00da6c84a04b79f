import { field, type Degrees, type Mm, type Of } from '../quantity/index.ts';
import { formRecord } from '../solids/index.ts';
import type { TierBoard } from './board.ts';
import { placeField } from './places.ts';
import { TEXTURES, type TextureKind } from './textures.ts';

const { entryOf, flag, id, list, name, number, oneOf, only, optional, record, whole } = field;

/** Boards thin enough to be let into a top. */
export const DISC_KINDS = ['card', 'foam', 'acrylic'] as const satisfies readonly TierBoard[];
export type DiscKind = (typeof DISC_KINDS)[number];

export const discRecord = record({ of: oneOf(DISC_KINDS), width: number<Mm>(10, 600) });

/** A round disc of board that nobody sees: it spreads what stands on it, and rods go through it. */
export interface Disc extends Of<typeof discRecord> {}

/** At most once round. */
const turned = number<Degrees>(-360, 360);

/** How a piece is joined to what carries it. */
export const JOIN_KINDS = [
  'stood',
  'pressed',
  'posed',
  'socket',
  'round',
  'slid',
  'firm',
  'iced',
  'hung',
  'loose',
  'threaded',
] as const;
export type JoinKindId = (typeof JOIN_KINDS)[number];

export const seatRecord = record({
  /** The piece that carries it, or `board`. */
  on: id,
  /** Place of its foot in the carrier's own frame. */
  at: placeField,
  /** Leans to the right in the front view. */
  lean: turned,
  /** Tips towards the viewer. */
  tip: turned,
  /** Turned round its own axis. */
  turn: turned,
  /** How deep it goes in along its own axis; stands off where it is less than nothing. */
  sink: number<Mm>(-200, 500),
  /** How it is held by its carrier: on it, in a socket of it, under it, or laid round it. */
  how: oneOf(['sits', 'set', 'hangs', 'wraps']),
  /** Where the two would be in one place: pressed paste bulges and none is lost; trimmed paste is cut away and is offcut. */
  overlap: oneOf(['pressed', 'trimmed']),
  /** A disc under it, let into its carrier. */
  disc: optional(discRecord),
});

/** Where a piece joins what carries it. */
export interface Seat extends Of<typeof seatRecord> {}
export type SeatKind = Seat['how'];
export type Overlap = Seat['overlap'];

/** Where a piece may lie while it firms. */
export const REST_PLACES = ['room', 'fan', 'box', 'fridge', 'freezer', 'bag'] as const;
export type RestPlace = (typeof REST_PLACES)[number];

/** What a paper template of a piece is for; with `none` it gets no paper. */
export const TEMPLATE_USES = [
  'cut',
  'drawn',
  'carve',
  'recess',
  'lining',
  'wrap',
  'prick',
  'transfer',
  'none',
] as const;
export type TemplateUse = (typeof TEMPLATE_USES)[number];

/** How a rolled sheet, or a lump, gets over a core. */
export const COVER_WAYS = ['gathered', 'draped', 'tucked', 'panels', 'eased'] as const;
export type CoverWay = (typeof COVER_WAYS)[number];

export const restRecord = record({ place: oneOf(REST_PLACES), hours: number(0.1, 200) });
/** A piece is put somewhere else so often at most. */
export const MOST_RESTS = 6;

export const pieceRecord = record({
  id,
  name,
  form: formRecord,
  blend: id,
  colour: id,
  seat: seatRecord,
  /** Two of them, mirrored left and right. */
  pair: flag,
  /** How many alike, standing side by side on the board. */
  count: whole(1, 500),
  /** What is done to its surface while it is still soft. */
  texture: oneOf(Object.keys(TEXTURES) as TextureKind[]),
  /** What a skin is pressed over; only read where the shape has a core. */
  core: oneOf(['foam', 'cereal', 'cake']),
  /** How alike the makes of a piece have to be, and how closely it is weighed. */
  tolerance: oneOf(['equal', 'mirrored', 'varied', 'hidden']),
  /** The face nobody sees: seams are gathered there. */
  hidden: oneOf(['none', 'under', 'back', 'front', 'left', 'right', 'top']),
  /** Chance that one of them breaks before the end, per cent: more are made. */
  breaks: number(0, 60),
  /** What sticks it to its carrier; the usual for both pastes when absent. */
  glue: optional(entryOf('glues')),
  /**
   * Where it is built: where it stands, before anything is set on it; upright on a dummy, with what it carries, and moved
   * as one; or flat on foam, until it is set in its place. As it comes when absent.
   */
  built: optional(oneOf(['there', 'dummy', 'foam'])),
  /** How it is joined to its carrier; as it is proposed when absent. */
  join: optional(oneOf(JOIN_KINDS)),
  /** Propped in its place until its glue and its pose hold. */
  propped: optional(only(true)),
  /** Which figure it belongs to, by its name, where several stand on one board. */
  of: optional(name),
  /** What its paper template is for; as its shape asks when absent. */
  template: optional(oneOf(TEMPLATE_USES)),
  /** How paste gets over its core; as core and coat ask when absent. */
  cover: optional(oneOf(COVER_WAYS)),
  /** A band that is cut in two halves and meets at the hidden face and opposite of it. */
  halves: optional(only(true)),
  /** The band whose line it carries on: it is as wide as that one. */
  continues: optional(id),
  /** Where it is put once it is shaped, one after the other; after that it stands in the room. */
  rests: optional(list(restRecord, MOST_RESTS, 1)),
});

/** One modelled part. */
export interface Piece extends Of<typeof pieceRecord> {}
export type Tolerance = Piece['tolerance'];
export type HiddenFace = Piece['hidden'];
export type CoreKind = Piece['core'];
export type BuiltOn = NonNullable<Piece['built']>;

/** Standing upright in the middle of what carries it, as a new piece does. */
export const UPRIGHT: Omit<Seat, 'on'> = {
  at: [0, 0, 0],
  lean: 0,
  tip: 0,
  turn: 0,
  sink: 0,
  how: 'sits',
  overlap: 'pressed',
};

/** What is not said of a new piece: one of it, plain, as the hand makes it. */
export const USUAL_PIECE: Omit<Piece, 'id' | 'name' | 'form' | 'blend' | 'colour' | 'seat'> = {
  pair: false,
  count: 1,
  texture: 'none',
  core: 'foam',
  tolerance: 'varied',
  hidden: 'none',
  breaks: 0,
};

/** Two alike that are named as such take the plural: `the ears still give`. */
export const verb = (piece: Pick<Piece, 'pair' | 'name'>, one: string, many: string): string =>
  piece.pair && /([^s]s|feet|teeth)$/i.test(piece.name) ? many : one;
