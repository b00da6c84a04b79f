import { turned } from '../bodies/index.ts';
import type { Shape } from '../types.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;

export const rope: Shape<'diameter' | 'length'> = {
  kind: 'rope',
  name: 'Rope',
  family: 'rolled',
  hint: 'rolled even, ends cut square',
  sizes: [
    { key: 'diameter', label: 'across', role: 'length', start: 12, min: 0.5, max: 400, fits: false },
    { key: 'length', label: 'long', role: 'length', start: 80, min: 1, max: 2000, fits: true },
  ],
  volumeRule: 'π d² L ÷ 4',
  measure: ({ diameter: d, length: L }) => ({
    volume: (PI * d * d * L) / 4,
    area: PI * d * L + (PI * d * d) / 2,
    centre: L / 2,
    width: d,
    depth: d,
    height: L,
  }),
  drying: ({ diameter: d, length: L }) => ({
    volume: (PI * d * d * L) / 4,
    area: PI * d * L + (PI * d * d) / 4,
    depth: d / 2,
    facing: d,
    thickness: d,
    kind: 'rod',
  }),
  body: ({ diameter: d, length: L }) => turned((z) => (z < 0 || z > L ? 0 : d / 2), [0, L]),
  handles: ({ diameter: d, length: L }) => [
    { size: 'diameter', at: [d / 2, L / 2], along: [1, 0], gain: 2 },
    { size: 'length', at: [0, L], along: [0, 1], gain: 1 },
  ],
  coats: true,
  curvature: ({ diameter: d, length: L }) => PI * L + (PI * PI * d) / 2,
  wraps: true,
  technique: 'rolled',
  labour: shaped(4),
};
