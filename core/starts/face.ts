import { clamp, type Mm } from '../quantity/index.ts';
import type { Vec } from '../solids/index.ts';
import { ballForm } from './forms.ts';
import { type Extra, type Sketch } from './sketch.ts';
import type { StartColour } from './colours.ts';
import type { Slider } from './types.ts';

/** Least width of an eye or a nose that a hand rolls, mm. Estimate. */
export const LEAST_DOT: Mm = 1.5;

/** Eye line and width, and how big eyes are: low, wide and big reads young. Common practice. */
export const FACE_SLIDERS = (eyes: number, wide: number): readonly Slider[] => [
  {
    key: 'eyes',
    label: 'Eye line',
    usual: eyes,
    least: Math.max(0.3, eyes - 0.12),
    most: Math.min(0.68, eyes + 0.12),
  },
  { key: 'spacing', label: 'Eyes apart', usual: wide, least: wide * 0.65, most: Math.min(0.8, wide * 1.45) },
  { key: 'features', label: 'Size of eyes and nose', usual: 1, least: 0.7, most: 1.4 },
];

export interface EyesAndNose {
  /** Wide and tall of the head, mm. */
  readonly wide: Mm;
  readonly tall: Mm;
  /** Eye line as a share of the height from below, and the sine of half the angle between the eyes. */
  readonly eyes: number;
  readonly spacing: number;
  /** Eye as a share of the head's width. */
  readonly size: number;
  /** Middle of the head behind the eyes, where it is not in the middle of its foot. */
  readonly from?: Vec;
  readonly colour?: StartColour;
  readonly join?: Extra['join'];
}

/** Two eyes, equal and mirrored, half of each pressed in. */
export function eyesOn(f: Sketch, on: string, id: string, face: EyesAndNose): void {
  const { wide, tall } = face;
  const half = Math.asin(clamp(f.num('spacing', face.spacing), 0.08, 0.95));
  const [x, y] = face.from ?? [0, 0, 0];
  const across = Math.max(LEAST_DOT, face.size * f.num('features', 1) * wide);
  f.spot(
    [id, 'Eyes'],
    ballForm(across),
    on,
    {
      from: [x, y, tall * f.num('eyes', face.eyes)],
      out: [Math.sin(half), -Math.cos(half), 0],
    },
    {
      colour: face.colour ?? 'ink-brown',
      pair: true,
      tolerance: 'equal',
      ...(face.join ? { join: face.join } : {}),
    },
  );
}
