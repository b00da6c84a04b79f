import type { Build, Tier } from '../../record/index.ts';
import {
  byFormula,
  formula,
  given,
  GRAVITY,
  once,
  reckon,
  type Grams,
  type Mm,
  type Reckoned,
} from '../../quantity/index.ts';
import { TIER_BOARDS, type BoardStock } from '../../ground/index.ts';
import { check, share, worst, type Check } from '../joints/check.ts';
import { caseOf, LOAD_CASES } from '../joints/load-cases.ts';
import { circle } from '../mechanics/soft-base.ts';
import {
  cakeBears,
  carvedCheck,
  PRESS_RESERVE,
  pressedOffCentre,
  SINKS,
  type CakeBears,
} from './tier-cake.ts';
import { fewestPosts, postChecks, type OnPosts } from './tier-posts.ts';
import { softTipping, type FlatPoint } from '../joints/tipping.ts';

/** What one tier carries, and whether it does. */
export interface TierLoad {
  readonly tier: Tier;
  /** Everything over it: figure, its board, tiers above. */
  readonly above: Reckoned<'g'>;
  readonly checks: readonly Check[];
  readonly worst: Check;
  /** Heaviest that plain cake carries for hours without sinking to be seen. */
  readonly bare: Reckoned<'g'>;
  /** Fewest posts of the kind in it that carry it; undefined without posts, or where twelve are not enough. */
  readonly fewest: number | undefined;
}

/** Weights of the tiers themselves, by id, filled and coated, with their cover. */
export type TierWeights = ReadonlyMap<string, Grams>;

/** The figure over the tiers: grams, and where its weight lies over its board. */
export interface FigureOver {
  readonly mass: Reckoned<'g'>;
  readonly at: readonly [Mm, Mm, Mm];
  /** Face it stands on, where it has no board of its own. */
  readonly stands: Reckoned<'mm²'>;
}

/** What stands on a tier. */
interface Standing {
  readonly wide: Mm;
  readonly area: number;
  readonly board: BoardStock;
  readonly below: BoardStock | undefined;
  /** A figure without a board of its own. */
  readonly bare: boolean;
}

/** Heaviest on bare cake: it sinks no further than is seen, and is not crushed with the reserve in. */
const BARE_CAKE = formula({
  name: 'Bare cake carries',
  takes: ['mm²', 'mm', 'kPa', 'kPa'],
  unit: 'g',
  rule: 'area × the lesser of 2 mm, or a fiftieth, ÷ height × stiffness, and strength ÷ reserve 1.5',
  source: 'estimate',
  f: (area, h, stiffness, crush) =>
    (Math.min((Math.min(SINKS, h / 50) / h) * stiffness, crush / PRESS_RESERVE) * area) / GRAVITY,
});

const areaOf = (t: { shape: 'round' | 'square'; width: number }) =>
  t.shape === 'round' ? (Math.PI / 4) * t.width ** 2 : t.width ** 2;

/**
 * What presses on a tier: the board under what is next above it, a card of its own width where none is said; of a figure without a
 * board of its own what it stands on.
 */
function standingOn(build: Build, k: number, figure: FigureOver): Standing {
  const tier = build.cake.tiers[k]!;
  const over = build.cake.tiers[k + 1];
  const { card } = build;
  const bare = Math.max(1, Math.min(figure.stands.value, areaOf(tier)));
  const on = over
    ? { shape: over.shape, width: over.board?.width ?? over.width }
    : card
      ? { shape: 'round' as const, width: card.width }
      : { shape: 'round' as const, width: Math.sqrt((4 * bare) / Math.PI) };
  return {
    wide: Math.min(on.width, tier.width),
    area: Math.min(areaOf(tier), areaOf(on)),
    board: TIER_BOARDS[(over ? over.board?.kind : card?.kind) ?? 'card'],
    below: tier.board && TIER_BOARDS[tier.board.kind],
    bare: !over && !card,
  };
}

/** On bare cake: crushing, and sinking, which governs long before it. */
function onCake(tier: Tier, load: Reckoned, standing: Standing, off: Mm, cake: CakeBears): Check[] {
  const pressure = pressedOffCentre(
    load,
    given('Area', standing.area, 'mm²'),
    given('Weight lies off the middle, e', off, 'mm'),
    given('Stands on, across, D', standing.wide, 'mm'),
  );
  const stands = given('Cake bears for hours', cake.crush * cake.lasting, 'kPa', cake.source);
  const sinks = reckon(
    'It sinks',
    'mm',
    'pressure ÷ stiffness for hours × height',
    [
      pressure,
      given('Stiffness for hours', cake.stiffness * cake.lasting, 'kPa', cake.source),
      given('Tall', tier.height, 'mm'),
    ],
    (p, e, h) => (p / e) * h,
  );
  const may = given('May sink unseen', Math.min(SINKS, tier.height / 50), 'mm', 'common practice');
  const situation = LOAD_CASES.table.name;
  const name = tier.name.toLowerCase();
  const mend = standing.bare
    ? 'a board of its own under the figure, and posts under that'
    : 'posts under what stands on it';
  return [
    check({
      id: 'tier-crush',
      title: 'Crushing',
      situation,
      use: share(pressure, stands, PRESS_RESERVE),
      reserve: PRESS_RESERVE,
      trust: 'C',
      ok: `The ${name} is not crushed.`,
      no: `The ${name} is crushed: ${mend}.`,
    }),
    check({
      id: 'tier-sink',
      title: 'Sinking',
      situation,
      use: reckon('Sinks over what is seen', '', 'sinks ÷ may sink', [sinks, may], (s, m) => s / m),
      reserve: 1,
      trust: 'C',
      ok: `The ${name} keeps its height.`,
      no:
        sinks.value < tier.height / 4
          ? `The ${name} sinks ${sinks.value.toFixed(1)} mm and bulges: ${mend}.`
          : `What stands on the ${name} presses right into it: ${mend}.`,
    }),
  ];
}

/**
 * Tiers under the figure from the top down: each carries the figure, its board and the tiers above, on posts or on bare
 * cake, and hangs out over its own board no further than cake can.
 * @param weights of the tiers themselves
 */
export function tierLoads(build: Build, figure: FigureOver, weights: TierWeights): TierLoad[] {
  const { tiers } = build.cake;
  const cake = cakeBears(build);
  const way = caseOf(build, build.brief.journey);
  // tiers are listed from the board up
  return tiers
    .map((tier, k): TierLoad => {
      const over = tiers.slice(k + 1);
      const above = reckon(
        `Over the ${tier.name.toLowerCase()}`,
        'g',
        'figure + tiers above',
        [figure.mass, ...over.map((t) => given(t.name, weights.get(t.id) ?? 0, 'g'))],
        (...g) => g.reduce((a, b) => a + b, 0),
      );
      const standing = standingOn(build, k, figure);
      // tiers stand in the middle: only the figure can lie off it
      const part = above.value > 0 ? figure.mass.value / above.value : 0;
      const at: FlatPoint = [figure.at[0] * part, figure.at[1] * part];
      const { posts } = tier;
      const onPosts: OnPosts | undefined = posts && {
        tier,
        posts,
        load: above,
        at,
        board: standing.board,
        wide: standing.wide,
        loaded: over[0]?.width ?? standing.wide,
        below: standing.below,
        cake,
        way,
        pinned: build.mast !== undefined,
      };
      const checks = onPosts
        ? postChecks(build, onPosts)
        : onCake(tier, above, standing, Math.hypot(at[0], at[1]), cake);
      if (!onPosts && way.sideways > 0 && build.mast === undefined)
        checks.push(
          softTipping(
            over[0]?.name ?? 'figure and board',
            circle(standing.wide),
            [at[0], at[1], heightOver(build, figure, over, weights)],
            (above.value * GRAVITY) / 1000,
            way,
            cake.crush,
          ),
        );
      const own = tier.board?.width;
      if (own !== undefined && own < tier.width)
        checks.push(
          carvedCheck(cake, `rim of the ${tier.name.toLowerCase()}`, (tier.width - own) / 2, tier.height),
        );
      const fewest = once(() => onPosts && fewestPosts(build, onPosts));
      return {
        tier,
        above,
        checks,
        worst: worst(checks)!,
        bare: byFormula(BARE_CAKE, [
          given('Area', standing.area, 'mm²'),
          given('Tall', tier.height, 'mm'),
          given('Stiffness for hours', cake.stiffness * cake.lasting, 'kPa', cake.source),
          given('Cake bears for hours', cake.crush * cake.lasting, 'kPa', cake.source),
        ]),
        get fewest() {
          return fewest();
        },
      };
    })
    .reverse();
}

/** Height of the balance point of what stands on a tier over that tier. */
function heightOver(build: Build, figure: FigureOver, over: readonly Tier[], weights: TierWeights): Mm {
  let at = 0;
  let moment = 0;
  let mass = 0;
  for (const t of over) {
    const g = weights.get(t.id) ?? 0;
    moment += g * (at + t.height / 2);
    mass += g;
    at += t.height + (t.board ? TIER_BOARDS[t.board.kind].thick : 0);
  }
  moment += figure.mass.value * (at + (build.card ? TIER_BOARDS[build.card.kind].thick : 0) + figure.at[2]);
  mass += figure.mass.value;
  return mass > 0 ? moment / mass : 0;
}
