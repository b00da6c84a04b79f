import { round, threaded, wireGauge } from '../../mechanics/sections.ts';
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

const armature = (d: number, rank: number): RodStock => ({
  id: `armature${d}`,
  name: `armature wire ${d} mm`,
  material: 'aluminium',
  section: round(d),
  stock: 1000,
  rank,
  family: 'wire',
  needsSleeve: true,
  caution: 'Soft aluminium dissolves slowly in acid and salty food and marks paste grey: wrap it in film.',
});

const stainless = (d: number, rank: number): RodStock => ({
  id: `stainless${d}`,
  name: `stainless rod ${d} mm`,
  material: 'stainless',
  section: round(d),
  stock: 1000,
  rank,
  family: 'rod',
  needsSleeve: true,
  caution: 'Not food-contact unless it is rated for it: sleeve it. Cut ends are sharp; file them round.',
});

export const METAL: readonly RodStock[] = [
  wire(26, 3.05),
  wire(24, 3.1),
  wire(22, 3.2),
  wire(20, 3.3),
  wire(18, 3.4),
  armature(3, 10),
  armature(6, 11),
  thread(6, 15),
  thread(8, 16),
  thread(10, 17),
  thread(12, 18),
  stainless(6, 19),
  stainless(10, 20),
  stainless(12, 21),
];
