import { closedTrouble, crossesItself, sampled } from '../curves/index.ts';
import { contains, moments } from '../polygon.ts';
import type { Art, Shape } from '../types.ts';
import { cutBody, cutDrying, cutMeasure } from './cut.ts';
import { grows, kept } from './parts.ts';
import { shaped } from './shaped.ts';

/** What is wrong with a drawn edge and its holes. */
function drawnTrouble(art: Art): string | undefined {
  if (!art.curves?.edge) return undefined;
  const edge = closedTrouble(art.curves.edge, 'The outline');
  if (edge) return edge;
  const outer = sampled(art.curves.edge, true);
  let left = Math.abs(moments(outer).area);
  for (const [key, hole] of Object.entries(art.curves)) {
    if (!key.startsWith('hole')) continue;
    const wrong = closedTrouble(hole, 'A hole');
    if (wrong) return wrong;
    const ring = sampled(hole, true);
    if (ring.some(([x, z]) => !contains(outer, x, z)) || crossesItself(ring))
      return 'A hole reaches over the edge: keep every point of it inside.';
    left -= Math.abs(moments(ring).area);
  }
  return left > 0 ? undefined : 'The holes are larger than the outline.';
}

export const sheet: Shape<'width' | 'height' | 'thickness'> = {
  kind: 'sheet',
  name: 'Sheet',
  family: 'flat',
  hint: 'rolled out and cut to an outline, with holes or without',
  sizes: [
    grows('width', 'wide', 40, [1, 1000]),
    grows('height', 'tall', 50, [1, 1000]),
    kept('thickness', 'thick', 2, [0.3, 30]),
  ],
  volumeRule: 'area inside the outline, less the holes × thickness',
  cut: true,
  curves: [
    {
      key: 'edge',
      label: 'Outline',
      closed: true,
      start: [
        [-0.5, 0, 1],
        [0.5, 0, 1],
        [0.5, 0.6],
        [0, 1],
        [-0.5, 0.6],
      ],
    },
  ],
  holes: true,
  refuse: (_, art) => drawnTrouble(art),
  measure: (s, art) => cutMeasure(art, s.width, s.height, s.thickness),
  drying: (s, art) => cutDrying(art, s.width, s.height, s.thickness),
  body: (s, art) => cutBody(art, s.width, s.height, s.thickness),
  handles: ({ width, height }) => [
    { size: 'width', at: [width / 2, height / 2], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, height], along: [0, 1], gain: 1 },
  ],
  technique: 'fromSheet',
  labour: shaped(7),
};
