import { turned } from '../bodies/index.ts';
import { sampled, type Curve } from '../curves/index.ts';
import type { Point } from '../polygon.ts';
import type { Art, Shape, Sizes } from '../types.ts';
import { grows, lump } from './parts.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;
type Key = 'diameter' | 'height';

const BOTTLE: Curve = [
  [0.36, 0, 1],
  [0.5, 0.22],
  [0.44, 0.52],
  [0.18, 0.74],
  [0.16, 0.94],
  [0.2, 1, 1],
];

/** The profile in millimetres, radius and height, foot at 0 and top at the full height, widest at the full width. */
export function profileOf({ diameter, height }: Sizes<Key>, art: Art): Point[] {
  const drawn = sampled(art.curves?.profile ?? BOTTLE, false);
  const widest = Math.max(...drawn.map((p) => p[0]), 1e-9);
  const low = drawn[0]![1];
  const high = drawn[drawn.length - 1]![1];
  return drawn.map(([r, z]) => [
    (Math.max(0, r) / widest) * (diameter / 2),
    ((z - low) / (high - low || 1)) * height,
  ]);
}

/** Volume Σ π Δz (r₁² + r₁ r₂ + r₂²) ÷ 3, side Σ π (r₁ + r₂) s and moment of a turned profile. */
export function turnedProfile(points: readonly Point[]) {
  let [volume, lateral, moment, widest] = [0, 0, 0, points[0]![0]];
  for (let i = 1; i < points.length; i++) {
    const [a, low] = points[i - 1]!;
    const [b, high] = points[i]!;
    const h = high - low;
    lateral += PI * (a + b) * Math.hypot(h, b - a);
    volume += (PI * h * (a * a + a * b + b * b)) / 3;
    moment += PI * h * ((low * (a * a + a * b + b * b)) / 3 + (h * (a * a + 2 * a * b + 3 * b * b)) / 12);
    widest = Math.max(widest, b);
  }
  return { volume, lateral, centre: moment / volume, widest };
}

export const lathe: Shape<Key> = {
  kind: 'lathe',
  name: 'Turned body',
  family: 'drawn',
  hint: 'any profile turned round its axis: vases, bottles, chess pieces',
  sizes: [grows('diameter', 'widest', 50, [1, 800]), grows('height', 'tall', 80, [1, 1200])],
  volumeRule: 'Σ π Δz (r₁² + r₁ r₂ + r₂²) ÷ 3 up the profile',
  curves: [{ key: 'profile', label: 'Profile, foot to top', closed: false, start: BOTTLE }],
  refuse: (_, art) => {
    const curve = art.curves?.profile ?? BOTTLE;
    if (curve.length < 2) return 'A profile needs two points at least.';
    const points = sampled(curve, false);
    if (points.some((p) => p[0] < -1e-6))
      return 'The profile crosses its own axis: keep every point to the right of it.';
    if (points.every((p) => p[0] < 1e-6))
      return 'The profile lies on its own axis: there is nothing to turn.';
    return points.every((p, i) => i === 0 || p[1] > points[i - 1]![1] - 1e-9)
      ? undefined
      : 'The profile has to rise from the foot to the top without turning back down.';
  },
  measure: (s, art) => {
    const points = profileOf(s, art);
    const t = turnedProfile(points);
    const ends = PI * (points[0]![0] ** 2 + points[points.length - 1]![0] ** 2);
    return {
      volume: t.volume,
      area: t.lateral + ends,
      centre: t.centre,
      width: 2 * t.widest,
      depth: 2 * t.widest,
      height: s.height,
    };
  },
  drying: (s, art) => lump(lathe.measure(s, art), Math.min(s.diameter, s.height)),
  body: (s, art) => {
    const points = profileOf(s, art);
    const radiusAt = (z: number): number => {
      if (z < 0 || z > s.height) return 0;
      let low = 0;
      let high = points.length - 1;
      while (high - low > 1) {
        const mid = (low + high) >> 1;
        if (points[mid]![1] <= z) low = mid;
        else high = mid;
      }
      const [a, za] = points[low]!;
      const [b, zb] = points[high]!;
      return zb > za ? a + ((b - a) * (z - za)) / (zb - za) : Math.max(a, b);
    };
    return turned(radiusAt, [...new Set(points.map((p) => p[1]))]);
  },
  handles: ({ diameter, height }) => [
    { size: 'diameter', at: [diameter / 2, height / 2], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, height], along: [0, 1], gain: 1 },
  ],
  coats: true,
  technique: 'byHand',
  labour: shaped(19),
};
