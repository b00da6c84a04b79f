import { amplitudeFor } from '../gathers.ts';
import type { Shape, Sizes } from '../types.ts';
import type { Vec } from '../vector.ts';
import { grows, kept, plain, wavingBand } from './parts.ts';
import { shaped } from './shaped.ts';

type Key = 'length' | 'width' | 'thickness' | 'fullness';

/** Waves of a ruffle are about as long as it is wide; estimate. */
const wavesOf = ({ length, width }: Sizes<Key>) => Math.max(2, Math.round(length / width));

export const ruffle: Shape<Key> = {
  kind: 'ruffle',
  name: 'Ruffle',
  family: 'flat',
  hint: 'a strip gathered into even waves',
  sizes: [
    grows('length', 'finished length', 120, [5, 2000]),
    grows('width', 'wide', 20, [2, 300], false),
    kept('thickness', 'thick', 1.2, [0.3, 10]),
    plain('fullness', 'fullness', 2, [1, 6]),
  ],
  volumeRule: 'finished length × fullness × width × thickness',
  cut: true,
  measure: ({ length, width, thickness, fullness }) => {
    const L = length * fullness;
    return {
      volume: L * width * thickness,
      area: 2 * L * width + 2 * (L + width) * thickness,
      centre: width / 2,
      width: length,
      depth: 2 * amplitudeFor(fullness, length / wavesOf({ length, width, thickness, fullness })) + thickness,
      height: width,
      cutLength: L,
    };
  },
  drying: (s) => wavingBand(ruffle.measure(s, {}).volume, s.width, s.thickness),
  body: (s) => {
    const waves = wavesOf(s);
    const wave = s.length / waves;
    const a = amplitudeFor(s.fullness, wave);
    const n = Math.min(320, waves * 24);
    const row = (z: number): Vec[] =>
      Array.from({ length: n + 1 }, (_, i) => {
        const x = (s.length * i) / n;
        return [x - s.length / 2, a * Math.sin((2 * Math.PI * x) / wave), z];
      });
    return { type: 'band', rows: [row(0), row(s.width)], thickness: s.thickness, loop: false };
  },
  handles: ({ length, width }) => [
    { size: 'length', at: [length / 2, width / 2], along: [1, 0], gain: 2 },
    { size: 'width', at: [0, width], along: [0, 1], gain: 1 },
  ],
  wraps: true,
  technique: 'fromStrips',
  labour: shaped(11),
};
