import type { Build, Tier } from '../figure/index.ts';
import { given, GRAVITY, reckon, type Mm, type Reckoned } from '../quantity/index.ts';
import type { BoardStock } from './boards.ts';
import { check, share, TARGET, type Check } from './check.ts';
import { critical, wrinkles } from './columns.ts';
import { apparent, LOAD_CASES, type LoadCase } from './load-cases.ts';
import { plateOnPosts, rigidShare, ring } from './plate.ts';
import { rodStrength, stockIn } from './stock.ts';
import { PRESS_RESERVE, SINKS, type CakeBears } from './tier-cake.ts';
import type { FlatPoint } from './tipping.ts';

/** Beyond three posts the longest takes half as much again: they are never cut quite alike; common practice. */
const UNEQUAL = 1.5;
/** Posts stand on a ring of this share of the board; common practice. */
const RING = 0.7;

/** What stands on the posts of a tier. */
export interface OnPosts {
  readonly tier: Tier;
  readonly posts: NonNullable<Tier['posts']>;
  readonly load: Reckoned;
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

function carried(build: Build, o: OnPosts): { checks: Check[]; most: Reckoned } {
  const { tier, posts, load } = o;
  const situation = LOAD_CASES.table.name;
  const stock = stockIn(build, posts.stock);
  const { section } = stock;
  const strength = rodStrength(stock, LOAD_CASES.table.hours);
  const { reserve } = strength.material;
  const spots = ring(posts.number, (RING * o.wide) / 2);
  const off = Math.hypot(o.at[0], o.at[1]);
  const most = reckon(
    'On the hardest pressed post',
    'N',
    posts.number > 3
      ? 'its share by where the weight lies × 1.5, never cut quite alike'
      : 'its share by where the weight lies: three always all touch',
    [load, given('Posts', posts.number, 'pieces'), given('Weight lies off the middle', off, 'mm')],
    (g, n) => Math.max(...rigidShare(spots, (g * GRAVITY) / 1000, o.at)) * (n > 3 ? UNEQUAL : 1),
  );
  const lifts = Math.min(...rigidShare(spots, 1, o.at)) < 0;
  const column = critical(strength.stiffness, strength.crushing, section, tier.height, 1);
  const wall = wrinkles(strength.stiffness, section);
  const folds = reckon(
    'A post folds at',
    'N',
    wall < column.load
      ? '0.605 × 0.4 × E t ÷ R × area: its wall wrinkles'
      : column.rule === 'Euler'
        ? 'π² E I ÷ L², pinned'
        : 'A f (1 − f λ² ÷ 4 π² E), short post',
    [
      given('Tall', tier.height, 'mm'),
      given('Stiffness, damp, for a day', strength.stiffness, 'MPa', strength.tried ? 'yours' : undefined),
    ],
    () => Math.min(column.load, wall),
    'handbook',
  );
  const checks = [
    check('tier-posts', 'Posts', situation, share(most, folds, reserve), reserve, strength.trust, {
      ok: `${posts.number} posts carry it.`,
      no: 'The posts fold: more, thicker, or a solid dowel.',
    }),
  ];
  if (posts.number < 3)
    checks.push(
      check('tier-few', 'Too few posts', situation, given('Fewer than three posts', 1.2, ''), 1, 'A', {
        ok: '',
        no: 'Fewer than three posts do not keep a board level.',
      }),
    );
  else if (lifts)
    checks.push(
      check(
        'tier-off',
        'Weight outside the posts',
        situation,
        given('The board lifts off a post', 1.2, ''),
        1,
        'A',
        {
          ok: '',
          no: 'The weight lies so far off the middle that the board lifts off a post: move the posts under it.',
        },
      ),
    );
  if (o.below) {
    const rim = Math.PI * section.diameter * o.below.skin * (section.wall === undefined ? 1 : 0.5);
    checks.push(
      check(
        'tier-punch',
        'Posts on the board below',
        situation,
        share(
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
        PRESS_RESERVE,
        'C',
        {
          ok: 'The board below takes the ends of the posts.',
          no: 'The posts cut into the board below: a firmer board, or a disc of card under each.',
        },
      ),
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
    posts: ring(posts.number, (RING * wide) / 2),
    postRadius: stockIn(build, posts.stock).section.diameter / 2,
  });
  if (!bent) return [];
  const stress = reckon(
    `Bending of the ${board.name}`,
    'MPa',
    'thin plate on posts, greatest moment; 6 m ÷ t²',
    [
      o.load,
      given('Board', wide, 'mm'),
      given('Thick', board.thick, 'mm'),
      given('Posts', posts.number, 'pieces'),
    ],
    () => bent.stress,
    'handbook',
  );
  const sag = reckon('The board dips', 'mm', 'thin plate on posts', [stress], () => bent.sag, 'handbook');
  const may = given('May dip unseen', Math.min(wide / 200, SINKS), 'mm', 'common practice');
  const situation = LOAD_CASES.table.name;
  return [
    check(
      'tier-board',
      'Board between the posts',
      situation,
      share(
        stress,
        given('It bears', board.bending, 'MPa', board.trust === 'B' ? 'handbook' : 'estimate'),
        board.reserve,
      ),
      board.reserve,
      board.trust,
      {
        ok: `The ${board.name} spans the posts.`,
        no: `The ${board.name} creases between the posts: a thicker board, or more posts.`,
      },
    ),
    check(
      'tier-dip',
      'Dip of the board',
      situation,
      reckon('Dips over what is seen', '', 'dips ÷ may dip', [sag, may], (s, m) => s / m),
      1,
      board.trust,
      {
        ok: 'It stays flat enough for its icing.',
        no: `The ${board.name} dips ${bent.sag.toFixed(1)} mm between the posts and the icing cracks at its rim: a thicker board, or posts nearer its edge.`,
      },
    ),
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
    check(
      'tier-push',
      'Tier pushing the posts over',
      way.name,
      share(push, holds, PRESS_RESERVE),
      PRESS_RESERVE,
      'C',
      {
        ok: 'Posts and the cake round them hold it on the way.',
        no: 'On the way the posts lean over inside the cake: a rod through all tiers into the base, or travel with the tiers apart.',
      },
    ),
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
