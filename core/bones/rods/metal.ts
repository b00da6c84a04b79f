import { round, threaded, wireGauge } from '../sections.ts';
import type { RodStock } from './types.ts';

const wire = (gauge: number, rank: number): RodStock => ({
  id: `wire${gauge}`,
  name: `covered wire ${gauge} gauge`,
  material: 'florist',
  section: round(wireGauge(gauge)),
  stock: 360,
  rank,
  family: 'wire',
  needsSleeve: true,
  caution:
    'Never straight into food: into a pick, a sealed straw or a plug of paste. Sharp ends; count it out.',
});

const thread = (d: number, rank: number): RodStock => ({
  id: `m${d}`,
  name: `threaded steel rod M${d}`,
  material: 'steel',
  section: threaded(d),
  stock: 1000,
  rank,
  family: 'threaded',
  needsSleeve: true,
  caution: 'Plated and oily: degrease it and sleeve the whole eaten height. Not food.',
});

export const METAL: readonly RodStock[] = [
  wire(24, 3.1),
  wire(22, 3.2),
  wire(20, 3.3),
  wire(18, 3.4),
  thread(6, 15),
  thread(8, 16),
  thread(10, 17),
  thread(12, 18),
];
