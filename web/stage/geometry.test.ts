import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyBuild } from '@core/figure/arbitrary.testing.ts';
import { extent } from '@core/figure/index.ts';
import { rulerMarks, stepOf, windowOf } from './geometry.ts';

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

  it('a step on the stage is one to the right, or to the back', () => {
    expect(stepOf('front', 3, 4)).toEqual([3, 0, 4]);
    expect(stepOf('side', 3, 4)).toEqual([0, 3, 4]);
  });

  it('the ruler has lines that can be read, from however near one looks, in millimetres and in inches', () => {
    for (const length of ['mm', 'in'] as const)
      for (const unit of [0.02, 0.1, 0.35, 1, 4]) {
        const frame = { left: 0, width: 500 * unit, top: 600 * unit, height: 620 * unit };
        const marks = rulerMarks(frame, unit, length);
        expect(marks[0]).toEqual({ up: 0, says: length === 'mm' ? '0' : '0″' });
        expect(marks.length).toBeGreaterThan(1);
        const apart = (marks[1]!.up - marks[0]!.up) / unit;
        expect(apart).toBeGreaterThanOrEqual(46);
        expect(apart).toBeLessThanOrEqual(46 * 2.6 * (length === 'in' ? 1.4 : 1));
      }
    const whole = { left: 0, width: 300, top: 212, height: 240 };
    expect(rulerMarks(whole, 0.4, 'mm').map((m) => m.says)).toEqual([
      '0',
      '20',
      '40',
      '60',
      '80',
      '100',
      '120',
      '140',
      '160',
      '180',
      '200',
    ]);
    expect(rulerMarks(whole, 0.4, 'in').map((m) => m.says)).toContain('3″');
    // looked at from near, the board out of sight: no line under the board
    expect(rulerMarks({ left: 0, width: 30, top: 100, height: 30 }, 0.05, 'mm')[0]!.up).toBe(70);
  });
});
