import type { Shape } from '../types.ts';
import { cutBody, cutDrying, cutMeasure } from './cut.ts';
import { shaped } from './shaped.ts';

const RECTANGLE = { outline: 'rectangle' } as const;

export const strip: Shape<'length' | 'width' | 'thickness'> = {
  kind: 'strip',
  name: 'Strip',
  family: 'flat',
  hint: 'a straight band cut from a sheet',
  sizes: [
    { key: 'length', label: 'long', role: 'length', start: 100, min: 1, max: 3000, fits: true },
    { key: 'width', label: 'wide', role: 'length', start: 15, min: 0.5, max: 500, fits: false },
    { key: 'thickness', label: 'thick', role: 'thickness', start: 2, min: 0.3, max: 30, fits: false },
  ],
  volumeRule: 'length × width × thickness',
  measure: (s) => cutMeasure(RECTANGLE, s.width, s.length, s.thickness),
  drying: (s) => cutDrying(RECTANGLE, s.width, s.length, s.thickness),
  body: (s) => cutBody(RECTANGLE, s.width, s.length, s.thickness),
  handles: ({ length, width }) => [
    { size: 'width', at: [width / 2, length / 2], along: [1, 0], gain: 2 },
    { size: 'length', at: [0, length], along: [0, 1], gain: 1 },
  ],
  wraps: true,
  cut: true,
  technique: 'fromStrips',
  labour: shaped(5),
};
