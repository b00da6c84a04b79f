import type { Material } from '../types.ts';

export const fondant: Material = {
  id: 'fondant',
  name: 'Covering paste',
  composition: { water: 0.11, carb: 0.824, fat: 0.055, protein: 0.004, fibre: 0.004, ash: 0.003 },
  air: 0.04,
  density: 1.38,
  densityRange: [1.33, 1.44],
  densitySource: 'derived',
  firming: {
    by: 'drying',
    constants: {
      water: 0.1,
      density: 1350,
      balance: 0.7,
      isotherm: 1,
      diffusivity: 1.6e-11,
      diffusivityFall: 2,
      gum: 0,
      freshYield: 5,
      softening: 0.06,
      dryYield: 1500,
      crackStrain: 0.8,
      gain: 1,
    },
  },
  allergens: [],
  stiffens: true,
  note: 'Soft and slow to firm on its own; stiffen it for anything that carries.',
};
