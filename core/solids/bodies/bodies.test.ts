import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyForm } from '../../figure/arbitrary.testing.ts';
import { seeded } from '../../quantity/index.ts';
import {
  bodyFootRadius,
  bodyInside,
  bodyMesh,
  bodyOutlines,
  bodyReach,
  bodySurface,
  dot,
  formBody,
  keptSolid,
  measure,
  polygonContains,
  startingForm,
  turned,
  unit,
  WORLD,
  type Body,
  type Form,
  type Vec,
} from '../index.ts';
import { pointOf } from '../mesh/index.ts';

const direction: fc.Arbitrary<Vec> = fc
  .tuple(
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: -1, max: 1, noNaN: true }),
  )
  .filter((v) => Math.hypot(...v) > 0.2)
  .map((v) => unit(v));

const cornersOf = (body: Body): Vec[] => {
  const mesh = bodyMesh(body, 64);
  return Array.from({ length: mesh.points.length / 3 }, (_, i) => pointOf(mesh, i));
};

/** A solid as it comes from a file: an egg of triangles. */
const scanned = (): Form => {
  const mesh = bodyMesh(formBody(startingForm('egg')), 32);
  const { solid, size } = keptSolid('Egg', mesh, mesh);
  return { kind: 'imported', sizes: { width: size[0], depth: size[1], height: size[2] }, solid };
};

describe('every kind of body', () => {
  it('reaches as far as the furthest of its triangles', () => {
    fc.assert(
      fc.property(anyForm, direction, (form, along) => {
        const body = formBody(form);
        const slow = Math.max(...cornersOf(body).map((p) => dot(p, along)));
        const m = measure(form);
        const size = Math.max(m.width, m.depth, m.height);
        expect(Math.abs(bodyReach(body, along) - slow), JSON.stringify(form)).toBeLessThan(0.02 * size + 0.3);
      }),
      { numRuns: 120 },
    );
  });

  it('is drawn as far as it reaches, in any direction of the picture', () => {
    fc.assert(
      fc.property(anyForm, fc.double({ min: 0, max: 6.28, noNaN: true }), (form, turn) => {
        const body = formBody(form);
        const [c, s] = [Math.cos(turn), Math.sin(turn)];
        const drawn = bodyOutlines(body, (p) => [p[0], p[2]]).flat();
        const far = Math.max(...drawn.map(([x, y]) => x * c + y * s));
        const reach = bodyReach(body, [c, 0, s]);
        const m = measure(form);
        expect(far, JSON.stringify(form)).toBeLessThan(reach + 1e-6);
        // a circle of 32 sides lacks half a hundredth at most
        expect(far, JSON.stringify(form)).toBeGreaterThan(
          reach - 0.006 * Math.max(m.width, m.depth, m.height) - 0.01,
        );
      }),
      { numRuns: 200 },
    );
  });

  it('is drawn alike on both sides where it is alike, to its flat top', () => {
    const kinds = [
      'dome',
      'disc',
      'truncatedCone',
      'ball',
      'egg',
      'lathe',
      'roundedBlock',
      'teardrop',
    ] as const;
    for (const kind of kinds)
      for (const drop of [(p: Vec) => [p[0], p[2]] as const, (p: Vec) => [p[1], p[2]] as const]) {
        const drawn = bodyOutlines(formBody(startingForm(kind)), drop);
        for (const o of drawn)
          for (const [x, y] of o) {
            const gap = Math.min(...drawn.flat().map(([u, v]) => Math.hypot(u + x, v - y)));
            expect(gap, `${kind} at ${x}, ${y}`).toBeLessThan(1e-6);
          }
      }
  });

  it('is covered by its outlines, from whichever side it is drawn', () => {
    fc.assert(
      fc.property(anyForm, fc.boolean(), (form, side) => {
        const body = formBody(form);
        const drop = (p: Vec) => (side ? ([p[1], p[2]] as const) : ([p[0], p[2]] as const));
        const outlines = bodyOutlines(body, drop);
        const m = measure(form);
        const slack = 0.03 * Math.max(m.width, m.depth, m.height) + 0.3;
        // a corner lies in an outline, or within a hair of the edge of one
        const near = (x: number, z: number) =>
          outlines.some(
            (o) => polygonContains(o, x, z) || o.some(([u, v]) => Math.hypot(u - x, v - z) < slack),
          );
        const corners = cornersOf(body);
        const step = Math.max(1, Math.floor(corners.length / 60));
        for (let i = 0; i < corners.length; i += step) {
          const [x, z] = drop(corners[i]!);
          // long straight sides have few points to be near to: look a little inside instead
          const [cx, cz] = [0, m.height / 2];
          const inwards = body.type === 'stack' ? near(x + (cx - x) * 0.03, z + (cz - z) * 0.03) : true;
          expect(near(x, z) || inwards, JSON.stringify(form)).toBe(true);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('has points of its surface that reach no further than it does', () => {
    fc.assert(
      fc.property(anyForm, direction, (form, along) => {
        const body = formBody(form);
        const furthest = Math.max(...bodySurface(body).map((p) => dot(p, along)));
        expect(furthest).toBeLessThanOrEqual(bodyReach(body, along) + 0.02 * measure(form).height + 0.3);
      }),
      { numRuns: 60 },
    );
  });
});

describe('what a point is inside of', () => {
  it('cover is the way to the side: a point moved outwards by more than it is outside', () => {
    const forms: Form[] = [
      startingForm('ball'),
      startingForm('cone'),
      startingForm('rope'),
      startingForm('bentRope'),
      startingForm('ring'),
    ];
    fc.assert(
      fc.property(fc.constantFrom(...forms), fc.nat(), (form, seed) => {
        const body = formBody(form);
        const m = measure(form);
        const draw = seeded(seed);
        const p: Vec = [(draw() - 0.5) * m.width, (draw() - 0.5) * m.depth, draw() * m.height];
        const inside = bodyInside(body, p);
        if (!inside) return;
        expect(inside.cover).toBeGreaterThanOrEqual(0);
        const out = Math.hypot(p[0], p[1]);
        if (body.type !== 'stack' || out < 1e-6) return;
        const further = (k: number): Vec => [p[0] * (1 + k / out), p[1] * (1 + k / out), p[2]];
        expect(bodyInside(body, further(inside.cover * 0.98))).toBeDefined();
        expect(bodyInside(body, further(inside.cover * 1.02 + 1e-6))).toBeUndefined();
      }),
    );
  });

  it('tells the core from the skin over it', () => {
    const skin = formBody({ kind: 'skinOverBall', sizes: { core: 50, coat: 6 } });
    expect(bodyInside(skin, [0, 0, 31])).toMatchObject({ part: 'core' });
    expect(bodyInside(skin, [0, 0, 3])).toMatchObject({ part: 'paste' });
    expect(bodyInside(skin, [28, 0, 31])).toMatchObject({ part: 'paste' });
    expect(bodyInside(skin, [32, 0, 31])).toBeUndefined();
  });

  it('the hole of a ring and of a sheet is not paste', () => {
    const ring = formBody({ kind: 'ring', sizes: { across: 40, rope: 8 } });
    expect(bodyInside(ring, [0, 0, 4])).toBeUndefined();
    expect(bodyInside(ring, [20, 0, 4])).toMatchObject({
      part: 'paste',
      cover: expect.closeTo(4, 1) as number,
    });
    const square = (a: number, b: number) => [[a, a, 1], [b, a, 1], [b, b, 1], [a, b, 1]] as const; // prettier-ignore
    const holed = formBody({
      kind: 'sheet',
      sizes: { width: 40, height: 40, thickness: 4 },
      curves: { edge: square(0, 4), hole1: square(1, 3) },
    });
    expect(bodyInside(holed, [0, 0, 20])).toBeUndefined();
    expect(bodyInside(holed, [16, 0, 20])).toMatchObject({ cover: 2 });
  });

  it('a hand holds a rod, a ruffle and a heap of pearls hold none', () => {
    const hand = formBody({ kind: 'paddleHand', sizes: { length: 60 } });
    expect(bodyInside(hand, [0, 0, 15])).toMatchObject({ part: 'paste' });
    for (const kind of ['ruffle', 'flounce', 'pearls', 'scales', 'strands'] as const) {
      const body = formBody(startingForm(kind));
      const m = measure(startingForm(kind));
      expect(bodyInside(body, [0, 0, m.height / 2]), kind).toBeUndefined();
    }
  });

  it('a solid from a file is asked by its level cuts', () => {
    const body = formBody(scanned());
    expect(bodyInside(body, [0, 0, 20])).toMatchObject({
      part: 'paste',
      cover: expect.closeTo(19.6, 0) as number,
    });
    expect(bodyInside(body, [21, 0, 20])).toBeUndefined();
    expect(bodyReach(body, [0, 0, 1])).toBeCloseTo(55, 1);
    expect(bodyFootRadius(body, 3)).toBeGreaterThan(5);
    expect(bodyOutlines(body, (p) => [p[0], p[2]]).length).toBeGreaterThan(50);
  });
});

describe('where it rests', () => {
  it('an upright cone on its whole foot, a ball on what is pressed flat', () => {
    expect(bodyFootRadius(formBody(startingForm('cone')), 0)).toBe(20);
    // a ball of 40 mm sunk by 2: √(2 × 38)
    expect(bodyFootRadius(formBody(startingForm('ball')), 2)).toBeCloseTo(Math.sqrt(76), 6);
    const block = formBody({ kind: 'roundedBlock', sizes: { width: 40, depth: 20, height: 20, edge: 2 } });
    expect(bodyFootRadius(block, 4)).toBeCloseTo(Math.sqrt(20 * 10), 6);
  });
});

it('a waist is drawn as a waist: the outline is not the hull of the whole', () => {
  const glass = turned((z) => (z < 20 ? 20 - z * 0.8 : 4 + (z - 20) * 0.8), [0, 10, 20, 30, 40]);
  const outlines = bodyOutlines(glass, (p) => [p[0], p[2]]);
  const covered = (x: number, z: number) => outlines.some((o) => polygonContains(o, x, z));
  expect(covered(3, 20)).toBe(true);
  expect(covered(12, 20)).toBe(false);
  expect(covered(18, 1)).toBe(true);
});

it('parts of a group stand where their frames say', () => {
  const ball = formBody({ kind: 'ball', sizes: { diameter: 10, press: 0 } });
  const two: Body = {
    type: 'group',
    parts: [
      { frame: WORLD, body: ball },
      { frame: { ...WORLD, origin: [30, 0, 5] }, body: ball },
    ],
  };
  expect(bodyReach(two, [1, 0, 0])).toBeCloseTo(35, 6);
  expect(bodyReach(two, [0, 0, 1])).toBeCloseTo(15, 6);
  expect(bodyInside(two, [30, 0, 10])).toMatchObject({ cover: 5 });
  expect(bodyInside(two, [15, 0, 5])).toBeUndefined();
});
