import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  formBody,
  rotated,
  startingForm,
  turned,
  unit,
  WORLD,
  cross,
  type Body,
  type Form,
  type Frame,
  type Vec,
} from '../solids/index.ts';
import { groundWithin, seenFrom, solidOf } from './solid.ts';
import { touch, touches, type Touching } from './touch.ts';

const made = (kind: Form['kind'], sizes: Record<string, number>): Body =>
  formBody({ ...startingForm(kind), sizes: { ...startingForm(kind).sizes, ...sizes } });
const ball = (r: number): Body => made('ball', { diameter: 2 * r, press: 0 });
const block = (side: number): Body =>
  made('roundedBlock', { width: side, depth: side, height: side, edge: 0 });
const rope = (d: number, l: number): Body => turned(() => d / 2, [0, l]);

const at = (x: number, y: number, z: number): Frame => ({ ...WORLD, origin: [x, y, z] });
const meet = (a: Body, fa: Frame, b: Body, fb: Frame) => touch(solidOf(a), solidOf(b), seenFrom(fa, fb));
const onGround = (a: Body, fa: Frame) => touch(solidOf(a), groundWithin('round', 400), fa);
const touching = (m: ReturnType<typeof touch>): Touching => {
  if (!m || !touches(m)) throw new Error('they do not touch');
  return m;
};
/** A frame turned so that its z points along a direction. */
const along = (z: Vec, origin: Vec): Frame => {
  const k = unit(z);
  const x = unit(cross(Math.abs(k[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0], k));
  return { origin, x, y: cross(k, x), z: k };
};

describe('two balls pressed into each other', () => {
  /** Circle in which two spheres cut each other; handbook. */
  const circle = (r: number, R: number, d: number) =>
    Math.PI * (r * r - ((d * d + r * r - R * R) / (2 * d)) ** 2);
  it.each([
    [15, 20, 2],
    [8, 25, 2],
    [30, 30, 4],
  ])('of %i and %i mm, %i mm deep, touch on the circle of their lens', (r, R, deep) => {
    const d = r + R - deep;
    const m = touching(meet(ball(r), at(0, 0, 0), ball(R), at(0, 0, r + d - R)));
    expect(m.area / circle(r, R, d)).toBeCloseTo(1, 1);
    expect(Math.abs(m.area / circle(r, R, d) - 1)).toBeLessThan(0.015);
    expect(m.depth).toBeCloseTo(deep, 1);
    expect(m.normal[2]).toBeCloseTo(1, 3);
    // the sum over a skin follows from its rim alone (Gauss), so both skins tell the same
    expect(m.agree).toBeGreaterThan(0.97);
  });
});

describe('a block on an upright rope 12.7 mm thick', () => {
  const on = (aside: number) => meet(rope(12.7, 60), WORLD, block(40), at(aside, 0, 60));
  it('rests on the end of the rope, not on its own foot', () => {
    expect(Math.abs(touching(on(0)).area / ((Math.PI * 12.7 ** 2) / 4) - 1)).toBeLessThan(0.02);
  });
  it('rests on what is left of it where it stands over the edge: a circle less a segment', () => {
    const [r, h] = [6.35, 1.35];
    const segment = r * r * Math.acos((r - h) / r) - (r - h) * Math.sqrt(2 * r * h - h * h);
    const left = Math.PI * r * r - segment;
    expect(Math.abs(touching(on(15)).area / left - 1)).toBeLessThan(0.015);
    expect(left).toBeCloseTo(119.47, 1);
  });
  it('does not touch it 30 mm aside', () => {
    const m = on(30);
    expect(m === undefined || !touches(m)).toBe(true);
  });
});

describe('faces that lie flat', () => {
  it('a block half on another rests on half its foot', () => {
    const m = touching(meet(block(40), at(0, 0, 40), block(40), at(20, 0, 0)));
    expect(Math.abs(m.area / 800 - 1)).toBeLessThan(0.01);
    expect(m.at[0]).toBeCloseTo(10, 0);
    expect(m.normal[2]).toBeCloseTo(-1, 3);
  });
  it('three millimetres apart are told as a gap of three', () => {
    const m = touch(solidOf(block(40)), solidOf(block(40)), at(0, 0, 43), 6);
    expect(m && !touches(m) ? m.gap : NaN).toBeCloseTo(3, 2);
  });
  it('a ball of 40 mm beds into the board by half a millimetre: the cap of a sphere', () => {
    const m = touching(onGround(ball(20), WORLD));
    expect(Math.abs(m.area / (Math.PI * 0.5 * (40 - 0.5)) - 1)).toBeLessThan(0.03);
  });
  it('a rope of 12 mm that lies a millimetre in touches on its chord', () => {
    const frame = along([1, 0, 0], [-30, 0, 5]);
    const m = touching(onGround(rope(12, 60), frame));
    expect(Math.abs(m.area / (2 * Math.sqrt(36 - 25) * 60) - 1)).toBeLessThan(0.01);
    expect(rotated(frame, m.normal)[2]).toBeCloseTo(-1, 2);
  });
  it('over the rim of a board only what is on it is held up', () => {
    const m = touching(touch(solidOf(block(40)), groundWithin('square', 100), at(50, 0, 0)));
    expect(Math.abs(m.area / 800 - 1)).toBeLessThan(0.02);
  });
});

describe('whatever the two are', () => {
  const solids: fc.Arbitrary<Body> = fc.oneof(
    fc.integer({ min: 6, max: 30 }).map(ball),
    fc.integer({ min: 10, max: 40 }).map(block),
    fc.tuple(fc.integer({ min: 6, max: 20 }), fc.integer({ min: 20, max: 70 })).map(([d, l]) => rope(d, l)),
    fc.integer({ min: 10, max: 30 }).map((d) => made('egg', { diameter: d, length: 1.5 * d })),
  );
  const part = fc.double({ min: -1, max: 1, noNaN: true });
  const places = fc.tuple(part, part, part, part, part, part);

  it('the patch is the same seen from either, its normal turned round', () => {
    fc.assert(
      fc.property(solids, solids, places, (a, b, [x, y, z, u, v, w]) => {
        const fb = along([u, v, w + 1.2], [20 * x, 20 * y, 25 * z]);
        const [m, n] = [meet(a, WORLD, b, fb), meet(b, fb, a, WORLD)];
        expect(m !== undefined && touches(m)).toBe(n !== undefined && touches(n));
        if (!m || !n || !touches(m) || !touches(n) || m.area < 5 || m.agree < 0.9) return;
        expect(Math.abs(m.area / n.area - 1)).toBeLessThan(0.05);
        const back = seenFrom({ ...WORLD, origin: [0, 0, 0] }, { ...fb, origin: [0, 0, 0] });
        const normal = [0, 1, 2].map(
          (k) => m.normal[0] * back.x[k]! + m.normal[1] * back.y[k]! + m.normal[2] * back.z[k]!,
        );
        expect(normal[0]! * n.normal[0] + normal[1]! * n.normal[1] + normal[2]! * n.normal[2]).toBeLessThan(
          -0.98,
        );
      }),
      { numRuns: 80 },
    );
  });

  it('a mirrored pair touches as its twin does', () => {
    const mirror = (f: Frame): Frame => {
      const m = (p: Vec): Vec => [-p[0], p[1], p[2]];
      return { origin: m(f.origin), x: m(f.x), y: m(f.y), z: m(f.z) };
    };
    fc.assert(
      fc.property(solids, solids, places, (a, b, [x, y, z, u, v, w]) => {
        const fa = along([u, v, w + 1.2], [20 * x, 20 * y, 25 * z]);
        const [m, n] = [meet(a, fa, b, WORLD), meet(a, mirror(fa), b, mirror(WORLD))];
        if (!m || !touches(m)) return;
        expect(n && touches(n) ? n.area : 0).toBeCloseTo(m.area, 6);
      }),
      { numRuns: 40 },
    );
  });

  it('the spots of a patch are all of its area, and balance at its middle', () => {
    fc.assert(
      fc.property(solids, places, (a, [x, , z, u, v, w]) => {
        const m = meet(a, along([u, v, w + 1.2], [8 * x, 0, 4 + 4 * z]), block(60), at(0, 0, -56));
        if (!m || !touches(m) || m.round) return;
        expect(m.spots.reduce((s, p) => s + p.area, 0)).toBeCloseTo(m.area, 6);
        for (const k of [0, 1, 2])
          expect(m.spots.reduce((s, p) => s + p.area * p.at[k]!, 0) / m.area).toBeCloseTo(m.at[k]!, 6);
      }),
      { numRuns: 60 },
    );
  });

  it('pressing one further down into a board never lifts it off', () => {
    fc.assert(
      fc.property(solids, fc.double({ min: 0.1, max: 4, noNaN: true }), (a, deep) => {
        const [m, n] = [touching(onGround(a, at(0, 0, -deep))), touching(onGround(a, at(0, 0, -deep - 0.5)))];
        expect(n.depth).toBeGreaterThan(m.depth);
      }),
      { numRuns: 40 },
    );
  });
});
