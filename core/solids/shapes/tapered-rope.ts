import { turned } from '../bodies/index.ts';
import type { Shape, Sizes } from '../types.ts';
import { ballBelow, levels } from '../spheroid.ts';
import { shaped } from './shaped.ts';

const PI = Math.PI;
type Key = 'foot' | 'tip' | 'length';

/** The hull of two balls: radii, how far apart, and the slope of the side. */
function hull({ foot, tip, length }: Sizes<Key>) {
  const R = foot / 2;
  const r = tip / 2;
  const c = length - R - r;
  const sine = c > Math.abs(R - r) + 1e-9 ? (R - r) / c : undefined;
  return { R, r, c, sine };
}

export const taperedRope: Shape<Key> = {
  kind: 'taperedRope',
  name: 'Tapered rope',
  family: 'rolled',
  hint: 'limbs, tails and carrots: rounded ends, one thinner',
  sizes: [
    { key: 'foot', label: 'across at the foot', role: 'length', start: 20, min: 1, max: 400, fits: true },
    { key: 'tip', label: 'across at the tip', role: 'length', start: 10, min: 0.5, max: 400, fits: true },
    { key: 'length', label: 'long', role: 'length', start: 80, min: 1, max: 2000, fits: true },
  ],
  volumeRule: 'hull of two balls: two caps and a truncated cone',
  refuse: ({ foot, tip, length }) =>
    length >= Math.max(foot, tip) ? undefined : 'A tapered rope has to be longer than its thicker end.',
  measure: (sizes) => {
    const { R, r, c, sine } = hull(sizes);
    const width = Math.max(sizes.foot, sizes.tip);
    if (sine === undefined) {
      const B = width / 2;
      return {
        volume: (4 / 3) * PI * B ** 3,
        area: 4 * PI * B * B,
        centre: R >= r ? B : sizes.length - B,
        width,
        depth: width,
        height: sizes.length,
      };
    }
    const cos2 = 1 - sine * sine;
    const low = ballBelow(R, R * sine);
    const high = ballBelow(r, -r * sine);
    const h = c * cos2;
    const a = R * Math.sqrt(cos2);
    const b = r * Math.sqrt(cos2);
    const q = a * a + a * b + b * b;
    const frustum = (PI * h * q) / 3;
    const frustumAt = R * sine + (h * (a * a + 2 * a * b + 3 * b * b)) / (4 * q);
    const volume = low.volume + high.volume + frustum;
    return {
      volume,
      area: low.area + high.area + PI * (a + b) * Math.hypot(h, a - b),
      centre: R + (low.moment + frustum * frustumAt + high.volume * c - high.moment) / volume,
      width,
      depth: width,
      height: sizes.length,
    };
  },
  drying: (sizes) => {
    const m = taperedRope.measure(sizes, {});
    const thick = Math.max(sizes.foot, sizes.tip);
    return { volume: m.volume, area: m.area, depth: thick / 2, facing: thick, thickness: thick, kind: 'rod' };
  },
  body: (sizes) => {
    const { R, r, c, sine } = hull(sizes);
    const L = sizes.length;
    const zFoot = R + R * (sine ?? 0);
    const zTip = R + c + r * (sine ?? 0);
    const cosine = Math.sqrt(1 - (sine ?? 0) ** 2);
    return turned(
      (z) => {
        if (z < 0 || z > L) return 0;
        const foot = Math.sqrt(Math.max(0, z * (2 * R - z)));
        const tip = Math.sqrt(Math.max(0, r * r - (z - R - c) ** 2));
        if (sine === undefined || z <= zFoot || z >= zTip) return Math.max(foot, tip);
        const along = (z - zFoot) / (zTip - zFoot);
        return cosine * (R + (r - R) * along);
      },
      [
        ...levels(2 * R, 8).filter((z) => z < zFoot),
        zFoot,
        zTip,
        ...levels(2 * r, 8).map((z) => Math.min(L, L - 2 * r + z)),
      ]
        .filter((z) => z >= 0 && z <= L)
        .sort((x, y) => x - y),
    );
  },
  handles: ({ foot, tip, length }) => [
    { size: 'foot', at: [foot / 2, foot / 2], along: [1, 0], gain: 2 },
    { size: 'tip', at: [tip / 2, length - tip / 2], along: [1, 0], gain: 2 },
    { size: 'length', at: [0, length], along: [0, 1], gain: 1 },
  ],
  coats: true,
  technique: 'rolled',
  labour: shaped(9),
};
