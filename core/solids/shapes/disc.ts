import { turned } from '../bodies/index.ts';
import { levels } from '../spheroid.ts';
import type { Shape } from '../types.ts';
import { grows } from './parts.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;

export const disc: Shape<'diameter' | 'thickness'> = {
  kind: 'disc',
  name: 'Disc',
  family: 'rolled',
  hint: 'a ball pressed flat, its edge left round',
  sizes: [grows('diameter', 'across', 40, [1, 600]), grows('thickness', 'thick', 8, [0.3, 100])],
  volumeRule: 'π r₀² t + π² r₀ t² ÷ 4 + π t³ ÷ 6, r₀ = (d − t) ÷ 2',
  refuse: ({ diameter, thickness }) =>
    thickness <= diameter ? undefined : 'A round-edged disc cannot be thicker than it is across.',
  measure: ({ diameter: d, thickness: t }) => {
    const r = (d - t) / 2;
    return {
      volume: PI * r * r * t + (PI * PI * r * t * t) / 4 + (PI * t ** 3) / 6,
      area: 2 * PI * r * r + PI * PI * r * t + PI * t * t,
      centre: t / 2,
      width: d,
      depth: d,
      height: t,
    };
  },
  drying: (s) => {
    const m = disc.measure(s, {});
    return {
      volume: m.volume,
      area: m.area,
      depth: s.thickness / 2,
      facing: s.diameter,
      thickness: s.thickness,
      kind: s.diameter > 3 * s.thickness ? 'sheet' : 'rod',
    };
  },
  body: ({ diameter: d, thickness: t }) =>
    turned((z) => (d - t) / 2 + Math.sqrt(Math.max(0, z * (t - z))), levels(t)),
  handles: ({ diameter, thickness }) => [
    { size: 'diameter', at: [diameter / 2, thickness / 2], along: [1, 0], gain: 2 },
    { size: 'thickness', at: [0, thickness], along: [0, 1], gain: 1 },
  ],
  coats: true,
  technique: 'byHand',
  labour: shaped(5),
};
