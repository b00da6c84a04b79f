import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  AS_WRITTEN,
  formatKitchen,
  formatTemperature,
  formatTwelve,
  parseQuantity,
  retell,
  type Custom,
} from './index.ts';

const ELSEWHERE: Custom = { mass: 'oz', length: 'in', temperature: 'F', volume: 'spoons', clock: 12 };

describe('a sentence told in other customs', () => {
  it.each([
    ['Let it reach 45 mm further in.', 'Let it reach 1.77 in further in.'],
    ['a block of 120 × 80 × 45 mm', 'a block of 4.72 × 3.15 × 1.77 in'],
    ['Roll it 3 to 4 mm thick, 20 cm across.', 'Roll it 0.12 to 0.16 in thick, 7.87 in across.'],
    ['Weigh 500 g, keep 12.5 g back', 'Weigh 17.65 oz, keep 0.45 oz back'],
    ['Cool, dark and dry, 15 to 20 °C, away from lamps', 'Cool, dark and dry, 59 to 68 °F, away from lamps'],
    ['Warm it to 31–33 °C.', 'Warm it to 88–91 °F.'],
    ['outside it is −18 °C', 'outside it is 0 °F'],
    ['5 °C less', '9 °F less'],
    ['today 19:10, again Wed 00:05', 'today 7:10\u00a0pm, again Wed 12:05\u00a0am'],
    ['19:00 to 21:30', '7:00\u00a0pm to 9:30\u00a0pm'],
    ['15 mL of water', '1 tbsp of water'],
    ['a layer of 2 kg', 'a layer of 70.55 oz'],
  ])('%s', (written, told) => expect(retell(written, ELSEWHERE)).toBe(told));

  it.each([
    'Densities in 1.3 g/cm³ and 20 g/m²',
    'a section of 45 mm² or 300 mm⁴',
    '3 grams of it, 24 pieces',
    'Try 21 °C or 70 °F.',
    'Try 45 mm or 1.8 in.',
    '1:10 of its size? 1:10:30',
    'step 3 of 12',
    'no number at all',
  ])('leaves as it is: %s', (text) => expect(retell(text, { ...ELSEWHERE, clock: 24 })).toBe(text));

  it('is as written for who has the customs it is written in', () =>
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(retell(text, AS_WRITTEN)).toBe(text);
      }),
    ));

  it('told twice is told once', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: 0.1, max: 900, noNaN: true }).map((x) => x.toFixed(1)),
            fc.constantFrom(' mm', ' g', ' °C', ' mL', ' cm', ' min', ' at 19:10'),
          ),
          { maxLength: 4 },
        ),
        (amounts) => {
          const once = retell(amounts.map(([n, u]) => n + u).join(', then '), ELSEWHERE);
          expect(retell(once, ELSEWHERE)).toBe(once);
          expect(once).not.toMatch(/ mm| g\b|°C|mL|NaN/);
        },
      ),
    ));

  it('what it says is read back as what was meant', () =>
    fc.assert(
      fc.property(fc.integer({ min: -20, max: 60 }), fc.integer({ min: 10, max: 900 }), (c, mm) => {
        const warm = parseQuantity('temperature', retell(`${c} °C`, ELSEWHERE), 'c');
        const long = parseQuantity('length', retell(`${mm} mm`, ELSEWHERE));
        if (!warm.ok || !long.ok) throw new Error('not understood');
        expect(Math.abs(warm.value - c)).toBeLessThan(0.3);
        expect(Math.abs(long.value - mm)).toBeLessThan(0.2);
      }),
    ));
});

it('degrees at the points everybody knows', () => {
  // NIST Special Publication 811, appendix B.8: t/°C = (t/°F − 32)/1.8
  const told = [-40, 0, 37, 100].map((c) => formatTemperature(c, { temperature: 'F' }));
  expect(told).toEqual(['-40 °F', '32 °F', '99 °F', '212 °F']);
  expect(formatTemperature(21.4)).toBe('21.5 °C');
});

it('spoons and cups of the US kitchen', () => {
  // NIST Handbook 44, appendix C: 3 teaspoons a tablespoon, 16 tablespoons a cup of 236.588 mL
  expect([2.46, 4.93, 14.79, 29.57, 59.15, 118.3, 236.6, 354.9, 473.2].map(formatKitchen)).toEqual([
    '½ tsp',
    '1 tsp',
    '1 tbsp',
    '2 tbsp',
    '¼ cup',
    '½ cup',
    '1 cup',
    '1½ cups',
    '2 cups',
  ]);
});

it('noon is pm and midnight am', () =>
  // common practice
  expect([
    formatTwelve(0, '00'),
    formatTwelve(11, '59'),
    formatTwelve(12, '00'),
    formatTwelve(23, '05'),
  ]).toEqual(['12:00\u00a0am', '11:59\u00a0am', '12:00\u00a0pm', '11:05\u00a0pm']));
