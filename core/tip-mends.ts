import { figureTipping, rodInto, type BonesReport, type Tipping } from './bones/index.ts';
import { contactsOf, GROUND } from './contacts/index.ts';
import { setBoard, setSeat } from './edits/index.ts';
import { measureOf, place } from './figure/index.ts';
import { formatLength, once } from './quantity/index.ts';
import {
  BOARD,
  boardRecord,
  carriedBy,
  type Build,
  type Change,
  type Piece,
  type Seat,
} from './record/index.ts';

/** A change that was tried, and with which it no longer goes over. */
export interface TipMend {
  readonly text: string;
  readonly build: Build;
}

/** What keeps it from going over: the figure on its own feet, and all of it on its board. Tried when first read. */
export interface TipMends {
  readonly figure: readonly TipMend[];
  readonly board: readonly TipMend[];
}

/** What reckons a build that is tried. */
type Tried = (build: Build) => { readonly bones: BonesReport; readonly hovers: number };

/** Boards are tried in steps, mm, so many of them. Steps of the method; estimates. */
const STEP = 10;
const WIDER = 40;

function widerBoard(build: Build, tried: Tried): TipMend[] {
  const most = boardRecord.properties.width.maximum;
  for (let k = 1; k <= WIDER; k++) {
    const width = Math.ceil((build.board.width + 1) / STEP) * STEP + (k - 1) * STEP;
    if (width > most) return [];
    const now = setBoard(build, { width });
    if (now.ok && tried(now.value).bones.boardTips.check.verdict !== 'fails')
      return [{ text: `A board ${formatLength(width)} wide`, build: now.value }];
  }
  return [];
}

/** Two ways in which a piece is changed together, each by a small step, and how far in all. */
interface Way {
  readonly keys: readonly [
    (s: Seat, by: number) => Partial<Omit<Seat, 'on'>>,
    (s: Seat, by: number) => Partial<Omit<Seat, 'on'>>,
  ];
  readonly small: number;
  readonly most: number;
  readonly words: (p: Piece, by: readonly [number, number], all: number) => string;
}
const lower = (p: Piece): string => p.name.toLowerCase();
const WAYS: readonly Way[] = [
  {
    keys: [(s, by) => ({ lean: s.lean + by }), (s, by) => ({ tip: s.tip + by })],
    small: 1,
    most: 15,
    words: (p, _, all) => `Lean the ${lower(p)} ${all.toFixed(1)}°`,
  },
  {
    keys: [
      (s, by) => ({ at: [s.at[0] + by, s.at[1], s.at[2]] }),
      (s, by) => ({ at: [s.at[0], s.at[1] + by, s.at[2]] }),
    ],
    small: 0.5,
    most: 15,
    words: (p, [x, y], all) => {
      const side = Math.abs(x) > Math.abs(y) ? (x > 0 ? 'right' : 'left') : y > 0 ? 'back' : 'forward';
      return `Move the ${lower(p)} ${formatLength(all)} ${side}`;
    },
  },
];

/** Steps of the method; estimates. */
const ROUNDS = 6;
/** A little more than just enough, as a share and in mm. Estimate. */
const MORE = 0.03;
const OVER = 0.05;

/** The least change of a piece in one way with which it stands: along the steepest fall of what is missing, until nothing is. */
function least(build: Build, piece: Piece, way: Way): TipMend | undefined {
  const at = (v: readonly [number, number]): Change => {
    const first = setSeat(build, piece.id, way.keys[0](piece.seat, v[0]));
    if (!first.ok) return first;
    const seat = first.value.pieces.find((p) => p.id === piece.id)!.seat;
    return setSeat(first.value, piece.id, way.keys[1](seat, v[1]));
  };
  const missing = (v: readonly [number, number]): number | undefined => {
    const now = at(v);
    return now.ok ? figureTipping(now.value).missing : undefined;
  };
  let v: readonly [number, number] = [0, 0];
  for (let round = 0; round < ROUNDS; round++) {
    const now = missing(v);
    if (now === undefined) return undefined;
    const all = Math.hypot(...v);
    if (now <= 0) {
      const done = at(v);
      return done.ok && all > 0 ? { text: way.words(piece, v, all), build: done.value } : undefined;
    }
    const right = missing([v[0] + way.small, v[1]]);
    const up = missing([v[0], v[1] + way.small]);
    if (right === undefined || up === undefined) return undefined;
    const g = [(right - now) / way.small, (up - now) / way.small] as const;
    const steep = g[0] ** 2 + g[1] ** 2;
    if (!(steep > 1e-9)) return undefined;
    const by = (now * (1 + MORE) + OVER) / steep;
    v = [v[0] - by * g[0], v[1] - by * g[1]];
    if (Math.hypot(...v) > way.most) return undefined;
  }
  return undefined;
}

/** Pieces light enough to be leaned or moved without the rest of the figure, the heaviest few first. */
const LIGHT = 0.6;
const CANDIDATES = 3;

function loose(build: Build): Piece[] {
  const instances = place(build);
  const standing = new Set(
    contactsOf(build).flatMap((c) => (c.b === GROUND ? [instances[c.a]!.piece.id] : [])),
  );
  const bulk = (p: Piece) => carriedBy(build, p.id).reduce((sum, q) => sum + measureOf(q).volume, 0);
  const whole = build.pieces.reduce((sum, p) => sum + measureOf(p).volume, 0);
  return build.pieces
    .filter((p) => p.seat.on !== BOARD && !standing.has(p.id) && bulk(p) < LIGHT * whole)
    .sort((a, b) => bulk(b) - bulk(a))
    .slice(0, CANDIDATES);
}

/** A stick through the board into the piece that stands on it, where that holds. */
function pinned(build: Build, tried: Tried): TipMend[] {
  const root = build.pieces.find((p) => p.seat.on === BOARD);
  const made = root && rodInto(build, root.id);
  if (!root || !made) return [];
  const { bones } = tried(made.build);
  const own = bones.rods.find((r) => r.rod.id === made.id);
  return bones.anchored && own && own.verdict !== 'fails' && own.verdict !== 'idle'
    ? [{ text: `A stick from the ${lower(root)} into what it stands on`, build: made.build }]
    : [];
}

function figureMends(build: Build, tried: Tried): TipMend[] {
  const hovering = tried(build).hovers;
  const moved = WAYS.flatMap((way) => {
    for (const piece of loose(build)) {
      const found = least(build, piece, way);
      if (found && tried(found.build).hovers <= hovering) return [found];
    }
    return [];
  });
  return [...moved, ...pinned(build, tried)];
}

const goesOver = (t: Tipping): boolean => t.check.verdict === 'fails';

/**
 * Changes that keep a figure from going over, the least of each kind, each reckoned again before it is offered.
 * @param again reckons a build that is tried
 */
export function tipMends(build: Build, bones: BonesReport, again: Tried): TipMends {
  const figure = once(() => (!bones.anchored && goesOver(bones.figureTips) ? figureMends(build, again) : []));
  const board = once(() => (goesOver(bones.boardTips) ? widerBoard(build, again) : []));
  return {
    get figure() {
      return figure();
    },
    get board() {
      return board();
    },
  };
}
