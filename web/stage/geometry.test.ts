import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyBuild } from '@core/figure/arbitrary.testing.ts';
import { demoBuild } from '@core/files/demo.testing.ts';
import { elevation, extent } from '@core/figure/index.ts';
import { outlinePath, pathOf, rulerMarks, stepOf, windowOf } from './geometry.ts';

describe('what the stage shows', () => {
  it('the figure and its board always fit, from both sides', () => {
    fc.assert(
      fc.property(anyBuild(6), fc.constantFrom('front' as const, 'side' as const), (build, view) => {
        const e = extent(build);
        const w = windowOf(build, e, view);
        const [low, high] = view === 'front' ? [e.left, e.right] : [e.front, e.back];
        expect(w.left).toBeLessThan(Math.min(low, -build.board.width / 2));
        expect(w.left + w.width).toBeGreaterThan(Math.max(high, build.board.width / 2));
        expect(w.top).toBeGreaterThan(e.top);
        expect(w.top - w.height).toBeLessThan(-build.board.thickness);
      }),
      { numRuns: 60 },
    );
  });

  it('up is negative in the picture, and outlines close', () => {
    expect(
      outlinePath([
        [
          [0, 0],
          [10, 0],
          [10, 20],
        ],
      ]),
    ).toBe('M0.00 0.00L10.00 0.00L10.00 -20.00Z');
  });

  it('every piece of the demonstration builds has a path of numbers', () => {
    for (const id of ['ferryman-otter', 'savoy-cabbage', 'one-legged-heron'])
      for (const s of elevation(demoBuild(id), 'front')) expect(pathOf(s)).toMatch(/^(M[-\d. L]+Z)+$/);
  });

  it('a step on the stage is one to the right, or to the back', () => {
    expect(stepOf('front', 3, 4)).toEqual([3, 0, 4]);
    expect(stepOf('side', 3, 4)).toEqual([0, 3, 4]);
  });

  it('the ruler has few lines, whatever the height', () => {
    for (const top of [15, 60, 61, 210, 421, 900]) {
      const marks = rulerMarks(top);
      expect(marks[0]).toBe(0);
      expect(marks.at(-1)!).toBeLessThanOrEqual(top);
      expect(marks.length).toBeLessThanOrEqual(10);
    }
    expect(rulerMarks(210)).toEqual([0, 50, 100, 150, 200]);
  });
});
