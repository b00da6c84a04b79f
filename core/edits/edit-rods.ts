import { clamp, fail, LONGEST_NAME, ok, inLimits, type Mm } from '../quantity/index.ts';
import { add, onAxes, rounded, times, toLocal } from '../solids/index.ts';
import {
  BOARD,
  MOST_BENDS,
  rodRecord,
  type Build,
  type Rod,
  type RodEnd,
  freshId,
  keptName,
  nameTrouble,
  replaced,
  type Change,
} from '../record/index.ts';
import { framesOf, rodEndAt, rodEndOn, legsOf, pointsOf } from '../figure/index.ts';

const GONE = 'That rod is no longer in the build.';

/**
 * Put a rod in, under an id made from its name.
 * @returns the build and that id
 */
export function addRod(build: Build, rod: Omit<Rod, 'id'>): { build: Build; id: string } {
  const id = freshId(rod.name, build.rods);
  const named = { ...rod, id, name: keptName(rod.name, 'Rod') };
  return { build: { ...build, rods: [...build.rods, named] }, id };
}

/** Change a rod; another stock forgets what was measured across the old one. */
export function setRod(build: Build, id: string, patch: Partial<Rod>): Change {
  const now = build.rods.find((r) => r.id === id);
  if (!now) return fail(GONE);
  const wrong = patch.name === undefined ? undefined : nameTrouble(patch.name, 'A rod');
  if (wrong !== undefined) return fail(wrong, 'name');
  const asked = inLimits(rodRecord, patch, {
    across: (least, most) => `A wire is between ${least} and ${most} mm across.`,
  });
  if (!asked.ok) return asked;
  const { across, ...rest } = now;
  // another rod has another size: what was measured stays with the one it was measured on
  const kept =
    patch.stock === undefined || patch.stock === now.stock
      ? { ...rest, ...(across === undefined ? {} : { across }) }
      : rest;
  return ok({ ...build, rods: replaced(build.rods, id, () => ({ ...kept, ...patch, id })) });
}

/** A rod is no shorter, mm, and no longer than a bar is sold; common practice. */
const LENGTHS = [5, 2000] as const;
/** Its last leg keeps so much, mm; a step of the method. Estimate. */
const LAST_LEG = 1;

/** A rod of a length: its lower end and its bends stay, its upper end moves along its own line. */
export function setRodLength(build: Build, id: string, long: Mm): Change {
  const rod = build.rods.find((r) => r.id === id);
  if (!rod) return fail(GONE);
  if (!(long >= LENGTHS[0] && long <= LENGTHS[1]))
    return fail(`A rod is between ${LENGTHS[0]} and ${LENGTHS[1]} mm long.`);
  const legs = legsOf(pointsOf(rod).map((p) => rodEndAt(build, p)));
  const last = legs.at(-1)!;
  const left = long - last.start;
  if (left < LAST_LEG)
    return fail(`Up to its last bend it is ${Math.round(last.start)} mm already: a longer rod, or no bend.`);
  return moveRodPoint(build, id, 'to', rodEndOn(build, rod.to.on, add(last.from, times(last.along, left))));
}

/** An end of a rod, or one of its bends by its number. */
export type RodPoint = 'from' | 'to' | number;

/** Move one end or bend of a rod, keeping it inside a sensible distance of the board. */
export function moveRodPoint(build: Build, id: string, which: RodPoint, end: RodEnd): Change {
  const at = rounded(onAxes((k) => clamp(end.at[k], -2000, 2000)));
  const moved: RodEnd = { on: end.on, at };
  if (typeof which !== 'number') return setRod(build, id, { [which]: moved });
  const { bends = [] } = build.rods.find((r) => r.id === id) ?? {};
  return setRod(build, id, { bends: bends.map((b, k) => (k === which ? moved : b)) });
}

/** A place in a piece drawn on to its centre line, sideways or front to back, where it comes near to it. */
export function ontoCentreLine(at: RodEnd['at'], axis: 0 | 1, within: Mm): RodEnd['at'] {
  if (Math.abs(at[axis]) > within) return at;
  return axis === 0 ? [0, at[1], at[2]] : [at[0], 0, at[2]];
}

/** Bend a rod in the middle of its longest straight stretch; the bend goes with the piece that end is fixed to. */
export function addBend(build: Build, id: string): Change {
  const rod = build.rods.find((r) => r.id === id);
  if (!rod) return fail(GONE);
  const { bends = [] } = rod;
  if (bends.length >= MOST_BENDS) return fail(`A rod has no more than ${MOST_BENDS} bends here.`);
  const points = pointsOf(rod);
  const places = points.map((end) => rodEndAt(build, end));
  let longest = 0;
  legsOf(places).forEach((leg, k, all) => (longest = leg.length > all[longest]!.length ? k : longest));
  const middle = times(add(places[longest]!, places[longest + 1]!), 0.5);
  const { on } = points[longest + 1]!;
  const frames = on === BOARD ? undefined : framesOf(build, on);
  const at = rounded(frames ? toLocal(frames.own, middle) : middle);
  const bend: RodEnd = { on, at };
  return setRod(build, id, { bends: [...bends.slice(0, longest), bend, ...bends.slice(longest)] });
}

/** Straighten one bend. */
export function removeBend(build: Build, id: string, k: number): Change {
  const rod = build.rods.find((r) => r.id === id);
  if (!rod) return fail(GONE);
  const rest = (rod.bends ?? []).filter((_, i) => i !== k);
  const { bends: _bends, ...straight } = rod;
  if (rest.length > 0) return setRod(build, id, { bends: rest });
  return ok({ ...build, rods: replaced(build.rods, id, () => straight) });
}

/** Take a rod out. */
export const removeRod = (build: Build, id: string): Build => ({
  ...build,
  rods: build.rods.filter((r) => r.id !== id),
});

const untaped = ({ bundle: _bundle, ...rod }: Rod): Rod => rod;

/** Tape a rod to another, or to the bundle that one is in; with nobody named it is on its own again. */
export function tapeTogether(build: Build, id: string, to: string | undefined): Change {
  const rod = build.rods.find((r) => r.id === id);
  if (!rod) return fail(GONE);
  // a bundle of one is none
  const left = build.rods.filter((r) => r.id !== id && r.bundle !== undefined && r.bundle === rod.bundle);
  const alone = new Set([id, ...(left.length === 1 ? [left[0]!.id] : [])]);
  const rods = build.rods.map((r) => (alone.has(r.id) ? untaped(r) : r));
  if (to === undefined) return ok({ ...build, rods });
  const other = rods.find((r) => r.id === to);
  if (!other || to === id) return fail(GONE);
  const taken = new Set(rods.map((r) => r.bundle));
  const stem = other.name.slice(0, LONGEST_NAME - 4);
  let bundle = other.bundle ?? stem;
  for (let n = 2; other.bundle === undefined && taken.has(bundle); n++) bundle = `${stem} ${n}`;
  return ok({ ...build, rods: rods.map((r) => (r.id === id || r.id === to ? { ...r, bundle } : r)) });
}
