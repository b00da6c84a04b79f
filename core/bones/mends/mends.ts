import { groundOf } from '../../ground/index.ts';
import { height, mapPoints, pointsOf, rodEndAt, rodEndOn } from '../../figure/index.ts';
import { add, sub, times, unit, type Vec } from '../../solids/index.ts';
import { addRod, setRod } from '../../edits/index.ts';
import { rodOf, type Build, type Rod } from '../../record/index.ts';
import { TARGET } from '../joints/check.ts';
import type { Firmed } from '../joints/joint-push.ts';
import { jointsOf } from '../paths/joints.ts';
import { discAttempts } from './mends-disc.ts';
import { braceAttempts } from './mends-brace.ts';
import { backAttempts, foamAttempts, lighterAttempts, type Attempt } from './mends-lighter.ts';
import { THICK } from '../paths/thick.ts';
import { worstOfRod } from '../joints/checked-joints.ts';
import { ROD_MATERIALS } from '../stock/rod-materials.ts';
import { RODS, type RodStock } from '../stock/rods/registry.ts';
import { stockOf } from '../stock/stock.ts';

/** A change that was tried on the build and makes the rod hold. */
export interface Mend {
  readonly text: string;
  /** How many times over it then holds. */
  readonly times: number;
  /** The build with the change made; taking it is one step of undo. */
  readonly apply: () => Build;
}

/** Ways that leave the rod as it is, in the order a maker would take them. */
const OTHER_WAYS: readonly ((build: Build, rodId: string) => readonly Attempt[])[] = [
  discAttempts,
  backAttempts,
  foamAttempts,
  braceAttempts,
  lighterAttempts,
];
/** Most that are offered. */
const MOST = 4;

type Family = RodStock['family'];
/** What a maker would take next in place of a rod of a kind. */
const LIKE: Readonly<Record<Family, readonly Family[]>> = {
  pasta: ['pasta', 'stick', 'dowel', 'threaded'],
  stick: ['stick', 'dowel', 'threaded'],
  dowel: ['dowel', 'threaded', 'rod'],
  hollow: ['hollow', 'dowel', 'threaded'],
  tube: ['tube', 'threaded', 'rod'],
  wire: ['wire', 'threaded'],
  threaded: ['threaded', 'rod'],
  rod: ['rod'],
};

/** Width of the slimmest piece a rod runs through, mm. */
export function slimmest(build: Build, rodId: string): number {
  const path = jointsOf(build).paths.find((p) => p.placed.rod.id === rodId);
  const own = path ? path.stock.section.diameter : 0;
  const wide = new Map<number, number>();
  for (const spot of path?.spots ?? [])
    for (const i of spot)
      if (i.instance >= 0) wide.set(i.instance, Math.max(wide.get(i.instance) ?? 0, 2 * i.cover + own));
  return Math.min(...wide.values(), 1e3);
}

/** Thickest rod to try: half again over the rule, which is told and not kept from anybody; never less than what is there. */
export const widestFor = (build: Build, rodId: string): number =>
  Math.max(stockOf(build, rodOf(build, rodId)!).section.diameter, 1.5 * THICK * slimmest(build, rodId));

/** The rod with one end pushed further along its own line, in the frame that end is fixed to. */
function pushed(build: Build, rod: Rod, which: 'from' | 'to', by: number): Build | undefined {
  const places = pointsOf(rod).map((p) => rodEndAt(build, p));
  const [tip, before] = which === 'from' ? [places[0]!, places[1]!] : [places.at(-1)!, places.at(-2)!];
  const end: Vec = add(tip, times(unit(sub(tip, before)), by));
  if (end[2] < groundOf(build).table || end[2] > height(build)) return undefined;
  const changed = setRod(build, rod.id, { [which]: rodEndOn(build, rod[which].on, end) });
  return changed.ok && staysInside(changed.value, rod.id, which) ? changed.value : undefined;
}

/** The end that was pushed must not poke out of the figure. */
function staysInside(build: Build, rodId: string, which: 'from' | 'to'): boolean {
  return jointsOf(build)
    .paths.filter((p) => p.placed.rod.id === rodId)
    .every((p) => (which === 'from' ? p.spots[0] : p.spots.at(-1))!.length > 0);
}

/** Half the distance between a rod and a second one beside it, mm. */
export const apartOf = (diameter: number): number => Math.max(3, 1.5 * diameter);

/** A second rod like the first, this far to the side. */
export function doubled(build: Build, rod: Rod, apart: number): Build {
  const shift = (e: Rod['from']): Rod['from'] => ({ ...e, at: [e.at[0] + apart, e.at[1], e.at[2]] });
  const back = (e: Rod['from']): Rod['from'] => ({ ...e, at: [e.at[0] - apart, e.at[1], e.at[2]] });
  const moved = setRod(build, rod.id, mapPoints(rod, back));
  if (!moved.ok) return build;
  return addRod(moved.value, {
    ...rod,
    name: `${rod.name}, second`,
    ...mapPoints(rod, shift),
  }).build;
}

/**
 * Try, in the order a maker would, changes that make a rod hold: pushed deeper, further up, the next thicker rods,
 * a second one beside it, a disc under what it carries, less weight, a brace. Each is applied to a copy of the build and reckoned again; only those that hold are kept.
 * @returns at most four, the simplest first, one of each kind
 */
export function mendsFor(build: Build, rodId: string, firmed: Firmed): Mend[] {
  const rod = rodOf(build, rodId);
  if (!rod) return [];
  const found: Mend[] = [];
  const attempt = (changed: Build | undefined, text: string): boolean => {
    const use = changed && worstOfRod(changed, rodId, firmed)?.use.value;
    if (changed === undefined || use === undefined || !(use <= TARGET)) return false;
    found.push({ text, times: use > 1e-6 ? 1 / use : Infinity, apply: () => changed });
    return true;
  };
  const lower = rodEndAt(build, rod.from)[2] <= rodEndAt(build, rod.to)[2] ? 'from' : 'to';
  const upper = lower === 'from' ? 'to' : 'from';
  for (const by of [5, 10, 20, 30, 45, 60])
    if (attempt(pushed(build, rod, lower, by), `Push it ${by} mm deeper`)) break;
  for (const by of [10, 20, 30, 45])
    if (attempt(pushed(build, rod, upper, by), `Let it reach ${by} mm further in`)) break;
  const now = stockOf(build, rod);
  const widest = widestFor(build, rodId);
  const thicker = RODS.filter(
    (s) =>
      s.rank > now.rank &&
      s.section.diameter > now.section.diameter &&
      s.section.diameter <= widest &&
      LIKE[now.family].includes(s.family) &&
      (!rod.bends || ROD_MATERIALS[s.material].bends),
  );
  const swap = (from: Build, text: (name: string) => string): boolean =>
    thicker.some((stock) => {
      const changed = setRod(from, rodId, { stock: stock.id, sleeved: rod.sleeved || stock.needsSleeve });
      return changed.ok && attempt(changed.value, text(stock.name));
    });
  swap(build, (name) => `Use ${name}`);
  const both = pushed(build, rod, lower, 20);
  if (found.length === 0 && both) swap(both, (name) => `Use ${name}, 20 mm deeper`);
  if (found.length < MOST && !rod.pair) {
    const apart = apartOf(now.section.diameter);
    attempt(doubled(build, rod, apart), `Put a second one ${Math.round(2 * apart)} mm beside it`);
  }
  // where no rod does it, weight is spread, comes off or back over it, or another rod props it aside
  for (const kind of OTHER_WAYS) {
    if (found.length >= MOST) break;
    kind(build, rodId).some(({ text, build: changed }) => attempt(changed, text));
  }
  return found.slice(0, MOST);
}
