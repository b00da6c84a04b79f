import type { DaysReport, Work } from './days/index.ts';
import type { Build } from './record/index.ts';
import { planDays, workOf, type Ask } from './plan-days.ts';
import { once, remembered, sameParts } from './quantity/index.ts';
import { PART_NAMES, reckonBuild, type Reckonings } from './reckon.ts';

export type { PieceReport } from './figure-report.ts';

/** Everything reckoned from a build, and the plan of its days when that is asked for. */
export interface Report extends Reckonings {
  readonly name: string;
  readonly work: Work | undefined;
  /** Search for a plan; once, then kept. */
  readonly days: () => DaysReport;
  toJSON(): unknown;
}

const told = (part: unknown): unknown => (part instanceof Map ? Object.fromEntries(part) : part);
/** Not told as JSON: what the days tell again, what is asked with a question of its own, and builds that were tried. */
const NOT_TOLD: ReadonlySet<keyof Reckonings> = new Set(['made', 'squash', 'pasteSums', 'tips']);

const reported = remembered((build: Build, ask: Ask): Report => {
  const parts = reckonBuild(build);
  const work = once(() => workOf(build, ask));
  const days = once(() => planDays(build, ask));
  const out = Object.create(null, Object.getOwnPropertyDescriptors(parts)) as Reckonings;
  return Object.assign(Object.defineProperty(out, 'work', { enumerable: true, get: work }), {
    name: build.name,
    days,
    toJSON: () => ({
      name: build.name,
      ...Object.fromEntries(PART_NAMES.filter((p) => !NOT_TOLD.has(p)).map((p) => [p, told(parts[p])])),
      days: days(),
    }),
  }) as Report;
}, sameParts);

const NOTHING_ASKED: Ask = {};

/**
 * The one door: a Build in, everything reckoned out. Pure; the same build asked the same gives the same report object, and
 * parts of a build that did not change are not reckoned again.
 * @param ask the present instant, and how hard to look for a plan of days
 */
export const plan = (build: Build, ask: Ask = NOTHING_ASKED): Report => reported(build, ask);
