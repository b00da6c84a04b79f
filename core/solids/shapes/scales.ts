import type { Body, GroupBody } from '../bodies/index.ts';
import { ovalArea, scalesOnArea } from '../counts.ts';
import type { Point } from '../polygon.ts';
import type { Shape, Sizes } from '../types.ts';
import type { Frame } from '../vector.ts';
import { angle, grows, kept, plain } from './parts.ts';

type Key = 'width' | 'height' | 'wide' | 'long' | 'visible' | 'overlap' | 'thickness' | 'lift';
const MOST = 500;

const countOf = (s: Sizes<Key>) =>
  Math.max(1, scalesOnArea(s.width * s.height, s.wide, s.long, s.visible, s.overlap / 100).number);

/** The pointed oval between two arcs, hanging: its tip at the foot of its own frame's −z. */
export function pointedOval(long: number, wide: number, steps = 10): Point[] {
  const R = (long * long + wide * wide) / (4 * wide);
  const half = Math.asin(Math.min(1, long / (2 * R)));
  const side = (sign: 1 | -1) =>
    Array.from({ length: steps }, (_, i): Point => {
      const t = -half + (2 * half * i) / steps;
      const x = sign * (R * Math.cos(t) - (R - wide / 2));
      return [x, sign * R * Math.sin(t)];
    });
  return [...side(1), ...side(-1)];
}

export const scales: Shape<Key> = {
  kind: 'scales',
  name: 'Scales, feathers, petals',
  family: 'many',
  hint: 'many pointed ovals laid over each other like tiles',
  sizes: [
    grows('width', 'area wide', 60, [2, 2000]),
    grows('height', 'area tall', 40, [2, 1500]),
    kept('wide', 'each wide', 12, [1, 300]),
    kept('long', 'each long', 18, [1, 400]),
    kept('visible', 'shows', 8, [0.5, 300]),
    plain('overlap', 'side overlap %', 20, [0, 80]),
    kept('thickness', 'thick', 1, [0.3, 10]),
    { ...angle('lift', 'lifted', 12, [0, 175]), pose: true },
  ],
  volumeRule: 'how many × pointed oval × thickness; how many = area ÷ (wide × (1 − overlap) × shows)',
  cut: true,
  refuse: (s) =>
    s.wide > s.long
      ? 'Each is longer than it is wide: exchange the two sizes.'
      : s.visible > s.long
        ? 'More of each would show than there is of it.'
        : countOf(s) <= MOST
          ? undefined
          : `That would be more than ${MOST}: make several pieces of it, or larger ones.`,
  measure: (s) => {
    const number = countOf(s);
    const face = ovalArea(s.long, s.wide);
    return {
      volume: number * face * s.thickness,
      area: number * 2 * face,
      centre: s.height / 2,
      width: s.width,
      depth: s.thickness * 3,
      height: s.height,
      alike: number,
    };
  },
  drying: (s) => {
    const m = scales.measure(s, {});
    return {
      volume: m.volume,
      // the overlapped part does not see the air
      area: m.area * Math.min(1, s.visible / s.long + 0.5),
      depth: s.thickness / 2,
      facing: s.wide,
      thickness: s.thickness,
      kind: 'sheet',
    };
  },
  body: (s) => laid(s),
  handles: ({ width, height }) => [
    { size: 'width', at: [width / 2, height / 2], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, height], along: [0, 1], gain: 1 },
  ],
  wraps: true,
  technique: 'fromSheet',
  labour: { once: 3, each: 0.7 },
  lay: { once: 2, each: 0.6 },
};

/** Rows from the foot up, each over the one below, every second row half a step aside. */
function laid(s: Sizes<Key>): GroupBody {
  const number = countOf(s);
  const rows = Math.max(1, Math.round(s.height / s.visible));
  const one: Body = {
    type: 'flat',
    // hung by its root: the oval lies from the root at nought down to its tip
    outline: pointedOval(s.long, s.wide).map(([x, z]) => [x, z - s.long / 2] as const),
    holes: [],
    thickness: s.thickness,
  };
  const turn = (s.lift * Math.PI) / 180;
  const [c, n] = [Math.cos(turn), Math.sin(turn)];
  const parts: { frame: Frame; body: Body }[] = [];
  for (let row = 0; row < rows; row++) {
    const here = Math.floor(((row + 1) * number) / rows) - Math.floor((row * number) / rows);
    const pitch = s.width / Math.max(1, here);
    // hanging pieces are rooted at the top of what they show, standing ones at its foot
    const root = c >= 0 ? Math.min(s.height, (row + 1) * s.visible) : row * s.visible;
    for (let i = 0; i < here; i++)
      parts.push({
        frame: {
          origin: [
            (i + 0.5) * pitch - s.width / 2 + (row % 2 ? pitch / 4 : -pitch / 4),
            -s.thickness * (0.5 + (row % 2) * 0.6),
            root,
          ],
          x: [1, 0, 0],
          // lifted: the tip, down its own −z, swings out towards the viewer at −y
          y: [0, c, -n],
          z: [0, n, c],
        },
        body: one,
      });
  }
  return { type: 'group', parts };
}
