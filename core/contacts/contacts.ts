import { place, type Instance } from '../figure/index.ts';
import { groundOf, type Ground, type OnGround } from '../ground/index.ts';
import { fromBuild, type PartsOf } from '../record/index.ts';
import { rotated, toWorld, type Body, type Frame, type Vec } from '../solids/index.ts';
import { remembered } from '../quantity/index.ts';
import { groundWithin, seenFrom, solidOf, type Solid } from './solid.ts';
import { NEAR, touch, touches, type Gap, type Meeting, type Touching } from './touch.ts';

/** What everything stands on, where a number of an instance is asked for. */
export const GROUND = -1;

/** Two instances that touch, in the board's coordinates; numbers as in `place`. */
export interface Contact extends Touching {
  readonly a: number;
  /** −1 is the ground: board or top tier. */
  readonly b: number;
}

/** How far one is over another. */
export interface Clear extends Gap {
  readonly over: number;
}

/** How a body lies to another, with what was found. */
interface Known {
  readonly at: Frame;
  readonly meeting: Meeting | undefined;
}
/** A step of the method; estimate. */
const KEPT = 6;
const known = new WeakMap<object, WeakMap<object, Known[]>>();

const rounded = (v: Vec, k: number): Vec => [
  Math.round(v[0] * k) / k,
  Math.round(v[1] * k) / k,
  Math.round(v[2] * k) / k,
];
const equal = (p: Vec, q: Vec): boolean => p[0] === q[0] && p[1] === q[1] && p[2] === q[2];
const sameFrame = (p: Frame, q: Frame): boolean =>
  equal(p.origin, q.origin) && equal(p.x, q.x) && equal(p.y, q.y) && equal(p.z, q.z);

/**
 * What two bodies do that stand so to each other; what moves as one is not looked at again. It is found from the frame rounded to
 * a millionth of a millimetre, so that it does not hang on what was asked before.
 */
function meet(a: Body, b: Body | Solid, ground: Solid | undefined, exact: Frame): Meeting | undefined {
  const at: Frame = {
    origin: rounded(exact.origin, 1e6),
    x: rounded(exact.x, 1e9),
    y: rounded(exact.y, 1e9),
    z: rounded(exact.z, 1e9),
  };
  let of = known.get(a);
  if (!of) known.set(a, (of = new WeakMap()));
  let answers = of.get(b);
  if (!answers) of.set(b, (answers = []));
  const before = answers.find((k) => sameFrame(k.at, at));
  if (before) return before.meeting;
  const meeting = touch(solidOf(a), ground ?? solidOf(b as Body), at);
  answers.unshift({ at, meeting });
  if (answers.length > KEPT) answers.pop();
  return meeting;
}

const standing = (m: Meeting, frame: Frame): Meeting =>
  touches(m)
    ? {
        ...m,
        at: toWorld(frame, m.at),
        normal: rotated(frame, m.normal),
        spots: m.spots.map((s) => ({ at: toWorld(frame, s.at), area: s.area })),
      }
    : { ...m, at: toWorld(frame, m.at) };

/** Two that stand where they stood are not even compared. */
const stood = new WeakMap<Instance, WeakMap<object, { readonly meeting: Meeting | undefined }>>();

function between(a: Instance, b: Instance | undefined, ground: Solid): Meeting | undefined {
  let of = stood.get(a);
  if (!of) stood.set(a, (of = new WeakMap()));
  const key = b ?? ground;
  const before = of.get(key);
  if (before) return before.meeting;
  const found = b
    ? meet(a.body, b.body, undefined, seenFrom(a.frame, b.frame))
    : meet(a.body, ground, ground, a.frame);
  const meeting = found && standing(found, a.frame);
  of.set(key, { meeting });
  return meeting;
}

const boxes = new WeakMap<Instance, Float64Array>();

/** Box of a standing body along the board's axes: lowest x, y, z and highest. */
function boxOf(i: Instance): Float64Array {
  let box = boxes.get(i);
  if (!box) {
    const { low, high } = solidOf(i.body).box;
    const { x, y, z } = i.frame;
    const c = toWorld(i.frame, [(low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2]);
    const h = [(high[0] - low[0]) / 2, (high[1] - low[1]) / 2, (high[2] - low[2]) / 2] as const;
    const r = [0, 1, 2].map((k) => Math.abs(x[k]!) * h[0] + Math.abs(y[k]!) * h[1] + Math.abs(z[k]!) * h[2]);
    box = Float64Array.from([
      c[0] - r[0]!,
      c[1] - r[1]!,
      c[2] - r[2]!,
      c[0] + r[0]!,
      c[1] + r[1]!,
      c[2] + r[2]!,
    ]);
    boxes.set(i, box);
  }
  return box;
}

const topOf = remembered((ground: Ground): Solid => groundWithin(ground.top.shape, ground.top.width));
/** What the figure stands on. */
export const groundSolid = (build: OnGround): Solid => topOf(groundOf(build));

/**
 * Who touches whom: boxes swept from left to right first, then skins cut by each other's depth. Of a batch the first of each
 * stands for all, as they stand alike. What stands where it stood is not looked at again. A step looks at one pair.
 */
export function* contactSteps(
  build: OnGround & PartsOf<'pieces'>,
): Generator<undefined, readonly Contact[], undefined> {
  const instances = place(build);
  const ground = groundSolid(build);
  const order: number[] = [];
  instances.forEach((i, k) => i.first && order.push(k));
  const box = new Map(order.map((k) => [k, boxOf(instances[k]!)]));
  order.sort((p, q) => box.get(p)![0]! - box.get(q)![0]!);
  const contacts: Contact[] = [];
  const note = (a: number, b: number): void => {
    const meeting = between(instances[a]!, b === GROUND ? undefined : instances[b]!, ground);
    if (meeting && touches(meeting)) contacts.push({ ...meeting, a, b });
  };
  for (const [p, i] of order.entries()) {
    const own = box.get(i)!;
    if (own[2]! < NEAR) {
      note(i, GROUND);
      yield;
    }
    for (let q = p + 1; q < order.length; q++) {
      const j = order[q]!;
      const other = box.get(j)!;
      if (other[0]! > own[3]! + NEAR) break;
      if (other[1]! > own[4]! + NEAR || own[1]! > other[4]! + NEAR) continue;
      if (other[2]! > own[5]! + NEAR || own[2]! > other[5]! + NEAR) continue;
      if (i < j) note(i, j);
      else note(j, i);
      yield;
    }
  }
  return contacts;
}

/** Who touches whom, found at one go. */
export const contactsOf = fromBuild(
  ['pieces', 'board', 'cake', 'card', 'mast'],
  (build): readonly Contact[] => {
    const steps = contactSteps(build);
    for (;;) {
      const { done, value } = steps.next();
      if (done) return value;
    }
  },
);

/** Further down than this nothing is looked for under what hovers, mm. Estimate. */
const BELOW = 60;

/** What lies nearest under an instance that nothing touches, and how far off it is; undefined where there is nothing near. */
export function clearanceOf(build: OnGround & PartsOf<'pieces'>, index: number): Clear | undefined {
  const instances = place(build);
  const one = instances[index]!;
  const own = boxOf(one);
  let best: Clear | undefined;
  const look = (over: number, meeting: Meeting | undefined): void => {
    if (!meeting || touches(meeting)) return;
    if (!best || meeting.gap < best.gap) best = { ...meeting, at: toWorld(one.frame, meeting.at), over };
  };
  const solid = solidOf(one.body);
  if (own[2]! < BELOW) look(GROUND, touch(solid, groundSolid(build), one.frame, BELOW));
  instances.forEach((other, k) => {
    if (k === index || !other.first) return;
    const box = boxOf(other);
    if (box[0]! > own[3]! || own[0]! > box[3]! || box[1]! > own[4]! || own[1]! > box[4]!) return;
    if (box[2]! > own[2]! || box[5]! < own[2]! - BELOW) return;
    look(k, touch(solid, solidOf(other.body), seenFrom(one.frame, other.frame), BELOW));
  });
  return best;
}
