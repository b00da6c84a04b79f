// Surfaces of triangles against closed formulas: the ball (Archimedes), Euler's characteristic, Steiner's integral of
// mean curvature (2 π d for a ball), inclusion–exclusion for two balls through an independent solid modeller
// (manifold-3d), and every shape's volume through that modeller's own integration.
import Module from 'manifold-3d';
import { beforeAll, describe, expect, it } from 'vitest';
import {
  ballOverlap,
  bodyMesh,
  checkMesh,
  curvature,
  formBody,
  gathered,
  insideOut,
  measure,
  measureMesh,
  moved,
  shapeOf,
  SHAPE_KINDS,
  slice,
  startingForm,
  weld,
  type Mesh,
} from '../solids/index.ts';
import { moments } from '../solids/polygon.ts';
import { anyBuild } from '../figure/arbitrary.testing.ts';
import { place, sharedVolume } from '../figure/index.ts';
import fc from 'fast-check';

const ball = (d: number, round = 96): Mesh =>
  bodyMesh(formBody({ kind: 'ball', sizes: { diameter: d, press: 0 } }), round);

const cube: Mesh = bodyMesh(
  formBody({ kind: 'roundedBlock', sizes: { width: 1, depth: 1, height: 1, edge: 0 } }),
);

describe('measures', () => {
  it('a cube moved a kilometre away still holds one cubic millimetre', () => {
    const far = measureMesh(moved(cube, ([x, y, z]) => [x + 1e6, y + 1e6, z + 1e6]));
    expect(far.volume).toBeCloseTo(1, 8);
    expect(far.area).toBeCloseTo(6, 6);
    expect(far.centre[2]).toBeCloseTo(1e6 + 0.5, 4);
  });

  it('a ball is a little less than a ball, and its curvature is 2 π d', () => {
    const m = measureMesh(ball(100));
    expect(m.volume / 523598.776).toBeGreaterThan(0.985);
    expect(m.volume).toBeLessThan(523598.776);
    expect(curvature(ball(100)) / 628.31853).toBeCloseTo(1, 2);
  });

  it('tells watertight, open, inside out and pierced', () => {
    expect(checkMesh(ball(100, 48))).toMatchObject({
      watertight: true,
      insideOut: false,
      parts: 1,
      handles: 0,
    });
    const ring = bodyMesh(formBody(startingForm('ring')));
    expect(checkMesh(ring)).toMatchObject({ watertight: true, parts: 1, handles: 1 });
    const open = { ...cube, faces: cube.faces.slice(3) };
    expect(checkMesh(open)).toMatchObject({ watertight: false, openEdges: 3 });
    expect(checkMesh(insideOut(cube)).insideOut).toBe(true);
    const flipped = {
      ...cube,
      faces: Uint32Array.from(cube.faces, (_, i, all = cube.faces) => (i < 2 ? all[1 - i]! : all[i]!)),
    };
    expect(checkMesh(flipped).flippedEdges).toBeGreaterThan(0);
    expect(checkMesh(gathered([cube, moved(cube, ([x, y, z]) => [x + 3, y, z])]))).toMatchObject({
      parts: 2,
    });
  });

  it('cuts a ball at a third of its height', () => {
    const { loops, open } = slice(ball(150, 192), 50);
    expect(open).toBe(0);
    expect(moments(loops[0]!).area / 15707.963).toBeCloseTo(1, 2);
    expect(slice(ball(150, 48), 500).loops).toEqual([]);
  });

  it('a cube cut at its very top gives one outline, at its very foot none', () => {
    expect(slice(cube, 1).loops.length).toBe(1);
    expect(slice(cube, 0).loops.length).toBe(0);
  });

  it('welds loose triangles back to the same surface', () => {
    const m = ball(40, 24);
    const soup = Array.from(m.faces).flatMap((f) => [
      m.points[3 * f]!,
      m.points[3 * f + 1]!,
      m.points[3 * f + 2]!,
    ]);
    const back = weld(soup);
    expect(checkMesh(back)).toMatchObject({ watertight: true, corners: m.points.length / 3 });
    expect(measureMesh(back).volume).toBeCloseTo(measureMesh(m).volume, 6);
  });
});

describe('against an independent solid modeller', () => {
  let solid: (m: Mesh) => InstanceType<Awaited<ReturnType<typeof Module>>['Manifold']>;
  beforeAll(async () => {
    const lib = await Module();
    lib.setup();
    solid = (m) =>
      new lib.Manifold(
        new lib.Mesh({
          numProp: 3,
          vertProperties: Float32Array.from(m.points),
          triVerts: Uint32Array.from(m.faces),
        }),
      );
  });

  it.each(SHAPE_KINDS.filter((k) => !shapeOf(k).fromFile))('%s has the volume that it integrates', (kind) => {
    const form = startingForm(kind);
    const body = formBody(form);
    if (body.type === 'group') {
      // parts may lie in each other: the union of them, small ones apart
      const parts = body.parts
        .slice(0, kind === 'paddleHand' ? 9 : 4)
        .map((p) => solid(bodyMesh({ type: 'group', parts: [p] }, 96)));
      const sum = parts.reduce((v, p) => v + p.volume(), 0);
      let union = parts[0]!;
      for (const p of parts.slice(1)) union = union.add(p);
      if (kind === 'paddleHand')
        expect(Math.abs(union.volume() / measure(form).volume - 1)).toBeLessThan(0.06);
      else expect(sum / parts.length / (measure(form).volume / measure(form).alike!)).toBeCloseTo(1, 1);
      return;
    }
    const found = solid(bodyMesh(body, 128));
    expect(Math.abs(found.volume() / measure(form).volume - 1), kind).toBeLessThan(
      body.type === 'band' ? 0.045 : 0.012,
    );
    if (!shapeOf(kind).core && body.type !== 'band')
      expect(Math.abs(found.surfaceArea() / measure(form).area - 1), kind).toBeLessThan(0.012);
  });

  it('two balls 23 mm apart: the union is both less the lens they share', () => {
    const a = solid(ball(40, 128));
    const b = solid(moved(ball(30, 128), ([x, y, z]) => [x, y, z + 5 + 23]));
    const union = a.add(b).volume();
    const shared = a.volume() + b.volume() - union;
    // facets take a hundredth off a small lens
    expect(Math.abs(shared / ballOverlap(40, 30, 23) - 1)).toBeLessThan(0.02);
  });
});

it('paste in the place of other paste, counted on a grid, is the lens of two balls within three hundredths', () => {
  fc.assert(
    fc.property(anyBuild(1), fc.double({ min: 14, max: 34, noNaN: true }), (any, apart) => {
      const two = [40, 30].map((d, k) => ({
        ...any.pieces[0]!,
        id: `b${k}`,
        form: { kind: 'ball' as const, sizes: { diameter: d, press: 0 } },
        pair: false,
        count: 1,
        seat: {
          ...any.pieces[0]!.seat,
          on: k ? 'b0' : 'board',
          at: (k ? [0, 0, 20 + apart - 15] : [3, 4, 5]) as [number, number, number],
          lean: 0,
          tip: 0,
          turn: 0,
          sink: 0,
          how: 'sits' as const,
        },
      }));
      const [a, b] = place({ ...any, pieces: two });
      const lens = ballOverlap(40, 30, apart);
      expect(Math.abs(sharedVolume(b!, a!) - lens)).toBeLessThan(0.03 * lens + 60);
    }),
    { numRuns: 25 },
  );
});
