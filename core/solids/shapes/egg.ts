import { turned } from '../bodies/index.ts';
import type { Shape } from '../types.ts';
import { halfSpheroidArea, levels } from '../spheroid.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;
/** Share of the height that lies below the widest circle; common practice for a hand-rolled egg. */
const BLUNT = 0.42;

export const egg: Shape<'diameter' | 'height'> = {
  kind: 'egg',
  name: 'Egg',
  family: 'rolled',
  hint: 'a ball rolled to one side, blunt end down',
  sizes: [
    { key: 'diameter', label: 'across', role: 'length', start: 40, min: 1, max: 600, fits: true },
    { key: 'height', label: 'tall', role: 'length', start: 55, min: 1, max: 800, fits: true },
  ],
  volumeRule: 'π d² h ÷ 6 (two half eggs on one widest circle)',
  measure: ({ diameter: d, height: h }) => {
    const low = BLUNT * h;
    const high = h - low;
    return {
      volume: (PI * d * d * h) / 6,
      area: halfSpheroidArea(d / 2, low) + halfSpheroidArea(d / 2, high),
      centre: low + (3 / 8) * (high - low),
      width: d,
      depth: d,
      height: h,
    };
  },
  drying: ({ diameter: d, height: h }) => ({
    volume: (PI * d * d * h) / 6,
    area: halfSpheroidArea(d / 2, BLUNT * h) + halfSpheroidArea(d / 2, (1 - BLUNT) * h),
    depth: Math.min(d, h) / 2,
    facing: Math.min(d, h),
    thickness: Math.min(d, h),
    kind: 'rod',
  }),
  body: ({ diameter: d, height: h }) => {
    const low = BLUNT * h;
    return turned((z) => {
      const c = z < low ? low : h - low;
      return (d / 2) * Math.sqrt(Math.max(0, 1 - ((z - low) / c) ** 2));
    }, levels(h));
  },
  handles: ({ diameter: d, height: h }) => [
    { size: 'diameter', at: [d / 2, BLUNT * h], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, h], along: [0, 1], gain: 1 },
  ],
  coats: true,
  technique: 'byHand',
  labour: shaped(7),
};
