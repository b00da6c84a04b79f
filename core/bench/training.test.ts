import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HAND_SIZES, handReport, handWords, nextTarget, type HandTry } from './index.ts';

const tried = (target: number, weighed: number, guess?: number): HandTry => ({
  at: '2026-11-30T10:00:00Z',
  target,
  weighed,
  ...(guess === undefined ? {} : { guess }),
});
const of = (tries: readonly HandTry[], id: string) => handReport(tries).find((r) => r.size.id === id)!;

describe('training the hand', () => {
  it('tells bias and spread by size, worked by hand', () => {
    // ln 1.1 and ln 0.9 and ln 1: mean −0.00335, standard deviation 0.10039
    const r = of([tried(10, 11), tried(10, 9), tried(10, 10)], 'small');
    expect(r.rolls!.value).toBeCloseTo(100 * ((1.1 * 0.9) ** (1 / 3) - 1), 9);
    expect(r.spread!.value).toBeCloseTo(10.56, 1);
    expect(of([tried(10, 11)], 'middle').rolls).toBeUndefined();
  });

  it('a guess is held against the scale, not against what was meant', () => {
    const r = of([tried(10, 12, 12)], 'small');
    expect(r.guesses!.value).toBeCloseTo(0, 9);
    expect(r.rolls!.value).toBeCloseTo(20, 9);
    expect(handWords(r)).toBe('20 % too heavy');
    expect(handWords(of([], 'small'))).toBe('not tried yet');
  });

  it('twice and half come out even, and the last ones count', () => {
    expect(of([tried(10, 20), tried(10, 5)], 'small').rolls!.value).toBeCloseTo(0, 9);
    const clumsy = Array.from({ length: 30 }, () => tried(10, 20));
    const sure = Array.from({ length: 30 }, () => tried(10, 10));
    expect(of([...clumsy, ...sure], 'small').rolls!.value).toBeCloseTo(0, 9);
  });

  it('practises what there is least of, then what scatters most; every size is reached', () => {
    expect(nextTarget([], 0)).toBe(HAND_SIZES[0].practise[0]);
    const even = HAND_SIZES.flatMap((s) => [1, 1, 1].map(() => tried(s.practise[0], s.practise[0])));
    const wild = [...even, tried(36, 50), tried(36, 20), tried(36, 60)];
    expect(HAND_SIZES[2].practise as readonly number[]).toContain(nextTarget(wild, 0));
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 1500, noNaN: true }), (g) => {
        expect(handReport([tried(g, g)]).filter((r) => r.tries === 1)).toHaveLength(1);
      }),
    );
  });

  it('lets nothing absurd through as a number that is none', () => {
    for (const r of handReport([tried(10, 0), tried(0, 10), tried(10, -3), tried(10, 10, 0)]))
      for (const f of [r.rolls, r.guesses, r.spread]) if (f) expect(Number.isFinite(f.value)).toBe(true);
  });
});
