import { mixed } from '../density.ts';
import type { Material } from '../types.ts';

export const marzipan: Material = {
  id: 'marzipan',
  name: 'Marzipan, half almond',
  family: 'almond',
  composition: mixed([
    [1, { water: 0.045, fat: 0.5, protein: 0.21, carb: 0.09, fibre: 0.125, ash: 0.03 }],
    [1, { carb: 0.9, water: 0.1 }],
  ]),
  air: 0.02,
  density: 1.24,
  densityRange: [1.2, 1.33],
  densitySource: 'derived',
  firming: {
    by: 'drying',
    constants: {
      water: 0.09,
      density: 1250,
      balance: 0.72,
      isotherm: 1,
      diffusivity: 0.8e-11,
      diffusivityFall: 2,
      gum: 0,
      freshYield: 4,
      softening: 0.07,
      dryYield: 500,
      crackStrain: 0.5,
      gain: 1,
    },
  },
  allergens: ['almond'],
  sheen: 'satin',
  stiffens: false,
  note: 'Stays soft inside; good for sweets, poor for anything that has to stand out.',
  diet: { vegetarian: 'yes', vegan: 'ask' },
  ask: 'Some are bound with egg, and peach or apricot kernels are sold as almond.',
  goodFor: 'sweets, fruit, figures that are eaten, a layer under covering paste',
  badFor: 'thin parts that stand out; it stays soft inside and its oil stains pale paste',
  weather: 'Oils when it is kneaded warm; dries out and cracks in a dry room.',
  keeps: { days: 30, how: 'wrapped airtight, cool; made with egg, as the recipe says' },
  dusts: ['icing sugar'],
};
