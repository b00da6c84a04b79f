import { round } from '../../mechanics/sections.ts';
import type { RodStock } from './types.ts';

const COUNT = 'Count it in and out, and tell whoever serves; none where a small child will bite.';

export const STICKS: readonly RodStock[] = [
  {
    id: 'spaghetti18',
    name: 'dry spaghetti 1.8 mm',
    material: 'spaghetti',
    section: round(1.8),
    stock: 250,
    rank: 1,
    family: 'pasta',
    needsSleeve: false,
    caution: 'Hard to bite and contains gluten: say so.',
  },
  {
    id: 'cocktail2',
    name: 'cocktail stick 2 mm',
    material: 'bamboo',
    section: round(2),
    stock: 65,
    rank: 2,
    family: 'stick',
    needsSleeve: false,
    caution: COUNT,
  },
  {
    id: 'skewer3',
    name: 'bamboo skewer 3 mm',
    material: 'bamboo',
    section: round(3),
    stock: 250,
    rank: 3,
    family: 'stick',
    needsSleeve: false,
    caution: COUNT,
  },
  {
    id: 'paper4',
    name: 'paper stick 4 mm',
    material: 'paper',
    section: round(4),
    stock: 150,
    rank: 4,
    family: 'stick',
    needsSleeve: false,
    caution: 'Goes soft in wet cake within hours. ' + COUNT,
  },
  {
    id: 'skewer4',
    name: 'bamboo skewer 4 mm',
    material: 'bamboo',
    section: round(4),
    stock: 300,
    rank: 5,
    family: 'stick',
    needsSleeve: false,
    caution: COUNT,
  },
];
