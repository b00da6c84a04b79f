import { watch } from 'vue';
import { keepAlarms } from '../storage/alarms.ts';
import { useAlarms } from './alarms.ts';
import { useBuild } from './build-store.ts';
import { reckoningNow } from './reckoning.ts';

/** What is to ring of the open build is kept for every page of the app, as its plan and what is ticked off have it. */
export function useRinging(): void {
  const store = useBuild();
  const alarms = useAlarms();
  watch(
    () => [store.build?.bench, store.days] as const,
    () => {
      const { build, days } = store;
      const reckon = reckoningNow();
      if (!build || !days || !reckon) return;
      const due = reckon.alarmsOf(build, days, Date.now());
      alarms.settle(build.id, due);
      void keepAlarms({ build: build.id, name: build.name, alarms: due }).catch(() => undefined);
    },
  );
}
