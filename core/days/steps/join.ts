import { BOARD, carriedBy, pieceOf, standingOn, type Piece } from '../../record/index.ts';
import { DOWN, measureOf, place, reach, weighIn } from '../../figure/index.ts';
import { everyRod } from '../../bones/index.ts';
import { keepsItsShape, type Band, type PieceFirming } from '../../firming/index.ts';
import { listed } from '../../quantity/index.ts';
import type { Hold, Link, Step } from '../types.ts';
import {
  AT_ONCE,
  BONES_ID,
  colourOf,
  freeId,
  joinId,
  lower,
  many,
  order,
  paced,
  shapedBy,
  standsBy,
  type Bench,
  type StepMaker,
} from './types.ts';

/** Pieces lighter than this are pressed on soft, as soon as they are shaped. Common practice, grams. */
export const PRESSED_ON_SOFT = 4;

const isSmall = (bench: Bench, piece: Piece): boolean =>
  weighIn(bench.build, piece).whole.value < PRESSED_ON_SOFT;

/** A piece with all it carries, g. */
const grams = (bench: Bench, piece: Piece): number =>
  carriedBy(bench.build, piece.id).reduce((g, p) => g + weighIn(bench.build, p).whole.value, 0);

/** Held over the board by a rod: it has to be firm before it goes there; what stands on the board firms where it stands. */
const floats = (bench: Bench, piece: Piece): boolean => {
  const instance = place(bench.build).find((i) => i.piece.id === piece.id);
  return instance !== undefined && -reach(instance, DOWN) > CLEAR;
};

/** Further over the board than this a piece does not rest on it, mm. */
const CLEAR = 5;

const later = (a: Band, b: Band | undefined): Band =>
  b
    ? { fast: Math.max(a.fast, b.fast), likely: Math.max(a.likely, b.likely), slow: Math.max(a.slow, b.slow) }
    : a;

/** Room round a piece that lies down, mm. */
const FINGER = 10;

/** What a piece takes of rack, fridge or box until it is set in its place, all its makes together. */
function restsOn(bench: Bench, piece: Piece): Hold {
  const first = piece.rests?.[0]?.place ?? 'room';
  const space = first === 'fridge' || first === 'freezer' || first === 'box' ? first : 'rack';
  const { width, depth } = measureOf(piece);
  return {
    space,
    takes: Math.ceil((((width + FINGER) * (depth + FINGER)) / 100) * bench.number(piece)),
  };
}

/**
 * The order of what is set on what: from the board up, what carries stands before what it carries; on a dummy what it
 * carries is set on it first and all of it moved together. Details are pressed on whenever both are soft.
 */
function orders(bench: Bench, piece: Piece): Link[] {
  const heavy = standingOn(bench.build, piece.id).filter(
    (c) => piece.built === 'there' || !isSmall(bench, c),
  );
  const name = lower(piece.name);
  return piece.built === 'dummy'
    ? standingOn(bench.build, piece.id).map((c) =>
        order(
          joinId(c.id),
          joinId(piece.id),
          `the ${name} is built on a dummy and moved with what it carries`,
        ),
      )
    : heavy.map((c) =>
        order(standsBy(piece), joinId(c.id), `the ${name} stands before it carries the ${lower(c.name)}`),
      );
}

/** Taking a prop away: not before the glue holds the piece and its paste keeps the pose. */
function freed(bench: Bench, piece: Piece, firming: PieceFirming): { step: Step; links: Link[] } {
  const name = lower(piece.name);
  const id = freeId(piece.id);
  const glued = bench.bones.glued.find((g) => g.piece.id === piece.id);
  const takes = glued && Number.isFinite(glued.propBand.slow) ? glued.propBand : undefined;
  return {
    step: {
      id,
      kind: 'join',
      title: `Take the prop from the ${name}`,
      notes: ['Ease it out a little first: where the piece follows it, put it back for as long again.'],
      minutes: paced(bench, 'join', bench.number(piece)),
      piece: piece.id,
    },
    links: [
      takes
        ? wait(joinId(piece.id), id, takes, `the glue takes hold of the ${name}`, { piece: piece.id })
        : order(joinId(piece.id), id),
      wait(shapedBy(piece), id, heldBand(firming), `the ${name} firms until it stays without its prop`, {
        piece: piece.id,
        asks: 'pose',
      }),
    ],
  };
}

/** Heavier than this a finished part is moved by two, g. Common practice. */
const LIFTED_BY_TWO = 4000;

const wait = (
  from: string,
  to: string,
  band: Band,
  why: string,
  about: Pick<Link, 'piece' | 'asks'>,
  hold?: Hold,
): Link => ({
  from,
  to,
  kind: 'wait',
  band,
  why,
  ...about,
  ...(hold ? { hold } : {}),
});

/** Firm enough to hold in the fingers, and to keep its pose where it leans. */
const heldBand = (f: PieceFirming): Band => later(f.bands.handle!, f.bands.pose);

/** A rod holds a piece up that hangs on it to this share at least. Estimate. */
const ON_RODS = 0.5;

/** Leaning further than this it hangs out from its rod, degrees. Estimate. */
const UPRIGHT = 30;

/**
 * Is it slid upright on rods that hold it while it is soft, and does it keep its shape on them? Then it goes on as it leaves the
 * hands, and nothing below has to be firm for what the rods take.
 */
const onRods = (bench: Bench, piece: Piece, f: PieceFirming): boolean =>
  (bench.seats.get(piece.id)?.onRods ?? 0) >= ON_RODS &&
  Math.max(Math.abs(piece.seat.lean), Math.abs(piece.seat.tip)) <= UPRIGHT &&
  keepsItsShape(f, measureOf(piece).height);

/** Held up by another to less than this, it does not wait for that one. Estimate. */
const SUPPORT = 0.1;

/** Pieces that carry another when it is set on: found from the bodies, but for what is itself set on it later. */
function carriersOf(bench: Bench, piece: Piece): Piece[] {
  const later = new Set(carriedBy(bench.build, piece.id).map((p) => p.id));
  const found = (bench.seats.get(piece.id)?.restsOn ?? []).filter(
    (r) => r.on !== BOARD && r.share >= SUPPORT && !later.has(r.on),
  );
  const ids = new Set([...(piece.seat.on === BOARD ? [] : [piece.seat.on]), ...found.map((r) => r.on)]);
  return [...ids].flatMap((id) => pieceOf(bench.build, id) ?? []);
}

/** What the hand does, by how the seat holds. */
function joinTitle(piece: Piece, where: string, small: boolean): string {
  const name = lower(piece.name);
  switch (piece.seat.how) {
    case 'set':
      return `Set the ${name} into ${where}`;
    case 'hangs':
      return `Hang the ${name} on ${where}`;
    case 'wraps':
      return `Lay the ${name} round ${where}`;
    default:
      return small ? `Press the ${name} on to ${where}` : `Set the ${name} on ${where}`;
  }
}

function joinNotes(piece: Piece, where: string, small: boolean): string[] {
  const { how, sink, overlap } = piece.seat;
  const deep = `${Math.round(sink * 10) / 10} mm`;
  const notes = [
    small
      ? 'While both are soft; a touch of water is enough.'
      : 'Glue both faces, press, and hold until it stays.',
  ];
  if (how === 'set' && sink > 0)
    notes.unshift(
      overlap === 'trimmed'
        ? `Cut a socket ${deep} deep in ${where}; keep what comes out.`
        : `Press a socket ${deep} deep first.`,
    );
  if (how === 'wraps') notes.unshift('Begin on the hidden side and lay it on without stretching.');
  if (how !== 'set' && overlap === 'trimmed')
    notes.unshift('Trim its foot to fit; knead back what comes off.');
  return notes;
}

/** The wait for what carries a piece; on rods that take it, the paste below has to bear no more than the rest. */
function carries(bench: Bench, under: Piece, piece: Piece, slid: boolean): Link {
  const { bands } = bench.firming.get(under.id)!;
  return wait(
    shapedBy(under),
    joinId(piece.id),
    slid ? (bands.bear ?? AT_ONCE) : later(bands.handle!, bands.bear),
    `the ${lower(under.name)} firms until it carries the ${lower(piece.name)}`,
    { piece: under.id, asks: 'bear' },
  );
}

/** Glue and set each piece where it belongs, over its rods, once both sides are firm enough. */
export const join: StepMaker = {
  kind: 'join',
  make: (bench) => {
    const { build } = bench;
    const steps: Step[] = [];
    const links: Link[] = [];
    const discs = new Map(bench.bones.discs.map((d) => [d.piece.id, d.disc]));
    for (const piece of build.pieces) {
      const disc = discs.get(piece.id);
      const id = joinId(piece.id);
      const n = bench.number(piece);
      const carrier = piece.seat.on === BOARD ? undefined : pieceOf(build, piece.seat.on);
      const rods = everyRod(bench.bones).filter((r) =>
        r.passes.some((p) => 'piece' in p && p.piece === piece.id),
      );
      const firming = bench.firming.get(piece.id)!;
      const small = isSmall(bench, piece);
      const where = carrier ? `the ${lower(carrier.name)}` : 'the board';
      steps.push({
        id,
        kind: 'join',
        title: joinTitle(piece, where, small),
        notes: [
          ...joinNotes(piece, where, small),
          ...(piece.propped
            ? ['Prop it at once: foam or rolled cloth against it, baking paper between.']
            : []),
          ...(disc ? [`First the disc, ${Math.round(disc.width)} mm, let in flush and glued down.`] : []),
          ...(rods.length
            ? [`Over ${rods.length === 1 ? 'rod' : 'rods'} ${listed(rods.map((r) => r.letter))}.`]
            : []),
          ...(piece.built === 'dummy' && standingOn(build, piece.id).length > 0
            ? ['Moved from its dummy with all it carries.']
            : []),
        ],
        minutes: paced(bench, 'join', (small ? 1 : 3) + (small ? 1 : 2) * (n - 1) + 2 * rods.length),
        piece: piece.id,
        ...colourOf(bench, piece.colour),
        ...many(n, piece.name),
        ...(piece.built === 'dummy' &&
        bench.build.workshop.helpers.length > 0 &&
        grams(bench, piece) > LIFTED_BY_TWO
          ? { hands: 2 as const }
          : {}),
      });
      links.push(...orders(bench, piece));
      const slid = onRods(bench, piece, firming);
      if (small || slid || (!carrier && !floats(bench, piece))) links.push(order(shapedBy(piece), id));
      else
        links.push(
          wait(
            shapedBy(piece),
            id,
            piece.propped ? firming.bands.touch! : heldBand(firming),
            piece.propped
              ? `the ${lower(piece.name)} firms until it can be picked up`
              : `the ${lower(piece.name)} firms until it can be held`,
            { piece: piece.id, asks: piece.propped ? 'touch' : 'handle' },
            piece.built === 'there' ? undefined : restsOn(bench, piece),
          ),
        );
      if (piece.propped) {
        const { step, links: between } = freed(bench, piece, firming);
        steps.push(step);
        links.push(...between);
      }
      if (rods.some((r) => r !== bench.bones.mast) || disc) links.push(order(BONES_ID, id));
      for (const under of carriersOf(bench, piece)) {
        if (under !== carrier && !small) links.push(order(standsBy(under), id));
        if (small) links.push(order(shapedBy(under), id));
        else links.push(carries(bench, under, piece, slid));
      }
    }
    return { steps, links };
  },
};
