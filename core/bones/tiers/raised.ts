import type { Build } from '../../record/index.ts';
import { given, GRAVITY, reckon, type Mm, type Reckoned } from '../../quantity/index.ts';
import { worst, type Check } from '../joints/check.ts';
import { comesOn, swayRate } from '../mechanics/hub.ts';
import { apparent, casesOf, type LoadCase } from '../joints/load-cases.ts';
import { baseChecks, boardCheck, mastIn, STEEL, turning } from './raised-checks.ts';
import { raisedIn, type Raised } from './raised-mass.ts';
import { threaded } from '../mechanics/sections.ts';
import type { FigureOver, TierWeights } from './tier-load.ts';
import { cakeBears, carvedCheck, edgePressed, type CakeBears } from './tier-cake.ts';

/** Below this many swings a second it is seen to wobble; estimate. */
const WOBBLES = 3;

export interface RaisedReport {
  readonly mass: Reckoned;
  readonly high: Reckoned;
  readonly checks: readonly Check[];
  readonly worst: Check;
  /** How far it leans in the hardest situation, and how many times a second it swings. */
  readonly sway: Reckoned;
  readonly rate: Reckoned;
  /** Is there cake in what is raised? */
  readonly hasTier: boolean;
  /** Narrowest board under the tier that its cake stands on in every situation; undefined when even the tier's own width is not enough. */
  readonly leastBoard: Mm | undefined;
  readonly says: readonly string[];
}

/**
 * Everything a tier raised on one threaded rod asks: the rod, the base it is clamped in, its board, its cake.
 * @param figure what stands on top
 * @param weights of the tiers, by id
 */
export function raisedOf(build: Build, figure: FigureOver, weights: TierWeights): RaisedReport | undefined {
  const raised = raisedIn(build, figure, weights);
  return raised && reckonRaised(build, raised);
}

const edgeOf = (r: Raised, cake: CakeBears, c: LoadCase, board: Mm) => {
  const W = (r.mass.value * GRAVITY) / 1000;
  const f = apparent(c, 0, c.sideways > 0 ? 1 : c.down);
  return edgePressed(cake, c, W * -f[2], W * f[0] * r.own, board);
};

/** Narrowest board on which the cake of the tier stands in a situation, in steps of 2 mm up to the tier's own width. */
function leastBoardFor(r: Raised, cake: CakeBears, c: LoadCase, most: Mm): Mm | undefined {
  for (let wide = 60; wide <= most; wide += 2) if (edgeOf(r, cake, c, wide).use <= 1) return wide;
  return undefined;
}

/** Whether what is raised on a threaded rod holds in every situation of its journey: rod, base, its board and the cake on it. */
function reckonRaised(build: Build, r: Raised): RaisedReport {
  const cake = cakeBears(build);
  const cases = casesOf(build);
  const { tier, board } = r;
  const masts = cases.map((c) => mastIn(r, c, r.mast.thread));
  const hardest = masts.reduce((a, m) => (m.mast.moment > a.mast.moment ? m : a)).mast;
  const base = baseChecks(r, hardest);
  const found = [...masts.flatMap((m) => m.checks), ...base.checks, boardCheck(r, hardest)];
  if (tier) {
    const wide = Math.min(board.width, tier.width);
    found.push(...cases.map((c) => edgeOf(r, cake, c, wide).check), turning({ ...r, tier }, cake, build));
    if (board.width < tier.width)
      found.push(
        carvedCheck(
          cake,
          `rim of the ${tier.name.toLowerCase()}`,
          (tier.width - board.width) / 2,
          tier.to - tier.from,
        ),
      );
  }
  // the hardest situation of each thing looked at
  const byId = new Map<string, Check>();
  for (const c of found) if ((byId.get(c.id)?.use.value ?? -1) < c.use.value) byId.set(c.id, c);
  const checks = [...byId.values()].sort((a, b) => b.use.value - a.use.value);
  const section = threaded(r.mast.thread);
  const rod = (3 * STEEL.stiffness * section.inertia) / r.lever ** 3;
  // a rod that folds leaves the base nothing to hold
  const hub = !Number.isFinite(hardest.moment) ? 0 : base.tilt > 0 ? hardest.moment / base.tilt : Infinity;
  const raisedAtAll = r.lever > 0;
  const rate = reckon(
    'It swings, times a second',
    '',
    '√(k ÷ m) ÷ 2π, k of the rod and of the base one after the other',
    [
      given('Stiffness of the rod, 3 E I ÷ L³', rod, 'N/mm'),
      given('Stiffness of the base', raisedAtAll ? hub / r.lever ** 2 : Infinity, 'N/mm'),
      r.mass,
    ],
    (k, b, g) => swayRate(1 / (1 / k + 1 / b), g / 1000),
  );
  const least = tier ? cases.map((c) => leastBoardFor(r, cake, c, tier.width)) : [];
  return {
    mass: r.mass,
    high: given('Balance point over the base', r.lever, 'mm'),
    checks,
    worst: worst(checks)!,
    sway: reckon(
      'It leans',
      'mm',
      'bending of the rod + tilt of the base, × how fast the push comes on',
      [
        given('Rod', hardest.sway, 'mm'),
        given('Base', raisedAtAll ? base.tilt * r.lever : 0, 'mm'),
        given('The push comes on at once', comesOn(rate.value), '×'),
      ],
      (a, b, k) => (a + b) * k,
    ),
    rate,
    leastBoard:
      least.length === 0 || least.some((x) => x === undefined) ? undefined : Math.max(...(least as number[])),
    hasTier: tier !== undefined,
    says: [
      ...(rate.value < WOBBLES ? ['It wobbles to be seen: a thicker rod, or 12 mm board under it.'] : []),
      'The rod is reckoned to stand without the cake round it, the tier to be stiff, and its board to sit tight on its nut.',
    ],
  };
}
