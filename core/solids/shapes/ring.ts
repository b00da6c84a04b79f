import type { Shape } from '../types.ts';
import type { Vec } from '../vector.ts';
import { grows, lump } from './parts.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;
const STOPS = 48;

export const ring: Shape<'across' | 'rope'> = {
  kind: 'ring',
  name: 'Ring',
  family: 'bent',
  hint: 'a rope joined end to end, lying flat',
  sizes: [
    grows('across', 'across, middle of the rope', 40, [2, 600]),
    grows('rope', 'rope across', 8, [0.5, 200]),
  ],
  volumeRule: 'π² ÷ 4 × D d²',
  refuse: ({ across, rope }) =>
    rope < across ? undefined : 'The rope is thicker than the ring: there is no hole left.',
  measure: ({ across: D, rope: d }) => ({
    volume: (PI * PI * D * d * d) / 4,
    area: PI * PI * D * d,
    centre: d / 2,
    width: D + d,
    depth: D + d,
    height: d,
    cutLength: PI * D,
  }),
  drying: (s) => lump(ring.measure(s, {}), s.rope),
  body: ({ across: D, rope: d }) => {
    const path = Array.from({ length: STOPS }, (_, i): Vec => {
      const t = (2 * PI * i) / STOPS;
      return [(D / 2) * Math.cos(t), (D / 2) * Math.sin(t), d / 2];
    });
    return { type: 'tube', path, radii: path.map(() => d / 2), loop: true };
  },
  handles: ({ across: D, rope: d }) => [
    { size: 'across', at: [D / 2, d / 2], along: [1, 0], gain: 2 },
    { size: 'rope', at: [0, d], along: [0, 1], gain: 1 },
  ],
  technique: 'byHand',
  labour: shaped(5),
};
