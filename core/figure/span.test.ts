import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { spanBetween } from './span.ts';

const place = fc.tuple(fc.integer({ min: -900, max: 900 }), fc.integer({ min: -900, max: 900 }));

describe('two taps', () => {
  it('are as far apart as a ruler says, and the sum tells which way', () => {
    // the triangle of 3, 4 and 5: Euclid, Elements I.47
    const told = spanBetween('front', [-30, 100], [0, 140]);
    expect(told.value).toBe(50);
    expect(told.from!.map((f) => [f.name, f.value])).toEqual([
      ['Sideways', 30],
      ['Upwards', 40],
    ]);
    expect(spanBetween('side', [0, 0], [7, 0]).from![0]!.name).toBe('Front to back');
  });

  it('is the same there and back, and never longer by a detour left out', () => {
    fc.assert(
      fc.property(place, place, place, (a, b, c) => {
        const of = (p: typeof a, q: typeof a) => spanBetween('front', p, q).value;
        expect(of(a, b)).toBe(of(b, a));
        expect(of(a, c)).toBeLessThanOrEqual(of(a, b) + of(b, c) + 1e-9);
      }),
    );
  });
});
