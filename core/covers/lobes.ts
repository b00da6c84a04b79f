import { given, reckon, type Mm, type Reckoned } from '../quantity/index.ts';

type Point = readonly [Mm, Mm];

/** Two lobes that close round a ball along one seam. */
export interface Lobes {
  /** The seam all round, mm. */
  readonly seam: Reckoned;
  /** The long middle line of a lobe. */
  readonly long: Reckoned;
  /** Across it at its widest. */
  readonly wide: Reckoned;
  /** A lobe at true size, for cutting; laid out flat at its true widths. */
  readonly outline: readonly Point[];
}

/** Narrowest gap between the seam lines, as a share of the ball across; what most balls have. Estimate: measure your own. */
export const USUAL_GAP = 0.34;
/** Points of the seam it is added up from. A step of the method; estimate. */
const STEPS = 2880;

/** Half sum and half difference of the two waves of the seam. */
const wavesOf = (d: Mm, gap: Mm): readonly [a: Mm, b: Mm] => {
  const s = Math.sin(gap / d);
  return [(d / 4) * (1 + s), (d / 4) * (1 - s)];
};
/** The seam in space: on the ball, and half of it on either side, whatever the gap. */
function seamAt(d: Mm, gap: Mm, t: number): readonly [Mm, Mm, Mm] {
  const [a, b] = wavesOf(d, gap);
  return [
    a * Math.cos(t) + b * Math.cos(3 * t),
    a * Math.sin(t) - b * Math.sin(3 * t),
    2 * Math.sqrt(a * b) * Math.sin(2 * t),
  ];
}
function seamLength(d: Mm, gap: Mm): Mm {
  let sum = 0;
  let from = seamAt(d, gap, 0);
  for (let i = 1; i <= STEPS; i++) {
    const to = seamAt(d, gap, (2 * Math.PI * i) / STEPS);
    sum += Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]);
    from = to;
  }
  return sum;
}

/** Points of a lobe's outline. A step of the method; estimate. */
const CORNERS = 240;

/** One lobe laid flat: along its long middle line, and true widths across it. */
function lobeOutline(d: Mm, gap: Mm): Point[] {
  const r = d / 2;
  return Array.from({ length: CORNERS }, (_, i): Point => {
    const [x, y, z] = seamAt(d, gap, (2 * Math.PI * i) / CORNERS);
    // the lobe round the top of the ball: its long middle line runs half way between the two axes
    const [along, aside] = [(x - y) / Math.SQRT2, (x + y) / Math.SQRT2];
    return [r * Math.atan2(along, z), r * Math.asin(Math.max(-1, Math.min(1, aside / r)))];
  });
}
const widest = (d: Mm, gap: Mm): Mm =>
  2 * lobeOutline(d, gap).reduce((most, [, v]) => Math.max(most, Math.abs(v)), 0);

/**
 * The two lobes of a ball from its width and the narrowest gap between their seam lines over the skin. The seam is a closed
 * curve on the ball that halves its skin for every gap. Derived.
 */
export function lobesOf(d: Mm, gap: Mm): Lobes {
  const across = given('Ball, across', d, 'mm');
  const apart = given('Narrowest gap between the seam lines', gap, 'mm', 'yours');
  return {
    seam: reckon('Seam all round', 'mm', 'added up along the seam on the ball', [across, apart], seamLength),
    long: reckon('Lobe, long', 'mm', 'π × across − gap', [across, apart], (x, g) => Math.PI * x - g),
    wide: reckon('Lobe, across', 'mm', 'its widest place over the skin', [across, apart], widest),
    outline: lobeOutline(d, gap),
  };
}
