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

/** How the builds of a shelf stand, one after the other, each as soon as it is known. */
export function useStates() {
  const states = shallowReactive(new Map<string, ShelfState>());
  let waiting: Looked[] = [];
  let job: WorkerJob<ShelfState> | undefined;
  let over = false;
  let busy = false;

  async function next(): Promise<void> {
    if (busy) return;
    busy = true;
    // nothing of it belongs to the first view
    const { shelfStateJob } = await import('../workers/client.ts');
    const looked = over ? undefined : waiting.shift();
    if (!looked) {
      busy = false;
      return;
    }
    const { build } = looked;
    job = shelfStateJob(build, Date.now());
    const then = (state?: ShelfState) => {
      job = undefined;
      busy = false;
      if (state) {
        found.set(keyOf(looked), state);
        states.set(build.id, state);
      }
      void next();
    };
    job.result.then(then, () => then());
  }

  onBeforeUnmount(() => {
    over = true;
    job?.cancel();
  });

  /** Look at these, the first first; those that are known are told at once. */
  function look(builds: readonly Looked[]): void {
    for (const b of builds) {
      const known = found.get(keyOf(b));
      if (known) states.set(b.build.id, known);
    }
    waiting = builds.filter((b) => !found.has(keyOf(b)));
    void next();
  }
  return { states, look };
}
