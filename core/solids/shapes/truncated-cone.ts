import { turned } from '../bodies/index.ts';
import type { Shape } from '../types.ts';
import { grows, lump } from './parts.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;

export const truncatedCone: Shape<'foot' | 'top' | 'height'> = {
  kind: 'truncatedCone',
  name: 'Truncated cone',
  family: 'rolled',
  hint: 'flat foot, flat top: skirts, pots, posts',
  sizes: [
    grows('foot', 'foot across', 40, [1, 600]),
    grows('top', 'top across', 24, [0.5, 600]),
    grows('height', 'tall', 50, [1, 900]),
  ],
  volumeRule: 'π h (R² + R r + r²) ÷ 3',
  measure: ({ foot, top, height: h }) => {
    const [R, r] = [foot / 2, top / 2];
    const q = R * R + R * r + r * r;
    const width = Math.max(foot, top);
    return {
      volume: (PI * h * q) / 3,
      area: PI * (R + r) * Math.hypot(h, R - r) + PI * (R * R + r * r),
      centre: (h * (R * R + 2 * R * r + 3 * r * r)) / (4 * q),
      width,
      depth: width,
      height: h,
    };
  },
  drying: (s) => lump(truncatedCone.measure(s, {}), Math.min(s.height, (s.foot + s.top) / 2)),
  body: ({ foot, top, height: h }) =>
    turned((z) => (z < 0 || z > h ? 0 : (foot + ((top - foot) * z) / h) / 2), [0, h / 2, h]),
  handles: ({ foot, top, height }) => [
    { size: 'foot', at: [foot / 2, 0], along: [1, 0], gain: 2 },
    { size: 'top', at: [top / 2, height], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, height], along: [0, 1], gain: 1 },
  ],
  coats: true,
  technique: 'byHand',
  labour: shaped(7),
};
