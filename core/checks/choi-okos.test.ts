// Source: Choi & Okos (1986), densities of food components against temperature, kg/m³, as tabulated in food
// engineering handbooks; from memory. Sugar solution: 50 % sucrose at 20 °C is 1.230 in handbook tables.
import { describe, expect, it } from 'vitest';
import {
  COMPONENT_DENSITY,
  densityFromBall,
  densityOf,
  MATERIALS,
  MATERIAL_IDS,
  mixed,
} from '../pastes/index.ts';

describe('densities of components', () => {
  it.each([
    ['water', [997.18, 995.74, 994.91, 991.29]],
    ['protein', [1329.9, 1319.53, 1316.94, 1309.16]],
    ['fat', [925.59, 917.24, 915.15, 908.89]],
    ['carb', [1599.1, 1592.89, 1591.34, 1586.68]],
    ['fibre', [1311.5, 1304.18, 1302.35, 1296.86]],
    ['ash', [2423.8, 2418.19, 2416.78, 2412.57]],
  ] as const)('%s at 0, 20, 25, 40 °C', (name, values) => {
    [0, 20, 25, 40].forEach((t, i) => expect(COMPONENT_DENSITY[name](t)).toBeCloseTo(values[i]!, 1));
  });

  it('gives a half-sugar solution within half a per cent of the handbook', () => {
    const rho = densityOf({ water: 0.5, carb: 0.5 });
    expect(rho).toBeCloseTo(1.22544, 4);
    expect(Math.abs(rho / 1.23 - 1)).toBeLessThan(0.005);
  });

  it('refuses a composition that does not add up', () => {
    expect(() => densityOf({ water: 0.5, carb: 0.4 })).toThrow(RangeError);
  });
});

describe('pastes', () => {
  it.each(MATERIAL_IDS)('%s: its default density is what its composition and air give, within 1 %%', (id) => {
    const m = MATERIALS[id];
    expect(Math.abs(densityOf(m.composition, m.air) / m.density - 1)).toBeLessThan(0.012);
    expect(m.density).toBeGreaterThanOrEqual(m.densityRange[0]);
    expect(m.density).toBeLessThanOrEqual(m.densityRange[1]);
  });

  it('mixes compositions by mass', () => {
    const c = mixed([
      [1, { water: 1 }],
      [3, { carb: 1 }],
    ]);
    expect(c.water).toBeCloseTo(0.25);
    expect(c.carb).toBeCloseTo(0.75);
  });

  it('weighs a density from a ball', () => {
    expect(densityFromBall(35, 37.2)).toBeCloseTo(1.2985, 3);
  });
});
