import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  formatBand,
  formatDuration,
  formatLength,
  formatMass,
  formatSpoons,
  formatTime,
  given,
  massStep,
  normalCdf,
  parseQuantity,
  reckon,
  roundParts,
  seeded,
  total,
  VOLUME_IN_ML,
} from './index.ts';

const read = (kind: Parameters<typeof parseQuantity>[0], text: string, unit?: string) => {
  const r = parseQuantity(kind, text, unit);
  return r.ok ? r.value : r.problem.text;
};

describe('reading quantities as people say them', () => {
  it.each([
    ['mass', '35 g', 35],
    ['mass', '1 1/4 oz', 35.43690390625],
    ['mass', '1 lb 4 oz', 566.9904625],
    ['mass', '0,5 kg', 500],
    ['mass', '35', 35],
    ['length', '2.5 in', 63.5],
    ['length', '8"', 203.2],
    ['length', '1 3/8 in', 34.925],
    ['length', '3,5cm', 35],
    ['volume', '½ tsp', 2.464460796875],
    ['volume', '1½ cup', 354.88235475],
    ['time', '1h30', 90],
    ['time', '1 h 30 min', 90],
    ['time', '2 days', 2880],
    ['time', '45', 45],
    ['temperature', '70 °F', 21.1111],
    ['temperature', '21', 21],
    ['percent', '58 %', 58],
    ['angle', '-15°', -15],
    ['count', '12', 12],
  ] as const)('%s: %s', (kind, text, value) => {
    expect(read(kind, text)).toBeCloseTo(value, 3);
  });

  it('takes a bare number in the unit the person sees', () => {
    expect(read('mass', '2', 'oz')).toBeCloseTo(56.69904625);
    expect(read('length', '2', 'in')).toBeCloseTo(50.8);
  });

  it.each([
    ['mass', '35 mm'],
    ['mass', ''],
    ['mass', 'lots'],
    ['length', '1/0 in'],
    ['length', '3 4 5 mm'],
    ['time', '1h30h'],
    ['temperature', 'warm'],
  ] as const)('refuses %s: “%s” with a sentence', (kind, text) => {
    expect(read(kind, text)).toMatch(/^[A-Z“].*[.]$/);
  });

  it('reads back what it shows, to the resolution shown', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 5000, noNaN: true }), (g) => {
        const back = read('mass', formatMass(g)) as number;
        expect(Math.abs(back - g)).toBeLessThanOrEqual(massStep(g) / 2 + 1e-9);
        expect(formatMass(back)).toBe(formatMass(g));
      }),
    );
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 2000, noNaN: true }), (mm) => {
        const back = read('length', formatLength(mm)) as number;
        expect(formatLength(back)).toBe(formatLength(mm));
        const inches = read('length', formatLength(mm, { mass: 'g', length: 'in' })) as number;
        expect(Math.abs(inches - mm)).toBeLessThan(0.14);
      }),
    );
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5000 }), (min) => {
        expect(read('time', formatDuration(min))).toBe(min);
      }),
    );
  });
});

describe('showing quantities', () => {
  it('shows times and bands as people say them', () => {
    expect(formatTime(35)).toBe('35 min');
    expect(formatTime(95)).toBe('1 h 35');
    expect(formatTime(840)).toBe('14 h');
    expect(formatTime(3240)).toBe('2 d 6 h');
    expect(formatTime(Infinity)).toBe('never');
    expect(formatBand(540, 840)).toBe('9 to 14 h');
    expect(formatBand(660, 840)).toBe('11 to 14 h');
    expect(formatBand(35, 50)).toBe('35 to 50 min');
    expect(formatBand(180, Infinity)).toBe('3 h or much longer');
    expect(formatBand(Infinity, Infinity)).toBe('never in this room');
  });

  it('shows a 1 % dose for 250 g as 2.5 g and its spoons', () => {
    expect(formatMass(2.5)).toBe('2.5 g');
    expect(formatSpoons(2.5 / 0.6)).toBe('⅞ tsp');
    expect(formatSpoons(0.05)).toBe('a pinch');
    expect(formatSpoons(1.5 * VOLUME_IN_ML.tsp)).toBe('1½ tsp');
  });
});

describe('figures that carry their sum', () => {
  it('computes from its parts and keeps them', () => {
    const a = given('a', 3, 'g');
    const b = given('b', 4, 'g');
    const c = reckon('c', 'g', 'a × b', [a, b], (x, y) => x * y);
    expect(c.value).toBe(12);
    expect(c.from).toEqual([a, b]);
    expect(total('all', 'g', [a, b, c]).value).toBe(19);
  });
});

describe('rounding and numbers', () => {
  it('rounds parts so that they still add up', () => {
    expect(roundParts([33.3, 33.3, 33.4], 5)).toEqual([35, 30, 35]);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 500, noNaN: true }), { minLength: 1, maxLength: 12 }),
        (parts) => {
          const sum = parts.reduce((a, b) => a + b, 0);
          const rounded = roundParts(parts, 5);
          expect(Math.abs(rounded.reduce((a, b) => a + b, 0) - Math.round(sum / 5) * 5)).toBeLessThan(1e-6);
          rounded.forEach((r, i) => expect(Math.abs(r - parts[i]!)).toBeLessThan(5 + 1e-9));
        },
      ),
    );
  });

  it('gives the normal distribution of the tables', () => {
    // standard normal table: Φ(1.2816) = 0.90, Φ(1.96) = 0.975
    expect(normalCdf(1.2816)).toBeCloseTo(0.9, 4);
    expect(normalCdf(1.96)).toBeCloseTo(0.975, 4);
    expect(normalCdf(-1) + normalCdf(1)).toBeCloseTo(1, 9);
  });

  it('draws the same numbers from the same seed', () => {
    const a = seeded(5);
    const b = seeded(5);
    expect([a(), a(), a()]).toEqual([b(), b(), b()]);
  });
});
