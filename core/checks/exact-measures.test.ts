// Source: NIST Special Publication 811, appendix B (exact conversion factors), and NIST Handbook 44, appendix C
// (US measures by definition: gallon 231 in³). Values quoted from memory.
import { expect, it } from 'vitest';
import { GRAVITY, LENGTH_IN_MM, MASS_IN_G, parseQuantity, VOLUME_IN_ML } from '../quantity/index.ts';

it('keeps the exact definitions', () => {
  expect(MASS_IN_G.lb).toBe(453.59237);
  expect(MASS_IN_G.oz * 16).toBe(MASS_IN_G.lb);
  expect(LENGTH_IN_MM.in).toBe(25.4);
  expect(LENGTH_IN_MM.ft).toBeCloseTo(12 * 25.4, 12);
  expect(GRAVITY).toBe(9.80665);
  const gallon = (231 * 25.4 ** 3) / 1000;
  expect(VOLUME_IN_ML.cup).toBeCloseTo(gallon / 16, 9);
  expect(VOLUME_IN_ML.tbsp).toBeCloseTo(gallon / 256, 9);
  expect(VOLUME_IN_ML.tsp).toBeCloseTo(gallon / 768, 9);
  expect(VOLUME_IN_ML.floz).toBeCloseTo(gallon / 128, 9);
});

it('reads a third of a cup and six inches', () => {
  const cup = parseQuantity('volume', '1/3 cup');
  expect(cup.ok && cup.value * 1.4).toBeCloseTo(110.408, 2);
  const inches = parseQuantity('length', '6 in');
  expect(inches.ok && inches.value).toBeCloseTo(152.4, 9);
});
