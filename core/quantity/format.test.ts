import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  formatPiece,
  formatReckoned,
  isWeighed,
  formatSpoons,
  given,
  listed,
  parseQuantity,
  formatDuration,
  formatMass,
} from './index.ts';

const told = (value: number, unit: Parameters<typeof given>[2]) => formatReckoned(given('x', value, unit));

describe('any figure with its unit', () => {
  it('as people say it', () => {
    expect(told(1250, 'g')).toBe('1250 g');
    expect(told(90, 'min')).toBe('1 h 30');
    expect(told(3.24, '°')).toBe('3.2°');
    expect(told(33.24, '°')).toBe('33°');
    expect(told(1.2345, '×')).toBe('1.23×');
    expect(told(60, 'pieces')).toBe('60');
    expect(told(0.004_567, 'kPa')).toBe('0.00457 kPa');
  });
  it('and what is no number in words', () => {
    expect(told(Infinity, 'min')).toBe('never');
    expect(told(Infinity, 'N')).toBe('no limit');
    expect(told(NaN, 'g')).toBe('not known');
  });
  it('never more than four figures, whatever it is', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 999, noNaN: true }), (x) => {
        const figures = told(x, 'N')
          .replace(/[^0-9]/g, '')
          .replace(/^0+/, '');
        expect(figures.length).toBeLessThanOrEqual(4);
      }),
    );
  });
});

describe('spoons', () => {
  it('level ones, to the eighth', () => {
    // a metric teaspoon is 5 ml by definition
    expect(formatSpoons(5, 5)).toBe('1 tsp');
    expect(formatSpoons(2.5, 5)).toBe('½ tsp');
    expect(formatSpoons(8.75, 5)).toBe('1¾ tsp');
    expect(formatSpoons(0.625, 5)).toBe('⅛ tsp');
    expect(formatSpoons(0.1, 5)).toBe('a pinch');
    expect(formatSpoons(0, 5)).toBe('none');
  });
});

it('what is written is read back', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 6000 }), (m) => {
      const read = parseQuantity('time', formatDuration(m));
      expect(read.ok && read.value).toBe(m);
    }),
  );
  fc.assert(
    fc.property(fc.integer({ min: 10, max: 9000 }), (g) => {
      const read = parseQuantity('mass', formatMass(g));
      if (!read.ok) throw new Error(read.problem.text);
      expect(Math.abs(read.value - g) / g).toBeLessThan(0.03);
    }),
  );
});

it('lists are said with an and', () => {
  expect([[], ['a'], ['a', 'b'], ['a', 'b', 'c']].map(listed)).toEqual(['', 'a', 'a and b', 'a, b and c']);
});

describe('what is too small to weigh', () => {
  it('is told so from half a gram down, and a gram is a gram', () => {
    expect([formatPiece(0.04), formatPiece(0.49), formatPiece(0.5), formatPiece(36)]).toEqual([
      'under 0.5 g',
      'under 0.5 g',
      '0.5 g',
      '36 g',
    ]);
    expect([isWeighed(0.49), isWeighed(0.5)]).toEqual([false, true]);
  });
});
