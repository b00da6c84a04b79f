import { ownTimes, ownTimesTogether, type OwnTime } from './days/index.ts';
import type { Build } from './record/index.ts';
import { plan } from './plan.ts';

/** Fewer ticks than this tell nothing of how long a step takes. */
const LEAST_TICKS = 2;

/** The build as the table has it: nobody's own times in it. */
function byTheTable(build: Build): Build {
  const { paces: _paces, ...workshop } = build.workshop;
  return {
    ...build,
    workshop,
    practice: { ...build.practice, pace: 1 },
    steps: { ...build.steps, minutes: {} },
  };
}

/** How long each kind of work takes this person, from the ticks of some builds against the table. */
export const ownTimesOf = (builds: readonly Build[]): OwnTime[] =>
  ownTimesTogether(
    builds
      .filter((b) => b.bench.done.length >= LEAST_TICKS)
      .map((b) => ownTimes(b.bench.done, plan(byTheTable(b)).work?.steps ?? [])),
  ).sort((a, b) => b.seen - a.seen);
