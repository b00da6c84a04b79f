import { expose } from 'comlink';
import { plan } from '@core/plan.ts';
import type { DaysReport } from '@core/days/index.ts';
import type { Build } from '@core/figure/index.ts';

const api = {
  /** Plan the days of a build, telling how far it is. */
  schedule(build: Build, tries: number, progress: (share: number) => void): DaysReport {
    let told = 0;
    return plan(build, {
      tries,
      progress: (share) => {
        if (share - told < 0.05) return;
        told = share;
        progress(share);
      },
    }).days;
  },
};

export type DaysApi = typeof api;

expose(api);
