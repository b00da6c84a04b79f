// Score intervals without continuity correction as tabulated by R. G. Newcombe, Statistics in Medicine 17 (1998) 857,
// table I, method 3; from memory.
import { describe, expect, it } from 'vitest';
import { shareAtLeast, shareAtMost, tellOdds, tellRisk } from '../quantity/index.ts';

describe('the range a counted share lies in', () => {
  it.each([
    [81, 263, 0.2553, 0.3662],
    [15, 148, 0.0624, 0.1605],
    [0, 20, 0, 0.1611],
    [1, 29, 0.0061, 0.1718],
  ])('%i of %i', (hits, draws, low, high) => {
    expect(shareAtLeast(hits, draws)).toBeCloseTo(low, 4);
    expect(shareAtMost(hits, draws)).toBeCloseTo(high, 4);
  });
});

describe('odds in words', () => {
  it('promise no more than the draws bear', () => {
    expect(tellOdds(1, 120)).toBe('almost sure');
    expect(tellOdds(1, 20)).toBe('4 in 5');
    expect(tellOdds(119 / 120, 120)).toBe('19 in 20');
    expect(tellOdds(0.97, 120)).toBe('9 in 10');
    expect(tellOdds(0, 120)).toBe('hardly a chance');
  });
  it('the same luck is told better the more often it was drawn, never worse', () => {
    const order = [
      'hardly a chance',
      '1 in 10',
      '1 in 5',
      '1 in 4',
      '1 in 3',
      '1 in 2',
      '2 in 3',
      '3 in 4',
      '4 in 5',
      '9 in 10',
      '19 in 20',
      'almost sure',
    ];
    for (const share of [0.3, 0.6, 0.8, 0.95, 1]) {
      const told = [20, 100, 500, 2500].map((n) => order.indexOf(tellOdds(share, n)));
      expect(told, String(share)).toEqual([...told].sort((a, b) => a - b));
      expect(told).not.toContain(-1);
    }
  });
  it('a risk is never told rosier than it was drawn', () => {
    expect(tellRisk(0, 120)).toBe('once in 20 times');
    expect(tellRisk(8 / 120, 120)).toBe('once in 5 times');
    expect(tellRisk(0.9, 120)).toBe('more often than not');
  });
});
