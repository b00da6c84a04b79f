import { onScopeDispose, shallowRef, watch, type InjectionKey, type ShallowRef } from 'vue';
import { sheetMapsOf, templatesOf, type PieceMap, type Template } from '@core/templates/index.ts';
import type { Build } from '@core/record/index.ts';
import { useOpenBuild } from '../../state/here.ts';
import { sheetMapsJob, templatesJob, type WorkerJob } from '../../workers/client.ts';

/** Papers made on the side, a lobe or a face: the Counts view lays them on pages. */
export const EXTRA_PAPERS: InjectionKey<ShallowRef<readonly Template[]>> = Symbol('extra papers');

/** Something found of the build in a worker; after a change of these parts the last stands until the new one is there. */
function useFound<T>(
  parts: (build: Build) => readonly unknown[],
  job: (build: Build) => WorkerJob<T>,
  here: (build: Build) => T,
): ShallowRef<T | undefined> {
  const open = useOpenBuild();
  const found = shallowRef<T>();
  let asked: WorkerJob<T> | undefined;
  watch(
    () => parts(open.build),
    async () => {
      asked?.cancel();
      const { build } = open;
      const mine = job(build);
      asked = mine;
      // where there is no worker, or it broke, it is found in the page
      const result = await mine.result.catch(() => here(build));
      if (result !== undefined && asked === mine) found.value = result;
    },
    { immediate: true },
  );
  onScopeDispose(() => asked?.cancel());
  return found;
}

/** Every template of the build. */
export const useTemplates = (): ShallowRef<readonly Template[] | undefined> =>
  useFound((build) => [build], templatesJob, templatesOf);

/** What every sheet of the build does, triangle by triangle. */
export const useSheetMaps = (): ShallowRef<readonly PieceMap[] | undefined> =>
  useFound((build) => [build.pieces, build.blends], sheetMapsJob, sheetMapsOf);
