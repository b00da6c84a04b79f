import { round } from '../../mechanics/sections.ts';
import type { RodStock } from './types.ts';

const dowel = (d: number, rank: number): RodStock => ({
  id: `dowel${d}`,
  name: `wooden dowel ${d} mm`,
  material: 'birch',
  section: round(d),
  stock: 300,
  rank,
  family: 'dowel',
  needsSleeve: false,
  caution: 'Food-grade dowel only, or sleeve it; round off splinters and count it in and out.',
});

export const DOWELS: readonly RodStock[] = [dowel(6, 6), dowel(8, 7), dowel(10, 8), dowel(12, 9)];
