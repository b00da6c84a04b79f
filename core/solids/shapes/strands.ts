import { turned, type Body } from '../bodies/index.ts';
import { strandsOnArea } from '../counts.ts';
import type { Shape, Sizes } from '../types.ts';
import type { Frame } from '../vector.ts';
import { angle, grows, kept, plain } from './parts.ts';

const PI = Math.PI;
type Key = 'width' | 'height' | 'strand' | 'tip' | 'long' | 'layers' | 'lift';
const MOST = 500;

/** Share of its length by its width that one covers: half for a cone, all for an even rope. */
const coverOf = ({ strand, tip }: Sizes<Key>) => (1 + tip / strand) / 2;
const countOf = (s: Sizes<Key>) =>
  Math.max(1, strandsOnArea(s.width * s.height, s.strand, s.long, coverOf(s), s.layers));

export const strands: Shape<Key> = {
  kind: 'strands',
  name: 'Strands',
  family: 'many',
  hint: 'hair, mane, whiskers, fringe: thin ropes, tapering or even',
  sizes: [
    grows('width', 'area wide', 40, [1, 2000]),
    grows('height', 'area tall', 40, [1, 1500]),
    kept('strand', 'each across', 3, [0.4, 40]),
    kept('tip', 'at its tip', 0.5, [0, 40]),
    grows('long', 'each long', 40, [2, 600], false),
    plain('layers', 'layers', 1, [0.1, 6]),
    { ...angle('lift', 'lifted', 8, [0, 175]), pose: true },
  ],
  volumeRule: 'how many × truncated cone; how many = area × layers ÷ (across × long × cover)',
  refuse: (s) =>
    s.tip > s.strand
      ? 'A strand is thicker at its root than at its tip.'
      : countOf(s) <= MOST
        ? undefined
        : `That would be more than ${MOST} strands: make several pieces of it, or thicker ones.`,
  measure: (s) => {
    const number = countOf(s);
    const [R, r] = [s.strand / 2, s.tip / 2];
    const each = (PI * s.long * (R * R + R * r + r * r)) / 3;
    return {
      volume: number * each,
      area: number * (PI * (R + r) * Math.hypot(s.long, R - r) + PI * (R * R + r * r)),
      centre: s.height / 2,
      width: s.width,
      depth: s.strand * 2,
      height: s.height,
      alike: number,
      cutLength: s.long,
    };
  },
  drying: (s) => {
    const m = strands.measure(s, {});
    return {
      volume: m.volume,
      area: m.area * 0.75,
      depth: s.strand / 2,
      facing: s.strand,
      thickness: s.strand,
      kind: 'rod',
    };
  },
  body: (s) => {
    const number = countOf(s);
    const one: Body = turned((z) => (s.strand + ((s.tip - s.strand) * z) / s.long) / 2, [0, s.long]);
    const rows = Math.max(1, Math.min(number, Math.round(s.height / Math.max(s.long * 0.5, s.strand))));
    const turn = (s.lift * PI) / 180;
    const [c, n] = [Math.cos(turn), Math.sin(turn)];
    const parts: { frame: Frame; body: Body }[] = [];
    for (let row = 0; row < rows; row++) {
      const here = Math.floor(((row + 1) * number) / rows) - Math.floor((row * number) / rows);
      const pitch = s.width / Math.max(1, here);
      const root = rows > 1 ? s.height - (row * s.height * 0.5) / (rows - 1) : s.height;
      for (let i = 0; i < here; i++)
        parts.push({
          frame: {
            origin: [(i + 0.5) * pitch - s.width / 2, -(s.strand / 2) * (1 + (rows - 1 - row) * 0.6), root],
            // root to tip hangs down and is lifted out towards the viewer
            x: [1, 0, 0],
            y: [0, -c, n],
            z: [0, -n, -c],
          },
          body: one,
        });
    }
    return { type: 'group', parts };
  },
  handles: ({ width, height }) => [
    { size: 'width', at: [width / 2, height / 2], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, height], along: [0, 1], gain: 1 },
  ],
  wraps: true,
  technique: 'byHand',
  labour: { once: 3, each: 0.97 },
  lay: { once: 2, each: 1.35 },
};
