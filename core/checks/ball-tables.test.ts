// The tables every bench has pinned up: what a weighed lump is as a ball, and what a ball weighs, for pastes from 1.20 to
// 1.45 g/cm³. Sphere formula of any handbook; the rows were worked out apart from this project and rounded for the wall.
import { describe, expect, it } from 'vitest';
import { ballFromMass, formOfVolume, massOfBall, measure, startingForm } from '../solids/index.ts';

const DENSITIES = [1.2, 1.25, 1.3, 1.35, 1.4, 1.45];

/** Grams, then the ball in mm for each density, to a tenth. */
const BALLS = [
  [0.1, 5.4, 5.3, 5.3, 5.2, 5.1, 5.1],
  [0.5, 9.3, 9.1, 9, 8.9, 8.8, 8.7],
  [1, 11.7, 11.5, 11.4, 11.2, 11.1, 11],
  [2, 14.7, 14.5, 14.3, 14.1, 14, 13.8],
  [3, 16.8, 16.6, 16.4, 16.2, 16, 15.8],
  [5, 20, 19.7, 19.4, 19.2, 19, 18.7],
  [7, 22.3, 22, 21.7, 21.5, 21.2, 21],
  [10, 25.2, 24.8, 24.5, 24.2, 23.9, 23.6],
  [14, 28.1, 27.8, 27.4, 27.1, 26.7, 26.4],
  [20, 31.7, 31.3, 30.9, 30.5, 30.1, 29.8],
  [25, 34.1, 33.7, 33.2, 32.8, 32.4, 32.1],
  [30, 36.3, 35.8, 35.3, 34.9, 34.5, 34.1],
  [35, 38.2, 37.7, 37.2, 36.7, 36.3, 35.9],
  [40, 39.9, 39.4, 38.9, 38.4, 37.9, 37.5],
  [50, 43, 42.4, 41.9, 41.4, 40.9, 40.4],
  [75, 49.2, 48.6, 47.9, 47.3, 46.8, 46.2],
  [100, 54.2, 53.5, 52.8, 52.1, 51.5, 50.9],
  [150, 62, 61.2, 60.4, 59.6, 58.9, 58.2],
  [200, 68.3, 67.4, 66.5, 65.6, 64.9, 64.1],
  [300, 78.2, 77.1, 76.1, 75.2, 74.2, 73.4],
  [500, 92.7, 91.4, 90.2, 89.1, 88, 87],
  [1000, 116.8, 115.2, 113.7, 112.3, 110.9, 109.6],
] as const;

/** Ball in mm, then its grams for each density: to a hundredth below two grams, to a tenth above. */
const MASSES = [
  [3, 0.02, 0.02, 0.02, 0.02, 0.02, 0.02],
  [5, 0.08, 0.08, 0.09, 0.09, 0.09, 0.09],
  [8, 0.32, 0.34, 0.35, 0.36, 0.38, 0.39],
  [10, 0.63, 0.65, 0.68, 0.71, 0.73, 0.76],
  [12, 1.09, 1.13, 1.18, 1.22, 1.27, 1.31],
  [15, 2.1, 2.2, 2.3, 2.4, 2.5, 2.6],
  [18, 3.7, 3.8, 4, 4.1, 4.3, 4.4],
  [20, 5, 5.2, 5.4, 5.7, 5.9, 6.1],
  [25, 9.8, 10.2, 10.6, 11, 11.5, 11.9],
  [30, 17, 17.7, 18.4, 19.1, 19.8, 20.5],
  [35, 26.9, 28.1, 29.2, 30.3, 31.4, 32.6],
  [38, 34.5, 35.9, 37.4, 38.8, 40.2, 41.7],
  [40, 40.2, 41.9, 43.6, 45.2, 46.9, 48.6],
  [45, 57.3, 59.6, 62, 64.4, 66.8, 69.2],
  [50, 78.5, 81.8, 85.1, 88.4, 91.6, 94.9],
  [60, 135.7, 141.4, 147, 152.7, 158.3, 164],
  [70, 215.5, 224.5, 233.5, 242.5, 251.4, 260.4],
  [80, 321.7, 335.1, 348.5, 361.9, 375.3, 388.7],
  [100, 628.3, 654.5, 680.7, 706.9, 733, 759.2],
] as const;

describe('a lump as a ball', () => {
  it.each(BALLS)('%f g', (grams, ...balls) => {
    balls.forEach((d, i) => {
      expect(Math.abs(ballFromMass(grams, DENSITIES[i]!) - d)).toBeLessThanOrEqual(0.0501);
    });
  });
});

describe('a ball on the scale', () => {
  it.each(MASSES)('%f mm', (diameter, ...masses) => {
    masses.forEach((g, i) => {
      const step = g < 2 ? 0.01 : 0.1;
      expect(Math.abs(massOfBall(diameter, DENSITIES[i]!) - g)).toBeLessThanOrEqual(step / 2 + 1e-4);
    });
  });
});

describe('how sure a ball is', () => {
  it('a tenth more mass is a thirtieth more ball, and so is a tenth less density', () => {
    for (const g of [1, 35, 500]) {
      expect(ballFromMass(g * 1.1, 1.3) / ballFromMass(g, 1.3)).toBeCloseTo(1.1 ** (1 / 3), 9);
      expect(ballFromMass(g, 1.3 / 1.1) / ballFromMass(g, 1.3)).toBeCloseTo(1.1 ** (1 / 3), 9);
    }
  });

  it('n equal balls from one are each its diameter over the cube root of n', () => {
    for (const n of [2, 3, 7, 12]) {
      const whole = massOfBall(38, 1.3);
      expect(ballFromMass(whole / n, 1.3)).toBeCloseTo(38 / Math.cbrt(n), 9);
    }
  });

  it('one pearl in a row of twenty starts from its own ball', () => {
    const pearls = { ...startingForm('pearls'), sizes: { length: 100, pearl: 5, gap: 0, rows: 1 } };
    const m = measure(pearls);
    expect(m.alike).toBe(20);
    expect(Math.cbrt((6 * m.volume) / m.alike! / Math.PI)).toBeCloseTo(5, 9);
  });

  it('same proportions at another mass: every size by the cube root', () => {
    const drop = startingForm('teardrop');
    const grown = formOfVolume(drop, measure(drop).volume * 2);
    expect(grown.ok && grown.value.sizes.length! / drop.sizes.length!).toBeCloseTo(Math.cbrt(2), 4);
    expect(grown.ok && grown.value.sizes.diameter! / drop.sizes.diameter!).toBeCloseTo(Math.cbrt(2), 4);
  });
});
