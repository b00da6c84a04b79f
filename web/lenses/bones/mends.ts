import { onScopeDispose, ref, shallowRef, watch } from 'vue';
import { useDebounceFn } from '@vueuse/core';
import { TARGET, type RodReport } from '@core/bones/index.ts';
import type { Build } from '@core/figure/index.ts';
import { ok } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import type { Changed, FoundChoice, FoundMend } from '../../workers/bones.worker.ts';
import { chooseJob, mendsJob, type Job } from '../../workers/client.ts';

/** So long after the last change mends are looked for, ms: while a rod is being pulled they would be out of date at once. */
const REST = 250;

/** Mends of a rod and the choice of another, tried in a worker so that pulling and typing stay smooth. */
export function useMends(build: () => Build, report: () => RodReport) {
  const store = useBuild();
  /** Undefined until they have been looked for. */
  const mends = shallowRef<readonly FoundMend[]>();
  const looking = ref(false);
  const told = shallowRef<FoundChoice>();
  let job: Job<unknown> | undefined;
  let closed = false;

  const put = (of: Build, { rods, pieces }: Changed, label: string): void => {
    // somebody changed the build meanwhile: what was found is of another one
    if (store.build !== of) return;
    const changed = new Map(pieces.map((p) => [p.id, p]));
    store.apply(ok({ ...of, rods, pieces: of.pieces.map((p) => changed.get(p.id) ?? p) }), label);
  };

  const look = useDebounceFn(async () => {
    const of = build();
    const { rod } = report();
    if (closed) return;
    const mine = (job = mendsJob(of, rod.id));
    const found = await mine.result.catch(() => []);
    if (closed || build() !== of) return;
    mends.value = found;
    looking.value = false;
  }, REST);

  watch(
    [build, () => report().rod],
    ([, rod], before) => {
      job?.cancel();
      mends.value = undefined;
      if (before[1] !== undefined && before[1] !== rod && told.value?.stock !== rod.stock)
        told.value = undefined;
      looking.value = (report().worst?.use.value ?? 0) > TARGET;
      if (looking.value) void look();
    },
    { immediate: true },
  );
  onScopeDispose(() => {
    closed = true;
    job?.cancel();
  });

  return {
    mends,
    looking,
    told,
    take: (m: FoundMend) => put(build(), m.changed, m.text.toLowerCase()),
    async choose(): Promise<void> {
      const of = build();
      const { rod, letter } = report();
      job?.cancel();
      const mine = chooseJob(of, rod.id);
      job = mine;
      const found = await mine.result.catch(() => undefined);
      if (!found || closed || build() !== of) return;
      if (found.changed) put(of, found.changed, `choosing ${found.name} for rod ${letter}`);
      told.value = { ...found, stock: found.stock ?? rod.stock };
      if (!found.changed && looking.value) void look();
    },
  };
}
