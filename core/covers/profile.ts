import type { Mm, Mm2 } from '../quantity/index.ts';
import { rimOf, type StackBody } from '../solids/index.ts';
import { ringsOver } from './map/rings-over.ts';

/** A body as a sheet meets it that is laid on its top and stroked down: how far over the skin, and how far round there. */
export interface Profile {
  /** Over the skin from the top, rising, mm. */
  readonly s: readonly Mm[];
  /** Radius of a circle as long as the line of equal distance there, mm. */
  readonly r: readonly Mm[];
  /** Height over the foot there, on average. */
  readonly z: readonly Mm[];
  /** From the widest place it goes in so far towards its foot, mm. */
  readonly under: Mm;
  /** Over the skin from the top to the end on its longest side, mm: what a round has to reach. */
  readonly longest: Mm;
}

/** Level cuts read of a turned body, close together where it turns over at top and foot. A step of the method; estimate. */
const CUTS = 160;
const cutsDown = (top: Mm): Mm[] =>
  Array.from({ length: CUTS + 1 }, (_, k) => (top * (1 + Math.cos((Math.PI * k) / CUTS))) / 2);

/** From its widest place a body goes in so far towards its foot. */
function goesIn(body: StackBody, heights: readonly Mm[]): Mm {
  const radii = heights.map((z) => rimOf(body.cutAt(z)) / (2 * Math.PI));
  return Math.max(...radii) - radii.at(-1)!;
}

/** Down a turned body: along its outline, the same on all sides. */
function downTurned(body: StackBody, heights: readonly Mm[], to: 'board' | 'under') {
  const [s, r, z]: [Mm[], Mm[], Mm[]] = [[0], [0], [heights[0]!]];
  const add = (height: Mm, radius: Mm) => {
    s.push(s.at(-1)! + Math.hypot(z.at(-1)! - height, radius - r.at(-1)!));
    r.push(radius);
    z.push(height);
  };
  for (const height of heights) add(height, body.cutAt(height).a);
  const foot = r.at(-1)!;
  if (to === 'under') for (let k = 1; k <= 8; k++) add(0, foot * (1 - k / 8));
  return { s, r, z, longest: s.at(-1)! };
}

/**
 * The way down a body: of a turned one along its outline, exact; of any other along its lines of equal distance over the skin.
 * @param to where the sheet ends: at the board, or gathered under the middle of the foot
 */
export function wayDown(body: StackBody, to: 'board' | 'under'): Profile {
  const top = body.levels.at(-1)!;
  const heights = cutsDown(top);
  const under = goesIn(body, heights);
  const found = ringsOver(body, to);
  if (!found) return { ...downTurned(body, heights, to), under };
  const { rings, reach } = found;
  return {
    s: [0, ...rings.map((l) => l.far)],
    r: [0, ...rings.map((l) => l.long / (2 * Math.PI))],
    z: [top, ...rings.map((l) => l.height)],
    under,
    longest: reach,
  };
}

/** Over the skin from the top to its end. */
export const lengthDown = ({ s }: Profile): Mm => s.at(-1)!;

/** Adds up something along the way down, each stretch at its middle. */
function along({ s, r }: Profile, of: (s: Mm, r: Mm) => number): number {
  let sum = 0;
  for (let i = 1; i < s.length; i++)
    sum += of((s[i]! + s[i - 1]!) / 2, (r[i]! + r[i - 1]!) / 2) * (s[i]! - s[i - 1]!);
  return sum;
}

/** Skin under the sheet. */
export const skinOf = (profile: Profile): Mm2 => along(profile, (_, r) => 2 * Math.PI * r);

/** Something known at every stop, so far down over the skin. */
function at(s: readonly Mm[], of: readonly Mm[], down: Mm): Mm {
  const found = s.findIndex((x) => x >= down);
  const i = found < 0 ? s.length - 1 : Math.max(1, found);
  const [a, b] = [s[i - 1]!, s[i]!];
  return of[i - 1]! + ((of[i]! - of[i - 1]!) * (Math.min(down, b) - a)) / (b - a || 1);
}
/** Radius so far down over the skin. */
export const radiusAt = ({ s, r }: Profile, down: Mm): Mm => at(s, r, down);
/** Height over the foot so far down over the skin. */
export const heightDown = ({ s, z }: Profile, down: Mm): Mm => at(s, z, down);

/**
 * Thickness that stays at a place, as a share of what was rolled: thinned by what it was drawn, thickened by what it was pushed
 * together, at most as thick as it is worked; the rest goes on as folds.
 */
const stayingAt = (s: Mm, r: Mm, stretch: number, most: number): number =>
  r > 0 ? Math.min(most, s / (stretch * stretch * r)) : most;

/** Paste that stays, mm³. @param pull drawn longer by, % @param worked thickest it is worked to, % of what was rolled */
export const stayingOn = (profile: Profile, t: Mm, pull: number, worked: number): number =>
  t * along(profile, (s, r) => 2 * Math.PI * r * stayingAt(s, r, 1 + pull / 100, worked / 100));

/** Where round over flat first falls to a share; the end where it never does. */
function where({ s, r }: Profile, share: number): Mm {
  for (let i = 1; i < s.length; i++) {
    const [a, b] = [i - 1, i].map((k) => (s[k]! > 0 ? r[k]! / s[k]! : 1)) as [number, number];
    if (b <= share) return s[i - 1]! + ((s[i]! - s[i - 1]!) * (a - share)) / (a - b || 1);
  }
  return s.at(-1)!;
}

/** Smooth so far over the skin from the top: there it has to be pushed together more than it takes without a fold. */
export const smoothTo = (profile: Profile, pull: number, ease: number): Mm =>
  where(profile, ease / 100 / (1 + pull / 100));

/** So far from the top what is under it shows, thinner than it hides; nothing where it hides all over. */
export function showsTo(profile: Profile, t: Mm, pull: number, hides: Mm): Mm {
  const stretch = (1 + pull / 100) ** 2;
  return t / stretch >= hides ? 0 : where(profile, t / (stretch * hides));
}

/** From here on it is in folds: it would be thicker than it can be worked. */
export const foldsFrom = (profile: Profile, pull: number, worked: number): Mm =>
  where(profile, 1 / ((1 + pull / 100) ** 2 * (worked / 100)));
