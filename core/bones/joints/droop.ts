import { legsOf, type Line } from '../../figure/index.ts';
import { add, dot, length, sub, times, type Vec } from '../../solids/index.ts';
import { given, GRAVITY, reckon, solved, type Reckoned } from '../../quantity/index.ts';
import { bendsFar, bendsLittle, staysBent, type Arm, type Bent } from '../mechanics/cantilever.ts';
import { check, type Check } from './check.ts';
import type { Joint } from '../paths/joints.ts';
import { LOAD_CASES } from './load-cases.ts';
import { ROD_MATERIALS } from '../stock/rod-materials.ts';
import { rodStrength } from '../stock/stock.ts';

/** A tip that sinks by more than this share of its length is seen to; common practice. */
const SEEN = 0.03;
/** Beyond this share of its length small bends no longer tell the truth. */
const FAR = 0.06;

/** Cosine of the lean from which a limb hangs out rather than stands. */
const UPRIGHT = 0.95;

/** How the thinnest rod of a joint bends under what it carries, standing on a table. */
export interface Droop {
  readonly bent: Bent;
  readonly length: number;
  readonly down: number;
  /** What stays when the load is taken off, mm. */
  readonly stays: number;
  /** Everything it follows from, for what a joint carries. */
  readonly from: (name: string) => readonly Reckoned[];
}

/** Does what a joint carries hang out, so that it can droop? What stands upright leans, and that is looked at elsewhere. */
const hangsOut = (j: Joint): boolean =>
  j.crossings.some((c) => legsOf(c.arm).some((leg) => leg.length > 2 && Math.abs(leg.along[2]) <= UPRIGHT));

/** The place of a line nearest to a point, and how far along it lies. */
function nearestOn(line: Line, p: Vec): { s: number; at: Vec } {
  let best = { s: 0, at: line[0]!, far: Infinity };
  for (const leg of legsOf(line)) {
    const t = Math.min(leg.length, Math.max(0, dot(sub(p, leg.from), leg.along)));
    const at = add(leg.from, times(leg.along, t));
    const far = length(sub(p, at));
    if (far < best.far) best = { s: leg.start + t, at, far };
  }
  return best;
}

/** The rod from where it leaves the carrier to its end, with what it carries at its balance point. */
export function droopOf(joint: Joint): Droop | undefined {
  const thinnest = joint.crossings.reduce((a, c) =>
    c.path.stock.section.inertia < a.path.stock.section.inertia ? c : a,
  );
  const { stock } = thinnest.path;
  const long = thinnest.bare + thinnest.heldAbove;
  if (long < 5) return undefined;
  const n = joint.crossings.length;
  const { stiffness, shear, bending } = rodStrength(stock, LOAD_CASES.table.hours);
  const { section } = stock;
  const weight = ROD_MATERIALS[stock.material].density * 1e-9 * section.weighing * GRAVITY;
  const { s, at } = nearestOn(thinnest.arm, joint.load.at);
  const arm: Arm = {
    points: thinnest.arm,
    rod: () => ({ section, stiffness, shear, yields: bending * section.modulus, weight }),
    loads: [
      {
        s,
        force: [0, 0, (-joint.load.g * GRAVITY) / 1000 / n],
        off: sub(joint.load.at, at),
      },
    ],
    longest: long / 40,
  };
  let bent = bendsLittle(arm);
  if (-bent.tip[2] > FAR * long) bent = bendsFar(arm);
  const down = bent.folds ? Infinity : Math.max(0, -bent.tip[2]);
  const kept = ROD_MATERIALS[stock.material].bends ? Math.max(0, -staysBent(arm)[2]) : 0;
  const [first] = legsOf(thinnest.arm);
  return {
    bent,
    length: long,
    down,
    stays: kept,
    from: (name) => [
      given(`${name} with all it carries`, joint.load.g, 'g'),
      given('Rods', n, 'pieces'),
      given('Rod out of the carrier', long, 'mm'),
      given('It leaves at, out of level', (Math.asin(first ? first.along[2] : 0) * 180) / Math.PI, '°'),
      given('The load lies along it at', s, 'mm'),
      given('Second moment', section.inertia, 'mm⁴'),
      given('Stiffness, damp', stiffness, 'MPa'),
      given('A metre of rod weighs', (weight * 1e6) / GRAVITY, 'g'),
    ],
  };
}

/** The joint of those given whose limb sinks most, where it hangs out. */
export function worstDroop(joints: readonly Joint[]): Droop | undefined {
  return joints
    .filter(hangsOut)
    .map(droopOf)
    .filter((d) => d !== undefined)
    .sort((a, b) => b.down - a.down)[0];
}

/** Whether the tip of a limb stays about where it was shaped; a look, not a failure, unless it folds. */
export function droopCheck(joint: Joint, name: string): Check | undefined {
  if (!hangsOut(joint)) return undefined;
  const droop = droopOf(joint);
  if (!droop || droop.down < 0.05) return undefined;
  const allowed = given('May sink unseen, 3 % of the length', SEEN * droop.length, 'mm', 'common practice');
  const sinks = solved(
    'The tip sinks',
    droop.down,
    'mm',
    'curvature M ÷ E I summed along the rod (F L³ ÷ 3 E I where it is straight and level), on the bent shape where it bends far',
    droop.from(name),
    'handbook',
  );
  const stays = droop.stays > 0.2 ? ` It stays bent by ${droop.stays.toFixed(1)} mm.` : '';
  return check({
    id: 'droop',
    title: 'Droop of the tip',
    situation: LOAD_CASES.table.name,
    use: reckon('Droop over what is seen', '', 'sinks ÷ may sink', [sinks, allowed], (d, a) => d / a),
    reserve: 1,
    trust: 'B',
    ok: 'The tip stays about where you shaped it.',
    no: `The tip sinks ${droop.down.toFixed(1)} mm: shape it that much higher, or use a stiffer rod.${stays}`,
  });
}
