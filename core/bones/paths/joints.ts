import { alongLine, legsOf, measureOf, place, type Instance, type Line } from '../../figure/index.ts';
import { fromBuild, type Disc } from '../../record/index.ts';
import { add, dot, length, sub, times, unit, type Vec } from '../../solids/index.ts';
import { carriedMasses, fallingWith, holdingUp } from '../carried/carried.ts';
import type { Mass } from '../carried/flows.ts';
import { discUnder, throughDisc } from './discs.ts';
import { rodPaths, type Inside, type RodPath, type Run } from '../runs/rod-paths.ts';
import { seatOf } from './seat-radius.ts';

/** One rod crossing a joint: what holds it on each side, from the joint outwards. */
export interface Crossing {
  readonly path: RodPath;
  readonly below: readonly Run[];
  readonly above: readonly Run[];
  readonly heldBelow: number;
  readonly heldAbove: number;
  readonly bare: number;
  readonly at: Vec;
  /** From the lower part to the upper, where it leaves the lower. */
  readonly axis: Vec;
  /** From there to its end in the upper part, over its bends. */
  readonly arm: readonly Vec[];
}

/** Part of a line between two distances along it, in that direction, with the bends between. */
function armOf(line: Line, from: number, to: number): Vec[] {
  const [low, high] = from < to ? [from, to] : [to, from];
  const inner = legsOf(line)
    .slice(1)
    .filter((leg) => leg.start > low + 1e-6 && leg.start < high - 1e-6)
    .map((leg) => leg.from);
  const points = [alongLine(line, low).at, ...inner, alongLine(line, high).at];
  return from < to ? points : points.reverse();
}

/** Where a piece with all it carries is held to what is below by rods. */
export interface Joint {
  /** Index of the piece that is held. */
  readonly upper: number;
  readonly crossings: readonly Crossing[];
  readonly load: Mass;
  readonly at: Vec;
  readonly axis: Vec;
  /** Line from rod to rod; any direction across for a single one. */
  readonly across: Vec;
  /** Between the outer rods, mm. */
  readonly spacing: number;
  readonly bare: number;
  /** Half size of the touching faces, mm; zero when they do not touch. */
  readonly seat: number;
  /** Half the widest of what is carried, for a nudge that turns it. */
  readonly halfWidth: number;
  /** Disc between the faces. */
  readonly disc?: Disc;
  /** Rods that meet these inside what is carried and prop it aside, a joint of one rod each. */
  readonly braces?: readonly Joint[];
}

/** Every rod across a joint, braces too. */
export const acrossOf = (joint: Joint): readonly Crossing[] => [
  ...joint.crossings,
  ...(joint.braces ?? []).flatMap((b) => b.crossings),
];

/** Gather equal neighbours into runs, walking from `start` in a direction while `take` finds something. */
function runsFrom(
  path: RodPath,
  start: number,
  direction: 1 | -1,
  take: (spot: readonly Inside[]) => Inside | undefined,
): Run[] {
  const runs: Run[] = [];
  for (let s = start; s >= 0 && s < path.spots.length; s += direction) {
    const inside = take(path.spots[s]!);
    if (!inside) break;
    const last = runs.at(-1);
    if (last && last.instance === inside.instance && last.part === inside.part && last.layer === inside.layer)
      runs[runs.length - 1] = {
        ...last,
        thick: last.thick + path.step,
        cover: Math.min(last.cover, inside.cover),
      };
    else runs.push({ ...inside, thick: path.step });
  }
  return runs;
}

const heldLength = (runs: readonly Run[]): number => runs.reduce((sum, r) => sum + r.thick, 0);

/** How one rod crosses the joint under `upper`; undefined when it holds only one side. */
function crossing(
  path: RodPath,
  family: ReadonlySet<number>,
  carriers: ReadonlySet<number>,
): Crossing | undefined {
  const inFamily = (spot: readonly Inside[]) => spot.find((i) => family.has(i.instance));
  const outside = (spot: readonly Inside[]) =>
    inFamily(spot) ? undefined : spot.find((i) => !family.has(i.instance));
  const first = path.spots.findIndex((s) => inFamily(s) !== undefined);
  if (first < 0) return undefined;
  let last = first;
  while (last + 1 < path.spots.length && inFamily(path.spots[last + 1]!)) last++;
  const seek = (start: number, direction: 1 | -1) => {
    let s = start;
    while (s >= 0 && s < path.spots.length && !outside(path.spots[s]!)) {
      if (inFamily(path.spots[s]!)) return undefined;
      s += direction;
    }
    if (s < 0 || s >= path.spots.length) return undefined;
    const runs = runsFrom(path, s, direction, outside);
    return {
      runs,
      gap: Math.max(0, Math.abs(s - start) * path.step),
      carries: runs.some((r) => carriers.has(r.instance)),
    };
  };
  const before = seek(first - 1, -1);
  const after = seek(last + 1, 1);
  const lower =
    before && after
      ? before.carries === after.carries
        ? heldLength(before.runs) >= heldLength(after.runs)
          ? 'before'
          : 'after'
        : before.carries
          ? 'before'
          : 'after'
      : before
        ? 'before'
        : after
          ? 'after'
          : undefined;
  if (lower === undefined) return undefined;
  const side = lower === 'before' ? before! : after!;
  const direction = lower === 'before' ? 1 : -1;
  const start = lower === 'before' ? first : last;
  const above = runsFrom(path, start, direction, inFamily);
  // where it leaves what carries it, measured along the rod
  const leaves = lower === 'before' ? first * path.step - side.gap : (last + 1) * path.step + side.gap;
  const { at, along } = alongLine(path.placed.line, leaves);
  return {
    path,
    below: side.runs,
    above,
    heldBelow: heldLength(side.runs),
    heldAbove: heldLength(above),
    bare: side.gap,
    at,
    axis: lower === 'before' ? along : times(along, -1),
    // on from there into what is carried
    arm: armOf(
      path.placed.line,
      leaves,
      leaves + (lower === 'before' ? 1 : -1) * (side.gap + heldLength(above)),
    ),
  };
}

/** How a rod crosses the joint over a disc; a rod that comes from elsewhere does not go through it. */
function withDisc(crossing: Crossing, upper: number, instance: Instance): Crossing {
  const disc = discUnder(instance);
  if (!disc || crossing.bare >= 2 || crossing.below[0]?.instance !== instance.carrier) return crossing;
  return { ...crossing, below: throughDisc(crossing.below, upper, disc) };
}

/** The joint that some rods make under an instance. */
export function jointBy(
  instance: Instance,
  upper: number,
  load: Mass,
  crossings: readonly Crossing[],
  seat: number,
): Joint {
  const at = times(
    crossings.reduce<Vec>((s, c) => add(s, c.at), [0, 0, 0]),
    1 / crossings.length,
  );
  const axis = unit(crossings.reduce<Vec>((s, c) => add(s, c.axis), [0, 0, 0]));
  const apart = crossings.length > 1 ? sub(crossings[1]!.at, crossings[0]!.at) : ([1, 0, 0] as const);
  const flat = sub(apart, times(axis, dot(apart, axis)));
  const across = length(flat) > 1e-6 ? unit(flat) : unit(sub([0, 1, 0], times(axis, axis[1])));
  const along = crossings.map((c) => dot(sub(c.at, at), across));
  const bare = Math.max(...crossings.map((c) => c.bare));
  const disc = discUnder(instance);
  return {
    upper,
    crossings,
    load,
    at,
    axis,
    across,
    spacing: crossings.length > 1 ? Math.max(...along) - Math.min(...along) : 0,
    bare,
    seat: bare < 2 ? seat : 0,
    halfWidth: measureOf(instance.piece).width / 2,
    ...(disc && bare < 2 ? { disc } : {}),
  };
}

/** Parts of a build that the loads on its rods, and where the rods run, follow from. */
const LOADED = ['pieces', 'rods', 'board', 'measured', 'blends', 'cake', 'card', 'mast'] as const;

/** Every joint that rods cross with the load it carries, the lowest piece first. */
export const jointsOf = fromBuild(LOADED, (build): { paths: RodPath[]; joints: Joint[] } => {
  const instances = place(build);
  const paths = rodPaths(build);
  const { with: masses } = carriedMasses(build);
  const joints: Joint[] = [];
  if (paths.length === 0) return { paths, joints };
  instances.forEach((instance, upper) => {
    const through = paths.filter((p) => p.passes.has(upper));
    if (through.length === 0) return;
    const family = fallingWith(build, upper);
    const carriers = holdingUp(build, upper);
    const crossings = through
      .map((p) => crossing(p, family, carriers))
      .filter((c): c is Crossing => c !== undefined && c.heldBelow >= 1 && c.heldAbove >= 1)
      .map((c) => withDisc(c, upper, instance));
    if (crossings.length === 0) return;
    joints.push(jointBy(instance, upper, masses[upper]!, crossings, seatOf(build, upper)));
  });
  return { paths, joints };
});
