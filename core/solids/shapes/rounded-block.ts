import { levels } from '../spheroid.ts';
import type { Shape, Sizes } from '../types.ts';
import { grows } from './parts.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;
type Key = 'width' | 'depth' | 'height' | 'edge';

/** The box inside, to which the edge radius is added all round. */
const inner = ({ width, depth, height, edge: r }: Sizes<Key>) =>
  [width - 2 * r, depth - 2 * r, height - 2 * r] as const;

export const roundedBlock: Shape<Key> = {
  kind: 'roundedBlock',
  name: 'Rounded block',
  family: 'rolled',
  hint: 'squared between two rulers, edges softened',
  sizes: [
    grows('width', 'wide', 40, [1, 800]),
    grows('depth', 'deep', 25, [1, 800]),
    grows('height', 'tall', 20, [1, 800]),
    grows('edge', 'edge radius', 4, [0, 200]),
  ],
  volumeRule: 'a b c + 2 (ab + bc + ca) r + π (a + b + c) r² + 4 ÷ 3 π r³',
  refuse: (s) =>
    s.edge <= Math.min(s.width, s.depth, s.height) / 2 + 1e-9
      ? undefined
      : 'The edges cannot be rounder than half the smallest side.',
  measure: (s) => {
    const [a, b, c] = inner(s);
    const r = s.edge;
    const faces = a * b + b * c + c * a;
    return {
      volume: a * b * c + 2 * faces * r + PI * (a + b + c) * r * r + (4 / 3) * PI * r ** 3,
      area: 2 * faces + 2 * PI * (a + b + c) * r + 4 * PI * r * r,
      centre: s.height / 2,
      width: s.width,
      depth: s.depth,
      height: s.height,
    };
  },
  drying: (s) => {
    const m = roundedBlock.measure(s, {});
    const [thin, middle] = [s.width, s.depth, s.height].sort((p, q) => p - q) as [number, number, number];
    return {
      volume: m.volume,
      area: m.area,
      depth: thin / 2,
      facing: middle,
      thickness: thin,
      kind: middle > 3 * thin ? 'sheet' : 'rod',
    };
  },
  body: (s) => {
    const [a, b] = inner(s);
    const { edge: r, height: h } = s;
    const round = (z: number) => {
      const off = z < r ? r - z : z > h - r ? z - (h - r) : 0;
      return Math.sqrt(Math.max(0, r * r - off * off));
    };
    const rim = r > 0 ? levels(2 * r, 12).filter((z) => z <= r + 1e-9) : [0];
    return {
      type: 'stack',
      cutAt: (z) => {
        const k = round(z);
        return { a: k, b: k, flat: [a / 2, b / 2] };
      },
      levels: [...new Set([...rim, ...rim.map((z) => h - z).reverse()])],
    };
  },
  handles: (s) => [
    { size: 'width', at: [s.width / 2, s.height / 2], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, s.height], along: [0, 1], gain: 1 },
  ],
  coats: true,
  curvature: (s) => inner(s).reduce((sum, side) => sum + PI * side, 4 * PI * s.edge),
  technique: 'byHand',
  labour: shaped(8),
};
