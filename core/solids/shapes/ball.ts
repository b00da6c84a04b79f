import type { Shape } from '../types.ts';
import { levels } from '../spheroid.ts';

const PI = Math.PI;

export const ball: Shape<'diameter'> = {
  kind: 'ball',
  name: 'Ball',
  hint: 'rolled between the palms',
  sizes: [{ key: 'diameter', label: 'across', role: 'length', start: 40, min: 1, max: 600, fits: true }],
  volumeRule: 'π d³ ÷ 6',
  measure: ({ diameter: d }) => ({
    volume: (PI * d ** 3) / 6,
    area: PI * d * d,
    centre: d / 2,
    width: d,
    depth: d,
    height: d,
  }),
  drying: ({ diameter: d }) => ({
    volume: (PI * d ** 3) / 6,
    area: PI * d * d,
    depth: d / 2,
    facing: d,
    thickness: d,
    kind: 'rod',
  }),
  body: ({ diameter: d }) => ({
    type: 'turned',
    radiusAt: (z) => Math.sqrt(Math.max(0, z * (d - z))),
    levels: levels(d),
  }),
  handles: ({ diameter: d }) => [{ size: 'diameter', at: [d / 2, d / 2], along: [1, 0], gain: 2 }],
  yield: { used: 0.98, kneadedBack: 0.8 },
  minutes: { first: 5, next: 3 },
};
