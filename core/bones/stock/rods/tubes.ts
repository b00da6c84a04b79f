import { round } from '../../mechanics/sections.ts';
import type { RodStock } from './types.ts';

const COUNT = 'Count it in and out, and tell whoever serves.';

const copper = (d: number, rank: number): RodStock => ({
  id: `copper${d}`,
  name: `soft copper tube ${d} mm`,
  material: 'copper',
  section: round(d, 0.8),
  stock: 1000,
  rank,
  family: 'tube',
  needsSleeve: true,
  caution:
    'Copper goes into acid food (fruit, cream cheese, ganache): sleeve it end to end, sealed at both ends.',
});

/** Straws, hollow dowels and tube that bends by hand. */
export const TUBES: readonly RodStock[] = [
  {
    id: 'straw12',
    name: 'wide plastic straw 12 mm',
    material: 'plastic',
    section: round(12, 0.25),
    stock: 240,
    rank: 5.2,
    family: 'hollow',
    needsSleeve: false,
    caution: COUNT,
  },
  {
    id: 'hollow16',
    name: 'hollow plastic dowel 16 mm',
    material: 'plastic',
    section: round(16, 1.2),
    stock: 300,
    rank: 7.5,
    family: 'hollow',
    needsSleeve: false,
    caution: COUNT,
  },
  copper(6, 12),
  copper(8, 13),
  copper(10, 14),
];
