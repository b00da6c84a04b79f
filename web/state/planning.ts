import { computed, ref, shallowRef } from 'vue';
import type { DaysReport } from '@core/days/index.ts';
import type { Build } from '@core/record/index.ts';
import type { WayOut } from '@core/ways-out.ts';
import { scheduleJob, waysOutJob, type WorkerJob } from '../workers/client.ts';
import type { Planned } from '../workers/days.worker.ts';
import { reckoningNow } from './reckoning.ts';

const PLAN_AFTER = 180;
/** How often it is looked whether time has overtaken the plan, ms. */
const LOOK_EVERY = 60_000;
/** So far behind, the rest is planned from now, minutes. */
const BEHIND = 5;

export const NOT_PLANNED =
  'The plan of days could not be worked out. What you see is from before; try again under Days.';

/** Whether there is something that a change of hours, due time or work might mend. */
const falls = ({ plan, conflict, trouble }: DaysReport, wanted: number): boolean =>
  conflict !== undefined || (plan ? plan.lateBy > 0 || plan.chance < wanted : trouble.length > 0);

/**
 * The plan of days beside a build that changes and a clock that goes on: the first good answer at once, a better one offered
 * beside a plan that was taken, and where it does not fit the last plan that did and the ways out that were found.
 */
export function usePlanning(now: () => Build | undefined, failed: (text: string) => void) {
  const days = shallowRef<DaysReport>();
  /** The last that had a plan, while the present one has none. */
  const lastGood = shallowRef<DaysReport>();
  const offer = shallowRef<DaysReport>();
  const ways = shallowRef<readonly WayOut[]>([]);
  /** Share of the search that is done; undefined when none goes on. */
  const planning = ref<number>();
  /** What is shown was worked out for an earlier state of the build. */
  const stale = ref(false);
  let timer: ReturnType<typeof setTimeout> | undefined;
  let clock: ReturnType<typeof setInterval> | undefined;
  let job: WorkerJob<Planned> | undefined;
  let looking: WorkerJob<WayOut[]> | undefined;

  function show(found: DaysReport): void {
    if (found.plan) lastGood.value = undefined;
    else if (days.value?.plan) lastGood.value = days.value;
    days.value = found;
    stale.value = false;
  }

  function lookNoMore(): void {
    looking?.cancel();
    looking = undefined;
    ways.value = [];
  }

  function findWays(build: Build, at: number): void {
    lookNoMore();
    const mine = waysOutJob(build, at);
    looking = mine;
    mine.result.then(
      (found) => {
        if (looking === mine && found) ways.value = found;
      },
      () => undefined,
    );
  }

  /** Something that is not done was to begin a while ago. */
  function overtaken(): boolean {
    const { plan, origin } = days.value ?? {};
    const now = origin && reckoningNow()?.minuteOf(origin, Date.now());
    return !!plan && now !== undefined && plan.startBy + BEHIND < now;
  }

  function search(): void {
    const build = now();
    if (!build) return;
    job?.cancel();
    planning.value = 0;
    offer.value = undefined;
    const at = Date.now();
    const mine = scheduleJob(
      build,
      at,
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
        if (falls(found.days, reckoningNow()?.WANTED_CHANCE ?? 0)) findWays(build, at);
      },
      () => {
        if (job !== mine) return;
        planning.value = undefined;
        failed(NOT_PLANNED);
      },
    );
  }

  function replan(): void {
    clearTimeout(timer);
    lookNoMore();
    stale.value = days.value !== undefined;
    clock ??= setInterval(() => {
      if (planning.value === undefined && overtaken()) replan();
    }, LOOK_EVERY);
    timer = setTimeout(search, PLAN_AFTER);
  }

  /** Stop looking; what was found stays. */
  function stop(): void {
    clearTimeout(timer);
    clearInterval(clock);
    clock = undefined;
    job?.cancel();
    job = undefined;
    planning.value = undefined;
  }

  function forget(): void {
    stop();
    lookNoMore();
    days.value = lastGood.value = offer.value = undefined;
    stale.value = false;
  }

  /** Starts of the plan on screen, as a build keeps them. */
  const starts = computed(() => {
    const { plan, origin } = days.value ?? {};
    return plan && origin ? reckoningNow()?.startsOf(plan, origin) : undefined;
  });
  /** A better plan, what is better about it, and its starts. */
  const better = computed(() => {
    const [found, shown] = [offer.value?.plan, days.value?.plan];
    const origin = days.value?.origin;
    const reckon = reckoningNow();
    if (!found || !shown || !origin || !reckon) return undefined;
    const { compared, startsOf } = reckon;
    return { lines: compared(found, shown, origin), starts: startsOf(found, origin) };
  });

  return { days, lastGood, ways, planning, stale, starts, better, replan, stop, forget };
}
