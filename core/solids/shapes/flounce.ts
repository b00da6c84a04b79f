import { amplitudeFor, flounceCut } from '../gathers.ts';
import type { Shape, Sizes } from '../types.ts';
import type { Vec } from '../vector.ts';
import { grows, kept, plain, wavingBand } from './parts.ts';
import { shaped } from './shaped.ts';

type Key = 'attach' | 'width' | 'thickness' | 'fullness';

const wavesOf = ({ attach, width }: Sizes<Key>) => Math.max(2, Math.round(attach / (1.5 * width)));

export const flounce: Shape<Key> = {
  kind: 'flounce',
  name: 'Flounce',
  family: 'flat',
  hint: 'an arch cut from a sheet: straight where it is set, waving at its free edge',
  sizes: [
    grows('attach', 'set along', 120, [5, 2000]),
    grows('width', 'falls', 25, [2, 300], false),
    kept('thickness', 'thick', 1.2, [0.3, 10]),
    plain('fullness', 'fullness of the edge', 1.8, [1.05, 4]),
  ],
  volumeRule: 'set along × falls × (1 + fullness) ÷ 2 × thickness',
  cut: true,
  measure: (s) => {
    const { area } = flounceCut(s.attach, s.width, s.fullness);
    return {
      volume: area * s.thickness,
      area: 2 * area + (s.attach * (1 + s.fullness) + 2 * s.width) * s.thickness,
      // the free edge hangs at the foot and is the longer one
      centre: (s.width * (2 + s.fullness)) / (3 * (1 + s.fullness)),
      width: s.attach,
      depth: 2 * amplitudeFor(s.fullness, s.attach / wavesOf(s)) + s.thickness,
      height: s.width,
    };
  },
  drying: (s) => wavingBand(flounce.measure(s, {}).volume, s.width, s.thickness),
  body: (s) => {
    const wave = s.attach / wavesOf(s);
    const n = Math.min(240, wavesOf(s) * 18);
    const ROWS = 6;
    const rows = Array.from({ length: ROWS + 1 }, (_, r) => {
      const z = (s.width * r) / ROWS;
      const a = amplitudeFor(1 + (s.fullness - 1) * (1 - r / ROWS), wave);
      return Array.from({ length: n + 1 }, (_, i): Vec => {
        const x = (s.attach * i) / n;
        return [x - s.attach / 2, a * Math.sin((2 * Math.PI * x) / wave), z];
      });
    });
    return { type: 'band', rows, thickness: s.thickness, loop: false };
  },
  handles: ({ attach, width }) => [
    { size: 'attach', at: [attach / 2, width], along: [1, 0], gain: 2 },
    { size: 'width', at: [0, width], along: [0, 1], gain: 1 },
  ],
  wraps: true,
  technique: 'fromSheet',
  labour: shaped(11),
};
