import { place } from '../../figure/index.ts';
import { type Build } from '../../record/index.ts';
import { given, reckon } from '../../quantity/index.ts';
import { check, worst, type Check } from './check.ts';
import { droopCheck } from './droop.ts';
import { findings } from './joint-checks.ts';
import { seatAlone } from './seat-alone.ts';
import type { Firmed } from './joint-push.ts';
import type { FoundCheck } from './joint-situation.ts';
import { acrossOf, jointsOf, type Joint } from '../paths/joints.ts';
import { waysHeld } from './ways-held.ts';
import { tripodOf } from './tripod.ts';
import { casesOf, LOAD_CASES } from './load-cases.ts';
import { ROD_MATERIALS } from '../stock/rod-materials.ts';

/** Name of a piece by its instance; −1 is the board. */
export const nameOf = (build: Build, instance: number): string =>
  instance < 0 ? 'board' : place(build)[instance]!.piece.name;

const lowerName = (build: Build, joint: Joint): string => {
  const below = joint.crossings[0]!.below;
  const solid = below.filter((r) => r.part !== 'disc');
  const runs = solid.length ? solid : below;
  const run = runs.reduce((a, r) => (r.thick > a.thick ? r : a), runs[0]!);
  const name = run.layer?.name ?? nameOf(build, run.instance);
  return run.part === 'core' ? `core of the ${name.toLowerCase()}` : name;
};

/** A joint with what it has to answer for, in the way that holds it best. */
export interface CheckedJoint {
  readonly joint: Joint;
  /** The rods that hold it in that way: all, or one kind of them alone. */
  readonly by: Joint;
  readonly checks: readonly Check[];
}

const hardestOf = (checks: readonly Check[]): number => checks.reduce((w, c) => Math.max(w, c.use.value), 0);

/** One way a joint is held, with its checks. */
type HeldWay = Pick<CheckedJoint, 'by' | 'checks'>;
const TURNS = 'turn';

/**
 * The way that holds best; rods of another kind beside it may keep the piece from turning, where none of them is in both: forces go
 * through the one, the twist through the other, and each takes no more than it holds (lower bound theorem, handbook).
 */
function sharedDuties(ways: readonly HeldWay[]): HeldWay {
  const least = (of: readonly HeldWay[]) =>
    of.reduce((a, w) => (hardestOf(w.checks) < hardestOf(a.checks) ? w : a));
  const split = ways.flatMap((way) => {
    const rods = new Set(acrossOf(way.by));
    const beside = ways.flatMap(({ by, checks }) =>
      acrossOf(by).some((c) => rods.has(c)) ? [] : checks.filter((c) => c.id === TURNS),
    );
    if (beside.length === 0 || !way.checks.some((c) => c.id === TURNS)) return [];
    const turns = beside.reduce((a, c) => (c.use.value < a.use.value ? c : a));
    return [{ by: way.by, checks: [...way.checks.filter((c) => c.id !== TURNS), turns] }];
  });
  return least([...ways, ...split]);
}

/** Checks of joints, of all unless some are named, standing on the table and on the journey. */
export function checkedJoints(
  build: Build,
  firmed: Firmed,
  joints: readonly Joint[] = jointsOf(build).joints,
): CheckedJoint[] {
  const cases = casesOf(build);
  return joints.map((joint): CheckedJoint => {
    const names = { upper: nameOf(build, joint.upper), lower: lowerName(build, joint) };
    const brittle = bentBrittle(joint);
    const held = waysHeld(build, joint).map((by) => {
      const byId = new Map<string, FoundCheck>();
      for (const c of cases)
        for (const found of findings(build, by, names, firmed, c)) {
          const known = byId.get(found.id);
          if (!known || found.use > known.use) byId.set(found.id, found);
        }
      const droop = tripodOf(by) || by.braces ? undefined : droopCheck(by, names.upper);
      return { by, checks: [...[...byId.values()].map((f) => f.make()), ...(droop ? [droop] : [])] };
    });
    const best = sharedDuties(held);
    // what stands on its seat alone is not worse off for a rod that helps
    const alone = hardestOf(best.checks) > 1 ? seatAlone(build, joint, names.upper, cases) : undefined;
    const checks = [...(alone ? [alone] : best.checks), ...(brittle ? [brittle] : [])];
    return { joint, by: best.by, checks: checks.sort((a, b) => b.use.value - a.use.value) };
  });
}

/** Wood, paper and pasta do not take a bend: a rod drawn bent has to be of something that does. */
function bentBrittle(joint: Joint): Check | undefined {
  const bent = joint.crossings.find(
    ({ path }) => path.legs.length > 1 && !ROD_MATERIALS[path.stock.material].bends,
  );
  if (!bent) return undefined;
  const { stock } = bent.path;
  return check({
    id: 'brittle',
    title: 'Bent where it cannot be',
    situation: LOAD_CASES.table.name,
    use: reckon(
      'Bends over bends it takes',
      '',
      `${ROD_MATERIALS[stock.material].name} takes none`,
      [given('Bends', bent.path.legs.length - 1, 'pieces')],
      (n) => 1 + n,
    ),
    reserve: 1,
    trust: 'A',
    ok: '',
    no: `A ${stock.name} cannot be bent: take wire, armature or soft tube, or two straight ones.`,
  });
}

/** The worst check of one rod, for trying a mend. */
export function worstOfRod(build: Build, rodId: string, firmed: Firmed): Check | undefined {
  const mine = jointsOf(build).joints.filter((joint) =>
    joint.crossings.some((c) => c.path.placed.rod.id === rodId),
  );
  return worst(checkedJoints(build, firmed, mine).flatMap((j) => j.checks));
}
