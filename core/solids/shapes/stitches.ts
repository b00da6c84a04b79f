import { evenStitches } from '../counts.ts';
import { levels } from '../spheroid.ts';
import type { Shape, Sizes } from '../types.ts';
import { WORLD } from '../vector.ts';
import type { Body } from '../bodies/index.ts';
import { grows, kept } from './parts.ts';

const PI = Math.PI;
type Key = 'length' | 'pitch' | 'thread' | 'stitch';
const MOST = 600;

const marksOf = ({ length, pitch }: Sizes<Key>) => evenStitches(length, pitch, false);

export const stitches: Shape<Key> = {
  kind: 'stitches',
  name: 'Laid stitches',
  family: 'many',
  hint: 'short threads of paste along a seam; pressed-in stitches are a surface, not a piece',
  sizes: [
    grows('length', 'seam', 100, [3, 3000]),
    kept('pitch', 'one every', 7, [1, 100]),
    kept('thread', 'thread across', 1, [0.3, 10]),
    kept('stitch', 'each long', 5, [0.8, 60]),
  ],
  volumeRule: 'how many × π ÷ 6 × long × thread²',
  refuse: (s) =>
    marksOf(s).marks <= MOST
      ? undefined
      : `That would be more than ${MOST} stitches: make several pieces of it.`,
  measure: (s) => {
    const number = marksOf(s).marks;
    // a thread pinched off at both ends is a long pebble
    const each = (PI / 6) * s.stitch * s.thread ** 2;
    return {
      volume: number * each,
      area: number * PI * PI * 0.25 * s.stitch * s.thread,
      centre: s.stitch / 2,
      aside: [0, -s.thread / 2],
      width: s.length,
      depth: s.thread,
      height: s.stitch,
      alike: number,
    };
  },
  drying: (s) => {
    const m = stitches.measure(s, {});
    return {
      volume: m.volume,
      area: m.area,
      depth: s.thread / 2,
      facing: s.thread,
      thickness: s.thread,
      kind: 'rod',
    };
  },
  body: (s) => {
    const { marks, pitch } = marksOf(s);
    const one: Body = {
      type: 'stack',
      cutAt: (z) => {
        const r = (s.thread / s.stitch) * Math.sqrt(Math.max(0, z * (s.stitch - z)));
        return { a: r, b: r };
      },
      levels: levels(s.stitch, 8),
    };
    return {
      type: 'group',
      parts: Array.from({ length: marks }, (_, i) => ({
        frame: { ...WORLD, origin: [marks > 1 ? i * pitch - s.length / 2 : 0, -s.thread / 2, 0] as const },
        body: one,
      })),
    };
  },
  handles: ({ length, stitch }) => [{ size: 'length', at: [length / 2, stitch / 2], along: [1, 0], gain: 2 }],
  wraps: true,
  technique: 'byHand',
  labour: { once: 5, each: 0.28 },
  lay: { once: 2, each: 0.5 },
};
