import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { schedule, toldTime, localIso, type Work } from './index.ts';
import { contradiction, networkOf } from './network.ts';
import { mirroredProblem, write } from './search/problem.ts';
import { Planner } from './search/planner.ts';
import { merged } from './calendar.ts';
import {
  step,
  wait,
  window,
  order,
  evenings,
  HOURS,
  brief,
  weeksOf,
  calendar,
  forwards,
  anyJob,
  anyWork,
  workOf,
} from './work.testing.ts';

describe('calendar', () => {
  it('lays the week out to the due time and tells times in the person’s zone', () => {
    const c = weeksOf(brief, HOURS);
    if (!c.ok) throw new Error(c.problem.text);
    expect(toldTime(c.value.origin, c.value.due)).toBe('Sat 12 Dec, 15:00');
    expect(localIso(c.value.origin, c.value.due)).toBe('2026-12-12T15:00');
    expect(c.value.people[0]!.stretches.every((s) => s.to - s.from === 150)).toBe(true);
  });

  it('counts a night with a clock change as it really was', () => {
    // Europe/London: clocks went back on 25 October 2026, so that Saturday noon to Sunday noon is 25 hours
    const c = weeksOf({ ...brief, due: '2026-10-26T12:00' }, [
      { day: 6, from: '12:00', to: '13:00' },
      { day: 7, from: '12:00', to: '13:00' },
    ]);
    if (!c.ok) throw new Error(c.problem.text);
    const [saturday, sunday] = c.value.people[0]!.stretches.filter((x) => x.to < c.value.due).slice(-2);
    expect(sunday!.from - saturday!.from).toBe(25 * 60);
    expect(toldTime(c.value.origin, sunday!.from)).toBe('Sun 25 Oct, 12:00');
  });

  it('refuses what is no date and no hours, in a sentence', () => {
    const bad = weeksOf({ ...brief, due: '2026-13-40T15:00' }, HOURS);
    expect(!bad.ok && bad.problem.text).toMatch(/not a date/);
    const idle = weeksOf(brief, []);
    expect(!idle.ok && idle.problem.text).toMatch(/no working hours/);
  });

  it('joins stretches that touch', () => {
    expect(
      merged([
        { from: 60, to: 90 },
        { from: 0, to: 60 },
        { from: 100, to: 110 },
      ]),
    ).toEqual([
      { from: 0, to: 90 },
      { from: 100, to: 110 },
    ]);
  });
});

describe('the network', () => {
  it('names a contradiction, its links and by how much it fails', () => {
    const stretches = [{ from: 0, to: 9999 }];
    const work = workOf(
      [step('body', 30), step('drill', 10), step('texture', 15)],
      [wait('body', 'drill', 360), order('drill', 'texture'), window('body', 'texture', 20)],
      stretches,
    );
    const found = contradiction(work, networkOf(work, 0))!;
    expect(found.excess).toBe(350);
    expect(found.lines.join(' ')).toMatch(/body firms/);
    expect(found.lines.join(' ')).toMatch(/before the skin/);
    const days = schedule(work.steps, work.links, calendar(stretches, 9999));
    expect(days.trouble[0]).toMatch(/cannot be done/);
    expect(new Set(days.conflict!.steps)).toEqual(new Set(['body', 'drill', 'texture']));
  });

  it('names a loop of steps that wait for each other', () => {
    const work = workOf([step('a', 10), step('b', 10)], [order('a', 'b'), order('b', 'a')]);
    expect(contradiction(work, networkOf(work, 0))!.text).toMatch(/wait for the other/);
  });

  it('mirrored twice is itself', () => {
    fc.assert(
      fc.property(anyJob(), (work) => {
        const p = write(work, { caution: 0.5 });
        expect(mirroredProblem(mirroredProblem(p))).toEqual(p);
      }),
    );
  });
});

describe('serial generation', () => {
  it('carries both steps of a window to the next evening', () => {
    const work = workOf(
      [step('prep', 60), step('shape', 40), step('texture', 30)],
      [order('prep', 'shape'), window('shape', 'texture', 20)],
      evenings(5),
    );
    expect(forwards(work)).toEqual([1140, 2580, 2620]);
  });

  it('lets a wait run overnight and never splits a step', () => {
    expect(
      forwards(workOf([step('shape', 30), step('paint', 30)], [wait('shape', 'paint', 720)], evenings(3))),
    ).toEqual([1140, 2580]);
    expect(forwards(workOf([step('a', 50), step('b', 80)], [], evenings(3)))).toEqual([1140, 2580]);
  });

  it('plans backwards from the due time as late as it can be', () => {
    const work = workOf(
      [step('shape', 30), step('paint', 30)],
      [wait('shape', 'paint', 720)],
      evenings(3),
      2 * 1440 + 21 * 60,
    );
    const planner = new Planner(work, { caution: 0 });
    expect(planner.weigh(planner.first(false))).toBeLessThan(Infinity);
    expect(planner.table().map((s) => s.from)).toEqual([2670, 4110]);
  });

  it('agrees with trying every order, on small work in one long stretch', () => {
    fc.assert(
      fc.property(anyWork(5), (some) => {
        const free = workOf(some.steps, some.links, [{ from: 0, to: 100_000 }], 100_000);
        const network = networkOf(free, 0);
        if (contradiction(free, network)) return;
        const exact = bestMakespan(free, network);
        let best = Infinity;
        for (let k = 0; k < 40; k++) {
          const keys = free.steps.map((_, i) => Math.sin(i * 12.9898 + k * 78.233));
          const start = forwards(free, keys);
          if (start) best = Math.min(best, Math.max(...start.map((s, i) => s + free.steps[i]!.minutes)));
        }
        expect(best).toBeGreaterThanOrEqual(exact - 1e-9);
        expect(best).toBeLessThanOrEqual(exact * 1.35 + 1e-9);
      }),
      { numRuns: 60 },
    );
  });
});

/** The slow, obvious way: every order of the steps, each started as early as its links allow, windows checked. */
function bestMakespan(work: Work, network: ReturnType<typeof networkOf>): number {
  const n = work.steps.length;
  let best = Infinity;
  const visit = (placed: number[], left: number[]): void => {
    if (left.length === 0) {
      // earliest times for this order: longest paths over links, windows and the order itself
      const t = new Array<number>(n).fill(0);
      const chain = placed
        .slice(1)
        .map((to, k) => ({ from: placed[k]!, to, gap: work.steps[placed[k]!]!.minutes }));
      for (let round = 0; round <= n + 1; round++) {
        let moved = false;
        for (const e of [...network.edges, ...chain])
          if (t[e.from]! + e.gap > t[e.to]!) {
            t[e.to] = t[e.from]! + e.gap;
            moved = true;
          }
        if (!moved) {
          best = Math.min(best, Math.max(...t.map((x, i) => x + work.steps[i]!.minutes)));
          return;
        }
      }
      return;
    }
    for (const next of left)
      visit(
        [...placed, next],
        left.filter((x) => x !== next),
      );
  };
  visit(
    [],
    work.steps.map((_, i) => i),
  );
  return best;
}
