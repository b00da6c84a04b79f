import {
  calendarOf,
  fewOf,
  givenOf,
  poolsOf,
  schedule,
  type DaysReport,
  type SearchOptions,
  type Work,
} from './days/index.ts';
import type { Build } from './record/index.ts';
import { reckonBuild } from './reckon.ts';

/** What is asked of a plan of days, beside the build. */
export interface Ask extends Pick<SearchOptions, 'effort' | 'runs' | 'progress' | 'first'> {
  /** The present instant, ms since 1970: nothing that is not done is planned before it. The core has no clock of its own. */
  readonly now?: number;
}

/** Steps, links, hands and room as they are scheduled; undefined where there is no calendar. */
export function workOf(build: Build, { now }: Ask = {}): Work | undefined {
  const calendar = calendarOf(build, now);
  if (!calendar.ok) return undefined;
  const { steps, links } = reckonBuild(build).made;
  const { people, due } = calendar.value;
  return { steps, links, people, pools: poolsOf(build.workshop), due };
}

/** Search for a plan of days: seconds of work for a large build, so it is asked for and never read by the way. */
export function planDays(build: Build, { now, ...search }: Ask = {}): DaysReport {
  const calendar = calendarOf(build, now);
  const { made, joinings } = reckonBuild(build);
  const { steps, links } = made;
  // a join that cannot be kept in any window is no secret of its step
  const late = joinings.flatMap((j) => (j.level === undefined && j.says ? [j.says] : []));
  const says = [...made.says, ...fewOf(late)];
  if (!calendar.ok) return { steps, links, people: ['you'], trouble: [calendar.problem.text] };
  const report = schedule(steps, links, calendar.value, {
    ...search,
    pools: poolsOf(build.workshop),
    given: givenOf(build, calendar.value.origin, now),
  });
  return says.length > 0 ? { ...report, trouble: [...says, ...report.trouble] } : report;
}
