import { JobRunner } from '../workers/client.ts';
import type { RollingApi } from '../workers/rolling.worker.ts';
import { keeping } from './db.ts';

/** A page has rested so long before a copy is made, ms. */
const RESTED = 10_000;
/** And is looked at again every hour. */
const AGAIN = 3_600_000;

const rolling = new JobRunner<RollingApi>(
  () =>
    new Worker(new URL('../workers/rolling.worker.ts', import.meta.url), { type: 'module', name: 'rolling' }),
);

/** Make copies by themselves for as long as the page is open, beside it; none where nothing is kept. */
export function keepRolling(): void {
  const roll = (): void => {
    if (keeping.value === 'memory') return;
    const job = rolling.run((api) => api.roll(Date.now()));
    // its worker ends with it: the next one is hours away
    job.result.catch(() => false).finally(() => rolling.end());
  };
  setTimeout(roll, RESTED);
  setInterval(roll, AGAIN);
}
