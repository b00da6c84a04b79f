import { contactsOf } from '../contacts/index.ts';
import {
  girthAt,
  isLaidRound,
  MAST,
  measureOf,
  place,
  DOWN,
  reach,
  weighIn,
  type Instance,
} from '../figure/index.ts';
import { keepsItsShape, type Band, type Load, type PieceFirming, type Question } from '../firming/index.ts';
import {
  JOINS,
  proposedJoin,
  quantileOf,
  STRAINS,
  type FaceState,
  type JoinKind,
  type FaceSide,
} from '../joins/index.ts';
import { everyRod, type BonesReport, type SeatFacts } from '../bones/index.ts';
import { once, tellBand, tellOdds, type Reckoned } from '../quantity/index.ts';
import { BOARD, carriedBy, pieceOf, type Build, verb, type JoinKindId, type Piece } from '../record/index.ts';
import { travellingApart } from './apart.ts';
import { LEVELS, LOOKED_AT } from './levels.ts';

/** What the joins of a figure are found from. */
export interface JoiningFrom {
  readonly build: Build;
  readonly firming: ReadonlyMap<string, PieceFirming>;
  readonly bones: BonesReport;
  readonly seats: ReadonlyMap<string, SeatFacts>;
}

/** Since a face was made so long, minutes: from when it is as it has to be, or until when. */
export interface FaceAsk {
  readonly piece: string;
  readonly ask: FaceState;
  readonly band: Band;
  /** The same with its chain; worked out when first read. */
  readonly told: Reckoned;
}

/** Of one, and of two. */
type Verb = readonly [one: string, many: string];
const OPENS: Partial<Record<Question, Verb>> = {
  tack: ['is no longer tacky', 'are no longer tacky'],
  skin: ['has a skin', 'have a skin'],
  touch: ['can be picked up', 'can be picked up'],
  pose: ['keeps its pose', 'keep their pose'],
  handle: ['can be held', 'can be held'],
  bear: ['carries it', 'carry it'],
};
const CLOSES: Partial<Record<Question, Verb>> = {
  stick: ['sticks by itself', 'stick by themselves'],
  skin: ['has no skin yet', 'have no skin yet'],
  handle: ['is still soft', 'are still soft'],
};
const READY: Verb = ['is ready', 'are ready'];
const GIVES: Verb = ['still gives', 'still give'];
const AT_ONCE_WORDS = 'at once';

/** What a face is once a question has its answer: `keeps its pose`. */
export const opensAs = (piece: Pick<Piece, 'pair' | 'name'>, ask: Question | undefined): string =>
  verb(piece, ...((ask && OPENS[ask]) ?? READY));

/** What is asked of a face, and when it is so after it was shaped: `keeps its pose after`, `3 to 13 min`. */
export function faceWords(
  piece: Pick<Piece, 'pair' | 'name'>,
  { ask, band }: FaceAsk,
  closes: boolean,
): { readonly does: string; readonly when: string } {
  const when = tellBand(band.fast, band.likely, band.slow);
  const question = typeof ask === 'string' ? ask : undefined;
  if (closes) return { does: `${verb(piece, ...((question && CLOSES[question]) ?? GIVES))} for`, when };
  const does = opensAs(piece, question);
  return { does: when === AT_ONCE_WORDS || when.startsWith('never') ? does : `${does} after`, when };
}

/** One join: its kind, and what its two faces have to be. */
export interface Joining {
  readonly piece: Piece;
  /** Undefined on the board. */
  readonly carrier: Piece | undefined;
  readonly kind: JoinKind;
  readonly proposed: JoinKindId;
  /** Letters of the rods it goes over. */
  readonly letters: readonly string[];
  /** Rods take its weight: it goes on as it leaves the hands. */
  readonly onRods: boolean;
  readonly up: { readonly opens: readonly FaceAsk[]; readonly closes: readonly FaceAsk[] };
  readonly down: { readonly opens: readonly FaceAsk[]; readonly closes: readonly FaceAsk[] };
  /** How surely its windows are kept where they are planned; undefined where no window can be. */
  readonly level: number | undefined;
  /** Said where a window is too short to be kept surely, or there is none. */
  readonly says: string | undefined;
}

/** Further over the board than this a piece does not rest on it, mm. Estimate. */
const CLEAR = 5;
/** A rod holds a piece up that hangs on it to this share at least. Estimate. */
const ON_RODS = 0.5;
/** Leaning further than this it hangs out from its rod, degrees. Estimate. */
const UPRIGHT = 30;
/** Borne from the first: sooner than this nobody waits, minutes. Estimate. */
const AT_ONCE = 1.5;
const ICED: ReadonlySet<string | undefined> = new Set(['royalIcing', 'meltedChocolate']);

/** Held over the board by a rod: it has to be firm before it goes there; what stands on the board firms where it stands. */
const floats = (instance: Instance): boolean => -reach(instance, DOWN) > CLEAR;

/** Is it slid upright on rods that hold it while it is soft, and does it keep its shape on them? */
const slidSoft = (piece: Piece, f: PieceFirming, facts: SeatFacts | undefined): boolean =>
  (facts?.onRods ?? 0) >= ON_RODS &&
  Math.max(Math.abs(piece.seat.lean), Math.abs(piece.seat.tip)) <= UPRIGHT &&
  keepsItsShape(f, measureOf(piece).height);

/** A piece with all it carries, g. */
export const gramsWith = (build: Build, piece: Piece): number =>
  carriedBy(build, piece.id).reduce((g, p) => g + weighIn(build, p).whole.value, 0);

/** Stretch of the outside of what is laid round: its thickness over twice the radius it is bent to. */
function wrapStrain(instance: Instance, on: Instance | undefined): number {
  const { sizes } = instance.piece.form;
  const thick = sizes.thickness ?? sizes.diameter ?? sizes.pearl;
  const girth = on && isLaidRound(instance) ? girthAt(on.body, instance.piece.seat.at[2]) : undefined;
  if (thick === undefined || !girth) return STRAINS.wrap;
  return thick / (2 * (girth / (2 * Math.PI)));
}

/** What a piece is joined to: what it was placed on, or where that is the board far below it, what holds most of it up. */
function carrierOf({ build, seats }: JoiningFrom, instance: Instance): Piece | undefined {
  const { piece } = instance;
  if (piece.seat.on !== BOARD) return pieceOf(build, piece.seat.on);
  if (!floats(instance)) return undefined;
  const [most] = seats.get(piece.id)?.restsOn ?? [];
  return most && most.on !== BOARD ? pieceOf(build, most.on) : undefined;
}

/** What a piece puts on the one it is joined to, at the patch where they meet. */
function loadOf({ build, seats, firming }: JoiningFrom, index: number, at: Piece): Load {
  const instances = place(build);
  const piece = instances[index]!.piece;
  const facts = seats.get(piece.id);
  const own = (k: number) => instances[k]?.piece.id === at.id;
  const patches = contactsOf(build).filter((c) => (c.a === index && own(c.b)) || (c.b === index && own(c.a)));
  const share = facts?.restsOn.find((r) => r.on === at.id)?.share ?? 1;
  const { height = 0, braced = false } = firming.get(at.id)?.drying?.duty.load ?? {};
  return {
    mass: (gramsWith(build, piece) * share) / Math.max(1, patches.length) / 1000,
    onRods: facts?.onRods ?? 0,
    contact: patches.reduce((sum, c) => sum + c.area, 0) / Math.max(1, patches.length),
    section: seats.get(at.id)?.section ?? 0,
    height,
    braced,
  };
}

/** When a face has an answer to what is asked of it; nothing where the question is not there. */
function answer(f: PieceFirming, ask: FaceState, load: () => Load): Band | undefined {
  if (typeof ask !== 'string') return f.gives(ask.gives);
  return ask === 'bear' ? f.bears(load()) : f.bands[ask];
}

const toldOf = (f: PieceFirming, ask: FaceState, load: () => Load): Reckoned | undefined =>
  typeof ask !== 'string' ? f.told(ask) : ask === 'bear' ? f.told({ bears: load() }) : f.figure(ask);

const sides = (kind: JoinKind, onRods: boolean): { up: FaceSide; down: FaceSide } =>
  (onRods && kind.onRods) || kind;

/** Glue on water needs both faces soft. Common practice. */
const withGlue = (piece: Piece, side: FaceSide, water: Question): FaceSide =>
  piece.glue === 'press'
    ? { ...side, before: [...side.before, 'stick'] }
    : piece.glue === 'water'
      ? { ...side, before: [...side.before, water] }
      : side;

/** How surely both ends of a face can be kept, both read from one clock. */
function levelOf(opens: readonly FaceAsk[], closes: readonly FaceAsk[]): number | undefined {
  if (closes.length === 0) return LEVELS[0];
  const open = Math.max(0, ...opens.map((o) => quantileOf(o.band, LOOKED_AT)));
  return [...LEVELS, 0.5].find((p) => closes.every((c) => quantileOf(c.band, 1 - p) > open));
}

/** Every join of a figure, in the order the pieces are built. */
export function joiningsOf(from: JoiningFrom): Joining[] {
  const { build, firming, bones, seats } = from;
  const instances = place(build);
  const portion = build.portions?.piece;
  const rods = everyRod(bones);
  const later = new Set(travellingApart(build).map((p) => p.id));
  return build.pieces.flatMap((piece): Joining[] => {
    const index = instances.findIndex((i) => i.piece.id === piece.id);
    const instance = instances[index];
    const f = firming.get(piece.id);
    if (!instance || !f) return [];
    const carrier = carrierOf(from, instance);
    const under = carrier && firming.get(carrier.id);
    const mine = rods.filter((r) => r.passes.some((p) => 'piece' in p && p.piece === piece.id));
    const below = mine.filter((r) =>
      r.passes.some((p) => ('piece' in p ? p.piece === carrier?.id : carrier === undefined)),
    );
    const on = instances.findIndex((i) => i.piece.id === carrier?.id);
    const load = once(() => loadOf(from, index, carrier ?? piece));
    const borne = once(() => !under || under.bears(load()).likely <= AT_ONCE);
    const proposed = proposedJoin({
      onBoard: carrier === undefined && !floats(instance),
      portion: portion !== undefined && carriedBy(build, portion).some((p) => p.id === piece.id),
      threaded: mine.some((r) => r.rod.id === MAST),
      how: piece.seat.how,
      rods: below.length,
      iced: ICED.has(piece.glue),
      apart: piece.built === 'dummy' || later.has(piece.id),
      poses: (f.bands.pose?.slow ?? 0) > AT_ONCE,
      borneAtOnce: borne(),
    });
    const wished = JOINS[piece.join ?? proposed];
    const kind = whenJoined(wished, later.has(piece.id));
    const onRods = below.length > 0 && slidSoft(piece, f, seats.get(piece.id));
    const asked = sides(kind, onRods);
    const faces = (id: string, state: PieceFirming, asks: readonly FaceState[]): FaceAsk[] =>
      asks.flatMap((ask): FaceAsk[] => {
        const band = answer(state, ask, load);
        const told = once(() => toldOf(state, ask, load)!);
        return band
          ? [
              {
                piece: id,
                ask,
                band,
                get told() {
                  return told();
                },
              },
            ]
          : [];
      });
    const props = new Set<FaceState>(piece.propped ? kind.propTakes : []);
    // who props it still picks it up
    const afterProp: readonly FaceState[] =
      props.has('handle') && asked.up.after.includes('handle') ? ['touch'] : [];
    const wrapped = (a: FaceState): FaceState =>
      kind.id === 'round' && typeof a !== 'string' ? { gives: wrapStrain(instance, instances[on]) } : a;
    const up = withGlue(piece, asked.up, 'skin');
    const down = withGlue(piece, asked.down, 'handle');
    const cut = kind.id === 'socket' && piece.seat.overlap === 'trimmed';
    const upFace = {
      opens: faces(piece.id, f, [...up.after.filter((a) => !props.has(a)), ...afterProp]),
      closes: faces(piece.id, f, up.before.map(wrapped)),
    };
    const downFace = {
      opens: carrier && under ? faces(carrier.id, under, down.after) : [],
      closes: carrier && under && !cut ? faces(carrier.id, under, down.before) : [],
    };
    const level = leastOf(levelOf(upFace.opens, upFace.closes), levelOf(downFace.opens, downFace.closes));
    return [
      {
        piece,
        carrier,
        kind,
        proposed,
        letters: mine.map((r) => r.letter),
        onRods,
        up: upFace,
        down: downFace,
        level,
        says: saidOf(piece, kind, level, wished),
      },
    ];
  });
}

/** Pressed on while its foot gives; what is laid round something cannot be glued on firm instead. */
const whenJoined = (kind: JoinKind, firmByThen: boolean): JoinKind =>
  firmByThen && kind.id !== 'round' && kind.up.before.some((a) => typeof a !== 'string') ? JOINS.firm : kind;

const leastOf = (a: number | undefined, b: number | undefined): number | undefined =>
  a === undefined || b === undefined ? undefined : Math.min(a, b);

function saidOf(
  piece: Piece,
  kind: JoinKind,
  level: number | undefined,
  wished: JoinKind,
): string | undefined {
  const name = piece.name.toLowerCase();
  if (kind !== wished)
    return `${piece.name} ${verb(piece, 'travels', 'travel')} apart and ${verb(piece, 'is', 'are')} firm by then: glued on, not ${wished.name}.`;
  if (level === undefined)
    return `When the ${name} is as firm as it has to be, it no longer gives: ${kind.late}. Prop it and press it on at once, glue it firm, or make it of a paste that stays soft longer.`;
  if (level >= LEVELS[0]) return undefined;
  return `The ${name} is ready only just before it no longer gives: that is met ${tellOdds(level, 100)}. Look at it often; a prop would give more time.`;
}
