import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue';
import { useSessionStorage } from '@vueuse/core';
import {
  buildSaid,
  notSaid,
  sayBlank,
  sentenceSaid,
  wantedBy,
  withBlank,
  type BlankKey,
  type FigureSaid,
} from '@core/brief/index.ts';
import type { DaysReport } from '@core/days/index.ts';
import type { Build } from '@core/record/index.ts';
import type { StartAnswers } from '@core/start-answers.ts';
import { startOf, STARTS } from '@core/starts/index.ts';
import type { WayOut } from '@core/ways-out.ts';
import { useReading } from '../shared/reading.ts';
import { scheduleJob, startAnswersJob, waysOutJob, type WorkerJob } from '../workers/client.ts';

/** The days are planned when the hand has been still for so long, ms; ways out when it is still for longer. */
const PLAN_AFTER = 250;
const WAYS_AFTER = 900;

const FAILED = 'This could not be worked out. Change a blank to try again.';
const NOTHING: FigureSaid = { start: STARTS[0]!.id, varied: {} };

/** Figures keep a name to themselves until they are put on the board. */
const UNPUT = 'not-put-up';

/**
 * What is said of a figure to be made, and what follows from it: the build, its answers and its days, each as soon as it is known.
 * Nothing of it is on the shelf. It is kept for this tab until it is put on the board.
 */
export function useSaying() {
  const said = useSessionStorage<FigureSaid>('said', NOTHING, { shallow: true });
  // a start that is no longer there leaves nothing of what was said of it
  if (!STARTS.some((s) => s.id === said.value.start) || typeof said.value.varied !== 'object')
    said.value = NOTHING;
  const at = useReading();

  const start = computed(() => startOf(said.value.start));
  const told = computed(() => wantedBy(said.value));
  // the figure follows from what is said alone, not from the clock that goes on
  const begun = at.value;
  const made = computed(() => buildSaid(said.value, UNPUT, start.value.title, begun));
  /** The last that could be made stays on the board while another is wrong. */
  const build = shallowRef<Build>();
  watch(made, (m) => m.ok && (build.value = m.value), { immediate: true });

  const answers = shallowRef<StartAnswers>();
  const days = shallowRef<DaysReport>();
  const ways = shallowRef<readonly WayOut[]>([]);
  const trouble = ref<string>();
  /** What is shown was worked out for something said before. */
  const stale = ref({ answers: true, days: true });
  const jobs = new Set<WorkerJob<unknown>>();
  let waiting: ReturnType<typeof setTimeout>[] = [];

  function stop(): void {
    for (const job of jobs) job.cancel();
    jobs.clear();
    for (const timer of waiting) clearTimeout(timer);
    waiting = [];
  }

  function run<T>(job: WorkerJob<T>, then: (found: T) => void): void {
    jobs.add(job);
    job.result.then(
      (found) => {
        if (!jobs.delete(job) || found === undefined) return;
        trouble.value = undefined;
        then(found);
      },
      () => {
        if (jobs.delete(job)) trouble.value = FAILED;
      },
    );
  }

  /** One question at a time: while a slider is pulled the latest is asked as soon as the one before is answered. */
  let asking = false;
  let again = false;
  function ask(): void {
    const now = build.value;
    if (asking || !now || over) {
      again = asking;
      return;
    }
    asking = true;
    const answered = (found?: StartAnswers): void => {
      asking = false;
      if (over) return;
      if (found) answers.value = found;
      trouble.value = found ? undefined : FAILED;
      if (again) {
        again = false;
        ask();
      } else stale.value = { ...stale.value, answers: false };
    };
    question = startAnswersJob(now, said.value.start, told.value);
    question.result.then(answered, () => answered());
  }
  let question: WorkerJob<StartAnswers> | undefined;
  let over = false;

  function planDays(now: Build): void {
    const done = (found: DaysReport) => {
      days.value = found;
      stale.value = { ...stale.value, days: false };
    };
    run(
      scheduleJob(now, Date.now(), done, () => undefined),
      ({ days: found }) => {
        done(found);
        if (found.plan && found.plan.lateBy === 0 && found.plan.chance >= 0.5) return;
        waiting.push(setTimeout(() => run(waysOutJob(now, Date.now()), (w) => (ways.value = w)), WAYS_AFTER));
      },
    );
  }

  watch(
    [build, told],
    ([now]) => {
      stop();
      stale.value = { answers: true, days: true };
      ways.value = [];
      if (!now) return;
      ask();
      if (said.value.due === undefined) days.value = undefined;
      else waiting.push(setTimeout(() => planDays(now), PLAN_AFTER));
    },
    { immediate: true },
  );

  onBeforeUnmount(() => {
    over = true;
    question?.cancel();
    stop();
  });

  return {
    said,
    at,
    start,
    told,
    build,
    wrong: computed(() => (made.value.ok ? undefined : made.value.problem.text)),
    answers,
    days,
    ways,
    trouble,
    stale,
    sentence: computed(() => sentenceSaid(said.value, at.value)),
    asUsual: computed(() => notSaid(said.value)),
    /** Something typed into a blank: nothing when it was understood, else why not. */
    say(key: BlankKey, text: string): string | undefined {
      const read = sayBlank(said.value, key, text, at.value);
      if (!read.ok) return read.problem.text;
      said.value = read.value;
      return undefined;
    },
    set(key: BlankKey, value: unknown): void {
      said.value = withBlank(said.value, key, value);
    },
    vary(key: string, value: number | string): void {
      said.value = { ...said.value, varied: { ...said.value.varied, [key]: value } };
    },
    forget(): void {
      said.value = NOTHING;
    },
  };
}
