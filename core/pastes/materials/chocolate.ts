import { mixed } from '../density.ts';
import type { Composition, Material, SettingConstants } from '../types.ts';

const SYRUP: Composition = { water: 0.2, carb: 0.8 };

/** One modelling chocolate: chocolate and syrup in the usual proportion, with the way it sets. */
const modellingChocolate = (
  id: string,
  name: string,
  ratio: number,
  chocolate: Composition,
  density: number,
  densityRange: readonly [number, number],
  constants: SettingConstants,
  allergens: readonly string[],
): Material => ({
  id,
  name,
  composition: mixed([
    [ratio, chocolate],
    [1, SYRUP],
  ]),
  air: 0.01,
  density,
  densityRange,
  densitySource: 'derived',
  firming: { by: 'cold', constants },
  allergens,
  stiffens: false,
  note: 'Sets by cold and goes back when warm; the hands soften it.',
});

export const chocolateDark = modellingChocolate(
  'chocolateDark',
  'Modelling chocolate, dark',
  2,
  { water: 0.01, cocoaButter: 0.36, carb: 0.49, protein: 0.06, fibre: 0.06, ash: 0.02 },
  1.3,
  [1.25, 1.33],
  {
    liquidYield: 2,
    setYield: 70,
    softening: 0.15,
    bestTemperature: 18,
    settingTime: 150,
    order: 1.5,
    rebuildTime: 20,
    melts: 31,
  },
  ['soya'],
);

export const chocolateMilk = modellingChocolate(
  'chocolateMilk',
  'Modelling chocolate, milk',
  2.5,
  { water: 0.012, cocoaButter: 0.31, carb: 0.573, protein: 0.075, fibre: 0.015, ash: 0.015 },
  1.32,
  [1.27, 1.34],
  {
    liquidYield: 1.6,
    setYield: 50,
    softening: 0.16,
    bestTemperature: 17,
    settingTime: 170,
    order: 1.5,
    rebuildTime: 22,
    melts: 29.5,
  },
  ['milk', 'soya'],
);

export const chocolateWhite = modellingChocolate(
  'chocolateWhite',
  'Modelling chocolate, white',
  3,
  { water: 0.012, cocoaButter: 0.33, carb: 0.588, protein: 0.057, ash: 0.013 },
  1.31,
  [1.26, 1.33],
  {
    liquidYield: 1.3,
    setYield: 40,
    softening: 0.17,
    bestTemperature: 16,
    settingTime: 190,
    order: 1.5,
    rebuildTime: 25,
    melts: 28.5,
  },
  ['milk', 'soya'],
);
