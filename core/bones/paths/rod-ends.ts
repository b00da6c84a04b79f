import { place, type Instance } from '../../figure/index.ts';
import {
  add,
  bodyBall,
  bodyDepth,
  cross,
  length,
  sub,
  times,
  toLocal,
  toWorld,
  unit,
  type Vec,
} from '../../solids/index.ts';
import type { Build } from '../../record/index.ts';
import type { RodPath } from '../runs/rod-paths.ts';
import { COVER } from './rod-cover.ts';

/** How much paste lies over one end of a rod. */
export interface EndCover {
  readonly end: 'from' | 'to';
  /** On along the rod to the skin, mm; less than nothing where it stands out, by so much. */
  readonly along: number;
  /** The least of what lies on along it and beside it, mm. */
  readonly cover: number;
  readonly at: Vec;
}

const RAYS = 12;
/** Steps in which the skin is looked for, mm; estimate. */
const STEP = 0.25;
/** Further out of everything than this it is not an end that pokes through, mm; estimate. */
const FAR_OUT = 60;

/** Depth in whatever is there, and in the board. */
function union(near: readonly Instance[]): (p: Vec) => number {
  const parts = near.map((i) => ({ i, depth: bodyDepth(i.body) }));
  return (p) => {
    let best = -p[2];
    for (const { i, depth } of parts) {
      const q = toLocal(i.frame, p);
      best = Math.max(best, depth(q[0], q[1], q[2]));
    }
    return best;
  };
}

function endOf(path: RodPath, end: 'from' | 'to', near: readonly Instance[]): EndCover | undefined {
  const { line } = path.placed;
  const [tip, before] = end === 'from' ? [line[0]!, line[1]!] : [line.at(-1)!, line.at(-2)!];
  if (tip[2] <= 0) return undefined;
  const out = unit(sub(tip, before));
  const inside = union(near);
  const r = path.stock.section.diameter / 2;
  let along = 0;
  if (inside(tip) > 0) while (along < COVER + STEP && inside(add(tip, times(out, along))) > 0) along += STEP;
  else while (along > -FAR_OUT && inside(add(tip, times(out, along))) <= 0) along -= STEP;
  if (along <= -FAR_OUT) return undefined;
  let side = COVER;
  if (along > 0) {
    const u = unit(cross(out, Math.abs(out[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]));
    const w = cross(out, u);
    const just = add(tip, times(out, -0.05));
    for (let k = 0; k < RAYS; k++) {
      const a = (2 * Math.PI * k) / RAYS;
      const ray = add(times(u, Math.cos(a)), times(w, Math.sin(a)));
      let s = 0;
      while (s < side && inside(add(just, times(ray, r + s))) > 0) s += STEP;
      side = Math.min(side, s);
    }
  }
  return { end, along, cover: Math.min(along, side), at: tip };
}

/**
 * Ends of a rod with less than three millimetres of paste over them: on along the rod, or square to it beside its end, through
 * the union of all pieces. Ends in the board, or meant to be seen, are left out.
 */
export function bareEnds(build: Build, path: RodPath): EndCover[] {
  if (path.placed.rod.shown) return [];
  const instances = place(build);
  return (['from', 'to'] as const).flatMap((end) => {
    const tip = end === 'from' ? path.placed.from : path.placed.to;
    const near = instances.filter((i) => {
      const ball = bodyBall(i.body);
      return length(sub(toWorld(i.frame, ball.centre), tip)) <= ball.radius + FAR_OUT;
    });
    const found = endOf(path, end, near);
    return found && found.cover < COVER ? [found] : [];
  });
}
