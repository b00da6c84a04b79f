import { onBeforeUnmount, shallowReactive } from 'vue';
import type { ShelfState } from '@core/shelf-state.ts';
import type { Build } from '@core/record/index.ts';
import type { WorkerJob } from '../workers/client.ts';

/** A build as it was saved. */
interface Looked {
  readonly build: Build;
  readonly revision: number;
}

/** What was found of a build as it was saved, kept while the page is open. */
const found = new Map<string, ShelfState>();
const keyOf = ({ build, revision }: Looked): string => `${build.id} ${revision}`;

/**
 * How the builds of a shelf stand, one after the other, each as soon as it is known. When all are, the start of each is sought
 * once more as thoroughly as where it is opened, so that it is told the same here and there.
 */
export function useStates() {
  const states = shallowReactive(new Map<string, ShelfState>());
  const failed = new Set<string>();
  let shown: readonly Looked[] = [];
  let job: WorkerJob<ShelfState> | undefined;
  let seeking = false;
  let over = false;
  let busy = false;

  const isUnknown = (b: Looked): boolean => !found.has(keyOf(b)) && !failed.has(keyOf(b));
  const isUnsought = (b: Looked): boolean => {
    const known = found.get(keyOf(b));
    return known?.startBy !== undefined && !known.sought && !failed.has(keyOf(b));
  };

  async function next(): Promise<void> {
    if (busy) return;
    busy = true;
    // nothing of it belongs to the first view
    const { shelfStateJob } = await import('../workers/client.ts');
    const looked = over ? undefined : (shown.find(isUnknown) ?? shown.find(isUnsought));
    if (!looked) {
      busy = false;
      return;
    }
    const { build } = looked;
    seeking = found.has(keyOf(looked));
    job = shelfStateJob(build, Date.now(), seeking);
    const then = (state?: ShelfState) => {
      job = undefined;
      busy = false;
      if (state) {
        found.set(keyOf(looked), state);
        states.set(build.id, state);
      }
      void next();
    };
    job.result.then(then, () => {
      failed.add(keyOf(looked));
      then();
    });
  }

  onBeforeUnmount(() => {
    over = true;
    job?.cancel();
  });

  /** Look at these, the first first; those that are known are told at once. */
  function look(builds: readonly Looked[]): void {
    shown = builds;
    for (const b of builds) {
      const known = found.get(keyOf(b));
      if (known) states.set(b.build.id, known);
    }
    // what is sought thoroughly can wait, what is not known at all is waited for
    if (seeking && shown.some(isUnknown)) job?.cancel();
    void next();
  }
  return { states, look };
}
