// Cakes: densities of creams and cakes from composition (Choi & Okos 1986, from memory) with the air in them an estimate;
// level cuts of balls and cones by school geometry; one-term roots of a cooling ball as tabulated in heat-transfer
// handbooks (from memory); what carves and how long a cake is chilled is common practice.
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { reckonCake } from '../cutting/index.ts';
import { layersOf } from '../cutting/layers.ts';
import { chilled, chillsIn } from '../firming/index.ts';
import { ballTerms, bessel, left, roundTerms, slabTerms } from '../firming/cold-series.ts';
import { BATTERS, derivedDensity, FILLINGS } from '../pastes/index.ts';
import { bodyMesh, formBody, measure, type Form } from '../solids/index.ts';

const TINS = [50, 75, 100, 125, 150, 175, 200];
const ball = (d: number): Form => ({ kind: 'ball', sizes: { diameter: d, press: 0 } });
const layers = (form: Form, layer: number, fillingThickness = 0, ease = 0) =>
  layersOf(
    bodyMesh(formBody(form), 192),
    measure(form).height,
    { layer, fillingThickness, tins: TINS },
    ease,
  );
const sum = (x: readonly number[]) => x.reduce((a, b) => a + b, 0);

describe('layers of a ball of 150 mm', () => {
  it.each([
    [50, 0, [141.4, 150, 141.4], [150, 150, 150], 2651, 1767, 33.4],
    [25, 0, [111.8, 141.4, 150, 150, 141.4, 111.8], [125, 150, 150, 150, 150, 125], 2381, 1767, 25.8],
    [40, 5, [137.5, 150, 147, 90], [150, 150, 150, 100], 2435, 1573, 35.4],
  ] as const)('of %i mm with %i mm of filling', (layer, filling, circles, tins, baked, kept, away) => {
    const found = layers(ball(150), layer, filling);
    expect(found.map((l) => l.tin)).toEqual(tins);
    found.forEach((l, i) => expect(Math.abs(l.circle - circles[i]!)).toBeLessThan(0.6));
    const b = sum(found.map((l) => l.baked));
    const k = sum(found.map((l) => l.kept));
    expect(Math.abs(b - baked)).toBeLessThan(1);
    expect(Math.abs(k - kept) / kept).toBeLessThan(0.008);
    expect(Math.abs((100 * (b - k)) / b - away)).toBeLessThan(0.6);
  });

  it('finished 150 with 3 mm coat and 4 mm paste is carved as 136, in tins of 150, 150 and 125', () => {
    const found = layers(ball(136), 50, 0, 2);
    expect(found.map((l) => l.tin)).toEqual([150, 150, 125]);
    [131.2, 136, 120.1].forEach((c, i) => expect(Math.abs(found[i]!.circle - c)).toBeLessThan(0.6));
  });

  it('says when no tin is wide enough', () => {
    const found = layersOf(bodyMesh(formBody(ball(150)), 48), 150, {
      layer: 50,
      fillingThickness: 0,
      tins: [50],
    });
    expect(found[0]!.tin).toBeUndefined();
  });
});

it('a cone of 160 mm down to 60 over 180 mm, less 6 mm of covering, goes into smaller and smaller tins', () => {
  // the carved body: a frustum 6 mm inside on the slope and on top; each layer is as wide as its foot
  const slope = Math.hypot(50, 180) / 180;
  const r = (z: number) => 80 - (50 * z) / 180 - 6 * slope;
  const form: Form = { kind: 'truncatedCone', sizes: { foot: 2 * r(0), top: 2 * r(174), height: 174 } };
  const found = layers(form, 35, 5, 2);
  expect(found.map((l) => l.tin)).toEqual([175, 150, 125, 100, 75]);
  found.forEach((l, i) => expect(Math.abs(l.circle - 2 * r(i * 40))).toBeLessThan(0.6));
});

describe('what cakes and creams weigh', () => {
  it.each([...Object.entries(FILLINGS), ...Object.entries(BATTERS)])(
    '%s: as its parts and air give',
    (_, of) => {
      expect(Math.abs(derivedDensity(of) / of.density - 1)).toBeLessThan(0.01);
      expect(of.density).toBeGreaterThanOrEqual(of.densityRange[0]);
      expect(of.density).toBeLessThanOrEqual(of.densityRange[1]);
    },
  );
});

describe('chilling', () => {
  it.each([
    [0.1, 0.5423, 1.0298],
    [1, 1.5708, 1.2732],
    [10, 2.8363, 1.9249],
  ])('a ball at Biot %f has the root and coefficient of the tables', (biot, zeta, c) => {
    const [root] = ballTerms(biot);
    expect(root!.zeta).toBeCloseTo(zeta, 4);
    expect(root!.coefficient).toBeCloseTo(c, 4);
  });

  // Incropera and DeWitt, table 5.1 (from memory): first root and coefficient of a plane wall and of a long cylinder
  it.each([
    [0.1, 0.3111, 1.0161, 0.4417, 1.0246],
    [1, 0.8603, 1.1191, 1.2558, 1.2071],
    [10, 1.4289, 1.262, 2.1795, 1.5677],
  ])(
    'a slab and a long round at Biot %f have the roots and coefficients of the tables',
    (biot, sz, sc, rz, rc) => {
      expect(slabTerms(biot)[0]!.zeta).toBeCloseTo(sz, 3);
      expect(slabTerms(biot)[0]!.coefficient).toBeCloseTo(sc, 3);
      expect(roundTerms(biot)[0]!.zeta).toBeCloseTo(rz, 3);
      expect(roundTerms(biot)[0]!.coefficient).toBeCloseTo(rc, 3);
    },
  );
  // Abramowitz and Stegun, table 9.1 (from memory)
  it('Bessel functions are those of the tables', () => {
    expect(bessel(0, 1)).toBeCloseTo(0.7651976866, 9);
    expect(bessel(1, 1)).toBeCloseTo(0.4400505857, 9);
    expect(bessel(0, 2.404825557)).toBeCloseTo(0, 8);
    expect(bessel(1, 30)).toBeCloseTo(-0.1187510626, 8);
  });
  it('every series begins with all its warmth, and loses it', () => {
    for (const of of [ballTerms(2, 200), slabTerms(2, 200), roundTerms(2, 60)]) {
      expect(left(of, 0.002).middle).toBeGreaterThan(0.97);
      expect(left(of, 0.5).middle).toBeLessThan(left(of, 0.2).middle);
      expect(left(of, 0.2).face).toBeLessThan(left(of, 0.2).middle);
    }
  });
  it('a flat round cake is cold sooner than a tall one of the same width, and than a ball of its bulk says', () => {
    const takes = (height: number) => chillsIn({ kind: 'round', width: 200, height }, 0.6, 21, 'fridge', 8);
    expect(takes(60)).toBeLessThan(takes(120));
    expect(takes(120)).toBeLessThan(takes(240));
    // tall enough it is a long round: no longer still
    expect(takes(900) / takes(600)).toBeLessThan(1.02);
  });

  it('the outside grows colder all the while, as shells followed one by one do', () => {
    // slow reference: a ball in shells, explicit in time, its face cooled by air (Crank, finite differences)
    const [R, k, rho, c, h] = [0.05, 0.18, 600, 2600, 10];
    const shells = 100;
    const dr = R / shells;
    const T = new Float64Array(shells).fill(21);
    const dt = (0.2 * dr * dr * rho * c) / k;
    const volume = (i: number) => ((i + 1) ** 3 - i ** 3) * dr ** 3;
    const at: Record<number, number> = {};
    const wanted = [5, 10, 20, 30, 60];
    for (let t = 0, w = 0; w < wanted.length; t += dt) {
      if (t >= wanted[w]! * 60) {
        const face = (T[shells - 1]! * (2 * k)) / dr;
        at[wanted[w++]!] = (face + h * -18) / ((2 * k) / dr + h);
      }
      const flow = new Float64Array(shells + 1);
      for (let i = 1; i < shells; i++) flow[i] = 3 * (i * dr) ** 2 * k * ((T[i - 1]! - T[i]!) / dr);
      flow[shells] = (3 * R * R * (T[shells - 1]! + 18)) / (dr / (2 * k) + 1 / h);
      for (let i = 0; i < shells; i++)
        T[i] = T[i]! + ((flow[i]! - flow[i + 1]!) * dt) / (rho * c * volume(i));
    }
    const roots = ballTerms((h * R) / k);
    const series = (minutes: number) => {
      const fourier = ((k / (rho * c)) * minutes * 60) / R ** 2;
      const share = roots.reduce(
        (s, r) => s + (r.coefficient * Math.exp(-(r.zeta ** 2) * fourier) * Math.sin(r.zeta)) / r.zeta,
        0,
      );
      return -18 + 39 * share;
    };
    for (const m of wanted) expect(Math.abs(series(m) - at[m]!), `${m} min`).toBeLessThan(0.4);
    const v = (Math.PI * 100 ** 3) / 6;
    const outside = wanted.map(
      (m) => chilled({ kind: 'ball', volume: v, area: Math.PI * 100 ** 2 }, 0.6, 21, 'freezer', m).outside,
    );
    outside.forEach((t, i) => i > 0 && expect(t).toBeLessThan(outside[i - 1]! - 0.5));
  });

  it('a 100 mm dense cake in a freezer for an hour is near freezing outside and still above it inside', () => {
    const v = (Math.PI * 100 ** 3) / 6;
    const a = Math.PI * 100 ** 2;
    const t = chilled({ kind: 'ball', volume: v, area: a }, 0.6, 21, 'freezer', 60);
    // a full solution with the heat of freezing gives −6 at the face and 10 in the middle
    expect(t.outside).toBeLessThan(-2);
    expect(t.outside).toBeGreaterThan(-12);
    expect(t.middle).toBeGreaterThan(4);
    expect(t.middle).toBeLessThan(12);
  });

  it('overnight in a fridge does, two hours do not, a room never does: common practice', () => {
    const v = (Math.PI * 160 ** 3) / 6;
    const a = Math.PI * 160 ** 2;
    expect(chilled({ kind: 'ball', volume: v, area: a }, 0.6, 21, 'fridge', 12 * 60).middle).toBeLessThan(8);
    expect(chilled({ kind: 'ball', volume: v, area: a }, 0.6, 21, 'fridge', 120).middle).toBeGreaterThan(8);
    expect(chillsIn({ kind: 'ball', volume: v, area: a }, 0.6, 21, 'room', 8)).toBe(Infinity);
    const takes = chillsIn({ kind: 'ball', volume: v, area: a }, 0.6, 21, 'fridge', 8);
    expect(chilled({ kind: 'ball', volume: v, area: a }, 0.6, 21, 'fridge', takes).middle).toBeCloseTo(8, 3);
  });
});

describe('a carved cabbage', () => {
  const cabbage = demoBuild('savoy-cabbage');
  it('is a cake inside, dense and cold enough after a night, and its sums add up', () => {
    const cake = reckonCake(cabbage);
    expect(cake.parts.map((p) => p.name)).toEqual(['Heart']);
    expect(cake.gate!.carve).toBe(true);
    expect(cake.allergens).toEqual(expect.arrayContaining(['wheat', 'egg', 'milk']));
    const perTin = sum(cake.bakes.map((b) => b.batter.value * b.layers));
    expect(perTin).toBeCloseTo(cake.batter.value, 6);
    for (const p of cake.parts) {
      expect(p.away.value).toBeGreaterThan(10);
      expect(p.away.value).toBeLessThan(70);
    }
  });

  it('does not pass a sponge, nor one that has just been put in the fridge, and says why', () => {
    const sponge = reckonCake({ ...cabbage, cake: { ...cabbage.cake, batter: 'sponge' } }).gate!;
    expect([sponge.dense, sponge.carve]).toEqual([false, false]);
    expect(sponge.says.join(' ')).toMatch(/tears/);
    const warm = reckonCake({
      ...cabbage,
      cake: { ...cabbage.cake, chill: { where: 'fridge', hours: 1 } },
    }).gate!;
    expect([warm.cold, warm.carve]).toEqual(['too warm', false]);
    expect(warm.says.join(' ')).toMatch(/Leave it \d+ h in the fridge/);
    const frozen = reckonCake({
      ...cabbage,
      cake: { ...cabbage.cake, chill: { where: 'freezer', hours: 12 } },
    }).gate!;
    expect(frozen.cold).toBe('too hard outside');
  });
});
