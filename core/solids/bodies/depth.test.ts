import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyForm } from '../../figure/arbitrary.testing.ts';
import {
  bodyDepth,
  bodyInside,
  bodyMesh,
  bodyReach,
  bodySkin,
  checkMesh,
  formBody,
  startingForm,
  turned,
  WORLD,
  type Body,
  type Form,
  type Vec,
} from '../index.ts';
import { pointOf, type Mesh } from '../mesh/index.ts';

const cornersOf = (mesh: Mesh): Vec[] =>
  Array.from({ length: mesh.points.length / 3 }, (_, i) => pointOf(mesh, i));

const share = fc.double({ min: -0.2, max: 1.2, noNaN: true });
/** A place in or near the box of a body, told by shares of it. */
const placed = (body: Body, shares: Vec): Vec =>
  [0, 1, 2].map((k) => {
    const d = (sign: number): Vec => [k === 0 ? sign : 0, k === 1 ? sign : 0, k === 2 ? sign : 0];
    const [low, high] = [-bodyReach(body, d(-1)), bodyReach(body, d(1))];
    return low + (high - low) * shares[k]!;
  }) as unknown as Vec;

const made = (kind: Form['kind'], sizes: Record<string, number>): Body =>
  formBody({ ...startingForm(kind), sizes: { ...startingForm(kind).sizes, ...sizes } });

/** Bands have no thickness of their own to be deep in at their rims, and heaps lie over each other. */
const plain = (body: Body): boolean => body.type !== 'band' && body.type !== 'group';

describe('how deep a point lies in a body', () => {
  it('is the distance to the surface of a ball, inside and out', () => {
    const depth = bodyDepth(made('ball', { diameter: 40, press: 0 }));
    for (const p of [
      [0, 0, 20],
      [3, 4, 22],
      [0, 0, -10],
      [30, 0, 20],
      [12, -9, 35],
    ] as const)
      expect(depth(p[0], p[1], p[2])).toBeCloseTo(20 - Math.hypot(p[0], p[1], p[2] - 20), 1);
  });

  it('counts both lids of a rope that stands', () => {
    const depth = bodyDepth(turned(() => 6, [0, 60]));
    expect(depth(0, 0, 2)).toBeCloseTo(2, 9);
    expect(depth(0, 0, 57)).toBeCloseTo(3, 9);
    expect(depth(5, 0, 30)).toBeCloseTo(1, 9);
    expect(depth(9, 0, 64)).toBeCloseTo(-5, 9);
  });

  it('is the distance to the nearest face of a block, and to its edge outside', () => {
    const depth = bodyDepth(made('roundedBlock', { width: 40, depth: 40, height: 40, edge: 0 }));
    expect(depth(0, 0, 5)).toBeCloseTo(5, 6);
    expect(depth(17, 0, 20)).toBeCloseTo(3, 6);
    expect(depth(23, 24, 20)).toBeCloseTo(-5, 6);
  });

  it('is exact to the first order beside an egg, whose skin leans', () => {
    // a spheroid 40 across and 60 high: the true distance by a fine walk along its outline
    const depth = bodyDepth(
      turned(
        (z) => 20 * Math.sqrt(Math.max(0, 1 - (z / 30 - 1) ** 2)),
        Array.from({ length: 41 }, (_, i) => 30 * (1 - Math.cos((Math.PI * i) / 40))),
      ),
    );
    for (const [r, z] of [
      [18, 50],
      [25, 30],
      [4, 58],
      [10, 20],
    ] as const) {
      let near = Infinity;
      for (let k = 0; k <= 20_000; k++) {
        const t = (Math.PI * k) / 20_000;
        near = Math.min(near, Math.hypot(r - 20 * Math.sin(t), z - 30 + 30 * Math.cos(t)));
      }
      expect(Math.abs(depth(r, 0, z))).toBeCloseTo(near, 1);
    }
  });

  it('is never further than the skin really is, whatever the shape', () => {
    fc.assert(
      fc.property(anyForm, fc.tuple(share, share, share), (form, shares) => {
        const body = formBody(form);
        const p = placed(body, shares as unknown as Vec);
        const depth = bodyDepth(body)(...p);
        // beside ovals and blocks it is exact near the skin only
        const slack = body.type === 'band' ? body.thickness : 0;
        for (const c of cornersOf(bodySkin(body, 20))) {
          const far = Math.hypot(c[0] - p[0], c[1] - p[1], c[2] - p[2]);
          if (body.type === 'group' && depth > 0) continue;
          expect(Math.abs(depth), JSON.stringify(form)).toBeLessThanOrEqual(
            far * (body.type === 'stack' ? 1.12 : 1.02) + 0.05 + slack,
          );
        }
      }),
      { numRuns: 150 },
    );
  });

  it('is nought on the skin, which is closed', () => {
    fc.assert(
      fc.property(anyForm, (form) => {
        const body = formBody(form);
        const skin = bodySkin(body, 20);
        expect(checkMesh(skin).openEdges, JSON.stringify(form)).toBe(0);
        if (!plain(body)) return;
        const depth = bodyDepth(body);
        for (const c of cornersOf(skin)) {
          expect(depth(...c), JSON.stringify(form)).toBeGreaterThan(-0.35);
          // a rope bent right round may run into itself
          if (body.type !== 'tube') expect(depth(...c), JSON.stringify(form)).toBeLessThan(0.35);
        }
      }),
      { numRuns: 100 },
    );
  });

  it('is above nought just where the body says that a point is inside', () => {
    fc.assert(
      fc.property(anyForm, fc.tuple(share, share, share), (form, shares) => {
        const body = formBody(form);
        if (!plain(body)) return;
        const p = placed(body, shares as unknown as Vec);
        const depth = bodyDepth(body)(...p);
        if (Math.abs(depth) < 0.1) return;
        expect(depth > 0, JSON.stringify(form)).toBe(bodyInside(body, p) !== undefined);
      }),
      { numRuns: 200 },
    );
  });

  it('of a solid from a file is that of the shape it was taken from', () => {
    const egg = formBody(startingForm('egg'));
    const scan: Body = { type: 'scan', mesh: bodyMesh(egg, 48) };
    const [there, here] = [bodyDepth(scan), bodyDepth(egg)];
    fc.assert(
      fc.property(fc.tuple(share, share, share), (shares) => {
        const p = placed(egg, shares as unknown as Vec);
        // triangles lie inside the curve, and nobody needs to know beyond seven millimetres
        const [a, b] = [there(...p), here(...p)];
        expect(Math.abs(a)).toBeLessThanOrEqual(Math.abs(b) + 0.25);
        if (Math.abs(b) < 6 && Math.abs(b) > 0.2) expect(a).toBeCloseTo(b, 0);
      }),
    );
  });

  it('lies in a band only within half its thickness of its middle', () => {
    const rows = [0, 12].map((z) =>
      Array.from({ length: 72 }, (_, i): Vec => {
        const a = (2 * Math.PI * i) / 72;
        return [26 * Math.cos(a), 26 * Math.sin(a), z];
      }),
    );
    const depth = bodyDepth({ type: 'band', rows, thickness: 2, loop: true });
    expect(depth(26, 0, 6)).toBeCloseTo(1, 1);
    expect(depth(28, 0, 6)).toBeCloseTo(-1, 1);
    expect(depth(0, 0, 6)).toBeLessThan(-5);
  });

  it('of many small ones is that of the nearest', () => {
    const one = turned((z) => Math.sqrt(Math.max(0, z * (4 - z))), [0, 0.3, 1, 2, 3, 3.7, 4]);
    const parts = Array.from({ length: 40 }, (_, i) => ({
      body: one,
      frame: { ...WORLD, origin: [10 * i, 0, 0] as Vec },
    }));
    const depth = bodyDepth({ type: 'group', parts });
    expect(depth(170, 0, 2)).toBeCloseTo(2, 1);
    expect(depth(173, 0, 2)).toBeCloseTo(-1, 1);
    expect(depth(175, 0, 40)).toBeLessThanOrEqual(-7);
  });
});
