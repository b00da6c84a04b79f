import { carlsonG } from '../../quantity/index.ts';
import { levels } from '../spheroid.ts';
import type { Shape } from '../types.ts';
import { grows, lump } from './parts.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;

export const ellipsoid: Shape<'width' | 'depth' | 'height'> = {
  kind: 'ellipsoid',
  name: 'Pebble',
  family: 'rolled',
  hint: 'a ball flattened to three different widths',
  sizes: [
    grows('width', 'wide', 44, [1, 600]),
    grows('depth', 'deep', 32, [1, 600]),
    grows('height', 'tall', 36, [1, 800]),
  ],
  volumeRule: 'π ÷ 6 × wide × deep × tall',
  measure: ({ width, depth, height }) => {
    const [a, b, c] = [width / 2, depth / 2, height / 2];
    return {
      volume: (4 / 3) * PI * a * b * c,
      area: 4 * PI * carlsonG(a * a * b * b, a * a * c * c, b * b * c * c),
      centre: c,
      width,
      depth,
      height,
    };
  },
  drying: (s) => lump(ellipsoid.measure(s, {}), Math.min(s.width, s.depth, s.height)),
  body: ({ width, depth, height: h }) => ({
    type: 'stack',
    cutAt: (z) => {
      const k = Math.sqrt(Math.max(0, z * (h - z))) / h;
      return { a: width * k, b: depth * k };
    },
    levels: levels(h),
  }),
  handles: ({ width, height }) => [
    { size: 'width', at: [width / 2, height / 2], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, height], along: [0, 1], gain: 1 },
  ],
  coats: true,
  technique: 'byHand',
  labour: shaped(6),
};
