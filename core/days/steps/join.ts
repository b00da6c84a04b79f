import { BOARD, carriedBy, pieceOf, standingOn, verb, type Piece } from '../../record/index.ts';
import { measureOf, weighIn } from '../../figure/index.ts';
import { shapeOf } from '../../solids/index.ts';
import type { Band, PieceFirming } from '../../firming/index.ts';
import { formatBand, labourOf, listed } from '../../quantity/index.ts';
import { gramsWith, opensAs, type FaceAsk, type Joining } from '../joining.ts';
import { LOOKED_WITHIN } from '../levels.ts';
import type { Hold, Link, Step } from '../types.ts';
import { isLot, texturedAfter } from './texture.ts';
import {
  BONES_ID,
  colourOf,
  freeId,
  joinId,
  lower,
  many,
  order,
  PACK_ID,
  paced,
  shapedBy,
  shapeId,
  standsBy,
  type Bench,
  type StepMaker,
} from './types.ts';

/** Joined while its paste is soft, whenever both faces are: it need not wait until what carries it stands. */
const SOFT: ReadonlySet<string> = new Set(['pressed', 'posed', 'socket', 'round', 'loose']);

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

/** So light beside what carries it, a detail is finished off the figure, share. Estimate. */
const DETAIL = 0.15;

/** Is it a detail of what is finished by itself, on a dummy or in the hand, and then slid on? Common practice. */
function offFigure(bench: Bench, j: Joining): boolean {
  const carrier = j.carrier && bench.joinings.find((c) => c.piece.id === j.carrier!.id);
  return (
    carrier?.kind.id === 'slid' &&
    SOFT.has(j.kind.id) &&
    gramsWith(bench.build, j.piece) <= DETAIL * weighIn(bench.build, carrier.piece).whole.value
  );
}

/**
 * The order of what is set on what: from the board up, what carries stands before what it carries; on a dummy what it
 * carries is set on it first and all of it moved together, and so are details of what is slid on. Others are joined whenever both
 * faces are soft.
 */
function orders(bench: Bench, piece: Piece): Link[] {
  const name = lower(piece.name);
  return bench.joinings
    .filter((c) => c.carrier?.id === piece.id)
    .flatMap((c) => {
      const id = joinId(c.piece.id);
      if (piece.built === 'dummy')
        return [
          order(id, joinId(piece.id), `the ${name} is built on a dummy and moved with what it carries`),
        ];
      if (offFigure(bench, c))
        return [order(id, joinId(piece.id), `the ${name} is finished before it is slid on`)];
      return SOFT.has(c.kind.id)
        ? []
        : [order(standsBy(piece), id, `the ${name} stands before it carries the ${lower(c.piece.name)}`)];
    });
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
      wait(
        shapedBy(piece),
        id,
        later(firming.bands.handle!, firming.bands.pose),
        `the ${name} firms until it stays without its prop`,
        { piece: piece.id, asks: 'pose' },
      ),
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

/** Held up by another to less than this, it does not wait for that one. Estimate. */
const SUPPORT = 0.1;

/** Pieces beside its carrier that hold it up when it is set on; not what is itself set on it later. */
function supportsOf(bench: Bench, { piece, carrier }: Joining): Piece[] {
  const later = new Set(carriedBy(bench.build, piece.id).map((p) => p.id));
  return (bench.seats.get(piece.id)?.restsOn ?? [])
    .filter((r) => r.on !== BOARD && r.on !== carrier?.id && r.share >= SUPPORT && !later.has(r.on))
    .flatMap((r) => pieceOf(bench.build, r.on) ?? []);
}

/** Over sooner than this even when it is slow, it is no wait, minutes. Estimate. */
const NOTHING_TO_WAIT_FOR = 1;

/** The wait until a face is as it has to be: all that is asked of it in one. */
function opening(j: Joining, face: 'up' | 'down', from: string, hold: Hold | undefined): Link[] {
  const { opens } = j[face];
  const asked = opens.filter((o) => o.band.slow >= NOTHING_TO_WAIT_FOR);
  const [first] = asked;
  if (!first) return [];
  const of = face === 'up' ? j.piece : j.carrier!;
  const band = asked.reduce<Band>((b, o) => later(b, o.band), first.band);
  const last = asked.reduce((a, o) => (o.band.likely > a.band.likely ? o : a), first);
  const asks = typeof last.ask === 'string' ? last.ask : undefined;
  const until =
    asks === 'bear' ? `${verb(of, 'carries', 'carry')} the ${lower(j.piece.name)}` : opensAs(of, asks);
  const link = wait(
    from,
    joinId(j.piece.id),
    band,
    `the ${lower(of.name)} ${verb(of, 'firms until it', 'firm until they')} ${until}`,
    { piece: of.id, ...(asks ? { asks } : {}) },
    hold,
  );
  // within a sitting a finger tells, and nobody waits for the slowest
  return [band.slow <= LOOKED_WITHIN ? { ...link, looked: true } : link];
}

/** The windows in which a face still gives; counted from when it was shaped. */
function closing(bench: Bench, j: Joining, face: 'up' | 'down', level: number): Link[] {
  return j[face].closes
    .filter((c: FaceAsk) => Number.isFinite(c.band.fast))
    .map((c) => {
      const of = c.piece === j.piece.id ? j.piece : j.carrier!;
      return {
        // of many alike each is joined as it is made
        from: isLot(bench, of) ? shapedBy(of) : shapeId(of.id),
        to: joinId(j.piece.id),
        kind: 'window' as const,
        band: c.band,
        level,
        why:
          of === j.piece
            ? `the ${lower(of.name)} still ${verb(of, 'gives when it is', 'give when they are')} ${DONE[j.kind.id] ?? 'joined'}`
            : `the ${lower(of.name)} still ${verb(of, 'gives', 'give')} when the ${lower(j.piece.name)} ${verb(j.piece, 'is', 'are')} ${DONE[j.kind.id] ?? 'joined'}`,
        piece: of.id,
      };
    });
}
const DONE: Partial<Record<Joining['kind']['id'], string>> = {
  pressed: 'pressed on',
  posed: 'pressed on',
  socket: 'set in',
  round: 'laid round',
};

/** What it is joined to. */
const whereOf = (j: Joining): string => (j.carrier ? `the ${lower(j.carrier.name)}` : 'the board');

function notesOf(bench: Bench, j: Joining): string[] {
  const { piece, kind } = j;
  const { sink, overlap } = piece.seat;
  const where = whereOf(j);
  const deep = `${Math.round(sink * 10) / 10} mm`;
  const [soonest] = [...j.up.closes, ...j.down.closes].sort((a, b) => a.band.likely - b.band.likely);
  const of = soonest && (soonest.piece === piece.id ? piece : j.carrier!);
  return [
    ...(kind.id === 'socket' && sink > 0
      ? [
          overlap === 'trimmed'
            ? `Cut a socket ${deep} deep in ${where}; keep what comes out.`
            : `Press a socket ${deep} deep first.`,
        ]
      : []),
    ...(kind.id !== 'socket' && overlap === 'trimmed'
      ? ['Trim its foot to fit; knead back what comes off.']
      : []),
    ...kind.says,
    ...(soonest && of && Number.isFinite(soonest.band.slow)
      ? [
          `The ${lower(of.name)} still ${verb(of, 'gives', 'give')} for ${formatBand(soonest.band.fast, soonest.band.slow)} after shaping; later ${kind.late}.${of === piece && isLot(bench, piece) ? ' Make a few at a time and join them at once.' : ''}`,
        ]
      : []),
    ...(j.says ? [j.says] : []),
  ];
}
/** Hands-on minutes: by the place, and by the mark where many small ones are laid. Two for each rod; common practice. */
function minutesOf(bench: Bench, j: Joining): number {
  const { piece, kind, letters } = j;
  const n = bench.number(piece);
  const { lay } = shapeOf(piece.form.kind);
  const places = lay
    ? labourOf(lay, n * weighIn(bench.build, piece).alike)
    : labourOf(kind.labour, n * (kind.id === 'loose' ? weighIn(bench.build, piece).alike : 1));
  return places + 2 * letters.length;
}

function stepOf(bench: Bench, j: Joining, disc: number | undefined): Step {
  const { piece, letters } = j;
  const n = bench.number(piece);
  return {
    id: joinId(piece.id),
    kind: 'join',
    title: j.kind.does(lower(piece.name), whereOf(j)),
    notes: [
      ...notesOf(bench, j),
      ...(piece.propped ? ['Prop it at once: foam or rolled cloth against it, baking paper between.'] : []),
      ...(disc === undefined ? [] : [`First the disc, ${Math.round(disc)} mm, let in flush and glued down.`]),
      ...(letters.length ? [`Over ${letters.length === 1 ? 'rod' : 'rods'} ${listed(letters)}.`] : []),
      ...(piece.built === 'dummy' && standingOn(bench.build, piece.id).length > 0
        ? ['Moved from its dummy with all it carries.']
        : []),
    ],
    minutes: paced(bench, 'join', minutesOf(bench, j)),
    piece: piece.id,
    ...colourOf(bench, piece.colour),
    ...many(n, piece.name),
    ...(piece.built === 'dummy' &&
    bench.build.workshop.helpers.length > 0 &&
    gramsWith(bench.build, piece) > LIFTED_BY_TWO
      ? { hands: 2 as const }
      : {}),
  };
}

function linksOf(bench: Bench, j: Joining, rods: boolean): Link[] {
  const { piece, carrier } = j;
  const id = joinId(piece.id);
  const made = texturedAfter(bench, j) ? shapeId(piece.id) : shapedBy(piece);
  // what closes on the carrier is counted from its shaping: its texture may come after
  const under = carrier && (j.down.closes.length > 0 ? shapeId(carrier.id) : shapedBy(carrier));
  const ups = opening(j, 'up', made, piece.built === 'there' ? undefined : restsOn(bench, piece));
  const downs = under === undefined ? [] : opening(j, 'down', under, undefined);
  const [fast, likely, slow] = j.kind.carries;
  return [
    ...orders(bench, piece),
    ...(ups.length ? ups : [order(made, id)]),
    ...(under !== undefined && downs.length === 0 ? [order(under, id)] : downs),
    ...(j.level === undefined
      ? []
      : [...closing(bench, j, 'up', j.level), ...closing(bench, j, 'down', j.level)]),
    ...supportsOf(bench, j).flatMap((s) =>
      SOFT.has(j.kind.id)
        ? [order(shapedBy(s), id)]
        : [
            order(standsBy(s), id),
            wait(
              shapedBy(s),
              id,
              bench.firming.get(s.id)!.bands.bear ?? { fast: 0, likely: 0, slow: 0 },
              `the ${lower(s.name)} firms until it carries the ${lower(piece.name)}`,
              { piece: s.id, asks: 'bear' },
            ),
          ],
    ),
    ...(rods ? [order(BONES_ID, id)] : []),
    ...(likely > 0
      ? [
          wait(
            standsBy(piece),
            PACK_ID,
            { fast, likely, slow },
            `the join of the ${lower(piece.name)} takes hold before it is moved`,
            { piece: piece.id },
          ),
        ]
      : []),
  ];
}

/** Glue and set each piece where it belongs, over its rods, while both faces are as they have to be. */
export const join: StepMaker = {
  kind: 'join',
  make: (bench) => {
    const discs = new Map(bench.bones.discs.map((d) => [d.piece.id, d.disc]));
    const own = new Set(bench.bones.rods.map((r) => r.letter));
    const made = bench.joinings.map((j) => {
      const disc = discs.get(j.piece.id);
      const free = j.piece.propped ? freed(bench, j.piece, bench.firming.get(j.piece.id)!) : undefined;
      const rods = j.letters.some((l) => own.has(l)) || disc !== undefined;
      return {
        steps: [stepOf(bench, j, disc?.width), ...(free ? [free.step] : [])],
        links: [...linksOf(bench, j, rods), ...(free?.links ?? [])],
      };
    });
    return { steps: made.flatMap((m) => m.steps), links: made.flatMap((m) => m.links) };
  },
};
