import { expose } from 'comlink';
import { reusing } from '@core/quantity/index.ts';
import type { Build } from '@core/record/index.ts';
import { shelfState, type ShelfState } from '@core/shelf-state.ts';
import { startAnswers, type StartAnswers } from '@core/start-answers.ts';
import type { Wanted } from '@core/starts/index.ts';

/** The build that was asked about last: what stays of it need not be worked out again. */
let last: Build | undefined;

const api = {
  /** What a figure as it was said comes to, all but its days. */
  answers(build: Build, start: string, told: Wanted): StartAnswers {
    last = reusing(last, build);
    return startAnswers(last, start, told);
  },

  /** How a build on the shelf stands. */
  state: (build: Build, now: number, sought: boolean): ShelfState => shelfState(build, now, sought),
};

export type StartsApi = typeof api;
expose(api);
