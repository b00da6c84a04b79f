import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Step, type Work } from './index.ts';
import { Planner } from './search/planner.ts';
import { validate } from './validate.ts';
import { type Slot, type Timetable } from './types.ts';
import { alone, anyJob, evenings, order, step, wait, window, workOf } from './work.testing.ts';

const at = (from: number, minutes: number, who: number[] = [0]): Slot => ({ from, to: from + minutes, who });
const OPEN = [{ from: 0, to: 5000 }];
const wrong = (work: Work, table: Timetable, caution = 0): string =>
  validate(work, table, caution).join('\n');
const one = (s: Partial<Step>): Step => ({ ...step('a', 20), ...s });

describe('what the independent check of a plan finds', () => {
  it('nothing in a plan that can be done', () => {
    const work = workOf([step('a', 20), step('b', 10)], [wait('a', 'b', 60)], OPEN);
    expect(wrong(work, [at(0, 20), at(80, 10)])).toBe('');
  });

  it('a wait cut short, by the caution it was planned with', () => {
    const work = workOf(
      [step('a', 20), step('b', 10)],
      [{ ...wait('a', 'b', 60), band: { fast: 40, likely: 60, slow: 100 } }],
      OPEN,
    );
    expect(wrong(work, [at(0, 20), at(79, 10)])).toMatch(/a firms: 59 min instead of 60/);
    expect(wrong(work, [at(0, 24), at(84, 12)], 0.5)).toMatch(/60 min instead of 80/);
    expect(wrong(work, [at(0, 24), at(104, 12)], 0.5)).toBe('');
  });

  it('a window that has closed, and an order turned round', () => {
    const work = workOf([step('a', 20), step('b', 10)], [window('a', 'b', 15)], OPEN);
    expect(wrong(work, [at(0, 20), at(36, 10)])).toMatch(/it closes after 15/);
    expect(wrong(work, [at(0, 20), at(35, 10)])).toBe('');
    const turned = workOf([step('a', 20), step('b', 10)], [order('a', 'b')], OPEN);
    expect(wrong(turned, [at(30, 20), at(0, 10)])).toMatch(/b starts before a ends/);
  });

  it('two steps in one pair of hands at once', () => {
    const work = workOf([step('a', 20), step('b', 10)], [], OPEN);
    expect(wrong(work, [at(0, 20), at(10, 10)])).toMatch(/b begins -10 min after a/);
  });

  it('no time to wash after what stains', () => {
    const work = workOf([one({ colour: '#b01020' }), { ...step('b', 10), colour: '#ffffff' }], [], OPEN);
    expect(wrong(work, [at(0, 20), at(21, 10)])).toMatch(/begins 1 min after a, which asks for 4/);
    expect(wrong(work, [at(0, 20), at(24, 10)])).toBe('');
  });

  it('work outside the hours, over the end of an evening, after the due time', () => {
    const work = workOf([step('a', 20)], [], evenings(2), 3000);
    expect(wrong(work, [at(100, 20)])).toMatch(/outside the working hours/);
    expect(wrong(work, [at(1250, 20)])).toMatch(/outside the working hours/);
    expect(wrong(work, [at(1140, 20)])).toBe('');
    expect(wrong({ ...work, due: 1150 }, [at(1140, 20)])).toMatch(/10 min after the due time/);
  });

  it('stretches that touch are one', () => {
    const work = workOf(
      [step('a', 60)],
      [],
      [
        { from: 0, to: 50 },
        { from: 50, to: 100, ifNeeded: true },
      ],
    );
    expect(wrong(work, [at(20, 60)])).toBe('');
  });

  it('too few hands, hands that do other things, and a step shorter than it takes', () => {
    const two = workOf([one({ hands: 2 })], [], OPEN);
    expect(wrong(two, [at(0, 20)])).toMatch(/has 1 people for 2/);
    const helper = { id: 'h', name: 'Ida', pace: 1.5, stretches: OPEN, does: ['mix'] as const };
    const helped = { ...workOf([step('a', 20)]), people: [...alone(OPEN), helper] };
    expect(wrong(helped, [at(0, 30, [1])])).toMatch(/a is not for Ida/);
    expect(wrong({ ...helped, steps: [one({ kind: 'mix' })] }, [at(0, 29, [1])])).toMatch(/cut short/);
    expect(wrong({ ...helped, steps: [one({ kind: 'mix' })] }, [at(0, 30, [1])])).toBe('');
  });

  it('what goes on by itself with nobody there', () => {
    const oven = workOf([one({ hands: 0, minutes: 90 })], [], evenings(1, 1140, 1200));
    expect(wrong(oven, [at(1140, 90, [])])).toMatch(/nobody is there while a/);
  });

  it('one turntable for two, and a shelf that is full', () => {
    const pools = [
      { id: 'turntable', name: 'turntable', capacity: 1 },
      { id: 'fridge', name: 'fridge', capacity: 100 },
    ] as const;
    const two = [...alone(OPEN), { id: 'h', name: 'Ida', pace: 1, stretches: OPEN }];
    const turning = {
      ...workOf([one({ tools: ['turntable'] }), { ...step('b', 20), tools: ['turntable'] as const }]),
      people: two,
      pools,
    };
    expect(wrong(turning, [at(0, 20, [0]), at(10, 20, [1])])).toMatch(/turntable: 2 of 1/);
    expect(wrong(turning, [at(0, 20, [0]), at(20, 20, [1])])).toBe('');
    const hold = (takes: number) => ({ ...wait('a', 'b', 10), hold: { space: 'fridge', takes } as const });
    const chilling = { ...workOf([step('a', 10), step('b', 10)], [hold(120)], OPEN), pools };
    expect(wrong(chilling, [at(0, 10), at(50, 10)])).toMatch(/fridge: 120 of 100/);
    const fits = { ...chilling, links: [hold(100)] };
    expect(wrong(fits, [at(0, 10), at(50, 10)])).toBe('');
  });

  it('two joints that hold one shelf at once, each of which alone would fit', () => {
    const pools = [{ id: 'rack', name: 'drying rack', capacity: 100 }] as const;
    const hold = (from: string, to: string) => ({
      ...wait(from, to, 10),
      hold: { space: 'rack', takes: 60 } as const,
    });
    const work = {
      ...workOf(
        ['a', 'b', 'c', 'd'].map((s) => step(s, 10)),
        [hold('a', 'c'), hold('b', 'd')],
        OPEN,
      ),
      pools,
    };
    expect(wrong(work, [at(0, 10), at(10, 10), at(60, 10), at(70, 10)])).toMatch(/drying rack: 120 of 100/);
    expect(wrong(work, [at(0, 10), at(60, 10), at(50, 10), at(90, 10)])).toBe('');
  });

  it('a cake that is too old', () => {
    const work = workOf([one({ fresh: { hours: 24, most: 48, weight: 1 } })], [], OPEN, 5000);
    expect(wrong(work, [at(0, 20)])).toMatch(/too old when it is due/);
    expect(wrong(work, [at(2500, 20)])).toBe('');
  });

  it('nothing of what is done, but what it left on the shelf', () => {
    const pools = [{ id: 'rack', name: 'drying rack', capacity: 50 }] as const;
    const work = {
      ...workOf(
        [step('a', 10), step('b', 10)],
        [{ ...wait('a', 'b', 10), hold: { space: 'rack', takes: 60 } as const }],
        OPEN,
      ),
      pools,
    };
    const done = { done: new Set(['a']) };
    expect(validate(work, [at(-400, 0, []), at(60, 10)], 0, done).join()).toMatch(/drying rack: 60 of 50/);
  });
});

it('any plan with one step moved out of its hours is found out', () => {
  let tried = 0;
  fc.assert(
    fc.property(anyJob(8), fc.nat(99), (work, which) => {
      const planner = new Planner(work, { caution: 0 });
      if (!Number.isFinite(planner.weigh(planner.first(true)))) return;
      const table = planner.table();
      expect(validate(work, table, 0)).toEqual([]);
      const i = which % table.length;
      if ((work.steps[i]!.hands ?? 1) === 0) return;
      tried++;
      const moved = table.map((s, k) => (k === i ? { ...s, from: 60, to: 60 + (s.to - s.from) } : s));
      expect(validate(work, moved, 0).length).toBeGreaterThan(0);
    }),
    { numRuns: 200 },
  );
  expect(tried).toBeGreaterThan(80);
});
