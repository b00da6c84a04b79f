import { turned } from '../bodies/index.ts';
import { levels } from '../spheroid.ts';
import type { Shape, Sizes } from '../types.ts';
import { grows } from './parts.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;
type Key = 'diameter' | 'height';

/** Radius of the ball the dome is cut from. */
const ballRadius = ({ diameter, height: h }: Sizes<Key>) => (diameter ** 2 / 4 + h * h) / (2 * h);

export const dome: Shape<Key> = {
  kind: 'dome',
  name: 'Dome',
  family: 'rolled',
  hint: 'half a ball, or a flatter cap, cut side down',
  sizes: [grows('diameter', 'foot across', 40, [1, 600]), grows('height', 'tall', 20, [0.5, 600])],
  volumeRule: 'π h (3 a² + h²) ÷ 6',
  refuse: ({ diameter, height }) =>
    height <= diameter ? undefined : 'A dome is not taller than its foot is wide: use an egg.',
  measure: (s) => {
    const a = s.diameter / 2;
    const h = s.height;
    const R = ballRadius(s);
    const volume = (PI * h * (3 * a * a + h * h)) / 6;
    const about = (u: number) => PI * ((R * R * u * u) / 2 - u ** 4 / 4);
    const width = h > R ? 2 * R : s.diameter;
    return {
      volume,
      area: 2 * PI * R * h + PI * a * a,
      centre: (about(R) - about(R - h)) / volume + h - R,
      width,
      depth: width,
      height: h,
    };
  },
  drying: (s) => {
    const m = dome.measure(s, {});
    const thin = Math.min(s.diameter, s.height);
    return {
      volume: m.volume,
      area: m.area - PI * (s.diameter / 2) ** 2,
      depth: Math.min(s.height, s.diameter / 2) * 0.8,
      facing: s.diameter,
      thickness: thin,
      kind: 'rod',
    };
  },
  body: (s) => {
    const R = ballRadius(s);
    const h = s.height;
    // from the foot up: levels of the ball, those over the cut
    const own = levels(2 * R, 40)
      .map((z) => z - (2 * R - h))
      .filter((z) => z > 1e-9);
    return turned((z) => Math.sqrt(Math.max(0, (h - z) * (2 * R - h + z))), [0, ...own]);
  },
  handles: ({ diameter, height }) => [
    { size: 'diameter', at: [diameter / 2, 0], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, height], along: [0, 1], gain: 1 },
  ],
  coats: true,
  technique: 'byHand',
  labour: shaped(6),
};
