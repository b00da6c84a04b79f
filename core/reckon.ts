import { portionsOf } from './bench/index.ts';
import {
  everyRod,
  gluesIn,
  raisedOf,
  reckonBones,
  seatFacts,
  tierLoads,
  type BonesReport,
  type FigureOver,
  type SeatFacts,
} from './bones/index.ts';
import { contactsOf, GROUND } from './contacts/index.ts';
import { rolledOf } from './covers/index.ts';
import { reckonCake } from './cutting/index.ts';
import {
  coveringLinks,
  edited,
  fittedThere,
  inParts,
  joiningsOf,
  stagesOf,
  stepsOf,
  type Edited,
  type Joining,
} from './days/index.ts';
import { eatersReport } from './eaters.ts';
import { figureReport } from './figure-report.ts';
import { handoverCard, travelOf } from './handover/index.ts';
import { figuresReport } from './figures.ts';
import { groundReport } from './ground-report.ts';
import { blendOf, measureOf, place } from './figure/index.ts';
import { multiplicity, type Build } from './record/index.ts';
import { colouringOf, pasteList, potsInAll } from './paste-list/index.ts';
import { firmAll, freshYield, heightBudget, squashed, type PieceFirming } from './firming/index.ts';
import { sumsOf } from './paste-sums.ts';
import { doseDoubts } from './pastes/index.ts';
import { given, once, remembered, total, type Minutes, type Reckoned } from './quantity/index.ts';
import { needsOf } from './stores/index.ts';
import { standsOf, type StandsReport } from './stands.ts';
import { bandsOf, carvingsOf, papersTold } from './templates/index.ts';
import { tipMends, type TipMends } from './tip-mends.ts';

/** The parts of a reckoning that read each other, each worked out when it is first asked for. */
interface Parts {
  readonly facts: () => ReadonlyMap<string, SeatFacts>;
  readonly firming: () => ReadonlyMap<string, PieceFirming>;
  readonly paste: () => ReturnType<typeof pasteList>;
  readonly cake: () => ReturnType<typeof reckonCake>;
  readonly bones: () => ReturnType<typeof reckonBones>;
  readonly joinings: () => readonly Joining[];
  /** How old each piece that a rod leans on has to be before it travels, by id, minutes. */
  readonly ages: () => ReadonlyMap<string, Minutes>;
  /** Of the tiers, by id. */
  readonly sums: () => ReadonlyMap<string, Reckoned>;
  readonly weights: () => ReadonlyMap<string, number>;
}

/** Steps and links with what the person changed of them, and what could not be changed. */
function madeOf(build: Build, { paste, firming, bones, cake, facts, joinings, ages }: Parts): Edited {
  const asMade = stepsOf({
    build,
    batches: paste(),
    firming: firming(),
    bones: bones(),
    seats: facts(),
    cake: cake(),
    joinings: joinings(),
    ages: ages(),
    number: (p) => multiplicity(build, p),
  });
  const covered = { ...asMade, links: [...asMade.links, ...coveringLinks(build, asMade.links)] };
  const changed = edited(build, covered, { stages: () => stagesOf(build, covered.links), firming });
  return {
    ...fittedThere(build, inParts(changed.steps, changed.links, build.steps.parts)),
    says: changed.says,
  };
}

/** What the tiers weigh, filled, coated and covered, or as they were weighed. */
function tierSums(build: Build, { paste, cake }: Pick<Parts, 'paste' | 'cake'>): Map<string, Reckoned> {
  // paste of a cover rests on its own tier
  const covers = new Map(
    paste().flatMap((b) => b.lines.filter((l) => l.cover).map((l) => [l.piece, l.net] as const)),
  );
  const parts = new Map(cake().parts.map((p) => [p.id, p.weighs] as const));
  return new Map(
    build.cake.tiers.map(({ id, name, weight }) => {
      if (weight !== undefined) return [id, given(name, weight, 'g', 'yours')];
      return [
        id,
        total(
          name,
          'g',
          [parts.get(id), covers.get(id)].filter((x) => x !== undefined),
        ),
      ];
    }),
  );
}

/** The figure as what stands on it feels it. */
const figureOver = (build: Build, { bones }: Pick<Parts, 'bones'>): FigureOver => ({
  mass: bones().balance.mass,
  at: bones().balance.point,
  stands: total(
    'Figure touches',
    'mm²',
    contactsOf(build).flatMap((c) =>
      c.b === GROUND ? [given(place(build)[c.a]!.piece.name, c.area, 'mm²')] : [],
    ),
  ),
});

/** Ages at which bones are looked at again: fresh from a sitting, and after the night they are reckoned with, minutes. Estimate. */
const SITTING: Minutes = 120;
const NIGHT: Minutes = 720;

/**
 * Bones are reckoned with paste a night old. What a rod leans on has to be that old before it travels, unless the rod does as well in
 * paste that is fresh from a sitting.
 */
function agesOf(
  build: Build,
  bones: BonesReport,
  firming: ReadonlyMap<string, PieceFirming>,
  weights: ReadonlyMap<string, number>,
): Map<string, Minutes> {
  const ages = new Map<string, Minutes>();
  if (everyRod(bones).length === 0) return ages;
  const fresh = (id: string) => {
    const f = firming.get(id);
    return f && { nightYield: f.yieldAfter(SITTING) };
  };
  const early = everyRod(reckonBones(build, { get: fresh }, weights));
  everyRod(bones).forEach((rod, k) => {
    const worse = rod.verdict !== early[k]?.verdict;
    for (const p of rod.passes)
      if ('piece' in p && p.part === 'paste')
        ages.set(p.piece, Math.max(ages.get(p.piece) ?? 0, worse ? NIGHT : SITTING));
  });
  return ages;
}

/** Height a piece loses when what stands on it is set on so many minutes after it was shaped; undefined when nothing does. */
function squashOf(
  build: Build,
  { facts, firming }: Parts,
  id: string,
  minutes: number,
): Reckoned | undefined {
  const fact = facts().get(id);
  const piece = build.pieces.find((p) => p.id === id);
  if (!piece || !fact || fact.load <= 0) return undefined;
  const rise = given(`${piece.name}, high`, measureOf(piece).height, 'mm');
  return squashed(`${piece.name} would lose`, rise, firming().get(id), fact, minutes);
}

/**
 * What is reckoned of a build, part by part: a line here is a getter of the report. No search is among them: that is
 * `planDays`.
 */
const PARTS = {
  /** Height, paste and warnings, piece by piece. */
  figure: (b: Build) => figureReport(b),
  paste: (_: Build, p: Parts) => p.paste(),
  /** The batches taken together. */
  pasteSums: (b: Build, p: Parts) => sumsOf(p.paste(), p.cake(), gluesIn(b)),
  /** What every batch is coloured with, and what that comes to pot by pot. */
  colouring: (_: Build, p: Parts) => ({
    batches: p.paste().map(colouringOf),
    pots: potsInAll(p.paste()),
  }),
  bones: (_: Build, p: Parts) => p.bones(),
  firming: (_: Build, p: Parts) => p.firming(),
  /** The cake inside the figure and under it. */
  cake: (_: Build, p: Parts) => p.cake(),
  /** What the tiers under the figure carry, the top one first. */
  tiers: (b: Build, p: Parts) => tierLoads(b, figureOver(b, p), p.weights()),
  /** Whether what is raised on a threaded rod holds. */
  raised: (b: Build, p: Parts) => raisedOf(b, figureOver(b, p), p.weights()),
  /** Everything from the table up, with what it weighs. */
  ground: (b: Build, p: Parts) => groundReport(b, p.bones().balance.mass, p.sums()),
  /** Many alike that have to weigh the same. */
  portions: (b: Build, p: Parts) => portionsOf(b, p.paste()),
  /** Several figures on one board, and where they touch. */
  figures: (b: Build) => figuresReport(b),
  /** What those who eat it must not have, or must be told. */
  eaters: (b: Build, p: Parts) => eatersReport(b, { paste: p.paste(), cake: p.cake(), bones: p.bones() }),
  /** What whoever serves it has to know: what is no food, in which order it comes out, allergens, keeping. */
  handover: (b: Build, p: Parts) =>
    handoverCard(b, p.bones(), {
      notes: eatersReport(b, { paste: p.paste(), cake: p.cake(), bones: p.bones() }).notes,
      allergens: sumsOf(p.paste(), p.cake(), gluesIn(b)).allergens,
    }),
  /** The way there: what is driven and how, what holds at which brake, what is fitted there. */
  travel: (b: Build) =>
    travelOf(b, (x) => {
      const { bones, raised, tiers, ground, joinings, made } = reckonBuild(x);
      return { bones, raised, tiers, whole: ground.whole as Reckoned<'g'>, joinings, made };
    }),
  /** What it takes from the shelf or the shop. */
  needs: (b: Build, p: Parts) => needsOf(b, p.paste(), p.bones(), p.cake()),
  /** What paste goes over boards, tiers and cores: how large it is rolled, and how much of it stays. */
  covers: (b: Build) => rolledOf(b),
  /** Strips that go round something: whether they meet. */
  bands: (b: Build) => bandsOf(b),
  /** Cakes that are carved, layer by layer. */
  carvings: (b: Build) => carvingsOf(b),
  /** Paper to cut by: what for, how many, how large. */
  templates: (b: Build) => papersTold(b),
  /** Doses that ask for trouble, by blend. */
  doses: (b: Build): ReadonlyMap<string, readonly string[]> =>
    new Map(b.blends.map((blend) => [blend.id, doseDoubts(blend)])),
  /** Shoes to hat, with what soft stages lose. */
  height: (b: Build, p: Parts) => heightBudget(b, p.firming(), p.facts()),
  /** Who carries whom, what hovers, and which legs are too soft. */
  stands: (b: Build, p: Parts): StandsReport => standsOf(b, p.facts(), p.firming(), (x) => reckonBuild(x)),
  /** What keeps it from going over. */
  tips: (b: Build, p: Parts): TipMends =>
    tipMends(b, p.bones(), (x) => {
      const { bones, stands } = reckonBuild(x);
      return { bones, hovers: stands.hovers.length };
    }),
  /** How each piece is joined, and what its faces have to be for it. */
  joinings: (_: Build, p: Parts) => p.joinings(),
  /** Steps and links, as the person changed them. */
  made: (b: Build, p: Parts) => madeOf(b, p),
  squash: (b: Build, p: Parts) => (piece: string, minutes: number) => squashOf(b, p, piece, minutes),
} as const;

/** Everything cheap that follows from a build alone. Parts are worked out when first read and then kept. */
export type Reckonings = { readonly [K in keyof typeof PARTS]: ReturnType<(typeof PARTS)[K]> };

export const PART_NAMES = Object.keys(PARTS) as readonly (keyof Reckonings)[];

/** How firm the paste of each piece is as it leaves the hands, kPa. */
const freshIn = (build: Build) => {
  const pieces = new Map(build.pieces.map((p) => [p.id, p]));
  return (id: string): number => freshYield(blendOf(build, pieces.get(id)!));
};

/** Reckon a build: pure, and the same build gives the same record. */
export const reckonBuild = remembered((build: Build): Reckonings => {
  const facts = once((): ReadonlyMap<string, SeatFacts> => seatFacts(build, freshIn(build)));
  const firming = once((): ReadonlyMap<string, PieceFirming> => firmAll(build, facts()));
  const paste = once(() => pasteList(build));
  const cake = once(() => reckonCake(build));
  const sums = once(() => tierSums(build, { paste, cake }));
  const weights = once(() => new Map([...sums()].map(([id, sum]) => [id, sum.value])));
  const bones = once(() => reckonBones(build, firming(), weights()));
  const parts: Parts = {
    facts,
    firming,
    paste,
    cake,
    bones,
    ages: once(() => agesOf(build, bones(), firming(), weights())),
    joinings: once(() => joiningsOf({ build, firming: firming(), bones: bones(), seats: facts() })),
    sums,
    weights,
  };
  const out = {};
  for (const name of PART_NAMES)
    Object.defineProperty(out, name, { enumerable: true, get: once(() => PARTS[name](build, parts)) });
  return out as Reckonings;
});
