import { mixed } from '../density.ts';
import type { Material } from '../types.ts';

/** Six and a half parts of icing sugar to one of egg white. */
export const royalIcing: Material = {
  id: 'royalIcing',
  name: 'Royal icing',
  family: 'icing',
  composition: mixed([
    [6.5, { water: 0.005, carb: 0.995 }],
    [1, { water: 0.876, protein: 0.109, carb: 0.008, ash: 0.007 }],
  ]),
  air: 0.12,
  density: 1.3,
  densityRange: [1.05, 1.42],
  densitySource: 'estimate',
  firming: {
    by: 'drying',
    constants: {
      water: 0.13,
      density: 1450,
      balance: 0.86,
      isotherm: 2,
      diffusivity: 5.6e-11,
      diffusivityFall: 1,
      gum: 0,
      freshYield: 0.06,
      softening: 0.02,
      dryYield: 4000,
      crackStrain: 0.3,
      gain: 1.2,
    },
  },
  allergens: ['egg'],
  diet: { vegetarian: 'yes', vegan: 'no' },
  ask: 'Fresh egg white is not for everybody: dried or pasteurised white is.',
  sheen: 'matt',
  stiffens: false,
  note: 'Piped: dots, beads, fur and the strongest glue between dry sugar parts.',
  goodFor: 'dots, piped fur, joining dry parts for good',
  badFor: 'anything fat: it lets go of chocolate and buttercream',
  weather: 'Crusts in minutes, softens on a buttercream cake and in a damp room.',
  keeps: { days: 2, how: 'covered and chilled when made with fresh white; a week with dried' },
  dusts: ['nothing'],
};
