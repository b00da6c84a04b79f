import { expose } from 'comlink';
import { plan } from '@core/plan.ts';
import { isBetter, type DaysPlan, type DaysReport } from '@core/days/index.ts';
import { reusing } from '@core/quantity/index.ts';
import type { Build } from '@core/record/index.ts';
import { joinMends, type JoinMend } from '@core/join-mends.ts';
import { schoolsOf, type WorkingChoice } from '@core/schools.ts';
import { shortOf } from '@core/short-of.ts';
import { isUnderWay, soughtDays } from '@core/sought-days.ts';
import type { StockItem } from '@core/stores/index.ts';
import { waysOut, type WayOut } from '@core/ways-out.ts';

/** Enough to tell whether it fits. */
const WAYS_RUNS = 12;
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

/** The build that was asked about last: what stays of it need not be worked out again. */
let last: Build | undefined;
const known = (build: Build): Build => (last = reusing(last, build));

const api = {
  /** Start and odds of a build as it might be, from an instant on. */
  odds(build: Build, now: number): MightBe {
    const { plan: found, trouble } = plan(reusing(last, build), { runs: MIGHT_RUNS, now }).days();
    if (!found) return { trouble };
    const { startBy, chance, lateBy, sessions } = found;
    return { plan: { startBy, chance, lateBy, sessions: sessions.length }, trouble };
  },

  /** Changes that take the contradiction of a build away, or bring it in time from now on, each tried. */
  waysOut(sent: Build, now: number): WayOut[] {
    const build = known(sent);
    return waysOut(build, plan(build, { runs: WAYS_RUNS, now }).days(), now);
  },

  /** Other ways to make a join, each tried as a plan. */
  joinMends: (sent: Build, piece: string, now: number): JoinMend[] => joinMends(known(sent), piece, now),

  /** What to do when a colour runs short, each set tried as a plan. */
  shortOf: (sent: Build, batch: string, left: number, items: readonly StockItem[], now: number) =>
    shortOf(known(sent), batch, left, items, now),

  /** The choices on which hands differ, each side tried as a plan. */
  schools: (sent: Build, now: number): WorkingChoice[] => schoolsOf(known(sent), now),

  /**
   * Plan the days of a build from an instant on: the first good answer at once through `first`. While no plan was taken and
   * nothing is begun, a better one found by a longer search simply takes its place; after that it is offered beside it.
   */
  schedule(
    sent: Build,
    now: number,
    first: (days: DaysReport) => void,
    progress: (share: number) => void,
  ): Planned {
    const build = known(sent);
    let told = 0;
    const heard = {
      first,
      progress: (share: number) => {
        if (share - told < 0.05) return;
        told = share;
        progress(share);
      },
    };
    const days = soughtDays(build, now, heard);
    if (!isUnderWay(build)) return { days };
    const { agreed, ...steps } = build.steps;
    if (!agreed) return { days };
    first(days);
    const free = plan({ ...build, steps }, { now, effort: 'long', progress: heard.progress }).days();
    const offers = free.plan && days.plan ? isBetter(free.plan, days.plan) : free.plan !== undefined;
    return offers ? { days, offer: free } : { days };
  },
};

export type DaysApi = typeof api;

expose(api);
