import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nearer, pulled, wheelStep, WHOLE, wholeUnit, windowAt, type Look } from './viewport.ts';

const size = fc.record({
  width: fc.integer({ min: 60, max: 2000 }),
  height: fc.integer({ min: 60, max: 1400 }),
});
const whole = fc.record({
  left: fc.double({ min: -600, max: 0, noNaN: true }),
  width: fc.double({ min: 20, max: 1200, noNaN: true }),
  top: fc.double({ min: 10, max: 900, noNaN: true }),
  height: fc.double({ min: 20, max: 1000, noNaN: true }),
});
const share = fc.double({ min: 0, max: 1, noNaN: true });

describe('looking from nearer and further away', () => {
  it('the whole figure is seen at first, and a millimetre is as long across as up', () => {
    fc.assert(
      fc.property(size, whole, (s, w) => {
        const seen = windowAt(w, s, WHOLE);
        expect(seen.width / s.width).toBeCloseTo(seen.height / s.height, 9);
        expect(seen.left).toBeLessThanOrEqual(w.left + 1e-6);
        expect(seen.left + seen.width).toBeGreaterThanOrEqual(w.left + w.width - 1e-6);
        expect(seen.top).toBeGreaterThanOrEqual(w.top - 1e-6);
        expect(seen.top - seen.height).toBeLessThanOrEqual(w.top - w.height + 1e-6);
      }),
    );
  });

  it('what is under the pointer stays under it', () => {
    fc.assert(
      fc.property(size, whole, fc.double({ min: 1, max: 6, noNaN: true }), share, share, (s, w, by, x, y) => {
        const at = [w.left + x * w.width, w.top - y * w.height] as const;
        const on = (look: Look) => {
          const seen = windowAt(w, s, look);
          return [(at[0] - seen.left) / seen.width, (seen.top - at[1]) / seen.height] as const;
        };
        const [before, after] = [on(WHOLE), on(nearer(WHOLE, w, by, at))];
        expect(after[0]).toBeCloseTo(before[0], 6);
        expect(after[1]).toBeCloseTo(before[1], 6);
      }),
    );
  });

  it('the figure can never be pulled out of sight, nor looked at from nowhere', () => {
    fc.assert(
      fc.property(
        size,
        whole,
        fc.array(fc.tuple(fc.double({ min: 0.01, max: 50, noNaN: true }), fc.integer(), fc.integer()), {
          maxLength: 8,
        }),
        (s, w, hand) => {
          let look = WHOLE;
          for (const [by, right, up] of hand) look = pulled(nearer(look, w, by), w, right, up);
          const seen = windowAt(w, s, look);
          const [cx, cy] = [seen.left + seen.width / 2, seen.top - seen.height / 2];
          expect(cx).toBeGreaterThanOrEqual(w.left - 1e-6);
          expect(cx).toBeLessThanOrEqual(w.left + w.width + 1e-6);
          expect(cy).toBeLessThanOrEqual(w.top + 1e-6);
          expect(cy).toBeGreaterThanOrEqual(w.top - w.height - 1e-6);
          const near = wholeUnit(w, s) / (seen.width / s.width);
          expect(near).toBeGreaterThanOrEqual(0.25 - 1e-6);
          expect(near).toBeLessThanOrEqual(40 + 1e-6);
        },
      ),
    );
  });

  it('a turn of the wheel and back is where it was, and no jolt of it goes far', () => {
    expect(wheelStep(100) * wheelStep(-100)).toBeCloseTo(1, 12);
    expect(wheelStep(-100)).toBeGreaterThan(1.15);
    expect(wheelStep(-1e6)).toBeLessThan(1.6);
  });
});
