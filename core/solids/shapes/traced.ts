import { once } from '../../quantity/index.ts';
import type { LevelCut, StackBody } from '../bodies/index.ts';
import { closedTrouble, fittedToBox, reachAt, sampled, type Curve } from '../curves/index.ts';
import type { Art, Shape, Sizes } from '../types.ts';
import { grows, lump } from './parts.ts';
import { shaped } from './shaped.ts';

type Key = 'width' | 'depth' | 'height';
/** Level cuts a traced body is reckoned from; halving them moves its volume by less than a thousandth. */
const LEVELS = 48;

const FRONT: Curve = [
  [-0.24, 0],
  [-0.5, 0.36],
  [-0.3, 0.82],
  [0, 1],
  [0.3, 0.82],
  [0.5, 0.36],
  [0.24, 0],
  [0, -0.02],
];

interface Cuts {
  readonly all: readonly LevelCut[];
  readonly step: number;
  /** Surface by its triangles, worked out once. */
  readonly area: () => number;
}
const memo = new WeakMap<object, Map<string, Cuts>>();
const NO_CURVES = {};

/** Ovals fitted between the front and the side outline at every level. */
function cutsOf({ width, depth, height }: Sizes<Key>, art: Art): Cuts {
  const key = `${width}/${depth}/${height}`;
  const holder = art.curves ?? NO_CURVES;
  let bySize = memo.get(holder);
  if (!bySize) memo.set(holder, (bySize = new Map()));
  const known = bySize.get(key);
  if (known) return known;
  const front = fittedToBox(sampled(art.curves?.front ?? FRONT, true));
  const side = fittedToBox(sampled(art.curves?.side ?? art.curves?.front ?? FRONT, true));
  const all = Array.from({ length: LEVELS + 1 }, (_, i): LevelCut => {
    // both outlines come to a point or a flat at the very ends; look just inside
    const z = Math.min(1 - 1e-6, Math.max(1e-6, i / LEVELS));
    const [l, r] = reachAt(front, z) ?? [0, 0];
    const [f, b] = reachAt(side, z) ?? [0, 0];
    return {
      a: ((r - l) / 2) * width,
      b: ((b - f) / 2) * depth,
      x: ((r + l) / 2) * width,
      y: ((b + f) / 2) * depth,
    };
  });
  const step = height / LEVELS;
  const area = once(() => skinArea(all, step));
  const made = { all, step, area };
  if (bySize.size > 40) bySize.clear();
  bySize.set(key, made);
  return made;
}

const CORNERS = 32;

/** Surface between level cuts by flat four-cornered pieces, with both ends; plain numbers, it is asked at every pull. */
function skinArea(all: readonly LevelCut[], step: number): number {
  const turn = Array.from({ length: CORNERS + 1 }, (_, k) => {
    const t = (2 * Math.PI * k) / CORNERS;
    return [Math.cos(t), Math.sin(t)] as const;
  });
  let area = Math.PI * (all[0]!.a * all[0]!.b + all[LEVELS]!.a * all[LEVELS]!.b);
  for (let i = 0; i < LEVELS; i++) {
    const [p, q] = [all[i]!, all[i + 1]!];
    const [sx, sy] = [q.x! - p.x!, q.y! - p.y!];
    for (let k = 0; k < CORNERS; k++) {
      const [[c, s], [d, t]] = [turn[k]!, turn[k + 1]!];
      // along the middle of the piece, and up the middle of it
      const ux = ((p.a + q.a) / 2) * (d - c);
      const uy = ((p.b + q.b) / 2) * (t - s);
      const vx = sx + ((q.a - p.a) * (c + d)) / 2;
      const vy = sy + ((q.b - p.b) * (s + t)) / 2;
      area += Math.hypot(uy * step, ux * step, ux * vy - uy * vx);
    }
  }
  return area;
}

function stackThrough(all: readonly LevelCut[], step: number): StackBody {
  return {
    type: 'stack',
    cutAt: (z) => {
      const t = Math.min(LEVELS, Math.max(0, z / step));
      const i = Math.min(LEVELS - 1, Math.floor(t));
      const [p, q, k] = [all[i]!, all[i + 1]!, t - i];
      const mix = (u: number, v: number) => u + (v - u) * k;
      return { a: mix(p.a, q.a), b: mix(p.b, q.b), x: mix(p.x!, q.x!), y: mix(p.y!, q.y!) };
    },
    levels: all.map((_, i) => i * step),
  };
}

function stackOf(s: Sizes<Key>, art: Art): StackBody {
  const { all, step } = cutsOf(s, art);
  return stackThrough(all, step);
}

export const traced: Shape<Key> = {
  kind: 'traced',
  name: 'Traced body',
  family: 'drawn',
  hint: 'traced from the front and from the side: for anything that has to look like the real thing',
  sizes: [
    grows('width', 'wide', 60, [1, 1000]),
    grows('depth', 'deep', 50, [1, 1000]),
    grows('height', 'tall', 80, [1, 1200]),
  ],
  volumeRule: 'Σ π a b Δz over ovals between the two outlines',
  curves: [
    { key: 'front', label: 'From the front', closed: true, start: FRONT },
    { key: 'side', label: 'From the side', closed: true, start: FRONT },
  ],
  refuse: (_, art) =>
    closedTrouble(art.curves?.front ?? FRONT, 'The front outline') ??
    closedTrouble(art.curves?.side ?? art.curves?.front ?? FRONT, 'The side outline'),
  measure: (s, art) => {
    const { all, step, area } = cutsOf(s, art);
    let [volume, mx, my, mz] = [0, 0, 0, 0];
    for (let i = 0; i < LEVELS; i++) {
      const [p, q] = [all[i]!, all[i + 1]!];
      // a and b run straight between levels, so their product is a parabola: exact
      const slice = (Math.PI * step * (2 * p.a * p.b + p.a * q.b + q.a * p.b + 2 * q.a * q.b)) / 6;
      volume += slice;
      mx += (slice * (p.x! + q.x!)) / 2;
      my += (slice * (p.y! + q.y!)) / 2;
      mz += slice * (i + 0.5) * step;
    }
    return {
      volume,
      area: area(),
      centre: mz / volume,
      aside: [mx / volume, my / volume],
      width: s.width,
      depth: s.depth,
      height: s.height,
    };
  },
  drying: (s, art) => lump(traced.measure(s, art), Math.min(s.width, s.depth, s.height)),
  body: stackOf,
  handles: ({ width, height }) => [
    { size: 'width', at: [width / 2, height / 2], along: [1, 0], gain: 2 },
    { size: 'height', at: [0, height], along: [0, 1], gain: 1 },
  ],
  coats: true,
  technique: 'byHand',
  labour: shaped(29),
};
