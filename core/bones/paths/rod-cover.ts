import { alongLine, lineCentre, place, type Instance } from '../../figure/index.ts';
import {
  add,
  cross,
  length,
  sub,
  times,
  toLocal,
  unit,
  type Vec,
  bodyBall,
  bodyInside,
  toWorld,
} from '../../solids/index.ts';
import { type Build } from '../../record/index.ts';
import type { RodPath } from '../runs/rod-paths.ts';

/** Paste over a rod is at least this thick, or it shows and cracks; common practice, mm. */
export const COVER = 3;

/** Where a rod has the least paste over it. */
export interface LeastCover {
  readonly cover: number;
  readonly at: Vec;
  readonly piece: string;
}

const RAYS = 12;
const RAY_STEP = 0.5;
/** Spots looked at along a rod, mm apart. */
const EVERY = 3;

/** Pieces near a rod. */
function nearTo(build: Build, path: RodPath): Instance[] {
  const middle = lineCentre(path.placed.line);
  const reach = path.length / 2 + path.stock.section.diameter + COVER;
  return place(build).filter((i) => {
    const ball = bodyBall(i.body);
    return length(sub(toWorld(i.frame, ball.centre), middle)) <= ball.radius + reach;
  });
}

/** Paste round a spot of a rod up to what is asked: rays square to the rod through the union of all pieces. */
function coverAt(near: readonly Instance[], at: Vec, along: Vec, r: number): number {
  const inPaste = (p: Vec) =>
    p[2] < 0 || near.some((i) => bodyInside(i.body, toLocal(i.frame, p)) !== undefined);
  const u = unit(cross(along, Math.abs(along[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]));
  const w = cross(along, u);
  for (let c = RAY_STEP; c <= COVER; c += RAY_STEP)
    for (let k = 0; k < RAYS; k++) {
      const angle = (2 * Math.PI * (k + 0.31)) / RAYS;
      const out = add(times(u, Math.cos(angle)), times(w, Math.sin(angle)));
      if (!inPaste(add(at, times(out, r + c)))) return c - RAY_STEP;
    }
  return COVER;
}

function reckoned(build: Build, path: RodPath, near: readonly Instance[]): LeastCover | undefined {
  const { placed, spots, step } = path;
  const instances = place(build);
  const r = path.stock.section.diameter / 2;
  // coming out on purpose: near where it is bare, and near its ends
  const ease = Math.ceil((COVER + r) / step) + 1;
  const bare = spots.map((s) => s.length === 0);
  let least: LeastCover | undefined;
  for (let s = ease; s < spots.length - ease; s += Math.max(1, Math.round(EVERY / step))) {
    const inside = spots[s]!;
    // deep enough in one piece is deep enough in all of them
    if (inside.length === 0 || inside.some((i) => i.instance < 0 || i.cover >= COVER)) continue;
    if (bare.slice(s - ease, s + ease + 1).some(Boolean)) continue;
    const { at, along } = alongLine(placed.line, (s + 0.5) * step);
    if (at[2] < COVER + r) continue;
    const cover = coverAt(near, at, along, r);
    if (cover < COVER && (!least || cover < least.cover))
      least = { cover, at, piece: instances[inside[0]!.instance]!.piece.name };
  }
  return least;
}

const memo = new Map<string, { near: readonly Instance[]; least: LeastCover | undefined }>();
const MOST = 400;

/**
 * The least paste over a rod, where it is less than three millimetres; undefined when it is covered all along. Faces where
 * two pieces meet do not count as surface. Remembered as long as the rod and the pieces near it stay where they are.
 */
export function leastCover(build: Build, path: RodPath): LeastCover | undefined {
  const key = `${path.placed.line.join()}|${path.stock.section.diameter}`;
  const near = nearTo(build, path);
  const known = memo.get(key);
  if (known && known.near.length === near.length && known.near.every((i, k) => i === near[k]))
    return known.least;
  const least = reckoned(build, path, near);
  if (memo.size >= MOST) memo.clear();
  memo.set(key, { near, least });
  return least;
}
