import { everyRod } from './every-rod.ts';
import { height, MAST, mastRod, place } from '../figure/index.ts';
import { boardWeighs, groundOf } from '../ground/index.ts';
import type { Build, Rod } from '../record/index.ts';
import type { Vec } from '../solids/index.ts';
import { given, GRAVITY, once, reckon, total, type Reckoned } from '../quantity/index.ts';
import { carriedMasses } from './carried/carried.ts';
import { wholeBalance, type WholeBalance } from './paths/balance.ts';
import { TARGET, worst, type Check, type Verdict } from './joints/check.ts';
import { chooseRod } from './mends/choose-rod.ts';
import { carvedPieces } from './tiers/carved.ts';
import type { Clash } from './paths/clash.ts';
import { clashesOf } from './joints/clashes.ts';
import { discsOf, type LaidDisc } from './paths/discs.ts';
import { bumpThatTips } from './mechanics/hub.ts';
import { worstDroop } from './joints/droop.ts';
import { hardwareOf, type HardwareReport } from './stock/hardware.ts';
import { hazardsOf, type Hazard } from './hazards.ts';
import { gluedJoints, type GluedReport } from './joints/glued.ts';
import { sliding } from './joints/sliding.ts';
import { checkedJoints, nameOf } from './joints/checked-joints.ts';
import type { Firmed } from './joints/joint-push.ts';
import { acrossOf, jointsOf, type Joint } from './paths/joints.ts';
import { tripodOf } from './joints/tripod.ts';
import { apparent, caseOf } from './joints/load-cases.ts';
import { mastMends } from './mends/mends-mast.ts';
import { mendsFor, type Mend } from './mends/mends.ts';
import type { Inside, RodPath } from './runs/rod-paths.ts';
import type { CheckedRod, Passed, RodReport, SeenRod } from './mends/rod-report.ts';
import { rodMass } from './stock/rods/registry.ts';
import { stockOf } from './stock/stock.ts';
import { footprint } from './carried/footprint.ts';
import { together } from './carried/flows.ts';
import type { TierWeights } from './tiers/tier-load.ts';
import { boardOutline, edgesOf, tipping, type Tipping } from './joints/tipping.ts';

export interface BonesReport {
  readonly balance: WholeBalance;
  /** The figure on its own feet, not held by any rod. */
  readonly figureTips: Tipping;
  /** Board and all on the table. */
  readonly boardTips: Tipping;
  readonly anchored: boolean;
  readonly rods: readonly RodReport[];
  /** The threaded rod of the board, where it stands up into the figure. */
  readonly mast: CheckedRod | undefined;
  /** Rods to count in and out, a pair as two, and what they weigh together. */
  readonly tally: { readonly number: number; readonly materials: number; readonly mass: Reckoned };
  readonly counts: Readonly<Record<Verdict, number>>;
  readonly asks: readonly string[];
  /** Board on what it stands on. */
  readonly slides: Check;
  /** Rods in each other's way or in the way of the paste; worked out when first read. */
  readonly clashes: readonly Clash[];
  /** Discs hidden under pieces. */
  readonly discs: readonly LaidDisc[];
  /** What rods, cores and board ask for before it is eaten. */
  readonly hazards: readonly Hazard[];
  /** What stands on a threaded rod, and the length to cut. */
  readonly hardware: HardwareReport | undefined;
  /** Cake in pieces that is carved under itself; worked out when first read. */
  readonly carved: readonly { readonly piece: string; readonly name: string; readonly check: Check }[];
  /** Sudden change of speed that would tip board and all, m/s: a kerb, a pothole. Only told. */
  readonly bump: Reckoned;
  /** Pieces that glue alone holds; worked out when first read. */
  readonly glued: readonly GluedReport[];
  readonly limits: string;
}

/** Bones as they are seen: plain data, without what has to be tried or is looked at by itself. */
export interface SeenBones extends Omit<
  BonesReport,
  'rods' | 'mast' | 'clashes' | 'glued' | 'hardware' | 'carved'
> {
  readonly rods: readonly SeenRod[];
  readonly mast: SeenRod | undefined;
}

/** A rod without what could be tried: it can be sent to where it is looked at. */
function seenRod({ mends: _mends, choose: _choose, ...rod }: CheckedRod & Partial<RodReport>): SeenRod {
  const { droop } = rod;
  return { ...rod, droop: droop && { bent: droop.bent, down: droop.down } };
}

/** What is plain data of the bones already. */
const SEEN = [
  'balance', 'figureTips', 'boardTips', 'anchored', 'tally', 'counts', 'asks', 'slides', 'discs', 'hazards', 'bump', 'limits',
] as const satisfies readonly (keyof BonesReport)[]; // prettier-ignore

/** What is seen of the bones: it can be sent from where it was reckoned to where it is looked at. */
export function seenBones(bones: BonesReport): SeenBones {
  // named one by one: to spread them would work out what is worked out when first read
  const seen = Object.fromEntries(SEEN.map((key) => [key, bones[key]])) as Pick<
    BonesReport,
    (typeof SEEN)[number]
  >;
  return { ...seen, rods: bones.rods.map(seenRod), mast: bones.mast && seenRod(bones.mast) };
}

export const LIMITS =
  'A guide from simple mechanics and typical values; it does not know your paste. Where it says test a spare piece, do.';

const letterOf = (i: number): string =>
  i < 26 ? String.fromCharCode(65 + i) : `${letterOf(Math.floor(i / 26) - 1)}${letterOf(i % 26)}`;

/** Heavier, no estimate should pass it unseen, g; common practice. */
const HEAVY = 10_000;
/** On a longer rod, no estimate should pass it unseen, mm; common practice. */
const TALL = 600;

/** What somebody has to be asked or told before it is built, and whether no rod may simply be said to hold. */
function askedOf(
  build: Build,
  paths: readonly RodPath[],
  balance: WholeBalance,
): { asks: string[]; strict: boolean } {
  const asks: string[] = [];
  for (const path of paths)
    if (path.placed.index === 0 && path.length > path.stock.stock)
      asks.push(
        `${path.placed.rod.name}: ${Math.round(path.length)} mm is longer than a ${path.stock.name} is sold (${path.stock.stock} mm).`,
      );
  for (const d of discsOf(build))
    if (d.shows)
      asks.push(
        `The disc under the ${d.piece.name.toLowerCase()} stands out of the ${d.on.name.toLowerCase()}: cut it smaller.`,
      );
  const heavy = balance.mass.value > HEAVY;
  const tall = paths.some((p) => p.length > TALL);
  const hangs = heavyHanging(build);
  if (heavy) asks.push(`It weighs more than ${HEAVY / 1000} kg: ask someone who can check it on site.`);
  if (tall) asks.push(`A rod is longer than ${TALL} mm: ask someone who can check it on site.`);
  if (hangs !== undefined)
    asks.push(`${hangs} hangs and weighs more than ${HANGING} g: ask someone who can check it on site.`);
  return { asks, strict: heavy || tall || hangs !== undefined };
}

/** What the reports of all rods read. */
interface Known {
  readonly build: Build;
  readonly firmed: Firmed;
  readonly paths: readonly RodPath[];
  readonly joints: ReturnType<typeof checkedJoints>;
  /** Apparent gravity of the journey, in g. */
  readonly push: readonly [number, number, number];
  readonly strict: boolean;
}

/** One rod: where it runs, what it is asked, how it stands, and what would make it hold. */
function checkedRod(
  { build, firmed, paths, joints, push, strict }: Known,
  rod: Rod,
  letter: string,
): CheckedRod {
  const path = paths.find((p) => p.placed.rod.id === rod.id)!;
  const stock = stockOf(build, rod);
  const byRod = (crossings: Joint['crossings']) => crossings.some((c) => c.path.placed.rod.id === rod.id);
  const mine = joints.filter(({ joint }) => byRod(joint.crossings));
  const checks = [...mine.flatMap((j) => j.checks)].sort((a, b) => b.use.value - a.use.value);
  const hardest = worst(checks);
  const lowest = mine.reduce<(typeof mine)[number] | undefined>(
    (a, j) => (!a || j.joint.load.g > a.joint.load.g ? j : a),
    undefined,
  );
  const runs = lowest?.joint.crossings.find((c) => c.path.placed.rod.id === rod.id)?.below ?? [];
  const foot = runs.at(-1);
  const verdict =
    hardest === undefined ? 'idle' : strict && hardest.verdict === 'holds' ? 'tight' : hardest.verdict;
  const droop = once(() =>
    worstDroop(mine.map((j) => j.by).filter((j) => byRod(j.crossings) && !tripodOf(j) && !j.braces)),
  );
  let mends: readonly Mend[] | undefined;
  return {
    rod,
    letter,
    stock,
    length: given('Length to cut', path.length, 'mm'),
    mass: given(`${rod.name}, weight`, rodMass(stock, path.length) * (rod.pair ? 2 : 1), 'g'),
    passes: passedBy(build, path.spots),
    depth: foot?.thick ?? 0,
    depthIn: foot ? (foot.layer?.name ?? nameOf(build, foot.instance)).toLowerCase() : '',
    checks,
    worst: hardest,
    load: lowest && {
      at: lowest.joint.load.at,
      down: (-push[2] * lowest.joint.load.g * GRAVITY) / 1000,
      sideways: (push[0] * lowest.joint.load.g * GRAVITY) / 1000,
    },
    verdict,
    spare: mine.length > 0 && !mine.some((j) => byRod(acrossOf(j.by))),
    caution: stock.needsSleeve && !rod.sleeved ? `Not sleeved. ${stock.caution}` : stock.caution,
    get droop() {
      return droop();
    },
    get mends() {
      return (mends ??=
        hardest && hardest.use.value > TARGET
          ? rod.id === MAST
            ? mastMends(build, firmed)
            : mendsFor(build, rod.id, firmed)
          : []);
    },
  };
}

/** A rod of the figure, and what else could take its place. */
const rodReport = (known: Known, rod: Rod, i: number): RodReport =>
  Object.assign(checkedRod(known, rod, letterOf(i)), {
    choose: () => chooseRod(known.build, rod.id, known.firmed),
  });

/** Whether the figure goes over on its own feet, on its way. */
export const figureTipping = (build: Build): Tipping =>
  tipping(build.name, footprint(build), wholeBalance(build).point, 0, caseOf(build, build.brief.journey), [
    'It stands on its own feet.',
    'On its own feet it would go over',
  ]);

/** Where the figure balances with all that is under it; of a figure on its board alone the board is left out, which is safe. */
function standingOnTable(build: Build, balance: WholeBalance, weights: TierWeights): Vec {
  const { layers } = groundOf(build);
  if (layers.length === 1) return balance.point;
  return together([
    { g: balance.mass.value, at: balance.point },
    ...layers.map((l) => ({
      g: boardWeighs(l)?.value ?? weights.get(l.id) ?? 0,
      at: [0, 0, (l.from + l.to) / 2] as const,
    })),
  ]).at;
}

/**
 * Reckon everything about what holds the figure up.
 * @param weights of the tiers under it, by id
 */
export function reckonBones(build: Build, firmed: Firmed, weights: TierWeights = new Map()): BonesReport {
  const balance = wholeBalance(build);
  const { paths } = jointsOf(build);
  const journey = caseOf(build, build.brief.journey);
  const { asks, strict } = askedOf(build, paths, balance);
  const onTable = standingOnTable(build, balance, weights);
  const boardTips = tipping(
    build.cake.tiers.length > 0 ? 'everything on the board' : 'board and figure',
    boardOutline(build),
    onTable,
    groundOf(build).table,
    journey,
    ['The board is wide enough.', 'Board and all would go over'],
  );
  const known: Known = {
    build,
    firmed,
    paths,
    joints: checkedJoints(build, firmed),
    push: apparent(journey, 0, journey.down),
    strict,
  };
  const rods = build.rods.map((rod, i) => rodReport(known, rod, i));
  const up = mastRod(build);
  const mast = up && checkedRod(known, up, `M${build.mast!.thread}`);
  const letters = new Map(everyRod({ rods, mast }).map((r) => [r.rod.id, r.letter]));
  const clashes = once(() => clashesOf(build, (id) => letters.get(id) ?? '?'));
  const carved = once(() => carvedPieces(build));
  const glued = once(() => gluedJoints(build, firmed));
  const counts = { holds: 0, tight: 0, fails: 0 };
  for (const r of everyRod({ rods, mast })) if (r.verdict !== 'idle') counts[r.verdict]++;
  return {
    balance,
    figureTips: figureTipping(build),
    boardTips,
    anchored: paths.some(
      (p) =>
        p.spots.some((s) => s.some((x) => x.instance < 0)) &&
        p.spots.some((s) => s.some((x) => x.instance >= 0)),
    ),
    rods,
    mast,
    tally: {
      number: rods.reduce((n, r) => n + (r.rod.pair ? 2 : 1), 0),
      materials: new Set(rods.map((r) => r.stock.material)).size,
      mass: total(
        'Weight of the rods',
        'g',
        rods.map((r) => r.mass),
      ),
    },
    counts,
    asks,
    slides: sliding(build.brief.grip, journey),
    get clashes() {
      return clashes();
    },
    discs: discsOf(build),
    hazards: hazardsOf(build, rods),
    hardware: hardwareOf(build),
    get carved() {
      return carved();
    },
    bump: bumpOf(build, onTable, boardTips),
    get glued() {
      return glued();
    },
    limits: LIMITS,
  };
}

/** Above this what hangs is not for an estimate to pass, g; common practice. */
const HANGING = 500;

/** Name of the first piece that hangs and with all it carries is heavy. */
function heavyHanging(build: Build): string | undefined {
  const hanging = place(build);
  if (!hanging.some((i) => i.piece.seat.how === 'hangs')) return undefined;
  const { with: masses } = carriedMasses(build);
  return hanging.find((i, k) => i.piece.seat.how === 'hangs' && masses[k]!.g > HANGING)?.piece.name;
}

/** The bump that tips it, its mass taken as spread evenly over its height and width. */
function bumpOf(build: Build, point: Vec, tips: Tipping): Reckoned {
  const { table } = groundOf(build);
  const up = point[2] - table;
  const inside = tips.outline.length
    ? Math.max(0, Math.min(...edgesOf(tips.outline, [point[0], point[1]]).map((e) => e.inside)))
    : 0;
  return reckon(
    'A bump that tips it changes its speed by',
    'm/s',
    '√(2 g (√(h² + d²) − h) I ÷ m) ÷ h',
    [
      given('Balance point over the table', up, 'mm'),
      given('Inside the nearest edge', inside, 'mm'),
      given('High over the table', height(build) - (table + build.board.thickness), 'mm'),
      given('Board, across', build.board.width, 'mm'),
    ],
    (h, d, tall, wide) => (h > 0 ? bumpThatTips(h, d, (tall ** 2 + (wide / 2) ** 2) / 12) : 0),
  );
}

/** What a rod runs through, each part once, in the order it comes to them. */
function passedBy(
  build: Build,
  spots: readonly (readonly Pick<Inside, 'instance' | 'part' | 'layer'>[])[],
): readonly Passed[] {
  const all = new Map<string, Passed>();
  for (const { instance, part, layer } of spots.flat()) {
    if (layer) {
      const kind = layer.kind === 'tier' ? 'tier' : 'board';
      if (!all.has(`layer ${layer.id}`)) all.set(`layer ${layer.id}`, { part: kind, name: layer.name });
    } else if (part === 'paste' || part === 'core') {
      const piece = place(build)[instance]!.piece.id;
      if (!all.has(`${part} ${piece}`)) all.set(`${part} ${piece}`, { piece, part });
    }
  }
  return [...all.values()];
}
