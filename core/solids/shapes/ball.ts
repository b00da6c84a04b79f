import { turned } from '../bodies/index.ts';
import { levels } from '../spheroid.ts';
import { turnedArea } from '../turned.ts';
import type { Shape, Sizes } from '../types.ts';
import { grows } from './parts.ts';

const PI = Math.PI;
type Key = 'diameter' | 'press';

/** Face pressed flat by a depth: π p (d − p), mm²; the disc is 2 √(p (d − p)) across. */
export const pressedFace = (d: number, p: number): number => PI * p * (d - p);

/** The ball cut at the depth of the press and widened until no paste is lost. */
function pressed({ diameter: d, press: p }: Sizes<Key>) {
  const R = d / 2;
  const whole = (PI * d ** 3) / 6;
  const left = whole - (PI * p * p * (3 * R - p)) / 3;
  const wider = Math.sqrt(whole / left);
  const moment = (PI / 4) * (R * R - (R - p) ** 2) ** 2;
  return { whole, wider, height: d - p, centre: R - p + moment / left };
}

const radiusOf = (s: Sizes<Key>) => {
  const { wider } = pressed(s);
  const { diameter: d, press: p } = s;
  return (z: number) => wider * Math.sqrt(Math.max(0, (z + p) * (d - p - z)));
};

export const ball: Shape<Key> = {
  kind: 'ball',
  name: 'Ball',
  family: 'rolled',
  hint: 'rolled between the palms, pressed flat or not',
  sizes: [
    grows('diameter', 'across', 40, [1, 600]),
    { ...grows('press', 'pressed flat by', 0, [0, 300]), fits: true, pose: true },
  ],
  volumeRule: 'π d³ ÷ 6; pressing loses no paste',
  refuse: ({ diameter, press }) =>
    press <= 0.7 * diameter
      ? undefined
      : 'A ball pressed flatter than that is a disc: choose the disc instead.',
  measure: (s) => {
    const { whole, wider, height, centre } = pressed(s);
    const d = s.diameter;
    const width = s.press < d / 2 ? d * wider : 2 * radiusOf(s)(0);
    return {
      volume: whole,
      area: s.press === 0 ? PI * d * d : turnedArea(radiusOf(s), levels(height)),
      centre,
      width,
      depth: width,
      height,
    };
  },
  drying: (s) => {
    const m = ball.measure(s, {});
    const d = Math.min(s.diameter, m.height);
    return { volume: m.volume, area: m.area, depth: d / 2, facing: d, thickness: d, kind: 'rod' };
  },
  body: (s) => turned(radiusOf(s), levels(s.diameter - s.press)),
  handles: (s) => {
    const { wider, height } = pressed(s);
    return s.press > 0
      ? [{ size: 'press', at: [0, height], along: [0, -1], gain: 1 }]
      : [{ size: 'diameter', at: [(s.diameter * wider) / 2, s.diameter / 2], along: [1, 0], gain: 2 }];
  },
  coats: true,
  curvature: ({ diameter, press }) => (press === 0 ? 2 * PI * diameter : NaN),
  technique: 'byHand',
  labour: { once: 0.5, each: 1, size: { usual: 14, power: 0.2 } },
};
