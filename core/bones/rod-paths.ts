import { place, placeRods, type Build, type Instance, type PlacedRod } from '../figure/index.ts';
import {
  add,
  bodyBall,
  bodyInside,
  dot,
  length,
  sub,
  times,
  toLocal,
  toWorld,
  type Vec,
} from '../solids/index.ts';
import { stockOf, type RodStock } from './rods/registry.ts';

/** What a rod is inside of at one spot. */
export interface Inside {
  /** Index of the instance, or −1 for the board. */
  readonly instance: number;
  readonly part: 'paste' | 'core' | 'board';
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
  { from, to }: PlacedRod,
  radius: number,
  n: number,
  first: number,
  last: number,
): readonly Stop[] {
  const key = `${from.join()}|${to.join()}|${radius}`;
  let known = stops.get(instance);
  if (!known) stops.set(instance, (known = new Map()));
  const before = known.get(key);
  if (before) return before;
  const run = sub(to, from);
  const found: Stop[] = [];
  for (let spot = first; spot <= last; spot++) {
    const at = toLocal(instance.frame, add(from, times(run, (spot + 0.5) / n)));
    const inside = bodyInside(instance.body, at);
    if (inside) found.push({ spot, part: inside.part, cover: Math.max(0, inside.cover - radius) });
  }
  if (known.size >= MOST_RODS) known.clear();
  known.set(key, found);
  return found;
}

/** Distance of a point from a stretch of rod. */
function distanceToLine(p: Vec, from: Vec, to: Vec): number {
  const d = sub(to, from);
  const L2 = dot(d, d);
  const t = L2 > 0 ? Math.min(1, Math.max(0, dot(sub(p, from), d) / L2)) : 0;
  return length(sub(p, add(from, times(d, t))));
}

/** Follow every rod through the figure and note what it is inside of. */
export function rodPaths(build: Build): RodPath[] {
  const instances = place(build);
  const spheres = instances.map((i) => {
    const ball = bodyBall(i.body);
    return { centre: toWorld(i.frame, ball.centre), radius: ball.radius };
  });
  return placeRods(build).map((placed) => {
    const stock = stockOf(placed.rod);
    const L = length(sub(placed.to, placed.from));
    const n = Math.max(2, Math.min(MOST_SPOTS, Math.ceil(L / STEP)));
    const radius = stock.section.diameter / 2;
    const near = instances
      .map((instance, index) => ({ instance, index }))
      .filter(
        ({ index }) =>
          distanceToLine(spheres[index]!.centre, placed.from, placed.to) <= spheres[index]!.radius,
      );
    const spots: Inside[][] = Array.from({ length: n }, () => []);
    const passes = new Set<number>();
    const note = (s: number, inside: Inside) => {
      spots[s]!.push(inside);
      passes.add(inside.instance);
    };
    const run = sub(placed.to, placed.from);
    for (let s = 0; s < n; s++) {
      const z = placed.from[2] + (run[2] * (s + 0.5)) / n;
      if (z < 0 && z >= -build.board.thickness) note(s, { instance: -1, part: 'board', cover: 99 });
    }
    for (const { instance, index } of near) {
      // only the stretch of the rod inside the sphere round the piece can be inside the piece
      const { centre, radius: around } = spheres[index]!;
      const t = dot(sub(centre, placed.from), run) / (L * L || 1);
      const reach = around / (L || 1);
      const first = Math.max(0, Math.floor((t - reach) * n));
      const last = Math.min(n - 1, Math.ceil((t + reach) * n));
      for (const { spot, part, cover } of stopsInside(instance, placed, radius, n, first, last))
        note(spot, { instance: index, part, cover });
    }
    return { placed, stock, length: L, step: L / n, spots, passes };
  });
}
