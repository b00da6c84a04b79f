import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  calendarOf,
  clusters,
  contradiction,
  generate,
  merged,
  mirrorNetwork,
  networkOf,
  schedule,
  weekdayTime,
  localIso,
  type Work,
} from './index.ts';
import { step, wait, window, order, evenings, HOURS, brief, forwards, anyWork } from './work.testing.ts';

describe('calendar', () => {
  it('lays the week out to the due time and tells times in the person’s zone', () => {
    const c = calendarOf(brief, HOURS);
    if (!c.ok) throw new Error(c.problem.text);
    expect(weekdayTime(c.value.origin, c.value.due)).toBe('Sat 15:00');
    expect(localIso(c.value.origin, c.value.due)).toBe('2026-12-12T15:00');
    expect(c.value.stretches.every((s) => s.to - s.from === 150)).toBe(true);
  });

  it('counts a night with a clock change as it really was', () => {
    // Europe/London: clocks went back on 25 October 2026, so that Saturday noon to Sunday noon is 25 hours
    const c = calendarOf({ ...brief, due: '2026-10-26T12:00' }, [
      { day: 6, from: '12:00', to: '13:00' },
      { day: 7, from: '12:00', to: '13:00' },
    ]);
    if (!c.ok) throw new Error(c.problem.text);
    const [saturday, sunday] = c.value.stretches.slice(-2);
    expect(sunday!.from - saturday!.from).toBe(25 * 60);
    expect(weekdayTime(c.value.origin, sunday!.from)).toBe('Sun 12:00');
  });

  it('refuses what is no date and no hours, in a sentence', () => {
    const bad = calendarOf({ ...brief, due: '2026-13-40T15:00' }, HOURS);
    expect(!bad.ok && bad.problem.text).toMatch(/not a date/);
    const idle = calendarOf(brief, []);
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
    const work: Work = {
      steps: [step('body', 30), step('drill', 10), step('texture', 15)],
      links: [wait('body', 'drill', 360), order('drill', 'texture'), window('body', 'texture', 20)],
      stretches: [{ from: 0, to: 9999 }],
      due: 9999,
    };
    const found = contradiction(work, networkOf(work, 0))!;
    expect(found.excess).toBe(350);
    expect(found.lines.join(' ')).toMatch(/body firms/);
    expect(found.lines.join(' ')).toMatch(/before the skin/);
    expect(
      schedule(work.steps, work.links, {
        origin: { millis: 0, zone: 'UTC' },
        due: 9999,
        stretches: work.stretches,
      }).trouble[0],
    ).toMatch(/cannot be done/);
  });

  it('names a loop of steps that wait for each other', () => {
    const work: Work = {
      steps: [step('a', 10), step('b', 10)],
      links: [order('a', 'b'), order('b', 'a')],
      stretches: [],
      due: 99,
    };
    expect(contradiction(work, networkOf(work, 0))!.text).toMatch(/wait for the other/);
  });

  it('mirrored twice is itself', () => {
    fc.assert(
      fc.property(anyWork(), (work) => {
        const n = networkOf(work, 0.5);
        expect(mirrorNetwork(mirrorNetwork(n))).toEqual(n);
      }),
    );
  });

  it('ties together what short windows tie, and nothing else', () => {
    const work: Work = {
      steps: ['a', 'b', 'c'].map((s) => step(s, 10)),
      links: [window('a', 'b', 20), order('b', 'c')],
      stretches: [],
      due: 999,
    };
    const [a, b, c] = clusters(networkOf(work, 0));
    expect(a).toBe(b);
    expect(c).not.toBe(a);
  });
});

describe('serial generation', () => {
  it('carries both steps of a window to the next evening', () => {
    const { start, unplaced } = forwards({
      steps: [step('prep', 60), step('shape', 40), step('texture', 30)],
      links: [order('prep', 'shape'), window('shape', 'texture', 20)],
      stretches: evenings(5),
      due: 9999,
    });
    expect(unplaced).toEqual([]);
    expect(start).toEqual([1140, 2580, 2620]);
  });

  it('lets a wait run overnight and never splits a step', () => {
    expect(
      forwards({
        steps: [step('shape', 30), step('paint', 30)],
        links: [wait('shape', 'paint', 720)],
        stretches: evenings(3),
        due: 9999,
      }).start,
    ).toEqual([1140, 2580]);
    expect(
      forwards({ steps: [step('a', 50), step('b', 80)], links: [], stretches: evenings(3), due: 9999 }).start,
    ).toEqual([1140, 2580]);
  });

  it('agrees with trying every order, on small work in one long stretch', () => {
    fc.assert(
      fc.property(anyWork(5), (work) => {
        const free: Work = { ...work, stretches: [{ from: 0, to: 100_000 }], due: 100_000 };
        const network = networkOf(free, 0.5);
        if (contradiction(free, network)) return;
        const exact = bestMakespan(free, network);
        let best = Infinity;
        for (let k = 0; k < 40; k++) {
          const keys = free.steps.map((_, i) => Math.sin(i * 12.9898 + k * 78.233));
          const { start, unplaced } = generate(network, free.stretches, keys);
          if (unplaced.length === 0)
            best = Math.min(best, Math.max(...start.map((s, i) => s + free.steps[i]!.minutes)));
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
