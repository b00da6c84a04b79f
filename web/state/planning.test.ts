import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { type DaysPlan, type DaysReport, startsOf } from '@core/days/index.ts';
import { demoBuild } from '@core/files/demo.testing.ts';
import { plan } from '@core/plan.ts';
import { type Build } from '@core/record/index.ts';
import type { Planned } from '../workers/days.worker.ts';

/** Jobs as the worker would do them, answered by hand. */
interface Asked {
  readonly build: Build;
  readonly now: number;
  readonly first: (days: DaysReport) => void;
  readonly progress: (share: number) => void;
  readonly answer: (found: Planned) => void;
  readonly fail: () => void;
  cancelled: boolean;
}
const asked: Asked[] = [];
const ways: { build: Build; answer: (found: { text: string; build: Build }[]) => void }[] = [];
vi.mock('../workers/client.ts', () => ({
  scheduleJob: (build: Build, now: number, first: Asked['first'], progress: Asked['progress']) => {
    let answer!: Asked['answer'];
    let fail!: () => void;
    const result = new Promise<Planned>((resolve, reject) => {
      answer = resolve;
      fail = () => reject(new Error('gone'));
    });
    const job: Asked = { build, now, first, progress, answer, fail, cancelled: false };
    asked.push(job);
    return { result, cancel: () => (job.cancelled = true) };
  },
  waysOutJob: (build: Build) => {
    let answer!: (typeof ways)[number]['answer'];
    const result = new Promise((resolve) => (answer = resolve as typeof answer));
    ways.push({ build, answer });
    return { result, cancel: () => undefined };
  },
}));
const { usePlanning } = await import('./planning.ts');
const { useReckoning } = await import('./reckoning.ts');
await useReckoning();

const acorn = demoBuild('trial-acorn');
const days = plan(acorn, { runs: 10 }).days();
const none: DaysReport = { people: ['you'], steps: [], links: [], trouble: ['No plan fits.'] };
const better: DaysReport = {
  ...days,
  plan: { ...days.plan!, sessions: days.plan!.sessions.slice(1) } as DaysPlan,
};
const settled = () => vi.advanceTimersByTimeAsync(500);

describe('the plan beside a build that changes', () => {
  const build = ref<Build>();
  const failures: string[] = [];
  const planner = () =>
    usePlanning(
      () => build.value,
      (text) => failures.push(text),
    );
  beforeEach(() => {
    vi.useFakeTimers();
    asked.length = ways.length = failures.length = 0;
    build.value = acorn;
  });
  afterEach(() => vi.useRealTimers());

  it('asks once for many changes in a row, and shows the first answer before the search is over', async () => {
    const p = planner();
    for (let k = 0; k < 5; k++) p.replan();
    await settled();
    expect(asked).toHaveLength(1);
    expect(p.planning.value).toBe(0);
    asked[0]!.first(days);
    asked[0]!.progress(0.4);
    expect(p.days.value).toEqual(days);
    expect(p.planning.value).toBe(0.4);
    asked[0]!.answer({ days });
    await settled();
    expect(p.planning.value).toBeUndefined();
    expect(p.better.value).toBeUndefined();
  });

  it('a better plan stands beside the one that is shown, with what is better and its starts', async () => {
    const p = planner();
    p.replan();
    await settled();
    asked[0]!.answer({ days, offer: better });
    await settled();
    expect(p.days.value).toEqual(days);
    expect(p.better.value!.lines).toContain('1 session fewer');
    expect(Object.keys(p.better.value!.starts)).toHaveLength(
      better.plan!.sessions.flatMap((s) => s.steps).length,
    );
    expect(p.starts.value).toEqual(startsOf(days.plan!, days.origin!));
    expect(p.better.value!.starts).toEqual(startsOf(better.plan!, better.origin!));
    expect(p.starts.value).not.toEqual(p.better.value!.starts);
    // it goes with the next change
    p.replan();
    await settled();
    expect(p.better.value).toBeUndefined();
  });

  it('gives up an older search when the build changes, and hears no more of it', async () => {
    const p = planner();
    p.replan();
    await settled();
    p.replan();
    await settled();
    expect(asked[0]!.cancelled).toBe(true);
    asked[0]!.first(better);
    asked[0]!.answer({ days: better });
    await settled();
    expect(p.days.value).toBeUndefined();
    asked[1]!.answer({ days });
    await settled();
    expect(p.days.value).toEqual(days);
  });

  it('keeps the last plan that could be done while there is none, and forgets it when there is', async () => {
    const p = planner();
    p.replan();
    await settled();
    asked[0]!.answer({ days });
    await settled();
    p.replan();
    await settled();
    asked[1]!.answer({ days: none });
    await settled();
    expect(p.days.value!.trouble).toEqual(['No plan fits.']);
    expect(p.lastGood.value).toEqual(days);
    p.replan();
    await settled();
    asked[2]!.answer({ days: none });
    await settled();
    expect(p.lastGood.value).toEqual(days);
    p.replan();
    await settled();
    asked[3]!.answer({ days });
    await settled();
    expect(p.lastGood.value).toBeUndefined();
  });

  it('looks for ways out of a contradiction, of this build only', async () => {
    const p = planner();
    p.replan();
    await settled();
    asked[0]!.answer({ days: { ...none, conflict: { steps: [], links: [] } } });
    await settled();
    expect(ways).toHaveLength(1);
    p.replan();
    ways[0]!.answer([{ text: 'too late', build: acorn }]);
    await settled();
    expect(p.ways.value).toEqual([]);
    asked[1]!.answer({ days: { ...none, conflict: { steps: [], links: [] } } });
    await settled();
    ways[1]!.answer([{ text: 'leave it out', build: acorn }]);
    await settled();
    expect(p.ways.value.map((w) => w.text)).toEqual(['leave it out']);
  });

  it('looks for ways where it does not fit, and not where it does', async () => {
    const p = planner();
    p.replan();
    await settled();
    asked[0]!.answer({ days });
    await settled();
    expect(ways).toHaveLength(0);
    p.replan();
    await settled();
    asked[1]!.answer({ days: { ...days, plan: { ...days.plan!, lateBy: 300 } } });
    await settled();
    expect(ways).toHaveLength(1);
    p.stop();
  });

  it('plans from the present, and again when time has overtaken what was to begin', async () => {
    const starts = days.origin!.millis + days.plan!.startBy * 60_000;
    vi.setSystemTime(starts - 10 * 60_000);
    const p = planner();
    p.replan();
    await settled();
    expect(Math.abs(asked[0]!.now - (starts - 10 * 60_000))).toBeLessThan(1000);
    asked[0]!.answer({ days });
    await vi.advanceTimersByTimeAsync(9 * 60_000);
    expect(asked).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(8 * 60_000);
    expect(asked.length).toBeGreaterThan(1);
    expect(asked[1]!.now).toBeGreaterThan(starts);
    p.stop();
  });

  it('stopped keeps what was found; a worker that dies is said and loses nothing', async () => {
    const p = planner();
    p.replan();
    await settled();
    asked[0]!.first(days);
    p.stop();
    expect(asked[0]!.cancelled).toBe(true);
    expect(p.planning.value).toBeUndefined();
    expect(p.days.value).toEqual(days);
    p.replan();
    await settled();
    asked[1]!.fail();
    await settled();
    expect(failures[0]).toMatch(/could not be worked out/);
    expect(p.days.value).toEqual(days);
    // what is shown is from before, and says so until there is a new one
    expect(p.stale.value).toBe(true);
    p.replan();
    await settled();
    asked[2]!.answer({ days });
    await settled();
    expect(p.stale.value).toBe(false);
    p.forget();
    expect(p.days.value).toBeUndefined();
  });
});
