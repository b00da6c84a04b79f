import { isBetter, type DaysReport } from './days/index.ts';
import { plan } from './plan.ts';
import type { Build } from './record/index.ts';

/** Somebody keeps to a plan: it was taken, or something of it is done. */
export const isUnderWay = ({ steps, bench }: Build): boolean =>
  steps.agreed !== undefined || bench.done.length > 0;

/** Of two plans of one build the long search's, unless it only differs where nobody sees it. */
function betterOf(found: DaysReport, shown: DaysReport | undefined): DaysReport {
  if (!shown?.plan || !found.plan || isBetter(found.plan, shown.plan)) return found;
  const { latest } = found.plan;
  return latest ? { ...shown, plan: { ...shown.plan, latest } } : shown;
}

/** What is heard of a search while it goes on. */
export interface Heard {
  /** The first good answer. */
  readonly first?: (days: DaysReport) => void;
  /** Share that is done, 0–1. */
  readonly progress?: (share: number) => void;
}

/**
 * The days of a build as they are planned in the end, from an instant on: the first good answer, and in its place what a longer
 * search finds that is better. Where somebody keeps to a plan already, that plan. Some seconds, so it is asked for in a worker.
 * @param now the present instant, ms since 1970
 */
export function soughtDays(build: Build, now: number, { first, progress }: Heard = {}): DaysReport {
  let shown: DaysReport | undefined;
  const found = plan(build, {
    now,
    effort: 'long',
    first: (days) => {
      shown = days;
      first?.(days);
    },
    ...(progress ? { progress } : {}),
  }).days();
  return isUnderWay(build) ? found : betterOf(found, shown);
}
