import {
  legsOf,
  lineLength,
  place,
  placeRods,
  type Instance,
  type Leg,
  type PlacedRod,
} from '../../figure/index.ts';
import {
  add,
  dot,
  sub,
  times,
  type Vec,
  bodyBall,
  bodyInside,
  toLocal,
  toWorld,
} from '../../solids/index.ts';
import { besideIn, groundOf, layerAt, type Layer, type OnGround } from '../../ground/index.ts';
import { type PartsOf } from '../../record/index.ts';
import { remembered } from '../../quantity/index.ts';
import type { RodStock } from '../stock/rods/registry.ts';
import { stockOf } from '../stock/stock.ts';

/** What a rod is inside of at one spot. */
export interface Inside {
  /** Index of the instance, or −1 under the figure; of a disc the one that stands on it. */
  readonly instance: number;
  readonly part: 'paste' | 'core' | 'board' | 'tier' | 'disc';
  /** Under the figure: which board or tier. */
  readonly layer?: Layer;
  /** From the rod's skin to the side of the piece, mm. */
  readonly cover: number;
}

/** A run of a rod inside one thing. */
export interface Run extends Inside {
  readonly thick: number;
}

/** A rod sampled along its length. */
export interface RodPath {
  readonly placed: PlacedRod;
  readonly legs: readonly Leg[];
  readonly stock: RodStock;
  readonly length: number;
  readonly step: number;
  readonly spots: readonly (readonly Inside[])[];
  /** Everything it passes, by instance. */
  readonly passes: ReadonlySet<number>;
}

const STEP = 1;
const MOST_SPOTS = 400;

/** One stop of a rod inside one body. */
interface Stop {
  readonly spot: number;
  readonly part: 'paste' | 'core';
  readonly cover: number;
}

const stops = new WeakMap<Instance, Map<string, readonly Stop[]>>();
const MOST_RODS = 60;

/** The stops of a rod inside a standing body, remembered as long as both stay where they are. */
function stopsInside(
  instance: Instance,
  { line }: PlacedRod,
  spots: readonly Vec[],
  radius: number,
  ranges: readonly (readonly [first: number, last: number])[],
): readonly Stop[] {
  const key = `${line.join()}|${radius}`;
  let known = stops.get(instance);
  if (!known) stops.set(instance, (known = new Map()));
  const before = known.get(key);
  if (before) return before;
  const found: Stop[] = [];
  for (const [first, last] of ranges)
    for (let spot = first; spot <= last; spot++) {
      const inside = bodyInside(instance.body, toLocal(instance.frame, spots[spot]!));
      if (inside) found.push({ spot, part: inside.part, cover: Math.max(0, inside.cover - radius) });
    }
  if (known.size >= MOST_RODS) known.clear();
  known.set(key, found);
  return found;
}

/** The middles of n equal stretches of a rod. */
function spotsOf(legs: readonly Leg[], step: number, n: number): Vec[] {
  const out: Vec[] = [];
  let k = 0;
  for (let s = 0; s < n; s++) {
    const at = (s + 0.5) * step;
    while (k < legs.length - 1 && at > legs[k]!.start + legs[k]!.length) k++;
    const leg = legs[k]!;
    out.push(add(leg.from, times(leg.along, at - leg.start)));
  }
  return out;
}

/** The spots of a leg that lie in a ball, first and last; undefined when none does. */
function within(leg: Leg, ball: Ball, step: number, n: number): readonly [number, number] | undefined {
  const to = sub(ball.centre, leg.from);
  const t = dot(to, leg.along);
  const aside2 = dot(to, to) - t * t;
  const half2 = ball.radius ** 2 - aside2;
  if (half2 < 0) return undefined;
  const half = Math.sqrt(half2);
  const low = leg.start + Math.max(0, t - half);
  const high = leg.start + Math.min(leg.length, t + half);
  if (high < low) return undefined;
  const own = [Math.floor(leg.start / step), Math.ceil((leg.start + leg.length) / step) - 1] as const;
  const first = Math.max(0, own[0], Math.floor(low / step) - 1);
  const last = Math.min(n - 1, own[1], Math.ceil(high / step));
  return first <= last ? [first, last] : undefined;
}

/** Ranges without what they have in common, so that no spot is looked at twice. */
function parted(ranges: readonly (readonly [number, number])[]): (readonly [number, number])[] {
  let next = 0;
  return ranges.flatMap(([first, last]) => {
    const from = Math.max(first, next);
    next = Math.max(next, last + 1);
    return from <= last ? [[from, last] as const] : [];
  });
}

type Ball = { readonly centre: Vec; readonly radius: number };

/** The ball round each instance; remembered while all stand where they are. */
const ballsRound = remembered((instances: readonly Instance[]): readonly Ball[] =>
  instances.map((i) => {
    const ball = bodyBall(i.body);
    return { centre: toWorld(i.frame, ball.centre), radius: ball.radius };
  }),
);

/** Parts of a build that a rod can run through. */
type Reached = OnGround & PartsOf<'pieces' | 'measured'>;

/** Follow one rod through the figure and note what it is inside of. */
export function followRod(build: Reached, placed: PlacedRod): RodPath {
  const instances = place(build);
  const balls = ballsRound(instances);
  const stock = stockOf(build, placed.rod);
  const legs = legsOf(placed.line);
  const L = lineLength(placed.line);
  const n = Math.max(2, Math.min(MOST_SPOTS, Math.ceil(L / STEP)));
  const step = L / n;
  const radius = stock.section.diameter / 2;
  const middles = spotsOf(legs, step, n);
  const spots: Inside[][] = Array.from({ length: n }, () => []);
  const passes = new Set<number>();
  const note = (s: number, inside: Inside) => {
    spots[s]!.push(inside);
    passes.add(inside.instance);
  };
  const ground = groundOf(build);
  middles.forEach(([x, y, z], s) => {
    const layer = layerAt(ground, x, y, z);
    if (!layer) return;
    const part = layer.kind === 'tier' ? 'tier' : 'board';
    note(s, { instance: -1, part, cover: part === 'tier' ? besideIn(layer, x, y) - radius : 99, layer });
  });
  instances.forEach((instance, index) => {
    // only the stretches of the rod inside the ball round the piece can be inside the piece
    const ranges = parted(
      legs.map((leg) => within(leg, balls[index]!, step, n)).filter((r) => r !== undefined),
    );
    if (ranges.length === 0) return;
    for (const { spot, part, cover } of stopsInside(instance, placed, middles, radius, ranges))
      note(spot, { instance: index, part, cover });
  });
  return { placed, legs, stock, length: L, step, spots, passes };
}

/** Follow every rod of a build. */
export const rodPaths = (build: Reached & PartsOf<'rods'>): RodPath[] =>
  placeRods(build).map((placed) => followRod(build, placed));
