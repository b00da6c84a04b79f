import { given, reckon, type Mm } from '../../quantity/index.ts';
import { yours, type Cloth } from './types.ts';

type Spot = readonly [Mm, Mm];
/** Places a rim is divided into. A step of the method; estimate. */
const ROUND = 192;
/** Every so manieth is a corner of the outline. A step of the method; estimate. */
const EACH = 6;
const FULL = 2 * Math.PI;

/** Where two circles meet, on the right of the way from the first middle to the second. */
function meeting(p: Spot, fromP: Mm, q: Spot, fromQ: Mm): Spot {
  const [dx, dy] = [q[0] - p[0], q[1] - p[1]];
  const d = Math.hypot(dx, dy) || 1e-12;
  const a = (fromP * fromP - fromQ * fromQ + d * d) / (2 * d);
  const h = Math.sqrt(Math.max(0, fromP * fromP - a * a));
  return [p[0] + (a * dx + h * dy) / d, p[1] + (a * dy - h * dx) / d];
}

/** What it goes round, mm. */
export interface Leaning {
  /** Across its lower and its upper rim. */
  readonly below: Mm;
  readonly above: Mm;
  /** Upright between them. */
  readonly tall: Mm;
  /** The middle of the upper rim lies so far beside that of the lower one; not less than nothing. */
  readonly aside: Mm;
}

/** The seam's edge again, moved out by the lap. */
function lapped(foot: Spot, top: Spot, lap: Mm): Spot[] {
  if (lap === 0) return [];
  const [dx, dy] = [top[0] - foot[0], top[1] - foot[1]];
  const d = Math.hypot(dx, dy) || 1;
  return [foot, top].map(([x, y]): Spot => [x + (lap * dy) / d, y - (lap * dx) / d]);
}

/** Turned so that a line of it stands upright. */
function upright(all: readonly Spot[], foot: Spot, top: Spot): Spot[] {
  const turn = Math.PI / 2 - Math.atan2(top[1] - foot[1], top[0] - foot[0]);
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  return all.map(([x, y]): Spot => [c * x - s * y, s * x + c * y]);
}

/**
 * A strip round something that tapers and leans: both rims are level, and matched point by point; every triangle between them
 * keeps its edges in the flat. Exact for a leaning cone. Derived.
 * @param lap added along the seam, which lies on the short side
 */
export function leaningOf({ below, above, tall, aside }: Leaning, thick: Mm, lap: Mm): Cloth {
  const [r, q] = [(below + thick) / 2, (above + thick) / 2];
  // the top leans to the right, so the short side is there
  const low = (k: number) => [r * Math.cos((FULL * k) / ROUND), r * Math.sin((FULL * k) / ROUND), 0] as const;
  const high = (k: number) =>
    [aside + q * Math.cos((FULL * k) / ROUND), q * Math.sin((FULL * k) / ROUND), tall] as const;
  type At = readonly [Mm, Mm, Mm];
  const far = (a: At, b: At): Mm => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
  const feet: Spot[] = [[0, 0]];
  const tops: Spot[] = [[0, far(low(0), high(0))]];
  for (let k = 0; k < ROUND; k++) {
    const [p, t] = [feet[k]!, tops[k]!];
    const foot = meeting(p, far(low(k), low(k + 1)), t, far(high(k), low(k + 1)));
    feet.push(foot);
    tops.push(meeting(foot, far(low(k + 1), high(k + 1)), t, far(high(k), high(k + 1))));
  }
  const sizes = [yours('Across, below', below), yours('Across, above', above), yours('Tall', tall), yours('Aside', aside)] as const; // prettier-ignore
  const longSide = reckon(
    'Long side',
    'mm',
    '√(tall² + (difference of the radii + aside)²)',
    sizes,
    (a, b, h, s) => Math.hypot(h, (a - b) / 2 + s),
  );
  const shortSide = reckon(
    'Short side',
    'mm',
    '√(tall² + (difference of the radii − aside)²)',
    sizes,
    (a, b, h, s) => Math.hypot(h, (a - b) / 2 - s),
  );
  const rim = (name: string, across: Mm) =>
    reckon(name, 'mm', 'π × (across + thickness) + lap', [yours('Across', across), yours('Rolled to', thick), yours('Lapped over', lap)], // prettier-ignore
      (d, t, l) => Math.PI * (d + t) + l); // prettier-ignore
  const corners = (all: readonly Spot[]) => all.filter((_, k) => k % EACH === 0);
  const edge = [...lapped(feet.at(-1)!, tops.at(-1)!, lap)];
  const middle = ROUND / 2;
  const outline = upright(
    [...corners(feet), ...edge, ...corners(tops).reverse()],
    feet[middle]!,
    tops[middle]!,
  );
  const xs = outline.map((p) => p[0]);
  const ys = outline.map((p) => p[1]);
  const across = (name: string, all: readonly Mm[]) =>
    given(name, Math.max(...all) - Math.min(...all), 'mm', 'derived');
  return {
    figures: [
      { says: 'along its lower edge', figure: rim('Lower edge', below) },
      { says: 'along its upper edge', figure: rim('Upper edge', above) },
      { says: 'on its long side', figure: longSide },
      { says: 'on its short side, where the seam is', figure: shortSide },
      { says: 'long is the sheet it is cut from', figure: across('Sheet, long', xs) },
      { says: 'wide', figure: across('Sheet, wide', ys) },
    ],
    outline,
  };
}
