import { densityOf, mixed } from '../density.ts';
import type { ChocolateFacts, Composition, Material, SettingConstants } from '../types.ts';

/** Glucose syrup of 80 % solids. */
export const SYRUP: Composition = { water: 0.2, carb: 0.8 };
const AIR = 0.01;

/** What modelling chocolate of a ratio is made of. */
export const withSyrup = (raw: Composition, ratio: number): Composition =>
  mixed([
    [ratio, raw],
    [1, SYRUP],
  ]);

/** Density of modelling chocolate of a ratio, g/cm³. */
export const chocolateDensity = (raw: Composition, ratio: number): number =>
  densityOf(withSyrup(raw, ratio), AIR);

/** One modelling chocolate: chocolate and syrup in the usual proportion, with the way it sets. */
const modellingChocolate = (
  id: string,
  name: string,
  chocolate: ChocolateFacts,
  density: number,
  densityRange: readonly [number, number],
  constants: SettingConstants,
  rest: Pick<Material, 'allergens' | 'diet' | 'note' | 'goodFor' | 'badFor'>,
): Material => ({
  id,
  name,
  family: 'chocolate',
  composition: withSyrup(chocolate.raw, chocolate.ratio),
  air: AIR,
  density,
  densityRange,
  densitySource: 'derived',
  firming: { by: 'cold', constants },
  sheen: 'satin',
  stiffens: false,
  chocolate,
  weather: `Soft from about ${Math.round(constants.melts - 5)} °C, runs at ${constants.melts} °C; damp makes it sticky, a fridge makes it sweat.`,
  keeps: { days: 60, how: 'wrapped airtight, cool and dark, not in a fridge' },
  dusts: ['cocoa', 'cornflour', 'nothing'],
  ...rest,
});

export const chocolateDark = modellingChocolate(
  'chocolateDark',
  'Modelling chocolate, dark',
  {
    raw: { water: 0.01, cocoaButter: 0.36, carb: 0.49, protein: 0.06, fibre: 0.06, ash: 0.02 },
    rawName: 'dark chocolate',
    ratio: 2,
    ratioRange: [1.8, 2.4],
    warmTo: [45, 50],
  },
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
  {
    allergens: ['soya'],
    diet: { vegetarian: 'yes', vegan: 'ask' },
    note: 'The firmest of them: sets by cold and goes back when warm; the hands soften it.',
    goodFor: 'bark, leaves, figures that have to stand in a cool room',
    badFor: 'bright colours: no dye is lighter than its base',
  },
);

export const chocolateMilk = modellingChocolate(
  'chocolateMilk',
  'Modelling chocolate, milk',
  {
    raw: { water: 0.012, cocoaButter: 0.31, carb: 0.573, protein: 0.075, fibre: 0.015, ash: 0.015 },
    rawName: 'milk chocolate',
    ratio: 2.5,
    ratioRange: [2.3, 3],
    warmTo: [40, 45],
  },
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
  {
    allergens: ['milk', 'soya'],
    diet: { vegetarian: 'yes', vegan: 'no' },
    note: 'Softer than dark; sets by cold and goes back when warm.',
    goodFor: 'browns, fur, wraps over a shaped cake',
    badFor: 'fine parts in a warm room or in warm hands',
  },
);

export const chocolateWhite = modellingChocolate(
  'chocolateWhite',
  'Modelling chocolate, white',
  {
    raw: { water: 0.012, cocoaButter: 0.33, carb: 0.588, protein: 0.057, ash: 0.013 },
    rawName: 'white chocolate',
    ratio: 3,
    ratioRange: [2.7, 3.5],
    warmTo: [38, 43],
  },
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
  {
    allergens: ['milk', 'soya'],
    diet: { vegetarian: 'yes', vegan: 'no' },
    note: 'Takes colour; the softest in the hand, and yellow to begin with.',
    goodFor: 'coloured leaves, skin tones, covering a carved cake without seams',
    badFor: 'clean blues, and anything fine in a warm room',
  },
);

/** Constants of setting taken between milk and dark until somebody measures: vegetable fat, no tempering. Estimate. */
export const chocolateCompound = modellingChocolate(
  'chocolateCompound',
  'Modelling chocolate, compound',
  {
    raw: { water: 0.01, fat: 0.32, carb: 0.61, protein: 0.035, fibre: 0.015, ash: 0.01 },
    rawName: 'compound coating',
    ratio: 4,
    ratioRange: [3.5, 4.5],
    warmTo: [40, 45],
  },
  1.29,
  [1.24, 1.3],
  {
    liquidYield: 1.6,
    setYield: 55,
    softening: 0.15,
    bestTemperature: 18,
    settingTime: 120,
    order: 1.5,
    rebuildTime: 20,
    melts: 33,
  },
  {
    allergens: ['milk', 'soya'],
    diet: { vegetarian: 'yes', vegan: 'ask' },
    note: 'Vegetable fat in place of cocoa butter: easy, sets quickly, tastes of less.',
    goodFor: 'large amounts, warm rooms, colours from coloured buttons',
    badFor: 'taste, and where it has to be called chocolate',
  },
);
