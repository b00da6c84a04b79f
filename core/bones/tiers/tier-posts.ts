import type { Build, Tier } from '../../record/index.ts';
import {
  byFormula,
  formula,
  given,
  GRAVITY,
  reckon,
  solved,
  type Mm,
  type Reckoned,
} from '../../quantity/index.ts';
import type { BoardStock } from '../../ground/index.ts';
import { check, ruleBroken, share, TARGET, type Check } from '../joints/check.ts';
import { foldsOver, wrinkles } from '../mechanics/columns.ts';
import { apparent, LOAD_CASES, type LoadCase } from '../joints/load-cases.ts';
import { plateOnPosts, rigidShare, postsOnRing } from '../mechanics/plate.ts';
import { rodStrength, stockIn } from '../stock/stock.ts';
import { PRESS_RESERVE, SINKS, type CakeBears } from './tier-cake.ts';
import type { FlatPoint } from '../joints/tipping.ts';

/** Beyond three posts the longest takes half as much again: they are never cut quite alike; common practice. */
const UNEQUAL = 1.5;
/** A plane rests on three points: with fewer it rocks. */
const LEAST_POSTS = 3;
/** Posts stand on a ring of this share of the board; common practice. */
const RING = 0.7;

/** What stands on the posts of a tier. */
export interface OnPosts {
  readonly tier: Tier;
  readonly posts: NonNullable<Tier['posts']>;
  readonly load: Reckoned<'g'>;
  /** Where its weight lies from the middle, mm. */
  readonly at: FlatPoint;
  /** Board on the posts, how wide, how much of it is loaded. */
  readonly board: BoardStock;
  readonly wide: Mm;
  readonly loaded: Mm;
  /** Board the posts stand on, where it is known. */
  readonly below: BoardStock | undefined;
  readonly cake: CakeBears;
  readonly way: LoadCase;
  /** A rod through everything takes the push. */
  readonly pinned: boolean;
}

/** Least and greatest share of one newton at a place that a post of a ring bears (a rigid board). */
const sharesOn = (n: number, wide: number, x: number, y: number): number[] =>
  rigidShare(postsOnRing(n, (RING * wide) / 2), 1, [x, y]);
const HARDEST_POST = formula({
  name: 'On the hardest pressed post',
  takes: ['g', 'pieces', 'mm', 'mm', 'mm'],
  unit: 'N',
  rule: 'its share by where the weight lies; beyond three posts × 1.5, for they are never cut quite alike',
  f: (g, n, wide, x, y) =>
    ((g * GRAVITY) / 1000) * Math.max(...sharesOn(n, wide, x, y)) * (n > 3 ? UNEQUAL : 1),
});
/** Nought with the weight in the middle, one where a post no longer presses. */
const LIFTS = formula({
  name: 'Of the way to where a post lifts',
  takes: ['pieces', 'mm', 'mm', 'mm'],
  unit: '',
  rule: '1 − posts × share of the post pressed least',
  f: (n, wide, x, y) => 1 - n * Math.min(...sharesOn(n, wide, x, y)),
});
/** The wall of a tube wrinkles; a solid post has none. */
const WALL_WRINKLES = formula({
  name: 'Its wall wrinkles at',
  takes: ['MPa', 'mm', 'mm', 'mm²'],
  unit: 'N',
  rule: '0.605 × 0.4 × E t ÷ R × area',
  source: 'handbook',
  f: (E, wall, diameter, area) => wrinkles(E, { wall, diameter, area }),
});
const POST_BEARS = formula({
  name: 'A post bears',
  takes: ['N', 'N'],
  unit: 'N',
  rule: 'the lesser of the two',
  f: Math.min,
});

/** The figures of where a weight lies on a ring of posts. */
const placed = (o: OnPosts) =>
  [
    given('Posts', o.posts.number, 'pieces'),
    given('Board, across; posts stand at 0.7 of it', o.wide, 'mm'),
    given('Weight lies to the right by', o.at[0], 'mm'),
    given('Weight lies back by', o.at[1], 'mm'),
  ] as const;

function carried(build: Build, o: OnPosts): { checks: Check[]; most: Reckoned<'N'> } {
  const { tier, posts, load } = o;
  const situation = LOAD_CASES.table.name;
  const stock = stockIn(build, posts.stock);
  const { section } = stock;
  const strength = rodStrength(stock, LOAD_CASES.table.hours);
  const { reserve } = strength.material;
  const most = byFormula(HARDEST_POST, [load, ...placed(o)]);
  const stiff = given(
    'Stiffness, damp, for a day',
    strength.stiffness,
    'MPa',
    strength.tried ? 'yours' : undefined,
  );
  const area = given('Section of a post', section.area, 'mm²');
  const column = foldsOver({ bare: tier.height, K: 1, strength, section });
  const folds =
    section.wall === undefined
      ? column
      : byFormula(POST_BEARS, [
          column,
          byFormula(WALL_WRINKLES, [
            stiff,
            given('Wall', section.wall, 'mm'),
            given('Post, across', section.diameter, 'mm'),
            area,
          ]),
        ]);
  const checks = [
    check({
      id: 'tier-posts',
      title: 'Posts',
      situation,
      use: share(most, folds, reserve),
      reserve,
      trust: strength.trust,
      ok: `${posts.number} posts carry it.`,
      no: 'The posts fold: more, thicker, or a solid dowel.',
    }),
  ];
  const lifts = LIFTS.f(posts.number, o.wide, o.at[0], o.at[1]);
  if (posts.number < LEAST_POSTS)
    checks.push(
      ruleBroken(
        {
          id: 'tier-few',
          title: 'Too few posts',
          situation,
          no: 'Fewer than three posts do not keep a board level.',
        },
        given('Posts', posts.number, 'pieces'),
        given('A board stands on at least', LEAST_POSTS, 'pieces', 'exact'),
      ),
    );
  else if (lifts > 1)
    checks.push(
      check({
        id: 'tier-off',
        title: 'Weight outside the posts',
        situation,
        use: byFormula(LIFTS, placed(o)),
        reserve: 1,
        trust: 'A',
        ok: '',
        no: 'The weight lies so far off the middle that the board lifts off a post: move the posts under it.',
      }),
    );
  if (o.below) {
    const rim = Math.PI * section.diameter * o.below.skin * (section.wall === undefined ? 1 : 0.5);
    checks.push(
      check({
        id: 'tier-punch',
        title: 'Posts on the board below',
        situation,
        use: share(
          most,
          reckon(
            `The ${o.below.name} bears under a post`,
            'N',
            'end × crush + rim × skin; a tube’s rim cuts and counts half',
            [
              given('End of a post', section.area, 'mm²'),
              given('Crush', o.below.crush, 'MPa'),
              given('Rim', rim, 'N'),
            ],
            (a, c, r) => a * c + r,
            'estimate',
          ),
          PRESS_RESERVE,
        ),
        reserve: PRESS_RESERVE,
        trust: 'C',
        ok: 'The board below takes the ends of the posts.',
        no: 'The posts cut into the board below: a firmer board, or a disc of card under each.',
      }),
    );
  }
  return { checks, most };
}

function boardBends(build: Build, o: OnPosts): Check[] {
  const { board, wide, posts } = o;
  const weight = (o.load.value * GRAVITY) / 1000;
  const loaded = Math.min(o.loaded, wide) / 2;
  const bent = plateOnPosts({
    radius: wide / 2,
    thick: board.thick,
    stiffness: board.stiffness,
    poisson: board.poisson,
    pressure: weight / (Math.PI * loaded * loaded),
    loaded: { radius: loaded, at: o.at },
    posts: postsOnRing(posts.number, (RING * wide) / 2),
    postRadius: stockIn(build, posts.stock).section.diameter / 2,
  });
  if (!bent) return [];
  const from = [
    o.load,
    ...placed(o),
    given('Loaded, across', 2 * loaded, 'mm'),
    given('Thick', board.thick, 'mm'),
    given('Stiffness', board.stiffness, 'MPa'),
    given('Poisson’s ratio', board.poisson, ''),
  ];
  const method = 'thin plate on posts (Ritz, Legendre polynomials)';
  const stress = solved(
    `Bending of the ${board.name}`,
    bent.stress,
    'MPa',
    `${method}, greatest moment; 6 m ÷ t²`,
    from,
    'handbook',
  );
  const sag = solved('The board dips', bent.sag, 'mm', method, from, 'handbook');
  const may = given('May dip unseen', Math.min(wide / 200, SINKS), 'mm', 'common practice');
  const situation = LOAD_CASES.table.name;
  return [
    check({
      id: 'tier-board',
      title: 'Board between the posts',
      situation,
      use: share(
        stress,
        given('It bears', board.bending, 'MPa', board.trust === 'B' ? 'handbook' : 'estimate'),
        board.reserve,
      ),
      reserve: board.reserve,
      trust: board.trust,
      ok: `The ${board.name} spans the posts.`,
      no: `The ${board.name} creases between the posts: a thicker board, or more posts.`,
    }),
    check({
      id: 'tier-dip',
      title: 'Dip of the board',
      situation,
      use: reckon('Dips over what is seen', '', 'dips ÷ may dip', [sag, may], (s, m) => s / m),
      reserve: 1,
      trust: board.trust,
      ok: 'It stays flat enough for its icing.',
      no: `The ${board.name} dips ${bent.sag.toFixed(1)} mm between the posts and the icing cracks at its rim: a thicker board, or posts nearer its edge.`,
    }),
  ];
}

/** On the way posts rock over: flat ends hold W d ÷ h, and the cake beside them n q h ÷ 2. */
function pushedOver(build: Build, o: OnPosts): Check[] {
  const { way, tier, posts, cake } = o;
  if (way.sideways <= 0 || o.pinned) return [];
  const d = stockIn(build, posts.stock).section.diameter;
  const push = reckon(
    'Pushed sideways',
    'N',
    'weight × (sideways, with the lean)',
    [o.load, given('Sideways', apparent(way, 0, 1)[0], '×')],
    (g, a) => ((g * GRAVITY) / 1000) * a,
  );
  const holds = reckon(
    'Posts and cake hold',
    'N',
    'W d ÷ h + posts × crush × d × h ÷ 2',
    [
      o.load,
      given('Post, across', d, 'mm'),
      given('Tall', tier.height, 'mm'),
      given('Posts', posts.number, 'pieces'),
      given('Cake crushes at', cake.crush, 'kPa', cake.source),
    ],
    (g, across, h, n, q) => (((g * GRAVITY) / 1000) * across) / h + (n * (q / 1000) * across * h) / 2,
  );
  return [
    check({
      id: 'tier-push',
      title: 'Tier pushing the posts over',
      situation: way.name,
      use: share(push, holds, PRESS_RESERVE),
      reserve: PRESS_RESERVE,
      trust: 'C',
      ok: 'Posts and the cake round them hold it on the way.',
      no: 'On the way the posts lean over inside the cake: a rod through all tiers into the base, or travel with the tiers apart.',
    }),
  ];
}

/** On posts cut to the height of the tier: each post, the board over them and under them, and the way there. */
export const postChecks = (build: Build, o: OnPosts): Check[] => [
  ...carried(build, o).checks,
  ...(o.posts.number < 3 ? [] : boardBends(build, o)),
  ...pushedOver(build, o),
];

/** Least posts of a kind, on their ring, from three to twelve; undefined when twelve are not enough. */
export function fewestPosts(build: Build, o: OnPosts): number | undefined {
  for (let number = 3; number <= 12; number++) {
    const tried: OnPosts = { ...o, posts: { ...o.posts, number } };
    const hardest = [...carried(build, tried).checks, ...boardBends(build, tried)].reduce(
      (w, c) => Math.max(w, c.use.value),
      0,
    );
    if (hardest <= TARGET) return number;
  }
  return undefined;
}
