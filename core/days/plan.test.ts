import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inParts, schedule, type Link } from './index.ts';
import { sampledWait } from './draws.ts';
import { simulate } from './odds.ts';
import { NINE_IN_TEN } from '../quantity/index.ts';
import { sessionsOf, waitsOf } from './sessions.ts';
import { validate } from './validate.ts';
import { type Calendar } from './calendar.ts';
import { type Timetable } from './types.ts';
import { anyJob, anyWork, calendar, evenings, order, step, wait, window, workOf } from './work.testing.ts';

/** One pair of hands, steps at these minutes. */
const at = (starts: readonly number[], minutes: number): Timetable =>
  starts.map((from) => ({ from, to: from + minutes, who: [0] }));

describe('planning', () => {
  it('never gives a plan that cannot be done, over many random jobs', () => {
    let planned = 0;
    fc.assert(
      fc.property(anyJob(9), (work) => {
        const { steps, links, people, pools, due } = work;
        const days: Calendar = { ...calendar([], due), people };
        const report = schedule(steps, links, days, { runs: 40, pools });
        if (!report.plan || report.plan.lateBy > 0) {
          expect(report.trouble.length).toBeGreaterThan(0);
          return;
        }
        planned++;
        const slots = new Map(report.plan.sessions.flatMap((s) => s.steps).map((p) => [p.step.id, p]));
        expect(
          validate(
            work,
            steps.map((s) => slots.get(s.id)!),
            report.plan.caution,
          ),
        ).toEqual([]);
      }),
      { numRuns: 250 },
    );
    expect(planned).toBeGreaterThan(120);
  });

  it('gives the same plan for the same input, and is not worse for looking longer', () => {
    const work = fc.sample(anyWork(9), { seed: 4, numRuns: 1 })[0]!;
    const run = (effort: 'first' | 'long') =>
      schedule(work.steps, work.links, calendar(evenings(20), 28_800), { effort });
    expect(run('first')).toEqual(run('first'));
    const [first, long] = [run('first').plan!, run('long').plan!];
    expect(run('long').plan).toEqual(long);
    expect(long.caution).toBeGreaterThanOrEqual(first.caution);
    if (long.caution === first.caution) expect(long.points!).toBeLessThanOrEqual(first.points!);
  });

  it('can be stopped, tells how far it is, and its first answer before the last', () => {
    const shares: number[] = [];
    const told: string[] = [];
    const days = schedule([step('a', 20), step('b', 20)], [wait('a', 'b', 60)], calendar(evenings(5), 7200), {
      effort: 'long',
      first: () => told.push('first'),
      progress: (s) => {
        shares.push(s);
        if (told.length > 0) told.push('more');
        return told.length === 3;
      },
    });
    expect(told).toEqual(['first', 'more', 'more']);
    expect(shares.every((s, i) => s >= (shares[i - 1] ?? 0) && s <= 1)).toBe(true);
    expect(days.plan).toBeDefined();
  });

  it('says why there is no plan', () => {
    const two = calendar(evenings(2), 4000);
    expect(schedule([], [], two).trouble[0]).toMatch(/nothing to plan/);
    expect(schedule([step('long', 200)], [], two).trouble[0]).toMatch(
      /in one go; the longest working stretch is/,
    );
    expect(schedule([step('a', 100), step('b', 100), step('c', 100)], [], two).trouble[0]).toMatch(
      /No plan fits/,
    );
    const chain = schedule([step('a', 70), step('b', 70)], [window('a', 'b', 10)], two);
    expect(chain.trouble[0]).toMatch(/hang together by short windows/);
    const never = schedule([step('a', 20), step('b', 20)], [wait('a', 'b', Infinity)], two);
    expect(never.trouble[0]).toMatch(/Never in this room/);
  });
});

describe('odds', () => {
  it('draws waits with median likely, one in ten fast, one in ten slow', () => {
    const link: Link = {
      from: 'a',
      to: 'b',
      kind: 'wait',
      band: { fast: 480, likely: 720, slow: 1200 },
      why: '',
    };
    expect(sampledWait(link, 0)).toBe(720);
    expect(sampledWait(link, NINE_IN_TEN)).toBeCloseTo(1200, 6);
    expect(sampledWait(link, -NINE_IN_TEN)).toBeCloseTo(480, 6);
  });

  it('a plan at the last minute is rarely on time, an early one nearly always', () => {
    const link: Link = {
      from: 'a',
      to: 'b',
      kind: 'wait',
      band: { fast: 100, likely: 120, slow: 200 },
      why: '',
    };
    const work = workOf([step('a', 10), step('b', 10)], [link], [{ from: 0, to: 100_000 }], 5000);
    const late = simulate(work, at([4860, 4990], 10), { runs: 400 }).chance;
    expect(late).toBeGreaterThan(0.1);
    expect(late).toBeLessThan(0.5);
    expect(simulate(work, at([1000, 4000], 10), { runs: 400 }).chance).toBe(1);
  });
});

describe('sessions', () => {
  it('groups what is done in one sitting and tells the waits between', () => {
    const work = workOf([step('a', 30), step('b', 30), step('c', 30)], [wait('a', 'c', 600)], evenings(3));
    const table = at([1140, 1170, 2580], 30);
    const sessions = sessionsOf(work, table);
    expect(sessions.map((s) => [s.from, s.to, s.handsOn])).toEqual([
      [1140, 1200, 60],
      [2580, 2610, 30],
    ]);
    expect(waitsOf(work, table)[0]).toMatchObject({ from: 1170, likely: 1770, used: 2580, easy: true });
  });

  it('cuts long steps into parts that follow each other', () => {
    const { steps, links } = inParts([step('many', 150), step('next', 20)], [order('many', 'next')]);
    expect(steps.map((s) => s.minutes)).toEqual([50, 50, 50, 20]);
    expect(steps[1]!.title).toBe('many, part 2 of 3');
    expect(links.map((l) => `${l.from}>${l.to}`)).toEqual(['many#3>next', 'many>many#2', 'many#2>many#3']);
  });
});
