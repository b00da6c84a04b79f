import type { Build, Tier } from '../figure/index.ts';
import type { BatterId } from '../pastes/index.ts';
import { given, GRAVITY, reckon, type Grams, type Reckoned } from '../quantity/index.ts';
import { check, share, worst, type Check } from './check.ts';
import { critical } from './columns.ts';
import { LOAD_CASES } from './load-cases.ts';
import { rodStock, rodStrength } from './rods/registry.ts';

/** Cake under a load: crush, stiffness, and the share of both that may stand for hours. Estimates from crumb-firmness tests. */
const CAKE: Readonly<Record<BatterId, { crush: number; stiffness: number; lasting: number }>> = {
  sponge: { crush: 3, stiffness: 15, lasting: 0.5 },
  firm: { crush: 8, stiffness: 50, lasting: 0.5 },
};

const PRESS_RESERVE = 1.5;
/** A tier that sinks more than this, or a fiftieth of its height, is seen to; common practice, mm. */
const SINKS = 2;
/** Beyond three posts the longest takes half as much again: they are never cut quite alike; common practice. */
const UNEQUAL = 1.5;

/** What one tier carries, and whether it does. */
export interface TierLoad {
  readonly tier: Tier;
  /** Everything over it: figure, its board, tiers above. */
  readonly above: Reckoned;
  readonly checks: readonly Check[];
  readonly worst: Check;
  /** Heaviest that plain cake carries for hours without sinking to be seen. */
  readonly bare: Reckoned;
}

/** Weights of the tiers themselves, by id, filled and coated, with their cover. */
export type TierWeights = ReadonlyMap<string, Grams>;

/** On bare cake: crushing, and sinking, which governs long before it. */
function onCake(build: Build, tier: Tier, load: Reckoned, pressing: number): Check[] {
  const cake = CAKE[build.cake.batter];
  const pressure = reckon(
    'Pressure on the cake',
    'kPa',
    'weight ÷ area of what stands on it',
    [load, given('Area', pressing, 'mm²')],
    (g, a) => (g * GRAVITY) / a,
  );
  const stands = given('Cake bears for hours', cake.crush * cake.lasting, 'kPa', 'estimate');
  const sinks = reckon(
    'It sinks',
    'mm',
    'pressure ÷ stiffness for hours × height',
    [
      pressure,
      given('Stiffness for hours', cake.stiffness * cake.lasting, 'kPa', 'estimate'),
      given('Tall', tier.height, 'mm'),
    ],
    (p, e, h) => (p / e) * h,
  );
  const may = given('May sink unseen', Math.min(SINKS, tier.height / 50), 'mm', 'common practice');
  const situation = LOAD_CASES.table.name;
  return [
    check('tier-crush', 'Crushing', situation, share(pressure, stands, PRESS_RESERVE), PRESS_RESERVE, 'C', {
      ok: `The ${tier.name.toLowerCase()} is not crushed.`,
      no: `The ${tier.name.toLowerCase()} is crushed: posts under what stands on it.`,
    }),
    check(
      'tier-sink',
      'Sinking',
      situation,
      reckon('Sinks over what is seen', '', 'sinks ÷ may sink', [sinks, may], (s, m) => s / m),
      1,
      'C',
      {
        ok: `The ${tier.name.toLowerCase()} keeps its height.`,
        no: `The ${tier.name.toLowerCase()} sinks ${sinks.value.toFixed(1)} mm and bulges: posts under what stands on it.`,
      },
    ),
  ];
}

/** On posts cut to the height of the tier: pinned columns, damp, for a day. */
function onPosts(tier: Tier, posts: NonNullable<Tier['posts']>, load: Reckoned): Check[] {
  const stock = rodStock(posts.stock);
  const strength = rodStrength(stock, LOAD_CASES.table.hours);
  const { reserve, trust } = strength.material;
  const each = reckon(
    'On the longest post',
    'N',
    posts.number > 3
      ? 'weight ÷ posts × 1.5, never cut quite alike'
      : 'weight ÷ posts: three always all touch',
    [load, given('Posts', posts.number, 'pieces')],
    (g, n) => ((g * GRAVITY) / 1000 / n) * (n > 3 ? UNEQUAL : 1),
  );
  const column = critical(strength.stiffness, strength.crushing, stock.section, tier.height, 1);
  const folds = reckon(
    'A post folds at',
    'N',
    column.rule === 'Euler' ? 'π² E I ÷ L², pinned' : 'A f (1 − f λ² ÷ 4 π² E), short post',
    [given('Tall', tier.height, 'mm'), given('Stiffness, damp, for a day', strength.stiffness, 'MPa')],
    () => column.load,
    'handbook',
  );
  return [
    check('tier-posts', 'Posts', LOAD_CASES.table.name, share(each, folds, reserve), reserve, trust, {
      ok: `${posts.number} posts carry it.`,
      no: 'The posts fold: more, thicker, or a solid dowel.',
    }),
    ...(posts.number < 3
      ? [
          check(
            'tier-few',
            'Too few posts',
            LOAD_CASES.table.name,
            given('Fewer than three posts', 1.2, ''),
            1,
            'A',
            { ok: '', no: 'Fewer than three posts do not keep a board level.' },
          ),
        ]
      : []),
  ];
}

/**
 * Tiers under the figure from the top down: each carries the figure, its board and the tiers above, on posts or on bare
 * cake.
 * @param figure grams of the figure with its rods
 * @param weights of the tiers themselves
 */
export function tierLoads(build: Build, figure: Reckoned, weights: TierWeights): TierLoad[] {
  const { tiers } = build.cake;
  const area = (t: { shape: 'round' | 'square'; width: number }) =>
    t.shape === 'round' ? (Math.PI / 4) * t.width ** 2 : t.width ** 2;
  // tiers are listed from the board up
  return tiers
    .map((tier, k): TierLoad => {
      const over = tiers.slice(k + 1);
      const above = reckon(
        `Over the ${tier.name.toLowerCase()}`,
        'g',
        'figure + tiers above',
        [figure, ...over.map((t) => given(t.name, weights.get(t.id) ?? 0, 'g'))],
        (...g) => g.reduce((a, b) => a + b, 0),
      );
      const standing = over[0] ?? build.board;
      const pressing = Math.min(area(tier), area(standing));
      const cake = CAKE[build.cake.batter];
      const checks = tier.posts ? onPosts(tier, tier.posts, above) : onCake(build, tier, above, pressing);
      return {
        tier,
        above,
        checks,
        worst: worst(checks)!,
        bare: reckon(
          'Bare cake carries',
          'g',
          'what sinks as far as is seen, over that area',
          [given('Area', pressing, 'mm²'), given('Tall', tier.height, 'mm')],
          (a, h) =>
            (Math.min(
              (Math.min(SINKS, h / 50) / h) * cake.stiffness * cake.lasting,
              (cake.crush * cake.lasting) / PRESS_RESERVE,
            ) *
              a) /
            GRAVITY,
          'estimate',
        ),
      };
    })
    .reverse();
}
