import type { Material } from '../types.ts';

export const modellingPaste: Material = {
  id: 'modellingPaste',
  name: 'Ready-made modelling paste',
  composition: { water: 0.1, carb: 0.847, fat: 0.035, protein: 0.0055, fibre: 0.0095, ash: 0.003 },
  air: 0.035,
  density: 1.41,
  densityRange: [1.33, 1.48],
  densitySource: 'derived',
  firming: {
    by: 'drying',
    constants: {
      water: 0.1,
      density: 1350,
      balance: 0.74,
      isotherm: 1.1,
      diffusivity: 1.6e-11,
      diffusivityFall: 2,
      gum: 1,
      freshYield: 5,
      softening: 0.05,
      dryYield: 2500,
      crackStrain: 1.05,
      gain: 1,
    },
  },
  allergens: [],
  stiffens: true,
  note: 'About as stiff as covering paste with one per cent of powder in it.',
};
