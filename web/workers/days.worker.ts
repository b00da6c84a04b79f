import { expose } from 'comlink';
import { plan } from '@core/plan.ts';
import { isBetter, type DaysPlan, type DaysReport } from '@core/days/index.ts';
import type { Build } from '@core/figure/index.ts';
import { waysOut, type WayOut } from '@core/ways-out.ts';

/** What might be looks less long than what is shown, and the same on both sides of a comparison. */
const MIGHT_RUNS = 40;

export interface MightBe {
  /** Undefined when nothing can be planned; `trouble` says why. */
  readonly plan?: Pick<DaysPlan, 'startBy' | 'chance' | 'lateBy'> & { readonly sessions: number };
  readonly trouble: readonly string[];
}

export interface Planned {
  readonly days: DaysReport;
  readonly offer?: DaysReport;
}

const api = {
  /** Start and odds of a build as it might be. */
  odds(build: Build): MightBe {
    const { plan: found, trouble } = plan(build, { runs: MIGHT_RUNS }).days;
    if (!found) return { trouble };
    const { startBy, chance, lateBy, sessions } = found;
    return { plan: { startBy, chance, lateBy, sessions: sessions.length }, trouble };
  },

  /** Changes that take the contradiction of a build away, each tried. */
  waysOut: (build: Build): WayOut[] => waysOut(build, plan(build, { runs: 1 }).days),

  /**
   * Plan the days of a build: the first good answer at once through `first`; a plan that a longer search found is offered
   * beside it where it is so much better that it is worth telling.
   */
  schedule(build: Build, first: (days: DaysReport) => void, progress: (share: number) => void): Planned {
    let told = 0;
    let shown: DaysReport | undefined;
    const days = plan(build, {
      effort: 'long',
      first: (found) => {
        shown = found;
        first(found);
      },
      progress: (share) => {
        if (share - told < 0.05) return;
        told = share;
        progress(share);
      },
    }).days;
    if (!shown?.plan || !days.plan) return { days };
    const { latest } = days.plan;
    const kept = latest ? { ...shown, plan: { ...shown.plan, latest } } : shown;
    return isBetter(days.plan, shown.plan) ? { days: kept, offer: days } : { days: kept };
  },
};

export type DaysApi = typeof api;

expose(api);
