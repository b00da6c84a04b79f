// CIE L*a*b* of screen colours, D65 and 2° observer (CIE 15; sRGB after IEC 61966-2-1): values worked out apart from this
// project from the published tables. Light before dark, washing after red and black: common practice.
import { describe, expect, it } from 'vitest';
import { chroma, labOf, lightToDark } from '../colour/index.ts';

it.each([
  ['#c81e2d', 43.362, 63.462, 37.19],
  ['#3a2419', 16.659, 8.939, 11.605],
  ['#f6f1e4', 95.205, -0.532, 6.864],
  ['#ffffff', 100, 0, 0],
  ['#000000', 0, 0, 0],
  ['#777777', 50.03, 0, 0],
])('%s', (hex, L, a, b) => {
  const lab = labOf(hex)!;
  expect(Math.abs(lab.L - L)).toBeLessThan(0.02);
  expect(Math.abs(lab.a - a)).toBeLessThan(0.06);
  expect(Math.abs(lab.b - b)).toBeLessThan(0.06);
});

it('tells a grey from a bright one, and knows what is no colour', () => {
  expect(chroma(labOf('#777777')!)).toBeLessThan(0.1);
  expect(chroma(labOf('#c81e2d')!)).toBeGreaterThan(60);
  expect(labOf('no colour')).toBeUndefined();
});

describe('the order of colours', () => {
  const of = (name: string, hex: string) => ({ name, hex });
  const turns = lightToDark([
    of('red', '#b22a2a'),
    of('white', '#fbfaf4'),
    of('yellow', '#f2d648'),
    of('black', '#151515'),
    of('brown', '#5d4030'),
  ]);
  it('goes from white to black', () => {
    expect(turns.map((t) => t.of.name)).toEqual(['white', 'yellow', 'red', 'brown', 'black']);
  });
  it('washes before white and after red', () => {
    expect(turns.filter((t) => t.wash).map((t) => t.of.name)).toEqual(['white', 'brown']);
    expect(turns[3]!.wash).toMatch(/after red/);
  });
});
