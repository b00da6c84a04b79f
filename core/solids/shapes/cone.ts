import { turned } from '../bodies/index.ts';
import type { Shape } from '../types.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;

export const cone: Shape<'diameter' | 'height'> = {
  kind: 'cone',
  name: 'Cone',
  family: 'rolled',
  hint: 'flat foot, pointed top',
  sizes: [
    { key: 'diameter', label: 'foot across', role: 'length', start: 40, min: 1, max: 600, fits: true },
    { key: 'height', label: 'tall', role: 'length', start: 50, min: 1, max: 900, fits: true },
  ],
  volumeRule: 'π d² h ÷ 12',
  measure: ({ diameter: d, height: h }) => {
    const R = d / 2;
    return {
      volume: (PI * R * R * h) / 3,
      area: PI * R * (R + Math.hypot(R, h)),
      centre: h / 4,
      width: d,
      depth: d,
      height: h,
    };
  },
  drying: ({ diameter: d, height: h }) => {
    const s = Math.hypot(d / 2, h);
    return {
      volume: (PI * d * d * h) / 12,
      area: PI * (d / 2) * s,
      depth: ((d / 2) * h) / (s + d / 2),
      facing: d * 0.67,
      thickness: d * 0.67,
      kind: 'rod',
    };
  },
  body: ({ diameter: d, height: h }) => turned((z) => (z < 0 || z > h ? 0 : (d / 2) * (1 - z / h)), [0, h]),
  handles: ({ diameter: d, height: h }) => [
    { size: 'diameter', at: [d / 2, 0], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, h], along: [0, 1], gain: 1 },
  ],
  coats: true,
  curvature: ({ diameter: d, height: h }) => PI * h + ((PI * d) / 2) * (PI / 2 + Math.atan2(d / 2, h)),
  technique: 'byHand',
  labour: shaped(5),
};
