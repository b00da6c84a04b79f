import { onScopeDispose, shallowRef, watch, type InjectionKey, type ShallowRef } from 'vue';
import { templatesOf, type Template } from '@core/templates/index.ts';
import { useOpenBuild } from '../../state/here.ts';
import { templatesJob, type WorkerJob } from '../../workers/client.ts';

/** Papers made on the side, a lobe or a face: the Counts view lays them on pages. */
export const EXTRA_PAPERS: InjectionKey<ShallowRef<readonly Template[]>> = Symbol('extra papers');

/** Every template of the build, found in a worker; after a change the last ones stand until the new ones are there. */
export function useTemplates(): ShallowRef<readonly Template[] | undefined> {
  const here = useOpenBuild();
  const templates = shallowRef<readonly Template[]>();
  let asked: WorkerJob<readonly Template[]> | undefined;
  watch(
    () => here.build,
    async (build) => {
      asked?.cancel();
      const mine = templatesJob(build);
      asked = mine;
      // where there is no worker, or it broke, it is drawn here
      const found = await mine.result.catch(() => templatesOf(build));
      if (found && asked === mine) templates.value = found;
    },
    { immediate: true },
  );
  onScopeDispose(() => asked?.cancel());
  return templates;
}
