import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { measureMesh } from '../solids/index.ts';
import { anyBuild } from './arbitrary.testing.ts';
import type { Build, Piece } from '../record/index.ts';
import { elevation, standingOutlines } from './elevation.ts';
import { extent } from './extent.ts';
import { place, measureOf } from './place.ts';
import { setPiece, setSeat } from '../edits/index.ts';
import { solidParts } from './solid.ts';
import { weigh, blendOf } from './weigh.ts';

describe('the drawing', () => {
  it('reaches as far as the figure does, in front and from the side', () => {
    fc.assert(
      fc.property(anyBuild(5), (build) => {
        const e = extent(build);
        for (const view of ['front', 'side'] as const) {
          const points = elevation(build, view).flatMap((s) => standingOutlines(s).flat());
          const xs = points.map((p) => p[0]);
          const size = Math.max(e.right - e.left, e.back - e.front, e.top, 40);
          const slack = 0.03 * size + 1;
          const [low, high] = view === 'front' ? [e.left, e.right] : [e.front, e.back];
          expect(Math.min(0, ...xs)).toBeGreaterThan(low - slack);
          expect(Math.max(0, ...xs)).toBeLessThan(high + slack);
          expect(Math.max(...points.map((p) => p[1]))).toBeLessThan(e.top + slack);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('draws heaps of small ones one by one, and leaves out what its carrier hides', () => {
    const heron = demoBuild('one-legged-heron');
    const wing = (view: 'front' | 'side', id: string) =>
      elevation(heron, view).find((s) => s.instance.piece.id === id)!.drawn.layers!;
    const all = place(heron).find((i) => i.piece.id === 'near-wing')!.body;
    const feathers = all.type === 'group' ? all.parts.length : 0;
    expect(feathers).toBeGreaterThan(20);
    expect(wing('front', 'near-wing').length).toBeGreaterThan(feathers * 0.7);
    // the far wing lies round the back of the body
    expect(wing('front', 'far-wing').length).toBeLessThan(feathers * 0.5);
  });

  it('draws a rib after the leaf it lies on, and before it from behind', () => {
    const cabbage = demoBuild('savoy-cabbage');
    const order = elevation(cabbage, 'front').map((s) => s.instance.piece.id);
    expect(order.indexOf('rib-1')).toBeGreaterThan(order.indexOf('outer-leaf-1'));
    expect(order.indexOf('rib-4')).toBeLessThan(order.indexOf('outer-leaf-4'));
  });

  it('shows the core of a skin and of a coat', () => {
    const head = elevation(demoBuild('ferryman-otter'), 'front').find((s) => s.instance.piece.id === 'head')!;
    const xs = head.drawn.core!.flat().map((p) => p[0]);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(50, 0);
    const heart = elevation(demoBuild('savoy-cabbage'), 'side').find((s) => s.instance.piece.id === 'heart')!;
    expect(heart.drawn.core).toBeDefined();
  });
});

describe('standing bodies', () => {
  it('that stand as before are the very same, so that what follows from them is kept', () => {
    const otter = demoBuild('ferryman-otter');
    const before = place(otter);
    const changed = setPiece(otter, 'nose', { texture: 'stipple' });
    if (!changed.ok) throw new Error(changed.problem.text);
    const after = place(changed.value);
    after.forEach((i, k) => {
      const carried = i.piece.id === 'nose';
      expect(i === before[k], i.piece.id).toBe(!carried);
    });
  });

  it('are new when what carries them moves', () => {
    const otter = demoBuild('ferryman-otter');
    const before = place(otter);
    const moved = setSeat(otter, 'body', { at: [5, 8, 16] });
    if (!moved.ok) throw new Error(moved.problem.text);
    const after = place(moved.value);
    const at = (list: typeof before, id: string) => list.find((i) => i.piece.id === id)!;
    expect(at(after, 'nose')).not.toBe(at(before, 'nose'));
    expect(at(after, 'nose').frame.origin[0] - at(before, 'nose').frame.origin[0]).toBeCloseTo(5, 6);
    expect(at(after, 'feet')).toBe(at(before, 'feet'));
  });
});

describe('the figure as triangles', () => {
  const rolled = (b: Build, p: Piece) =>
    !['group', 'band'].includes(place(b).find((i) => i.piece === p)!.body.type);
  it('holds what the pieces hold, mirrored ones the right way out', () => {
    const otter = demoBuild('ferryman-otter');
    for (const piece of otter.pieces.filter((p) => rolled(otter, p))) {
      const parts = solidParts(otter, piece.id);
      expect(parts.length).toBe(place(otter).filter((i) => i.piece === piece).length);
      for (const part of parts) {
        const { volume } = measureMesh(part.mesh);
        const wanted = weigh(piece, blendOf(otter, piece)).volume.value * 1000;
        expect(volume / wanted, piece.name).toBeGreaterThan(0.97);
        expect(volume / wanted, piece.name).toBeLessThan(1.03);
      }
    }
  });
  it('stands where the drawing stands', () => {
    const heron = demoBuild('one-legged-heron');
    const { low, high } = solidParts(heron).reduce(
      (box, part) => {
        const m = measureMesh(part.mesh);
        return {
          low: box.low.map((x, k) => Math.min(x, m.low[k]!)),
          high: box.high.map((x, k) => Math.max(x, m.high[k]!)),
        };
      },
      { low: [0, 0, 0], high: [0, 0, 0] },
    );
    const e = extent(heron);
    expect(Math.abs(high[2]! - e.top)).toBeLessThan(1);
    expect(Math.abs(high[0]! - e.right)).toBeLessThan(1);
    expect(Math.abs(low[0]! - e.left)).toBeLessThan(1);
    expect(measureOf(heron.pieces[0]!).height).toBeGreaterThan(10);
  });
});
