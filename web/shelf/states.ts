import { onBeforeUnmount, shallowReactive } from 'vue';
import type { ShelfState } from '@core/shelf-state.ts';
import type { Build } from '@core/record/index.ts';
import type { WorkerJob } from '../workers/client.ts';

/** A build as it was saved. */
interface Looked {
  readonly build: Build;
  readonly revision: number;
}

/** What was found of a build as it was saved, kept while the page is open; whether all was done to find its best plan. */
const found = new Map<string, { readonly state: ShelfState; readonly sought: boolean }>();
const keyOf = ({ build, revision }: Looked): string => `${build.id} ${revision}`;

/**
 * How the builds of a shelf stand, one after the other, each as soon as it is known. When all are, the start of each is sought
 * once more as thoroughly as where it is opened, so that it is told the same here and there.
 */
export function useStates() {
  const states = shallowReactive(new Map<string, ShelfState>());
  let waiting: Looked[] = [];
  let unsought: Looked[] = [];
  let job: WorkerJob<ShelfState> | undefined;
  let over = false;
  let busy = false;

  async function next(): Promise<void> {
    if (busy) return;
    busy = true;
    // nothing of it belongs to the first view
    const { shelfStateJob } = await import('../workers/client.ts');
    const sought = waiting.length === 0;
    const looked = over ? undefined : (sought ? unsought : waiting).shift();
    if (!looked) {
      busy = false;
      return;
    }
    const { build } = looked;
    job = shelfStateJob(build, Date.now(), sought);
    const then = (state?: ShelfState) => {
      job = undefined;
      busy = false;
      if (state) {
        found.set(keyOf(looked), { state, sought });
        states.set(build.id, state);
        if (!sought && state.startBy !== undefined) unsought.push(looked);
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
    waiting = [];
    unsought = [];
    for (const b of builds) {
      const known = found.get(keyOf(b));
      if (known) states.set(b.build.id, known.state);
      if (!known) waiting.push(b);
      else if (!known.sought && known.state.startBy !== undefined) unsought.push(b);
    }
    void next();
  }
  return { states, look };
}
