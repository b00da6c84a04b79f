import { place, type Build } from '../figure/index.ts';
import { worst, type Check } from './check.ts';
import { droopCheck } from './droop.ts';
import { jointChecks, type YieldOf } from './joint-checks.ts';
import { jointsOf, type Joint } from './joints.ts';
import { LOAD_CASES } from './load-cases.ts';

/** Name of a piece by its instance; −1 is the board. */
export const nameOf = (build: Build, instance: number): string =>
  instance < 0 ? 'board' : place(build)[instance]!.piece.name;

const lowerName = (build: Build, joint: Joint): string => {
  const runs = joint.crossings[0]!.below;
  const run = runs.reduce((a, r) => (r.thick > a.thick ? r : a), runs[0]!);
  const name = nameOf(build, run.instance);
  return run.part === 'core' ? `core of the ${name.toLowerCase()}` : name;
};

/** Checks of joints, of all unless some are named, standing on the table and on the journey. */
export function checkedJoints(
  build: Build,
  yieldOf: YieldOf,
  joints: readonly Joint[] = jointsOf(build).joints,
): { joint: Joint; checks: Check[] }[] {
  const cases = [
    LOAD_CASES.table,
    ...(build.brief.journey === 'table' ? [] : [LOAD_CASES[build.brief.journey]]),
  ];
  return joints.map((joint) => {
    const names = { upper: nameOf(build, joint.upper), lower: lowerName(build, joint) };
    const byId = new Map<string, Check>();
    for (const c of cases)
      for (const found of jointChecks(build, joint, names, yieldOf, c)) {
        const known = byId.get(found.id);
        if (!known || found.use.value > known.use.value) byId.set(found.id, found);
      }
    const droop = droopCheck(joint, names.upper);
    if (droop) byId.set(droop.id, droop);
    return { joint, checks: [...byId.values()].sort((a, b) => b.use.value - a.use.value) };
  });
}

/** The worst check of one rod, for trying a mend. */
export function worstOfRod(build: Build, rodId: string, yieldOf: YieldOf): Check | undefined {
  const mine = jointsOf(build).joints.filter((joint) =>
    joint.crossings.some((c) => c.path.placed.rod.id === rodId),
  );
  return worst(checkedJoints(build, yieldOf, mine).flatMap((j) => j.checks));
}
