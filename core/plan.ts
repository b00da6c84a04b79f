import {
  gluesIn,
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
import { doseDoubts, type Glue } from './pastes/index.ts';
import { needsOf, type Need } from './stores/index.ts';
import {
  formatLength,
  given,
  named,
  once,
  reckon,
  remembered,
  sameParts,
  total,
  type Reckoned,
} from './quantity/index.ts';

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

function sumsOf(batches: readonly Batch[], cake: CakeReport, glues: readonly Glue[]): PasteSums {
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
    allergens: [...new Set([...batches, cake, ...glues].flatMap((part) => part.allergens))],
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

const reportOfPiece = remembered((piece: Piece, number: number, weight: Weight): PieceReport => {
  const all = reckon(
    `${piece.name}, all`,
    'g',
    'one × how many',
    [weight.paste, given('How many', number, 'pieces')],
    (g, n) => g * n,
  );
  return { id: piece.id, name: piece.name, number, weight, all };
});

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
  const pieces = build.pieces.map((p) => reportOfPiece(p, multiplicity(build, p), weighIn(build, p)));
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

/** What a report takes beside the build. */
export interface Ask extends Pick<SearchOptions, 'effort' | 'runs' | 'progress' | 'first'> {
  /** The present instant, ms since 1970: nothing that is not done is planned before it. The core has no clock of its own. */
  readonly now?: number;
}

/** All that follows from the build alone; each part is worked out when it is first read. */
const reckoned = remembered((build: Build) => {
  const figure = once(() => figureReport(build));
  const paste = once(() => pasteList(build));
  const cake = once(() => reckonCake(build));
  const facts = once((): ReadonlyMap<string, SeatFacts> => seatFacts(build));
  const firming = once((): ReadonlyMap<string, PieceFirming> => firmAll(build, facts()));
  const bones = once(() => reckonBones(build, (id) => firming().get(id)?.nightYield ?? 0));
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
  const tiers = once(() => {
    // paste of a cover rests on its own tier
    const covers = new Map(
      paste().flatMap((b) => b.lines.filter((l) => l.cover).map((l) => [l.piece, l.net.value] as const)),
    );
    const weights = new Map(cake().parts.map((p) => [p.id, p.weighs.value + (covers.get(p.id) ?? 0)]));
    return tierLoads(build, { mass: bones().balance.mass, at: bones().balance.point }, weights);
  });
  return {
    figure,
    paste,
    cake,
    facts,
    firming,
    bones,
    made,
    tiers,
    sums: once(() => sumsOf(paste(), cake(), gluesIn(build))),
    portions: once(() => portionsOf(build, paste())),
    needs: once(() => needsOf(build, paste(), bones(), cake())),
    doses: once(
      (): ReadonlyMap<string, readonly string[]> => new Map(build.blends.map((b) => [b.id, doseDoubts(b)])),
    ),
    height: once(() => heightBudget(build, firming(), facts())),
  };
});

const reported = remembered((build: Build, ask: Ask): Report => {
  const r = reckoned(build);
  const { now, ...search } = ask;
  const calendar = once(() => calendarOf(build, now));
  const work = once((): Work | undefined => {
    const c = calendar();
    const { steps, links } = r.made();
    return c.ok
      ? { steps, links, people: c.value.people, pools: poolsOf(build.workshop), due: c.value.due }
      : undefined;
  });
  const days = once((): DaysReport => {
    const c = calendar();
    const { steps, links, says } = r.made();
    if (!c.ok) return { steps, links, people: ['you'], trouble: [c.problem.text] };
    const report = schedule(steps, links, c.value, {
      ...search,
      pools: poolsOf(build.workshop),
      given: givenOf(build, c.value.origin, now),
    });
    return says.length > 0 ? { ...report, trouble: [...says, ...report.trouble] } : report;
  });
  return {
    squash(id, minutes) {
      const fact = r.facts().get(id);
      const piece = build.pieces.find((p) => p.id === id);
      if (!piece || !fact || fact.load <= 0) return undefined;
      const rise = given(`${piece.name}, high`, measureOf(piece).height, 'mm');
      return squashed(`${piece.name} would lose`, rise, r.firming().get(id), fact, minutes);
    },
    name: build.name,
    get figure() {
      return r.figure();
    },
    get paste() {
      return r.paste();
    },
    get pasteSums() {
      return r.sums();
    },
    get bones() {
      return r.bones();
    },
    get firming() {
      return r.firming();
    },
    get work() {
      return work();
    },
    get days() {
      return days();
    },
    get cake() {
      return r.cake();
    },
    get tiers() {
      return r.tiers();
    },
    get portions() {
      return r.portions();
    },
    get needs() {
      return r.needs();
    },
    get doses() {
      return r.doses();
    },
    get height() {
      return r.height();
    },
    toJSON: () => ({
      name: build.name,
      figure: r.figure(),
      height: r.height(),
      paste: r.paste(),
      bones: r.bones(),
      firming: Object.fromEntries(r.firming()),
      days: days(),
      cake: r.cake(),
      tiers: r.tiers(),
      portions: r.portions(),
      needs: r.needs(),
      doses: Object.fromEntries(r.doses()),
    }),
  };
}, sameParts);

const NOTHING_ASKED: Ask = {};

/**
 * The one door: a Build in, everything reckoned out. Pure; the same build asked the same gives the same report object, and
 * parts of a build that did not change are not reckoned again. Days are searched for when they are first read.
 * @param ask the present instant, and how hard to look for a plan of days
 */
export const plan = (build: Build, ask: Ask = NOTHING_ASKED): Report => reported(build, ask);
