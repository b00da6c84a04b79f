import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  bumpThatTips,
  comesOn,
  swayRate,
  tiltedHub,
  washerHolds,
  washerRoot,
} from '../bones/mechanics/hub.ts';
import { circle, furthestSupport, pressingArea } from '../bones/mechanics/soft-base.ts';
import { legForces } from '../bones/joints/tripod.ts';
import { plateOnPosts, rigidShare, postsOnRing } from '../bones/mechanics/plate.ts';

const near = (value: number, wanted: number, within = 1e-6) =>
  expect(Math.abs(value / wanted - 1)).toBeLessThan(within);
const plain = { thick: 5, stiffness: 1000, postRadius: 0, degree: 12 };
const D = (nu: number) => (1000 * 5 ** 3) / (12 * (1 - nu * nu));

// Timoshenko and Woinowsky-Krieger, Theory of Plates and Shells, from memory
describe('a round board as a thin plate', () => {
  const a = 100;
  const q = 1e-4;
  const P = q * Math.PI * a * a;
  const even = { pressure: q, loaded: { radius: a, at: [0, 0] as const } };

  it('resting all round its rim: w = (5 + ν) ÷ 64 (1 + ν) q a⁴ ÷ D, m = (3 + ν) ÷ 16 q a²', () => {
    const r = plateOnPosts({ ...plain, ...even, radius: a, poisson: 0.3, posts: postsOnRing(24, a) })!;
    near(r.sag, ((5.3 / 1.3 / 64) * q * a ** 4) / D(0.3), 2e-3);
    // the moment is greatest in the middle but for the posts themselves
    const middle = plateOnPosts({
      ...plain,
      ...even,
      radius: a,
      poisson: 0.3,
      posts: postsOnRing(24, a),
      postRadius: 60,
    })!;
    near(middle.moment, (3.3 / 16) * q * a * a, 5e-3);
  });

  it('on three posts at its rim: 0.0362 P a² ÷ D under an even load, 0.067 under a load in the middle', () => {
    const posts = postsOnRing(3, a);
    const r = plateOnPosts({ ...plain, ...even, radius: a, poisson: 0.25, posts })!;
    // the table is the dip of the middle; the free rim between the posts dips about as much
    expect(r.sag).toBeGreaterThan((0.0355 * P * a * a) / D(0.25));
    for (const f of r.onPosts) near(f / P, 1 / 3, 1e-6);
    const pointed = plateOnPosts({
      ...plain, pressure: 0, loaded: { radius: a, at: [0, 0] }, point: { at: [0, 0], force: 1 }, radius: a, poisson: 0.25, posts,
    })!; // prettier-ignore
    near((pointed.sag * D(0.25)) / a ** 2, 0.067, 4e-2);
  });

  it('shares its load as a stiff board does where three posts carry it, and lets go of a post that would pull', () => {
    const posts = postsOnRing(3, 60);
    const bent = plateOnPosts({
      ...plain,
      pressure: 1e-4,
      loaded: { radius: 40, at: [10, 0] },
      radius: 100,
      poisson: 0.3,
      posts,
    })!;
    const stiff = rigidShare(posts, 1e-4 * Math.PI * 1600, [10, 0]);
    bent.onPosts.forEach((f, i) => near(f, stiff[i]!, 1e-6));
    const five = [...postsOnRing(4, 80), [0, 0]] as [number, number][];
    const lifted = plateOnPosts({
      ...plain,
      pressure: 1e-4,
      loaded: { radius: 10, at: [60, 0] },
      radius: 100,
      poisson: 0.3,
      posts: five,
    })!;
    expect(Math.min(...lifted.onPosts)).toBe(0);
    near(
      lifted.onPosts.reduce((s, f) => s + f, 0),
      1e-4 * Math.PI * 100,
      1e-6,
    );
  });

  it('tips where its weight lies outside the posts', () => {
    expect(
      plateOnPosts({
        ...plain,
        pressure: 1e-4,
        loaded: { radius: 5, at: [90, 0] },
        radius: 100,
        poisson: 0.3,
        posts: postsOnRing(3, 30),
      }),
    ).toBeUndefined();
  });

  // closed form of the clamped hub by hand; Roark's table, from memory, lies within 1 % of α and 7 % of β
  it.each([
    [0.1, 1.402, 9.474, 1.403, 9.475],
    [0.2, 0.82, 4.621, 0.82, 4.63],
    [0.3, 0.5025, 2.947, 0.5, 2.976],
    [0.5, 0.1687, 1.489, 0.169, 1.584],
  ])('tilted by a washer of %f of its width', (x, alpha, beta, tableAlpha, tableBeta) => {
    const t = tiltedHub(1000, 100, 100 * x, 6, 2500);
    near(t.alpha, alpha, 1e-3);
    near(t.beta, beta, 1e-3);
    near(t.alpha, tableAlpha, 1e-2);
    near(t.beta, tableBeta, 7e-2);
    near(t.stress, (t.beta * 1000) / 3600);
    near(t.tilt, (t.alpha * 1000) / (2500 * 216));
  });

  it('on a washer, and pressed by one: by hand', () => {
    near(washerRoot(0.001, 50, 15), (0.001 / 15) * ((125000 - 3375) / 3 - 7.5 * 2275));
    near(washerHolds(10, 30, 10.5), (10 * Math.PI * (30 ** 4 - 10.5 ** 4)) / 960);
  });
});

describe('posts under a stiff board', () => {
  it('share by where the weight lies: statics', () => {
    for (const f of rigidShare(postsOnRing(4, 50), 40, [0, 0])) near(f, 10);
    // a post straight back and two in front, 15 mm to the back
    const [back, ...front] = rigidShare(postsOnRing(3, 60), 30, [0, 15]);
    near(back!, 15);
    for (const f of front) near(f, 7.5);
    const two = rigidShare([[-50, 0], [50, 0]], 10, [10, 0]); // prettier-ignore
    near(two[0]!, 4);
    near(two[1]!, 6);
  });

  it('always carry the whole weight about the same point', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 9 }),
        fc.double({ min: 20, max: 200, noNaN: true }),
        fc.tuple(
          fc.double({ min: -40, max: 40, noNaN: true }),
          fc.double({ min: -40, max: 40, noNaN: true }),
        ),
        (n, radius, at) => {
          const posts = postsOnRing(n, radius);
          const on = rigidShare(posts, 10, at);
          expect(on.reduce((s, f) => s + f, 0)).toBeCloseTo(10, 8);
          expect(on.reduce((s, f, i) => s + f * posts[i]![0], 0)).toBeCloseTo(10 * at[0], 6);
          expect(on.reduce((s, f, i) => s + f * posts[i]![1], 0)).toBeCloseTo(10 * at[1], 6);
        },
      ),
    );
  });
});

describe('standing on something soft', () => {
  const oblong = [[-50, -25], [50, -25], [50, 25], [-50, 25]] as const; // prettier-ignore
  it('loses N ÷ 2 s L at a straight edge: 20 mm of it', () => {
    near(furthestSupport(oblong, [1, 0], 2000)!, 50 - 20);
    near(pressingArea(oblong, [1, 0], 30), 2000);
  });
  it('half a disc stands on 4 R ÷ 3 π', () => {
    near(furthestSupport(circle(100, 720), [1, 0], Math.PI * 1250)!, 200 / (3 * Math.PI), 1e-4);
  });
  it('sinks where the whole foot is too small', () => {
    expect(furthestSupport(oblong, [1, 0], 5001)).toBeUndefined();
  });
  it('never reaches past the rim, and the softer the nearer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }),
        fc.double({ min: 50, max: 2000, noNaN: true }),
        fc.double({ min: 50, max: 2000, noNaN: true }),
        (phi, a, b) => {
          const n = [Math.cos(phi), Math.sin(phi)] as const;
          const rim = Math.max(...oblong.map((p) => p[0] * n[0] + p[1] * n[1]));
          const [small, large] = [Math.min(a, b), Math.max(a, b)];
          expect(furthestSupport(oblong, n, small)!).toBeLessThan(rim);
          expect(furthestSupport(oblong, n, large)!).toBeLessThanOrEqual(
            furthestSupport(oblong, n, small)! + 1e-6,
          );
        },
      ),
    );
  });
});

describe('legs, swaying and bumps: textbook mechanics, by hand', () => {
  const apex = [0, 0, 80] as const;
  const legs = [0, 1, 2].map((k) => {
    const a = (2 * Math.PI * k) / 3;
    const foot = [60 * Math.cos(a), 60 * Math.sin(a), 0] as const;
    return [(apex[0] - foot[0]) / 100, (apex[1] - foot[1]) / 100, 0.8] as const;
  });
  it('three legs of 100 mm carry 10 N with 4.1667 N each', () => {
    for (const f of legForces(legs, [0, 0, -10])!) near(f, 10 / 3 / 0.8);
  });
  it('pushed by 2 N towards one leg that one is pressed with 6.3889 N, the others with 3.0556 N', () => {
    const [to, ...away] = legForces(legs, [2, 0, -10])!;
    near(to!, 6.38889, 1e-5);
    for (const f of away) near(f, 3.05556, 1e-5);
  });
  it('a block of 60 by 200 mm goes over at 354.27 mm/s', () => {
    near(bumpThatTips(100, 30, (60 ** 2 + 200 ** 2) / 12), 0.35427, 1e-4);
  });
  it('swings and comes on', () => {
    near(swayRate(1, 1), Math.sqrt(1000) / (2 * Math.PI));
    near(comesOn(5), 1 + 1 / (2 * Math.PI));
    expect(comesOn(0.01)).toBe(2);
  });
});
