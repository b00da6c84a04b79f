import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { straightened, type Spot } from './photo.ts';

const ok = <T>(r: { ok: true; value: T } | { ok: false; problem: { text: string } }): T => {
  if (!r.ok) throw new Error(r.problem.text);
  return r.value;
};

describe('a flat thing seen aslant', () => {
  const corners: Spot[] = [
    [100, 100],
    [500, 120],
    [480, 420],
    [90, 400],
  ];

  it('comes out in its true proportion, its longer side as many points as asked', () => {
    const sheet = ok(straightened(corners, 297, 210));
    expect([sheet.width, sheet.height]).toEqual([1400, Math.round((1400 * 210) / 297)]);
    expect(ok(straightened(corners, 100, 400, 800))).toMatchObject({ width: 200, height: 800 });
  });

  it('takes each corner from where it is seen, and a straight line from a straight line', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -40, max: 40 }), { minLength: 8, maxLength: 8 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (off, t) => {
          const seen = corners.map(([x, y], i): Spot => [x + off[2 * i]!, y + off[2 * i + 1]!]);
          const { width, height, seenAt } = ok(straightened(seen, 297, 210));
          const box: Spot[] = [
            [0, 0],
            [width, 0],
            [width, height],
            [0, height],
          ];
          box.forEach((b, i) => {
            const [x, y] = seenAt(b);
            expect(Math.hypot(x - seen[i]![0], y - seen[i]![1])).toBeLessThan(1e-6);
          });
          // a point of the upper edge is seen on the line between its ends
          const [x, y] = seenAt([t * width, 0]);
          const [a, b] = [seen[0]!, seen[1]!];
          const off1 = (b[0] - a[0]) * (y - a[1]) - (b[1] - a[1]) * (x - a[0]);
          expect(Math.abs(off1)).toBeLessThan(1e-4);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is refused where it has no size, or three corners lie on one line', () => {
    expect(straightened(corners, 0, 210).ok).toBe(false);
    const flat: Spot[] = [
      [0, 0],
      [10, 10],
      [20, 20],
      [0, 50],
    ];
    expect(straightened(flat, 297, 210)).toMatchObject({ problem: { about: 'corners' } });
  });
});
