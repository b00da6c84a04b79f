import { defineStore } from 'pinia';
import { computed, ref, shallowRef, toRaw } from 'vue';
import { unionFigures } from '@core/figure/index.ts';
import { type Build } from '@core/record/index.ts';
import { unionJob, type WorkerJob } from '../workers/client.ts';
import type { UnionReport } from '../workers/solids.worker.ts';
import { useBuild } from './build-store.ts';

/** The true union of the pieces, joined in a worker when asked for, and kept until the figure changes. */
export const useUnion = defineStore('union', () => {
  const store = useBuild();
  const done = shallowRef<{ of: string; pieces: Build['pieces']; report: UnionReport }>();
  const share = ref<number>();
  const problem = ref<string>();
  let job: WorkerJob<UnionReport> | undefined;

  const report = computed(() =>
    done.value && done.value.of === store.build?.id ? done.value.report : undefined,
  );
  const stale = computed(
    () => report.value !== undefined && toRaw(done.value!.pieces) !== toRaw(store.build?.pieces),
  );
  const figures = computed(() =>
    report.value && store.build ? unionFigures(report.value, store.build) : undefined,
  );

  async function reckon(): Promise<void> {
    const build = store.build;
    if (!build) return;
    problem.value = undefined;
    share.value = 0;
    const mine = unionJob(toRaw(build), (s) => (share.value = s));
    job = mine;
    try {
      const found = await mine.result;
      if (found) done.value = { of: build.id, pieces: toRaw(build.pieces), report: found };
    } catch {
      problem.value = 'The pieces could not be joined here. The sum of the pieces is still right.';
    } finally {
      if (job === mine) share.value = undefined;
    }
  }
  function cancel(): void {
    job?.cancel();
    job = undefined;
    share.value = undefined;
  }
  return { report, stale, figures, share, problem, reckon, cancel };
});
