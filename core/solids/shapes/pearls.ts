import { turned, type Body } from '../bodies/index.ts';
import { pearlsInRow } from '../counts.ts';
import { levels } from '../spheroid.ts';
import type { Shape, Sizes } from '../types.ts';
import { WORLD } from '../vector.ts';
import { grows, kept, plain } from './parts.ts';

const PI = Math.PI;
type Key = 'length' | 'pearl' | 'gap' | 'rows';
const MOST = 600;

const perRow = ({ length, pearl, gap }: Sizes<Key>) => Math.max(1, pearlsInRow(length, pearl, gap));

export const pearls: Shape<Key> = {
  kind: 'pearls',
  name: 'Pearls',
  family: 'many',
  hint: 'rows of small balls, counted to come out even',
  sizes: [
    grows('length', 'row', 80, [2, 3000]),
    kept('pearl', 'each across', 5, [0.8, 40]),
    kept('gap', 'gap', 0.5, [0, 40]),
    plain('rows', 'rows', 1, [1, 40], true),
  ],
  volumeRule: 'how many × π d³ ÷ 6',
  refuse: (s) =>
    perRow(s) * s.rows <= MOST
      ? undefined
      : `That would be more than ${MOST} pearls: make several pieces of it.`,
  measure: (s) => {
    const number = perRow(s) * s.rows;
    const height = s.pearl * (1 + (s.rows - 1) * 0.87);
    return {
      volume: (number * PI * s.pearl ** 3) / 6,
      area: number * PI * s.pearl ** 2,
      centre: height / 2,
      aside: [0, -s.pearl / 2],
      width: Math.max(s.length, s.pearl),
      depth: s.pearl,
      height,
      alike: number,
    };
  },
  drying: (s) => {
    const m = pearls.measure(s, {});
    return {
      volume: m.volume,
      area: m.area,
      depth: s.pearl / 2,
      facing: s.pearl,
      thickness: s.pearl,
      kind: 'rod',
    };
  },
  body: (s) => {
    const d = s.pearl;
    const one: Body = turned((z) => Math.sqrt(Math.max(0, z * (d - z))), levels(d, 10));
    const n = perRow(s);
    const pitch = n > 1 ? (Math.max(s.length, d) - d) / (n - 1) : 0;
    return {
      type: 'group',
      parts: Array.from({ length: s.rows }, (_, row) =>
        Array.from({ length: n }, (_, i) => ({
          // they lie on the plane y = 0, before it
          frame: { ...WORLD, origin: [(i - (n - 1) / 2) * pitch, -d / 2, row * 0.87 * d] as const },
          body: one,
        })),
      ).flat(),
    };
  },
  handles: ({ length, pearl }) => [{ size: 'length', at: [length / 2, pearl / 2], along: [1, 0], gain: 2 }],
  wraps: true,
  technique: 'byHand',
  labour: { once: 1, each: 0.25 },
  lay: { once: 1, each: 0.22 },
};
