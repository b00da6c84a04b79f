import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normalCdf } from '../quantity/index.ts';
import { JOIN_KINDS } from '../record/index.ts';
import { JOINS, normalQuantile, proposedJoin, quantileOf, type Joined } from './index.ts';

const band = fc
  .tuple(
    fc.double({ min: 0.5, max: 500, noNaN: true }),
    fc.double({ min: 1.01, max: 6, noNaN: true }),
    fc.double({ min: 1.01, max: 6, noNaN: true }),
  )
  .map(([fast, a, b]) => ({ fast, likely: fast * a, slow: fast * a * b }));

describe('the kinds of join', () => {
  it('are all there under their own id, each with what it asks and what goes wrong', () => {
    expect(Object.keys(JOINS).sort()).toEqual([...JOIN_KINDS].sort());
    for (const kind of Object.values(JOINS)) {
      expect(JOINS[kind.id]).toBe(kind);
      expect(kind.does('ear', 'the head')).toMatch(/ear/);
      expect(kind.early.length + kind.late.length).toBeGreaterThan(10);
      const [fast, likely, slow] = kind.carries;
      expect(fast <= likely && likely <= slow).toBe(true);
    }
  });

  it('what rods carry need not be firm first, what is glued firm has to be, and it is never late', () => {
    expect(JOINS.slid.onRods!.up.after).toEqual([]);
    expect(JOINS.slid.up.after).toContain('handle');
    expect(JOINS.firm.up.after).toContain('handle');
    for (const kind of [JOINS.firm, JOINS.iced, JOINS.hung, JOINS.slid, JOINS.loose])
      expect([...kind.up.before, ...kind.down.before]).toEqual([]);
    // common practice: pressed while both are soft, laid round before it cracks at the bend
    for (const kind of [JOINS.pressed, JOINS.posed, JOINS.round]) expect(kind.up.before).toHaveLength(1);
  });

  const plain: Joined = {
    onBoard: false,
    portion: false,
    threaded: false,
    how: 'sits',
    rods: 0,
    iced: false,
    apart: false,
    poses: false,
    borneAtOnce: true,
  };
  it.each<[Partial<Joined>, string]>([
    [{}, 'pressed'],
    [{ borneAtOnce: false }, 'firm'],
    [{ poses: true }, 'posed'],
    [{ apart: true, poses: true }, 'firm'],
    [{ iced: true, poses: true }, 'iced'],
    [{ rods: 2, iced: true }, 'slid'],
    [{ how: 'set', rods: 1 }, 'socket'],
    [{ how: 'wraps' }, 'round'],
    [{ how: 'hangs', rods: 1 }, 'hung'],
    [{ threaded: true, rods: 1 }, 'threaded'],
    [{ onBoard: true }, 'stood'],
    [{ onBoard: true, portion: true }, 'loose'],
  ])('%j is proposed as %s', (more, kind) => {
    expect(proposedJoin({ ...plain, ...more })).toBe(kind);
  });
});

describe('when a question is answered in so many of a hundred', () => {
  it('is the quantile of the normal distribution', () => {
    for (const p of [1e-6, 0.01, 0.1, 0.25, 0.5, 0.6, 0.9, 0.99, 1 - 1e-6])
      expect(normalCdf(normalQuantile(p))).toBeCloseTo(p, 6);
    // standard tables
    expect(normalQuantile(0.9)).toBeCloseTo(1.281552, 5);
    expect(normalQuantile(0.975)).toBeCloseTo(1.959964, 5);
    expect([normalQuantile(0), normalQuantile(1)]).toEqual([-Infinity, Infinity]);
  });

  it('goes through the three times of its band and never falls', () => {
    fc.assert(
      fc.property(band, fc.double({ min: 0.02, max: 0.95, noNaN: true }), (b, p) => {
        expect(quantileOf(b, 0.5)).toBeCloseTo(b.likely, 6);
        expect(quantileOf(b, 0.1) / b.fast).toBeCloseTo(1, 3);
        expect(quantileOf(b, 0.9) / b.slow).toBeCloseTo(1, 3);
        expect(quantileOf(b, p + 0.03)).toBeGreaterThanOrEqual(quantileOf(b, p));
      }),
    );
  });

  it('what may never come has no time in nine of ten, and what is there needs none', () => {
    expect(quantileOf({ fast: 10, likely: 60, slow: Infinity }, 0.9)).toBe(Infinity);
    expect(quantileOf({ fast: 10, likely: 60, slow: Infinity }, 0.6)).toBeLessThan(120);
    expect(quantileOf({ fast: 10, likely: Infinity, slow: Infinity }, 0.6)).toBe(Infinity);
    expect(quantileOf({ fast: 10, likely: Infinity, slow: Infinity }, 0.05)).toBe(10);
    expect(quantileOf({ fast: 0, likely: 0, slow: 0 }, 0.6)).toBe(0);
  });
});
