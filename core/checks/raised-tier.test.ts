import { describe, expect, it } from 'vitest';
import { LOAD_CASES, raisedOf, USUAL_MAST, type FigureOver } from '../bones/index.ts';
import { given } from '../quantity/index.ts';
import { apparent, type LoadCase } from '../bones/joints/load-cases.ts';
import { carvedUnder, edgePressed, type CakeBears } from '../bones/tiers/tier-cake.ts';
import { comesOn, swayRate, tiltedHub, washerHolds, washerRoot } from '../bones/mechanics/hub.ts';
import { critical, flagpole } from '../bones/mechanics/columns.ts';
import { ROD_MATERIALS } from '../bones/stock/rod-materials.ts';
import { softTipping } from '../bones/joints/tipping.ts';
import { threaded } from '../bones/mechanics/sections.ts';
import { circle } from '../bones/mechanics/soft-base.ts';
import { blank } from '../record/blank.testing.ts';
import { type Build, type Journey, type Tier } from '../record/index.ts';

/**
 * A worked build: a tier of 3 kg, 180 by 140 mm, held 120 mm over a lower tier of 150 mm on one M10 rod with a board of
 * 100 mm. Worked apart from this project: exact beam-column, thin plates with a stiff hub, statics; class 4.6 steel
 * (ISO 898-1), MDF (EN 622-5); cake as in the tables of this project. Within 5 %.
 */
const near = (value: number, worked: number, within = 0.05) =>
  expect(Math.abs(value / worked - 1), `${value} against ${worked}`).toBeLessThan(within);

const W = 3 * 9.80665;
const HIGH = 346;
const steel = ROD_MATERIALS.steel;
const m10 = threaded(10);
const mud: CakeBears = {
  crush: 12,
  stiffness: 90,
  lasting: 0.5,
  pulled: 0.3,
  density: 0.85,
  source: 'estimate',
};
const dense: CakeBears = {
  crush: 8,
  stiffness: 50,
  lasting: 0.5,
  pulled: 0.3,
  density: 0.55,
  source: 'estimate',
};
const light: CakeBears = {
  crush: 3,
  stiffness: 15,
  lasting: 0.5,
  pulled: 0.3,
  density: 0.3,
  source: 'estimate',
};

describe('the rod', () => {
  it.each<[Journey, number, number, number]>([
    ['table', 0.05, 0.06, 0.6],
    ['carry', 0.06, 0.36, 2.9],
    ['carFlat', 0.06, 0.49, 3.8],
    ['carSeat', 0.06, 0.7, 5.4],
    ['carHard', 0.06, 0.74, 5.7],
  ])('%s: folding %f, bending %f, sways %f mm', (journey, folds, bends, sways) => {
    const c = LOAD_CASES[journey];
    const f = apparent(c, 0, c.down);
    const [P, H] = [W * -f[2], W * f[0]];
    const off = 8 + HIGH / 200;
    // the worked figures are given to two places
    expect(
      Math.abs((P * steel.reserve) / critical(steel.stiffness, steel.crushing, m10, HIGH, 2).load - folds),
    ).toBeLessThan(0.005);
    const hard = flagpole(P * steel.reserve, off, H * steel.reserve, steel.stiffness, m10.inertia, HIGH);
    const use = (steel.reserve * P) / m10.area / steel.crushing + hard.moment / (m10.modulus * steel.bending);
    expect(Math.abs(use - bends)).toBeLessThan(0.0075);
    expect(Math.abs(flagpole(P, off, H, steel.stiffness, m10.inertia, HIGH).sway - sways)).toBeLessThan(0.06);
  });

  it('swings 5.2 times a second, so that braking comes on with 1.15 times its push', () => {
    const rate = swayRate((3 * steel.stiffness * m10.inertia) / HIGH ** 3, 3);
    near(rate, 5.2, 0.01);
    near(comesOn(rate), 1.15, 0.01);
  });
});

describe('the boards', () => {
  const moment = 6130;
  it.each([
    [20, 6, 1.8],
    [30, 6, 1.2],
    [30, 12, 0.31],
  ])('washer of %i mm on a base of %i mm: %f', (washer, thick, use) => {
    near((tiltedHub(moment, 175, washer / 2, thick, 2500).stress * 2.5) / 22, use);
  });
  it('a washer of 20 mm presses with 0.84 of what MDF bears, one of 30 mm with 0.23', () => {
    near(moment / washerHolds(10, 20, 10.5), 0.84);
    near(moment / washerHolds(10, 30, 10.5), 0.23);
  });
  it('a small board of 6 mm plywood bears it at 0.20, card of 3 mm not, at 1.9', () => {
    const even = washerRoot((W * 1.3) / (Math.PI * 2500), 50, 15);
    const pushed = W * 0.3 * 76;
    const use = (t: number, E: number, bears: number, reserve: number) =>
      (((6 * even) / t ** 2 + tiltedHub(pushed, 50, 15, t, E).stress) * reserve) / bears;
    near(use(6, 6000, 30, 2.5), 0.2);
    near(use(3, 1500, 10, 2), 1.9);
  });
});

describe('the cake gives way before the steel', () => {
  const edge = (cake: CakeBears, c: LoadCase, board: number) => {
    const f = apparent(c, 0, c.sideways > 0 ? 1 : c.down);
    return edgePressed(cake, c, W * -f[2], W * f[0] * 70, board).use;
  };
  const least = (cake: CakeBears, c: LoadCase) => {
    for (let wide = 60; wide <= 180; wide += 2) if (edge(cake, c, wide) <= 1) return wide;
    return undefined;
  };
  const { table, carFlat, carHard } = LOAD_CASES;
  it('on a board of 100 mm: mud cake 0.96 and 1.05, dense cake 1.45, 1.6 and 4.9', () => {
    near(edge(mud, table, 100), 0.96);
    near(edge(mud, carFlat, 100), 1.05);
    near(edge(dense, table, 100), 1.45);
    near(edge(dense, carFlat, 100), 1.6);
    near(edge(dense, carHard, 100), 4.9);
  });
  it('needs so wide a board: mud 100, 102, 126 mm; dense 120, 116, 140 mm; light sponge more than its tier', () => {
    expect([table, carFlat, carHard].map((c) => least(mud, c))).toEqual([100, 102, 126]);
    expect([table, carFlat, carHard].map((c) => least(dense, c))).toEqual([120, 116, 140]);
    expect([table, carFlat, carHard].map((c) => least(light, c))).toEqual([undefined, 168, undefined]);
  });
  it('tips off its board when it only rests there, 1.3 in a gentle drive and 2.1 in hard braking', () => {
    const tips = (c: LoadCase) => softTipping('tier', circle(100, 36), [0, 0, 70], W, c, 12).use.value;
    near(tips(carFlat), 1.3);
    near(tips(carHard), 2.1);
  });
  it('hangs out 40 mm over its board with 0.32 of what it could: 71 mm at most', () => {
    near(carvedUnder(mud, 140), 71);
    near((40 / carvedUnder(mud, 140)) ** 2, 0.32);
  });
  // furthest overhang for hours, reserve 2, no load on top
  it.each([
    [light, 30, 28],
    [dense, 30, 33],
    [mud, 60, 46],
    [light, 100, 50],
    [dense, 100, 61],
    [mud, 150, 73],
  ])('carved under at a depth', (cake, high, most) => near(carvedUnder(cake, high), most));
});

describe('the same tier raised in a build', () => {
  const nothing: FigureOver = {
    mass: given('Figure', 0, 'g'),
    at: [0, 0, 0],
    stands: given('Touches', 0, 'mm²'),
  };
  const build = (journey: Journey, board = 100, more: Partial<Tier> = {}): Build => ({
    ...blank,
    brief: { ...blank.brief, journey },
    board: { shape: 'round', width: 350, thickness: 12, material: 'mdf', feet: 20 },
    mast: USUAL_MAST,
    cake: {
      ...blank.cake,
      tiers: [
        {
          id: 'raised',
          name: 'Raised tier',
          shape: 'round',
          width: 180,
          height: 140,
          gap: 270,
          board: { kind: 'ply6', width: board },
          stuck: false,
          weight: 3000,
          ...more,
        },
      ],
    },
  });
  const raised = (b: Build) => raisedOf(b, nothing, new Map(b.cake.tiers.map((t) => [t.id, t.weight!])));
  it('reckons what was worked by hand', () => {
    const r = raised(build('carHard'))!;
    near(r.high.value, HIGH, 0.01);
    const use = (id: string) => r.checks.find((c) => c.id === id)!.use.value;
    near(use('mast-bends'), 0.74);
    near(use('base-bends'), 0.31);
    near(use('edge'), 4.9);
    near(use('carved'), (40 / carvedUnder(dense, 140)) ** 2);
    expect(r.worst.id).toBe('tier-turns');
    expect(r.leastBoard).toBe(140);
  });
  it('a wider board and a gentler drive are never worse', () => {
    const use = (b: Build, id: string) => raised(b)!.checks.find((c) => c.id === id)!.use.value;
    expect(use(build('carHard', 150), 'edge')).toBeLessThan(use(build('carHard'), 'edge'));
    // braking takes a little off the weight, so only what it pushes at is compared
    for (const c of raised(build('carFlat'))!.checks.filter(({ id }) => id !== 'mast-folds'))
      expect(c.use.value).toBeLessThanOrEqual(use(build('carHard'), c.id) + 1e-9);
  });
  // common practice: two skewers up through the board, or stuck down with icing, keep a tier from turning
  it('is told that it no longer turns: two sticks apart through its board, and more the further apart; or stuck down', () => {
    const turns = (more: Partial<Tier>) =>
      raised(build('carHard', 100, more))!.checks.find((c) => c.id === 'tier-turns')!;
    const sticks = (apart: number, number = 2) => ({ keepers: { stock: 'dowel8', number, apart } });
    expect(turns({}).verdict).toBe('fails');
    expect(turns(sticks(80)).verdict).toBe('holds');
    expect(turns(sticks(60)).use.value).toBeLessThan(turns(sticks(20)).use.value);
    expect(turns(sticks(60, 3)).use.value).toBeLessThanOrEqual(turns(sticks(60)).use.value);
    expect(turns(sticks(60, 1)).use.value).toBeCloseTo(turns({}).use.value, 9);
    expect(turns({ stuck: true }).verdict).toBe('holds');
    // what it asks for is enough, and a little less is not
    const [, apart] = /, (\d+) mm apart/.exec(turns({}).text)!;
    expect(turns(sticks(Number(apart))).verdict).not.toBe('fails');
    expect(turns(sticks(Number(apart) - 20)).verdict).toBe('fails');
  });
  it('a figure on a raised board is carried too, and leans the rod more', () => {
    const b = build('carFlat');
    const { mass, high } = raised(b)!;
    const over: FigureOver = {
      mass: given('Figure', 800, 'g'),
      at: [0, 0, 60],
      stands: given('Touches', 0, 'mm²'),
    };
    const more = raisedOf(b, over, new Map([['raised', 3000]]))!;
    expect(more.mass.value).toBeCloseTo(mass.value + 800, 9);
    expect(more.high.value).toBeGreaterThan(high.value);
  });
  it('has nothing to say while nothing is raised, or without a rod', () => {
    expect(raised(blank)).toBeUndefined();
    const b = build('carHard');
    expect(
      raised({ ...b, cake: { ...b.cake, tiers: b.cake.tiers.map((t) => ({ ...t, gap: 0 })) } }),
    ).toBeUndefined();
    const { mast: _mast, ...bare } = b;
    expect(raised(bare)).toBeUndefined();
  });
});
