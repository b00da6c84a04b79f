import type { Shape } from '../types.ts';
import { cutBody, cutDrying, cutMeasure } from './cut.ts';

export const sheet: Shape<'width' | 'height' | 'thickness'> = {
  kind: 'sheet',
  name: 'Sheet',
  hint: 'rolled out and cut to an outline',
  sizes: [
    { key: 'width', label: 'wide', role: 'length', start: 40, min: 1, max: 1000, fits: true },
    { key: 'height', label: 'tall', role: 'length', start: 50, min: 1, max: 1000, fits: true },
    { key: 'thickness', label: 'thick', role: 'thickness', start: 2, min: 0.3, max: 30, fits: false },
  ],
  volumeRule: 'area inside the outline × thickness',
  cut: true,
  measure: (s, outline) => cutMeasure(outline, s.width, s.height, s.thickness),
  drying: (s, outline) => cutDrying(outline, s.width, s.height, s.thickness),
  body: (s, outline) => cutBody(outline, s.width, s.height, s.thickness),
  handles: ({ width, height }) => [
    { size: 'width', at: [width / 2, height / 2], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, height], along: [0, 1], gain: 1 },
  ],
  yield: { used: 0.6, kneadedBack: 0.8 },
  minutes: { first: 8, next: 3 },
};
