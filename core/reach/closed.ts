import { seenFrom, solidOf, type Solid } from '../contacts/index.ts';
import type { Instance } from '../figure/index.ts';
import { remembered, type Mm } from '../quantity/index.ts';
import { bodyBall, toWorld, WORLD, type BodyBall, type Depth, type Frame } from '../solids/index.ts';
import { spotsOf, WAYS, waysOf, type SkinSpot } from './points.ts';
import type { ReachTool } from './tools.ts';

/** Off the skin by so much more than the tool is thick, mm: what lies against a face does not shut it. Step of the method; estimate. */
const OFF = 0.05;
/** A ray is never stepped along by less, mm. Step of the method; estimate. */
const LEAST = 0.3;

/** A straight line in the frame of what it may meet; one for all, kept out of the heap. */
const line = { x: 0, y: 0, z: 0, dx: 0, dy: 0, dz: 0, from: 0, to: 0 };

/** Narrows the line to what lies between two planes across one axis. */
function between(at: number, along: number, low: number, high: number): boolean {
  if (Math.abs(along) < 1e-12) return at >= low && at <= high;
  const a = ((along > 0 ? low : high) - at) / along;
  const b = ((along > 0 ? high : low) - at) / along;
  if (a > line.from) line.from = a;
  if (b < line.to) line.to = b;
  return line.from <= line.to;
}

/** Does the line, made so thick, meet a body? Through its box (Kay and Kajiya, 1986), then by its depth, which is never more than the way to its skin. */
function meets({ depth, box }: InTheWay, from: Mm, to: Mm, half: Mm): boolean {
  const { x, y, z, dx, dy, dz } = line;
  line.from = from;
  line.to = to;
  if (box) {
    const { low, high } = box;
    if (
      !between(x, dx, low[0] - half, high[0] + half) ||
      !between(y, dy, low[1] - half, high[1] + half) ||
      !between(z, dz, low[2] - half, high[2] + half)
    )
      return false;
  }
  const end = line.to;
  for (let t = line.from; t <= end;) {
    const gap = -depth(x + dx * t, y + dy * t, z + dz * t) - half;
    if (gap <= 0) return true;
    if (gap > end - t) return false;
    t += Math.max(gap, LEAST);
  }
  return false;
}

/** What stands in the way, in its own frame: how deep a point lies in it, the box and the ball round it. */
interface InTheWay {
  readonly depth: Depth;
  readonly frame: Frame;
  readonly box: Solid['box'] | undefined;
  readonly ball: BodyBall | undefined;
}

const wayOf = remembered((by: Instance | Solid): InTheWay => {
  if (!('frame' in by)) return { depth: by.depth, frame: WORLD, box: undefined, ball: undefined };
  const { depth, box } = solidOf(by.body);
  return { depth, frame: by.frame, box, ball: bodyBall(by.body) };
});

/** Points the line along a way, given in a frame whose axes these are. */
function pointed({ x, y, z }: Frame, ways: Float64Array, k: number): void {
  const a = ways[k]!;
  const b = ways[k + 1]!;
  const c = ways[k + 2]!;
  line.dx = a * x[0] + b * y[0] + c * z[0];
  line.dy = a * x[1] + b * y[1] + c * z[1];
  line.dz = a * x[2] + b * y[2] + c * z[2];
}

/** Starts the line so far off a spot. */
function startedAt(at: Frame, spot: SkinSpot, off: Mm): void {
  const [a, b, c] = [0, 1, 2].map((i) => spot.at[i]! + spot.faces[i]! * off) as [number, number, number];
  const { origin, x, y, z } = at;
  line.x = origin[0] + a * x[0] + b * y[0] + c * z[0];
  line.y = origin[1] + a * x[1] + b * y[1] + c * z[1];
  line.z = origin[2] + a * x[2] + b * y[2] + c * z[2];
}

/** Directions that are shut at each spot of a standing body, a bit each; undefined where none is. */
function shutBy(piece: Instance, by: Instance | Solid, tool: ReachTool): Int32Array | undefined {
  const way = wayOf(by);
  const { depth, frame, ball } = way;
  const at = seenFrom(piece.frame, frame);
  const { tip, shaft } = tool;
  const reach = tip.length + (shaft?.length ?? 0);
  const half = Math.max(tip.half, shaft?.half ?? 0);
  const own = bodyBall(piece.body);
  const apart = (x: Mm, y: Mm, z: Mm): Mm =>
    ball ? Math.hypot(x - ball.centre[0], y - ball.centre[1], z - ball.centre[2]) - ball.radius : 0;
  if (ball && apart(...toWorld(at, own.centre)) > own.radius + reach + 2 * half) return undefined;
  const ways = waysOf(piece.body, tool.cone);
  const spots = spotsOf(piece.body);
  let shut: Int32Array | undefined;
  for (let k = 0; k < spots.length; k++) {
    startedAt(at, spots[k]!, tip.half + OFF);
    if (apart(line.x, line.y, line.z) > reach + half) continue;
    if (-depth(line.x, line.y, line.z) > reach + half) continue;
    let bits = 0;
    for (let b = 0; b < WAYS; b++) {
      pointed(at, ways, 3 * (k * WAYS + b));
      if (meets(way, 0, tip.length, tip.half) || (shaft && meets(way, tip.length, reach, shaft.half)))
        bits |= 1 << b;
    }
    if (bits !== 0) (shut ??= new Int32Array(spots.length))[k] = bits;
  }
  return shut;
}

const known = new WeakMap<object, WeakMap<object, Map<ReachTool, Int32Array | undefined>>>();

/** The same, not asked again while both stand where they stood. */
export function closedBy(piece: Instance, by: Instance | Solid, tool: ReachTool): Int32Array | undefined {
  let of = known.get(piece);
  if (!of) known.set(piece, (of = new WeakMap()));
  let tools = of.get(by);
  if (!tools) of.set(by, (tools = new Map()));
  if (!tools.has(tool)) tools.set(tool, shutBy(piece, by, tool));
  return tools.get(tool);
}

/**
 * Which spots of a standing body are seen past some others, from one side at least: thin rays so far off the skin, and so far.
 * @param others everything else that stands there
 */
export function seenSpots(
  piece: Instance,
  others: readonly (Instance | Solid)[],
  { cone, far, off }: { readonly cone: number; readonly far: Mm; readonly off: Mm },
): Uint8Array {
  const spots = spotsOf(piece.body);
  const ways = waysOf(piece.body, cone);
  const out = new Uint8Array(spots.length);
  const there = (HOLLOW.has(piece.body.type) ? [piece, ...others] : others).map((by) => {
    const way = wayOf(by);
    return { way, at: seenFrom(piece.frame, way.frame) };
  });
  for (let k = 0; k < spots.length; k++) {
    // what shut the last ray is most likely to shut the next
    for (let b = 0; b < WAYS && out[k] === 0; b++) {
      const shut = there.findIndex(({ way, at }) => {
        startedAt(at, spots[k]!, off);
        pointed(at, ways, 3 * (k * WAYS + b));
        return meets(way, OFF, far, 0);
      });
      if (shut < 0) out[k] = 1;
      else if (shut > 0) there.unshift(...there.splice(shut, 1));
    }
  }
  return out;
}

/** Hollows: the body may stand in its own way, where it is no simple lump. */
const HOLLOW: ReadonlySet<string> = new Set(['group', 'tube', 'band', 'scan']);
/** A spot on a chord of a round skin lies so much inside it, mm. Step of the method; estimate. */
const CLEAR: Mm = 0.3;
const thin = new Map<ReachTool, ReachTool>();

/** Directions a body shuts on itself, by the middle of the tool alone. */
export function closedByItself(piece: Instance, tool: ReachTool): Int32Array | undefined {
  if (!HOLLOW.has(piece.body.type)) return undefined;
  let axis = thin.get(tool);
  if (!axis) {
    const { tip, shaft, cone } = tool;
    axis = { tip: { half: CLEAR, length: tip.length + (shaft?.length ?? 0) }, cone };
    thin.set(tool, axis);
  }
  return closedBy(piece, piece, axis);
}
