import { onScopeDispose, ref, shallowRef, watch } from 'vue';
import { useDebounceFn } from '@vueuse/core';
import { TARGET, type SeenRod } from '@core/bones/index.ts';
import type { Build } from '@core/record/index.ts';
import { ok } from '@core/quantity/index.ts';
import { useBuild } from '../../state/build-store.ts';
import type { Changed, FoundChoice, FoundMend } from '../../workers/bones.worker.ts';
import { chooseJob, gluedMendsJob, mendsJob, type WorkerJob } from '../../workers/client.ts';

/** So long after the last change mends are looked for, ms: while a rod is being pulled they would be out of date at once. */
const REST = 250;

/**
 * Mends tried in a worker, so that pulling and typing stay smooth; given up as soon as the build or what is asked about
 * changes.
 * @param asked id of the rod or piece that does not hold; undefined where there is nothing to mend
 */
function useTried(
  build: () => Build,
  asked: () => string | undefined,
  start: (build: Build, id: string) => WorkerJob<FoundMend[]>,
) {
  const store = useBuild();
  /** Undefined until they have been looked for. */
  const mends = shallowRef<readonly FoundMend[]>();
  const looking = ref(false);
  let job: WorkerJob<unknown> | undefined;
  let closed = false;

  const put = (of: Build, { rods, pieces }: Changed, label: string): void => {
    // somebody changed the build meanwhile: what was found is of another one
    if (store.build !== of) return;
    const changed = new Map(pieces.map((p) => [p.id, p]));
    store.apply(ok({ ...of, rods, pieces: of.pieces.map((p) => changed.get(p.id) ?? p) }), label);
  };

  const look = useDebounceFn(async () => {
    const [of, id] = [build(), asked()];
    if (closed || id === undefined) return;
    const mine = start(of, id);
    job = mine;
    const found = (await mine.result.catch(() => [])) ?? [];
    if (closed || build() !== of || asked() !== id) return;
    mends.value = found;
    looking.value = false;
  }, REST);
  const again = (): void => {
    looking.value = asked() !== undefined;
    if (looking.value) void look();
  };

  watch(
    [build, asked],
    () => {
      job?.cancel();
      mends.value = undefined;
      again();
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
    put,
    again,
    /** Work of another kind in the place of the look for mends; giving that up ends the worker, so it comes first. */
    instead: <T>(other: () => WorkerJob<T>): WorkerJob<T> => {
      job?.cancel();
      const mine = other();
      job = mine;
      return mine;
    },
    closed: () => closed,
    take: (m: FoundMend) => put(build(), m.changed, m.text.toLowerCase()),
  };
}

/** Mends of a glued piece; `asked` is its id where it does not hold. */
export function useGluedMends(build: () => Build, asked: () => string | undefined) {
  const { mends, looking, take } = useTried(build, asked, gluedMendsJob);
  return { mends, looking, take };
}

/** Mends of a rod and the choice of another. */
export function useMends(build: () => Build, report: () => SeenRod) {
  const told = shallowRef<FoundChoice>();
  const tried = useTried(
    build,
    () => ((report().worst?.use.value ?? 0) > TARGET ? report().rod.id : undefined),
    mendsJob,
  );
  watch(
    () => report().rod,
    (rod) => {
      if (told.value?.stock !== rod.stock) told.value = undefined;
    },
  );

  return {
    mends: tried.mends,
    looking: tried.looking,
    told,
    take: tried.take,
    async choose(): Promise<void> {
      const of = build();
      const { rod, letter } = report();
      const mine = tried.instead(() => chooseJob(of, rod.id));
      const found = await mine.result.catch(() => undefined);
      if (!found || tried.closed() || build() !== of) return;
      if (found.changed) tried.put(of, found.changed, `choosing ${found.name} for rod ${letter}`);
      told.value = { ...found, stock: found.stock ?? rod.stock };
      if (!found.changed && tried.mends.value === undefined) tried.again();
    },
  };
}
