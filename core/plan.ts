import { reckonBones, seatFacts, type BonesReport, type SeatFacts } from './bones/index.ts';
import { calendarOf, schedule, stepsOf, type DaysReport, type SearchOptions } from './days/index.ts';
import {
  blendOf,
  extent,
  height,
  multiplicity,
  pasteList,
  weigh,
  type Batch,
  type Build,
  type Extent,
  type Piece,
  type Weight,
} from './figure/index.ts';
import { firmAll, type PieceFirming } from './firming/index.ts';
import { formatLength, once, reckon, total, type Reckoned } from './quantity/index.ts';

/** One piece as the screens show it. */
export interface PieceReport {
  readonly id: string;
  readonly name: string;
  readonly number: number;
  readonly weight: Weight;
  /** Paste of all that are alike. */
  readonly all: Reckoned;
}

export interface FigureReport {
  readonly height: number;
  readonly extent: Extent;
  readonly paste: Reckoned;
  readonly pieces: readonly PieceReport[];
  readonly warnings: readonly string[];
}

/** Everything reckoned from a build. Parts are worked out when first read and then kept. */
export interface Report {
  readonly name: string;
  readonly figure: FigureReport;
  readonly paste: readonly Batch[];
  readonly bones: BonesReport;
  readonly firming: ReadonlyMap<string, PieceFirming>;
  readonly days: DaysReport;
  toJSON(): unknown;
}

const pieceReports = new WeakMap<Piece, { number: number; weight: Weight; report: PieceReport }>();

function pieceReport(build: Build, piece: Piece): PieceReport {
  const number = multiplicity(build, piece);
  const weight = weigh(piece, blendOf(build, piece));
  const known = pieceReports.get(piece);
  if (known && known.number === number && known.weight === weight) return known.report;
  const all = reckon(`${piece.name}, all`, 'g', 'one × how many', [weight.paste], (g) => g * number);
  const report = { id: piece.id, name: piece.name, number, weight, all };
  pieceReports.set(piece, { number, weight, report });
  return report;
}

/** A wall thinner than this shows the core through; common practice, mm. */
const THINNEST_COAT = 3;
/** A paste ball as big as the foam ball gives a coat of this share of its diameter; common practice. */
const USUAL_COAT = 0.13;

function figureReport(build: Build): FigureReport {
  const pieces = build.pieces.map((p) => pieceReport(build, p));
  const warnings: string[] = [];
  for (const p of build.pieces) {
    const coat = p.form.sizes.coat;
    if (p.form.kind === 'skinOverBall' && coat !== undefined && coat < THINNEST_COAT)
      warnings.push(
        `${p.name}: a coat of ${formatLength(coat)} lets the core show and tears; 3 mm is the least.`,
      );
    else if (p.core === 'foam' && coat !== undefined && coat < USUAL_COAT * p.form.sizes.core! * 0.5)
      warnings.push(
        `${p.name}: this coat is thin for its ball; a paste ball as big as the foam gives ${formatLength(USUAL_COAT * p.form.sizes.core!)}.`,
      );
  }
  const e = extent(build);
  const r = build.board.width / 2;
  if (build.pieces.length && Math.max(-e.left, e.right, -e.front, e.back) > r * 1.02)
    warnings.push('The figure reaches over the edge of the board.');
  return {
    height: height(build),
    extent: e,
    paste: total(
      'Paste in the figure',
      'g',
      pieces.map((p) => p.all),
    ),
    pieces,
    warnings,
  };
}

const known = new WeakMap<Build, Report>();

/**
 * The one door: a Build in, everything reckoned out. Pure; the same build object gives the same report object, and
 * parts of a build that did not change are not reckoned again.
 * @param search how hard to look for a plan of days; only read the first time a build is planned
 */
export function plan(build: Build, search?: SearchOptions): Report {
  const before = known.get(build);
  if (before) return before;
  const figure = once(() => figureReport(build));
  const paste = once(() => pasteList(build));
  const facts = once((): ReadonlyMap<string, SeatFacts> => seatFacts(build));
  const firming = once((): ReadonlyMap<string, PieceFirming> => firmAll(build, facts()));
  const bones = once(() => reckonBones(build, (id) => firming().get(id)?.nightYield ?? 0));
  const days = once((): DaysReport => {
    const calendar = calendarOf(build.brief, build.hours);
    const { steps, links } = stepsOf({
      build,
      batches: paste(),
      firming: firming(),
      bones: bones(),
      number: (p) => multiplicity(build, p),
    });
    if (!calendar.ok) return { steps, links, trouble: [calendar.problem.text] };
    return schedule(steps, links, calendar.value, search);
  });
  const report: Report = {
    name: build.name,
    get figure() {
      return figure();
    },
    get paste() {
      return paste();
    },
    get bones() {
      return bones();
    },
    get firming() {
      return firming();
    },
    get days() {
      return days();
    },
    toJSON: () => ({
      name: build.name,
      figure: figure(),
      paste: paste(),
      bones: bones(),
      firming: Object.fromEntries(firming()),
      days: days(),
    }),
  };
  known.set(build, report);
  return report;
}
