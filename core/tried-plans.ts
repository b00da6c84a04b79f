import { compared, joinCharts, type DaysPlan, type DaysReport } from './days/index.ts';
import { plan } from './plan.ts';
import { formatTime } from './quantity/index.ts';
import type { Build } from './record/index.ts';

/** Enough to tell two plans apart, and the same on both sides of a comparison. */
const RUNS = 25;
/** Hands differ by less than nobody minds, minutes. Estimate. */
const HANDS = 3;
/** More than so many differences nobody reads. */
const MOST_TOLD = 3;

/** A build as it might be, with its plan. */
export interface PlannedBuild {
  readonly build: Build;
  readonly days: DaysReport;
  /** Pieces that are joined when a face no longer gives. */
  readonly lateOnes: ReadonlySet<string>;
}

/** Plan a build so far as to compare it with another. */
export function plannedAs(build: Build, now: number | undefined): PlannedBuild {
  const report = plan(build, { runs: RUNS, ...(now === undefined ? {} : { now }) });
  const days = report.days();
  const { plan: found, origin } = days;
  const { joinings, firming } = report;
  const ties =
    found && origin ? joinCharts({ joinings, firming, plan: found, origin }).flatMap((c) => c.ties) : [];
  return { build, days, lateOnes: new Set(ties.flatMap((t) => (t.late > 0 ? [t.piece] : []))) };
}

const hands = (was: DaysPlan, now: DaysPlan): string[] => {
  const more = now.handsOn - was.handsOn;
  if (Math.abs(more) < HANDS) return [];
  return [`${formatTime(Math.abs(more))} ${more > 0 ? 'more' : 'less'} of hands`];
};

/** What a change does to the plan, in words; `in time, nothing else changes` where it is the same plan. */
export function doesToPlan(was: PlannedBuild, now: PlannedBuild): string {
  const { plan: found, origin, trouble } = now.days;
  if (!found || !origin) return `no plan: ${trouble[0] ?? 'it does not fit'}`;
  if (found.lateBy > 0) return `${formatTime(found.lateBy)} late`;
  const before = was.days.plan;
  const late = now.lateOnes.size;
  const windows = late > 0 ? [`${late} outside ${late === 1 ? 'its window' : 'their windows'}`] : [];
  if (!before || before.lateBy > 0) return ['in time', ...windows].join(', ');
  const told = [...windows, ...hands(before, found), ...compared(found, before, origin)];
  return told.length > 0
    ? `in time, ${told.slice(0, MOST_TOLD).join(', ')}`
    : 'in time, nothing else changes';
}
