import { place, type Build } from '../figure/index.ts';
import { given, once } from '../quantity/index.ts';
import { wholeBalance, type WholeBalance } from './balance.ts';
import { worst, type Check, type Verdict } from './check.ts';
import { chooseRod } from './choose-rod.ts';
import { clashesOf, type Clash } from './clashes.ts';
import { worstDroop } from './droop.ts';
import { hardwareOf, type HardwareReport } from './hardware.ts';
import { hazardsOf, type Hazard } from './hazards.ts';
import { gluedJoints, type GluedReport } from './glued.ts';
import { sliding } from './sliding.ts';
import { checkedJoints, nameOf } from './checked-joints.ts';
import type { YieldOf } from './joint-checks.ts';
import { jointsOf } from './joints.ts';
import { LOAD_CASES } from './load-cases.ts';
import { mendsFor, type Mend } from './mends.ts';
import type { RodReport } from './rod-report.ts';
import { rodMass, stockOf } from './rods/registry.ts';
import { boardOutline, footprint, tipping, type Tipping } from './tipping.ts';

export interface BonesReport {
  readonly balance: WholeBalance;
  /** The figure on its own feet, not held by any rod. */
  readonly figureTips: Tipping;
  /** Board and all on the table. */
  readonly boardTips: Tipping;
  readonly anchored: boolean;
  readonly rods: readonly RodReport[];
  readonly counts: Readonly<Record<Verdict, number>>;
  readonly asks: readonly string[];
  /** Board on what it stands on. */
  readonly slides: Check;
  /** Rods in each other's way or in the way of the paste; worked out when first read. */
  readonly clashes: readonly Clash[];
  /** What rods, cores and board ask for before it is eaten. */
  readonly hazards: readonly Hazard[];
  /** What stands on a threaded rod, and the length to cut. */
  readonly hardware: HardwareReport | undefined;
  /** Pieces that glue alone holds; worked out when first read. */
  readonly glued: readonly GluedReport[];
  readonly limits: string;
}

export const LIMITS =
  'A guide from simple mechanics and typical values; it does not know your paste. Where it says test a spare piece, do.';

const letterOf = (i: number): string =>
  i < 26 ? String.fromCharCode(65 + i) : `${letterOf(Math.floor(i / 26) - 1)}${letterOf(i % 26)}`;

/** Reckon everything about what holds the figure up. */
export function reckonBones(build: Build, yieldOf: YieldOf): BonesReport {
  const balance = wholeBalance(build);
  const { paths } = jointsOf(build);
  const joints = checkedJoints(build, yieldOf);
  const journey = LOAD_CASES[build.brief.journey];
  const asks: string[] = [];
  for (const path of paths)
    if (path.placed.index === 0 && path.length > path.stock.stock)
      asks.push(
        `${path.placed.rod.name}: ${Math.round(path.length)} mm is longer than a ${path.stock.name} is sold (${path.stock.stock} mm).`,
      );
  const heavy = balance.mass.value > 10_000;
  const tall = build.rods.some((r) => (paths.find((p) => p.placed.rod.id === r.id)?.length ?? 0) > 600);
  if (heavy) asks.push('It weighs more than 10 kg: ask someone who can check it on site.');
  if (tall) asks.push('A rod is longer than 600 mm: ask someone who can check it on site.');

  const rods = build.rods.map((rod, i): RodReport => {
    const path = paths.find((p) => p.placed.rod.id === rod.id)!;
    const stock = stockOf(rod);
    const mine = joints.filter(({ joint }) => joint.crossings.some((c) => c.path.placed.rod.id === rod.id));
    const checks = [...mine.flatMap((j) => j.checks)].sort((a, b) => b.use.value - a.use.value);
    const hardest = worst(checks);
    const lowest = mine.reduce<(typeof mine)[number] | undefined>(
      (a, j) => (!a || j.joint.load.g > a.joint.load.g ? j : a),
      undefined,
    );
    const runs = lowest?.joint.crossings.find((c) => c.path.placed.rod.id === rod.id)?.below ?? [];
    const foot = runs.at(-1);
    const verdict =
      hardest === undefined
        ? 'idle'
        : (heavy || tall) && hardest.verdict === 'holds'
          ? 'tight'
          : hardest.verdict;
    const droop = once(() => worstDroop(mine.map((j) => j.joint)));
    let mends: readonly Mend[] | undefined;
    return {
      rod,
      letter: letterOf(i),
      stock,
      length: given('Length to cut', path.length, 'mm'),
      mass: given(`${rod.name}, weight`, rodMass(stock, path.length) * (rod.pair ? 2 : 1), 'g'),
      through: throughWords(build, path.spots),
      depth: foot?.thick ?? 0,
      depthIn: foot ? nameOf(build, foot.instance).toLowerCase() : '',
      checks,
      worst: hardest,
      verdict,
      caution: stock.needsSleeve && !rod.sleeved ? `Not sleeved. ${stock.caution}` : stock.caution,
      get droop() {
        return droop();
      },
      get mends() {
        return (mends ??= hardest && hardest.use.value > 0.85 ? mendsFor(build, rod.id, yieldOf) : []);
      },
      choose: () => chooseRod(build, rod.id, yieldOf),
    };
  });
  const letters = new Map(rods.map((r) => [r.rod.id, r.letter]));
  const clashes = once(() => clashesOf(build, (id) => letters.get(id) ?? '?'));
  const glued = once(() => gluedJoints(build, yieldOf));
  const counts = { holds: 0, tight: 0, fails: 0 };
  for (const r of rods) if (r.verdict !== 'idle') counts[r.verdict]++;
  return {
    balance,
    figureTips: tipping(build.name, footprint(build), balance.point, 0, journey, [
      'It stands on its own feet.',
      'On its own feet it would go over',
    ]),
    boardTips: tipping(
      'board and figure',
      boardOutline(build),
      balance.point,
      -build.board.thickness,
      journey,
      ['The board is wide enough.', 'Board and all would go over'],
    ),
    anchored: paths.some(
      (p) =>
        p.spots.some((s) => s.some((x) => x.part === 'board')) &&
        p.spots.some((s) => s.some((x) => x.instance >= 0)),
    ),
    rods,
    counts,
    asks,
    slides: sliding(build.brief.grip, journey),
    get clashes() {
      return clashes();
    },
    hazards: hazardsOf(build, rods),
    hardware: hardwareOf(build),
    get glued() {
      return glued();
    },
    limits: LIMITS,
  };
}

function throughWords(
  build: Build,
  spots: readonly (readonly { instance: number; part: string }[])[],
): string {
  const words: string[] = [];
  for (const spot of spots)
    for (const inside of spot) {
      const piece = inside.instance < 0 ? undefined : place(build)[inside.instance]!.piece;
      const word =
        inside.part === 'board' ? 'board' : inside.part === 'core' ? piece!.core : piece!.name.toLowerCase();
      if (!words.includes(word)) words.push(word);
    }
  return words.length ? words.join(' → ') : 'nothing yet';
}
