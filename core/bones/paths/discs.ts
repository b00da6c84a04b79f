import { place, type Instance } from '../../figure/index.ts';
import { add, times, toLocal, type Vec, bodyInside } from '../../solids/index.ts';
import { discRecord, type Build, type Disc, type DiscKind, type Piece } from '../../record/index.ts';
import { given, byFormula, formula, reckon, type Mm, type Reckoned } from '../../quantity/index.ts';
import { TIER_BOARDS, type BoardStock } from '../../ground/index.ts';
import type { Run } from '../runs/rod-paths.ts';
import { seatRadius } from './seat-radius.ts';
import type { Soft } from '../stock/soft.ts';

/** A disc hidden under a piece: it spreads the weight on to what carries it, and steadies the rods that go through it. */

/** What a rod bears on in the rim of its hole, MPa: the board's crushing strength edgeways. Estimates. */
const EMBEDMENT: Readonly<Record<DiscKind, number>> = { card: 1.5, foam: 0.4, acrylic: 60 };

/** The disc under an instance that stands on another piece; on the board there is nothing to spread. */
export function discUnder({ piece, carrier }: Instance): Disc | undefined {
  const { disc, how } = piece.seat;
  return carrier >= 0 && (how === 'sits' || how === 'set') ? disc : undefined;
}

/** kg/m³. Card and foam board estimates; acrylic by handbook from memory. */
const DENSITY: Readonly<Record<DiscKind, number>> = { card: 700, foam: 100, acrylic: 1190 };

/** What a disc weighs, as a sum that can be opened. */
export const discWeight = (disc: Disc, name: string): Reckoned<'g'> =>
  reckon(
    name,
    'g',
    'π ÷ 4 × across² × thick × density',
    [
      given('Across', disc.width, 'mm'),
      given('Thick', boardOf(disc).thick, 'mm'),
      given('Density', DENSITY[disc.of] / 1000, 'g/cm³', 'estimate'),
    ],
    (across, thick, density) => ((Math.PI / 4) * across ** 2 * thick * density) / 1000,
  );

/** A disc in the figure: under which piece, in which, and how many. */
export interface LaidDisc {
  readonly disc: Disc;
  readonly board: BoardStock;
  readonly piece: Piece;
  readonly on: Piece;
  readonly number: number;
  /** It stands out of what it is let into. */
  readonly shows: boolean;
  readonly words: string;
}

const ROUND = 16;

/** Does the rim of a disc, let in flush under an instance, come out of what carries it? */
export function discShows(instances: readonly Instance[], instance: Instance, disc: Disc): boolean {
  const { frame, piece, carrier } = instance;
  const middle = add(frame.origin, times(frame.z, piece.seat.sink - boardOf(disc).thick));
  const { body, frame: under } = instances[carrier]!;
  return Array.from({ length: ROUND }, (_, k): Vec => {
    const a = (2 * Math.PI * k) / ROUND;
    const out = add(times(frame.x, Math.cos(a)), times(frame.y, Math.sin(a)));
    return add(middle, times(out, disc.width / 2));
  }).some((p) => bodyInside(body, toLocal(under, p)) === undefined);
}

/** Every disc of a build, in building order. */
export function discsOf(build: Build): LaidDisc[] {
  const laid = build.pieces.filter((p) => p.seat.disc);
  if (laid.length === 0) return [];
  const instances = place(build);
  return laid.flatMap((piece): LaidDisc[] => {
    const mine = instances.filter((i) => i.piece.id === piece.id);
    const first = mine[0];
    const disc = first && discUnder(first);
    if (!disc) return [];
    const on = instances[first.carrier]!.piece;
    const board = boardOf(disc);
    return [
      {
        disc,
        board,
        piece,
        on,
        number: mine.length,
        shows: discShows(instances, first, disc),
        words: `Disc of ${board.name}, ${Math.round(disc.width)} mm across`,
      },
    ];
  });
}

/** The board a disc is cut from. */
export const boardOf = (disc: Disc): BoardStock => TIER_BOARDS[disc.of];

/** A disc as something a rod is stuck through. */
export function discSoft({ of }: Disc): Soft {
  const board = TIER_BOARDS[of];
  const crush = board.crush * 1000;
  return {
    name: board.name.replace(/^\d+ mm /, ''),
    kind: 'hard',
    crush: [crush * 0.5, crush, crush * 1.6],
    cohesion: 0.5,
    grip: 0.1,
    lasting: 0.6,
    embedment: EMBEDMENT[of],
    source: board.source,
  };
}

/** A disc to begin with under a piece, in whole centimetres: a finger's breadth round its foot, or what can be hidden. */
export function discWidth(build: Build, pieceId: string): Mm {
  const instances = place(build);
  const index = instances.findIndex((i) => i.piece.id === pieceId);
  const instance = instances[index];
  const wanted = tens(2 * (instance ? seatRadius(build, index) : 0) + 10);
  for (
    let width = wanted;
    instance && instance.carrier >= 0 && width >= discRecord.properties.width.minimum;
    width -= 10
  )
    if (!discShows(instances, instance, { of: 'card', width })) return width;
  return wanted;
}

/** Discs are cut to whole centimetres. */
const tens = (x: number): number => Math.ceil(x / 10) * 10;

/**
 * Half the width over which a disc presses: the foot and as far round it as the disc does not bend past its strength,
 * c = t √(f ÷ 3 p) (effective width under a base plate, EN 1993-1-8 6.2.5) with p = W ÷ π (r + c)², never past its rim.
 */
const SPREADS = formula({
  name: 'Half of what the disc presses on',
  takes: ['mm', 'mm', 'mm', 'MPa', 'N'],
  unit: 'mm',
  rule: 'foot + t √(f ÷ 3 p), no further than its rim',
  source: 'handbook',
  f: (foot, wide, thick, bending, newtons) => {
    const share = newtons > 0 ? thick * Math.sqrt((bending * Math.PI) / (3 * newtons)) : Infinity;
    return Math.max(foot, Math.min(wide / 2, share >= 1 ? Infinity : foot / (1 - share)));
  },
});

/** Bending strength of a disc with its reserve taken off, MPa. */
const bearsBending = (disc: Disc): number => boardOf(disc).bending / boardOf(disc).reserve;

/**
 * Half the width over which a disc presses, mm.
 * @param foot half the touching face, mm
 * @param newtons pressing on it
 */
export const spreadRadius = (disc: Disc, foot: Mm, newtons: number): Mm =>
  SPREADS.f(foot, disc.width, boardOf(disc).thick, bearsBending(disc), newtons);

/** The same as a sum that can be opened. */
export const spreadOver = (disc: Disc, foot: Mm, newtons: number): Reckoned<'mm'> =>
  byFormula(SPREADS, [
    given('Half of the touching face', foot, 'mm'),
    given('Disc, across', disc.width, 'mm'),
    given('Disc, thick', boardOf(disc).thick, 'mm'),
    given('Its bending strength, reserve taken off', bearsBending(disc), 'MPa', 'estimate'),
    given('Pressing on it', newtons, 'N'),
  ]);

/** The runs of a rod under a joint with a disc let flush into the top: it takes the place of as much of what it lies in. */
export function throughDisc(runs: readonly Run[], upper: number, disc: Disc): readonly Run[] {
  let left = Math.min(boardOf(disc).thick, runs.reduce((s, r) => s + r.thick, 0) / 2);
  const first: Run = { instance: upper, part: 'disc', cover: disc.width / 2, thick: left };
  const rest = runs.flatMap((r): Run[] => {
    const cut = Math.min(left, r.thick);
    left -= cut;
    return r.thick > cut ? [{ ...r, thick: r.thick - cut }] : [];
  });
  return [first, ...rest];
}
