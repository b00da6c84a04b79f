import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { figureWork } from './figures.testing.ts';
import { folded } from './folded.ts';
import { plannedWindow } from './network.ts';
import { schedule } from './schedule.ts';
import { Planner, quickly } from './search/index.ts';
import { arranged, type Cluster } from './search/inside.ts';
import { validate } from './validate.ts';
import { anyJob, evenings, order, step, window, workOf } from './work.testing.ts';

const planned = (steps: number, seed: number, evening: number) => {
  const work = figureWork(steps, seed, evening);
  const calendar = { origin: { millis: 0, zone: 'UTC' }, due: work.due, people: [...work.people], says: [] };
  return schedule(work.steps, work.links, calendar, { runs: 25 });
};

describe('figures of clusters of details, surfaces and joins', () => {
  it.each([
    [10, 150],
    [20, 150],
    [40, 150],
    [10, 60],
    [20, 60],
    [40, 60],
  ])('of %i steps in evenings of %i minutes are all planned in time', (steps, evening) => {
    for (let seed = 1; seed <= 12; seed++) {
      const { plan, trouble } = planned(steps, seed, evening);
      expect(plan?.lateBy, `figure ${seed}: ${trouble.join()}`).toBe(0);
    }
  });

  it('are a few composite steps, whose timetable keeps every window once it is unfolded', () => {
    for (let seed = 1; seed <= 12; seed++)
      for (const caution of [0, 0.5, 1]) {
        const work = figureWork(30, seed);
        const { work: less, unfold } = folded(work, caution, new Set());
        expect(less.steps.length).toBeLessThan(work.steps.length / 2);
        expect(less.links.some((l) => l.kind === 'window' && plannedWindow(l) < 1440)).toBe(false);
        const found = quickly(new Planner(less, { caution }), 40);
        expect(found, `figure ${seed}`).toBeDefined();
        expect(validate(work, unfold!(found!.table), caution), `figure ${seed}`).toEqual([]);
      }
  });

  it('of which no order keeps the windows are known not to fit before any plan is looked for', () => {
    // two details that each close after two minutes, and each takes three to press on
    const work = workOf(
      [step('a', 2), step('b', 2), step('pa', 3), step('pb', 3)],
      [window('a', 'pa', 2), window('b', 'pb', 2), order('a', 'pb'), order('b', 'pa')],
      evenings(3),
      3 * 1440,
    );
    expect(folded(work, 0, new Set()).never).toBe(true);
    expect(folded(figureWork(20, 3), 0, new Set()).never).toBe(false);
    const calendar = {
      origin: { millis: 0, zone: 'UTC' },
      due: work.due,
      people: [...work.people],
      says: [],
    };
    const strict = schedule(work.steps, work.links, calendar, { runs: 20 });
    expect(strict.plan).toBeUndefined();
    expect(strict.trouble.length).toBeGreaterThan(0);
    // windows of joins are eased, and that is said
    const soft = work.links.map((l) => (l.kind === 'window' ? { ...l, level: 0.9 } : l));
    const eased = schedule(work.steps, soft, calendar, { runs: 20 });
    expect(eased.plan?.lateBy).toBe(0);
    expect(eased.trouble.join()).toMatch(/window cannot be kept/);
  });

  it('that take longer than any sitting do not fit, where no window reaches over a break', () => {
    const long = (open: number) =>
      workOf(
        [step('base', 60), step('one', 60), step('two', 60)],
        [order('base', 'one'), order('one', 'two'), window('base', 'two', open)],
        evenings(3),
        3 * 1440,
      );
    expect(folded(long(90), 0, new Set()).never).toBe(true);
    expect(folded(long(1400), 0, new Set()).never).toBe(false);
  });

  it('what is done or pinned lies by itself', () => {
    const work = figureWork(20, 3);
    const all = new Set(work.steps.keys());
    expect(folded(work, 0.5, all).unfold).toBeUndefined();
    expect(folded(work, 0.5, all).work).toBe(work);
  });

  it('of any work, whatever is folded can be unfolded again', () => {
    fc.assert(
      fc.property(anyJob(8), (work) => {
        const { work: less, unfold } = folded(work, 0.5, new Set());
        if (!unfold) return;
        const found = quickly(new Planner(less, { caution: 0.5 }), 20);
        if (found) expect(unfold(found.table)).toHaveLength(work.steps.length);
      }),
      { numRuns: 60 },
    );
  });
});

/** Every order tried, each step as soon as it can: longest paths between starts by plain relaxation. */
function slowly({ minutes, lags, wash }: Cluster): number {
  const n = minutes.length;
  let best = Infinity;
  const visit = (order: number[], left: number[]): void => {
    if (left.length > 0) {
      for (const i of left)
        visit(
          [...order, i],
          left.filter((k) => k !== i),
        );
      return;
    }
    const start = new Array<number>(n).fill(0);
    const arcs = [
      ...lags.flatMap((l) => [
        [l.from, l.to, minutes[l.from]! + l.least] as const,
        ...(l.most === undefined ? [] : [[l.to, l.from, -(minutes[l.from]! + l.most)] as const]),
      ]),
      ...order.slice(1).map((b, k) => [order[k]!, b, minutes[order[k]!]! + wash(order[k]!, b)] as const),
    ];
    for (let round = 0; round <= n; round++) {
      let moved = false;
      for (const [a, b, gap] of arcs)
        if (start[a]! + gap > start[b]!) {
          start[b] = start[a]! + gap;
          moved = true;
        }
      if (!moved) {
        const begins = Math.min(...start);
        best = Math.min(best, Math.max(...start.map((t, i) => t + minutes[i]!)) - begins);
        return;
      }
    }
  };
  visit([], [...minutes.keys()]);
  return best;
}

describe('a cluster arranged by itself', () => {
  it('is as short as the shortest of all orders, or has none where none has', () => {
    const lag = fc.record({
      a: fc.nat(4),
      b: fc.nat(4),
      least: fc.integer({ min: 0, max: 12 }),
      open: fc.option(fc.integer({ min: 0, max: 20 }), { nil: undefined }),
    });
    let some = 0;
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 2, maxLength: 5 }),
        fc.array(lag, { maxLength: 6 }),
        fc.integer({ min: 0, max: 3 }),
        (minutes, raw, apart) => {
          const n = minutes.length;
          const lags = raw.flatMap(({ a, b, least, open }) => {
            const [from, to] = [Math.min(a % n, b % n), Math.max(a % n, b % n)];
            return from === to
              ? []
              : [{ from, to, least, most: open === undefined ? undefined : least + open }];
          });
          const inside: Cluster = { minutes, lags, wash: (a, b) => (a % 2 === b % 2 ? 0 : apart) };
          const found = arranged(inside);
          const slow = slowly(inside);
          expect(found).toBeDefined();
          if (found === undefined || found === 'none') {
            expect(slow).toBe(Infinity);
            return;
          }
          expect(found.long).toBeCloseTo(slow, 6);
          some++;
          expect(Math.min(...found.start)).toBeCloseTo(0, 9);
          for (const l of lags) {
            const gap = found.start[l.to]! - found.start[l.from]! - minutes[l.from]!;
            expect(gap).toBeGreaterThanOrEqual(l.least - 1e-9);
            if (l.most !== undefined) expect(gap).toBeLessThanOrEqual(l.most + 1e-9);
          }
        },
      ),
      { numRuns: 200 },
    );
    expect(some).toBeGreaterThan(50);
  });
});
