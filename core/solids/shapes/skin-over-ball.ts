import { turned } from '../bodies/index.ts';
import type { Shape } from '../types.ts';
import { levels } from '../spheroid.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;

export const skinOverBall: Shape<'core' | 'coat'> = {
  kind: 'skinOverBall',
  name: 'Skin over a ball',
  family: 'rolled',
  hint: 'paste pressed over a foam ball',
  sizes: [
    { key: 'core', label: 'foam ball', role: 'length', start: 50, min: 10, max: 400, fits: false },
    { key: 'coat', label: 'coat', role: 'thickness', start: 6, min: 1, max: 60, fits: true },
  ],
  volumeRule: 'π ÷ 6 × ((d + 2 t)³ − d³)',
  measure: ({ core: d, coat: t }) => {
    const D = d + 2 * t;
    return {
      volume: (PI / 6) * (D ** 3 - d ** 3),
      area: PI * D * D,
      centre: D / 2,
      width: D,
      depth: D,
      height: D,
    };
  },
  drying: ({ core: d, coat: t }) => ({
    volume: (PI / 6) * ((d + 2 * t) ** 3 - d ** 3),
    area: PI * (d + 2 * t) ** 2,
    depth: t,
    facing: d + 2 * t,
    thickness: t,
    kind: 'sheet',
    coat: true,
  }),
  body: ({ core: d, coat: t }) => {
    const D = d + 2 * t;
    const ball = (across: number) => turned((z) => Math.sqrt(Math.max(0, z * (across - z))), levels(across));
    return { ...ball(D), core: { body: ball(d), up: t } };
  },
  handles: ({ core: d, coat: t }) => [
    { size: 'coat', at: [d / 2 + t, d / 2 + t], along: [1, 0], gain: 1 },
    { size: 'core', at: [0, d + t], along: [0, 1], gain: 1 },
  ],
  core: ({ core }) => core,
  technique: 'gathered',
  labour: shaped(14),
};
