import {
  reckonBones,
  seatFacts,
  tierLoads,
  type BonesReport,
  type SeatFacts,
  type TierLoad,
} from './bones/index.ts';
import { portionsOf, type PortionReport } from './bench/index.ts';
import { reckonCake, type CakeReport } from './cutting/index.ts';
import {
  burials,
  calendarOf,
  coveringLinks,
  edited,
  givenOf,
  inParts,
  poolsOf,
  schedule,
  stepsOf,
  type DaysReport,
  type Edited,
  type SearchOptions,
  type Work,
} from './days/index.ts';
import {
  extent,
  height,
  measureOf,
  multiplicity,
  pasteList,
  weighIn,
  type Batch,
  type Build,
  type Extent,
  type Piece,
  type Weight,
} from './figure/index.ts';
import { firmAll, heightBudget, squashed, type HeightBudget, type PieceFirming } from './firming/index.ts';
import { shapeOf } from './solids/index.ts';
import { doseDoubts } from './pastes/index.ts';
import { needsOf, type Need } from './stores/index.ts';
import { formatLength, given, named, once, reckon, total, type Reckoned } from './quantity/index.ts';

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

export interface PasteSums {
  readonly mix: Reckoned;
  readonly batches: number;
  readonly powder: Reckoned;
  readonly offcuts: Reckoned;
  readonly allergens: readonly string[];
}

function sumsOf(batches: readonly Batch[], cake: CakeReport): PasteSums {
  return {
    mix: total(
      'To mix in all',
      'g',
      batches.map((b) => named(`${b.colour.name}, ${b.blend.name}`, b.mix)),
    ),
    batches: batches.length,
    powder: total(
      'Stiffening powder',
      'g',
      batches.flatMap((b) =>
        b.parts.filter((p) => p.id === 'powder').map((p) => named(b.colour.name, p.grams)),
      ),
    ),
    offcuts: total(
      'Offcuts kept for it',
      'g',
      batches.flatMap((b) => b.reserves.map((r) => given(r.name, r.grams, 'g', 'yours'))),
    ),
    allergens: [...new Set([...batches.flatMap((b) => b.allergens), ...cake.allergens])],
  };
}

/** Everything reckoned from a build. Parts are worked out when first read and then kept. */
export interface Report {
  /** Height a piece loses when what stands on it is set on so many minutes after it was shaped; undefined when nothing does. */
  readonly squash: (piece: string, minutes: number) => Reckoned | undefined;
  readonly name: string;
  readonly figure: FigureReport;
  readonly paste: readonly Batch[];
  /** The batches taken together. */
  readonly pasteSums: PasteSums;
  readonly bones: BonesReport;
  readonly firming: ReadonlyMap<string, PieceFirming>;
  /** Steps, links, hands and room as they are scheduled; undefined where there is no calendar. */
  readonly work: Work | undefined;
  readonly days: DaysReport;
  /** The cake inside the figure and under it. */
  readonly cake: CakeReport;
  /** What the tiers under the figure carry, the top one first. */
  readonly tiers: readonly TierLoad[];
  /** Many alike that have to weigh the same. */
  readonly portions: PortionReport | undefined;
  /** What it takes from the shelf or the shop. */
  readonly needs: readonly Need[];
  /** Doses that ask for trouble, by blend. */
  readonly doses: ReadonlyMap<string, readonly string[]>;
  /** Shoes to hat, with what soft stages lose. */
  readonly height: HeightBudget;
  toJSON(): unknown;
}

const pieceReports = new WeakMap<Piece, { number: number; weight: Weight; report: PieceReport }>();

function pieceReport(build: Build, piece: Piece): PieceReport {
  const number = multiplicity(build, piece);
  const weight = weighIn(build, piece);
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

/** What is asking for trouble in one piece, in words. */
function pieceWarnings(p: Piece): string[] {
  const { form } = p;
  const shape = shapeOf(form.kind);
  const out: string[] = [];
  const coat = form.coat?.thickness ?? (form.kind === 'skinOverBall' ? form.sizes.coat : undefined);
  if (coat !== undefined && coat < THINNEST_COAT)
    out.push(`${p.name}: a coat of ${formatLength(coat)} lets the core show and tears; 3 mm is the least.`);
  else if (form.kind === 'skinOverBall' && p.core === 'foam' && coat! < USUAL_COAT * form.sizes.core! * 0.5)
    out.push(
      `${p.name}: this coat is thin for its ball; a paste ball as big as the foam gives ${formatLength(USUAL_COAT * form.sizes.core!)}.`,
    );
  const warned = shape.warn?.(form.sizes, form);
  if (warned) out.push(`${p.name}: ${warned}`);
  return out;
}

const ODD_LEAST = 0.3;
const ODD_MOST = 2000;

function figureReport(build: Build): FigureReport {
  const pieces = build.pieces.map((p) => pieceReport(build, p));
  const warnings = build.pieces.flatMap(pieceWarnings);
  for (const p of build.pieces) {
    const m = measureOf(p);
    const most = Math.max(m.width, m.height);
    if (most > ODD_MOST || most < ODD_LEAST)
      warnings.push(`${p.name} is ${formatLength(most)}: millimetres, or were inches or centimetres meant?`);
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
  const sums = once(() => sumsOf(paste(), cake()));
  const facts = once((): ReadonlyMap<string, SeatFacts> => seatFacts(build));
  const firming = once((): ReadonlyMap<string, PieceFirming> => firmAll(build, facts()));
  const bones = once(() => reckonBones(build, (id) => firming().get(id)?.nightYield ?? 0));
  const calendar = once(() => calendarOf(build.brief, build.hours, build.dates, build.workshop.helpers));
  const made = once((): Edited => {
    const asMade = stepsOf({
      build,
      batches: paste(),
      firming: firming(),
      bones: bones(),
      cake: cake(),
      number: (p) => multiplicity(build, p),
    });
    const covered = { ...asMade, links: [...asMade.links, ...coveringLinks(build, asMade.links)] };
    const changed = edited(build, covered, build.steps.own.length > 0 ? burials(build) : []);
    return { ...inParts(changed.steps, changed.links, build.steps.parts), says: changed.says };
  });
  const work = once((): Work | undefined => {
    const c = calendar();
    return c.ok
      ? {
          steps: made().steps,
          links: made().links,
          people: c.value.people,
          pools: poolsOf(build.workshop),
          due: c.value.due,
        }
      : undefined;
  });
  const days = once((): DaysReport => {
    const c = calendar();
    const { steps, links, says } = made();
    if (!c.ok) return { steps, links, people: ['you'], trouble: [c.problem.text] };
    const report = schedule(steps, links, c.value, {
      ...search,
      pools: poolsOf(build.workshop),
      given: givenOf(build, c.value.origin),
    });
    return says.length > 0 ? { ...report, trouble: [...says, ...report.trouble] } : report;
  });
  const cake = once(() => reckonCake(build));
  const tiers = once(() => {
    // paste of a cover rests on its own tier
    const covers = new Map(
      paste().flatMap((b) => b.lines.filter((l) => l.cover).map((l) => [l.piece, l.net.value] as const)),
    );
    const weights = new Map(cake().parts.map((p) => [p.id, p.weighs.value + (covers.get(p.id) ?? 0)]));
    return tierLoads(build, { mass: bones().balance.mass, at: bones().balance.point }, weights);
  });
  const portions = once(() => portionsOf(build, paste()));
  const needs = once(() => needsOf(build, paste(), bones(), cake()));
  const doses = once(
    (): ReadonlyMap<string, readonly string[]> => new Map(build.blends.map((b) => [b.id, doseDoubts(b)])),
  );
  const budget = once(() => heightBudget(build, firming(), facts()));
  const report: Report = {
    squash(id, minutes) {
      const fact = facts().get(id);
      const piece = build.pieces.find((p) => p.id === id);
      if (!piece || !fact || fact.load <= 0) return undefined;
      const rise = given(`${piece.name}, high`, measureOf(piece).height, 'mm');
      return squashed(`${piece.name} would lose`, rise, firming().get(id), fact, minutes);
    },
    name: build.name,
    get figure() {
      return figure();
    },
    get paste() {
      return paste();
    },
    get pasteSums() {
      return sums();
    },
    get bones() {
      return bones();
    },
    get firming() {
      return firming();
    },
    get work() {
      return work();
    },
    get days() {
      return days();
    },
    get cake() {
      return cake();
    },
    get tiers() {
      return tiers();
    },
    get portions() {
      return portions();
    },
    get needs() {
      return needs();
    },
    get doses() {
      return doses();
    },
    get height() {
      return budget();
    },
    toJSON: () => ({
      name: build.name,
      figure: figure(),
      height: budget(),
      paste: paste(),
      bones: bones(),
      firming: Object.fromEntries(firming()),
      days: days(),
      cake: cake(),
      tiers: tiers(),
      portions: portions(),
      needs: needs(),
      doses: Object.fromEntries(doses()),
    }),
  };
  known.set(build, report);
  return report;
}
