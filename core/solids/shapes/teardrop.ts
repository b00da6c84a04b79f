import { turned } from '../bodies/index.ts';
import type { Shape } from '../types.ts';
import { ballBelow, levels } from '../spheroid.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;

export const teardrop: Shape<'diameter' | 'length'> = {
  kind: 'teardrop',
  name: 'Teardrop',
  family: 'rolled',
  hint: 'a ball drawn out to a point',
  sizes: [
    { key: 'diameter', label: 'across', role: 'length', start: 24, min: 1, max: 600, fits: true },
    { key: 'length', label: 'long', role: 'length', start: 45, min: 1, max: 900, fits: true },
  ],
  volumeRule: 'π R² L² ÷ 3 (L − R), a ball with a tangent cone',
  refuse: ({ diameter, length }) =>
    length > diameter ? undefined : 'A teardrop has to be longer than it is across.',
  measure: ({ diameter, length: L }) => {
    const R = diameter / 2;
    const D = L - R;
    const touch = (R * R) / D;
    const rim = R * Math.sqrt(1 - (R * R) / (D * D));
    const coneHeight = D - touch;
    const round = ballBelow(R, touch);
    const cone = (PI * rim * rim * coneHeight) / 3;
    const volume = round.volume + cone;
    return {
      volume,
      area: round.area + PI * rim * Math.sqrt(D * D - R * R),
      centre: R + (round.moment + cone * (touch + coneHeight / 4)) / volume,
      width: diameter,
      depth: diameter,
      height: L,
    };
  },
  drying: (sizes) => {
    const m = teardrop.measure(sizes, {});
    const d = sizes.diameter;
    return { volume: m.volume, area: m.area, depth: d / 2, facing: d, thickness: d, kind: 'rod' };
  },
  body: ({ diameter, length: L }) => {
    const R = diameter / 2;
    const D = L - R;
    const touch = R + (R * R) / D;
    const slope = R / Math.sqrt(D * D - R * R);
    return turned(
      (z) => (z < 0 || z > L ? 0 : z <= touch ? Math.sqrt(Math.max(0, z * (2 * R - z))) : (L - z) * slope),
      [...levels(touch, 10), L],
    );
  },
  handles: ({ diameter: d, length: L }) => [
    { size: 'diameter', at: [d / 2, d / 2], along: [1, 0], gain: 2 },
    { size: 'length', at: [0, L], along: [0, 1], gain: 1 },
  ],
  coats: true,
  technique: 'byHand',
  labour: shaped(5),
};
