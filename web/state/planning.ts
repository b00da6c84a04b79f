import { computed, ref, shallowRef } from 'vue';
import { compared, startsOf, type DaysReport } from '@core/days/index.ts';
import type { Build } from '@core/figure/index.ts';
import type { WayOut } from '@core/ways-out.ts';
import { scheduleJob, waysOutJob, type Job } from '../workers/client.ts';
import type { Planned } from '../workers/days.worker.ts';

const PLAN_AFTER = 180;

/**
 * The plan of days beside a build that changes: the first good answer at once, a better one offered beside it, and where
 * nothing can be planned the last plan that could and the ways out that were found.
 */
export function usePlanning(now: () => Build | undefined, failed: (text: string) => void) {
  const days = shallowRef<DaysReport>();
  /** The last that had a plan, while the present one has none. */
  const lastGood = shallowRef<DaysReport>();
  const offer = shallowRef<DaysReport>();
  const ways = shallowRef<readonly WayOut[]>([]);
  /** Share of the search that is done; undefined when none goes on. */
  const planning = ref<number>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let job: Job<Planned> | undefined;
  let looking: Job<WayOut[]> | undefined;

  function show(found: DaysReport): void {
    if (found.plan) lastGood.value = undefined;
    else if (days.value?.plan) lastGood.value = days.value;
    days.value = found;
  }

  function lookNoMore(): void {
    looking?.cancel();
    looking = undefined;
    ways.value = [];
  }

  function findWays(build: Build): void {
    lookNoMore();
    const mine = waysOutJob(build);
    looking = mine;
    mine.result.then(
      (found) => {
        if (looking === mine && found) ways.value = found;
      },
      () => undefined,
    );
  }

  function replan(): void {
    clearTimeout(timer);
    lookNoMore();
    timer = setTimeout(() => {
      const build = now();
      if (!build) return;
      job?.cancel();
      planning.value = 0;
      offer.value = undefined;
      const mine = scheduleJob(
        build,
        (first) => {
          if (job === mine && planning.value !== undefined) show(first);
        },
        (share) => {
          if (job === mine) planning.value = share;
        },
      );
      job = mine;
      mine.result.then(
        (found) => {
          if (job !== mine) return;
          planning.value = undefined;
          if (!found) return;
          show(found.days);
          offer.value = found.offer;
          if (found.days.conflict) findWays(build);
        },
        () => {
          if (job !== mine) return;
          planning.value = undefined;
          failed('The plan of days could not be worked out. Change something to try again.');
        },
      );
    }, PLAN_AFTER);
  }

  /** Stop looking; what was found stays. */
  function stop(): void {
    clearTimeout(timer);
    job?.cancel();
    job = undefined;
    planning.value = undefined;
  }

  function forget(): void {
    stop();
    lookNoMore();
    days.value = lastGood.value = offer.value = undefined;
  }

  /** Starts of the plan on screen, as a build keeps them. */
  const starts = computed(() => {
    const { plan, origin } = days.value ?? {};
    return plan && origin ? startsOf(plan, origin) : undefined;
  });
  /** A better plan, what is better about it, and its starts. */
  const better = computed(() => {
    const [found, shown] = [offer.value?.plan, days.value?.plan];
    const origin = days.value?.origin;
    if (!found || !shown || !origin) return undefined;
    return { lines: compared(found, shown, origin), starts: startsOf(found, origin) };
  });

  return { days, lastGood, ways, planning, starts, better, replan, stop, forget };
}
