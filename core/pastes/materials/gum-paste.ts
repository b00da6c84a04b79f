import type { Material } from '../types.ts';

export const gumPaste: Material = {
  id: 'gumPaste',
  name: 'Gum paste',
  composition: { water: 0.09, carb: 0.87, fat: 0.015, protein: 0.007, fibre: 0.015, ash: 0.003 },
  air: 0.03,
  density: 1.45,
  densityRange: [1.38, 1.49],
  densitySource: 'derived',
  firming: {
    by: 'drying',
    constants: {
      water: 0.11,
      density: 1350,
      balance: 0.79,
      isotherm: 1.3,
      diffusivity: 1.6e-11,
      diffusivityFall: 2,
      gum: 1.6,
      freshYield: 5,
      softening: 0.04,
      dryYield: 4000,
      crackStrain: 1.3,
      gain: 1,
    },
  },
  allergens: [],
  stiffens: true,
  note: 'Poses thin in minutes and dries hard; crusts fast while you work.',
};
