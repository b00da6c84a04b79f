import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  chanceOnTime,
  inParts,
  sampledWait,
  schedule,
  sessionsOf,
  validate,
  waitsOf,
  type Link,
  type Work,
} from './index.ts';
import { step, wait, window, order, evenings, anyWork } from './work.testing.ts';

describe('planning', () => {
  it('never gives a plan that cannot be done, over many random jobs', () => {
    let planned = 0;
    fc.assert(
      fc.property(anyWork(9), (work) => {
        const stretches = evenings(30, 17 * 60, 22 * 60);
        const due = 29 * 1440;
        const days = schedule(
          work.steps,
          work.links,
          { origin: { millis: 0, zone: 'UTC' }, due, stretches },
          { tries: 3 },
        );
        if (!days.plan) {
          expect(days.trouble.length).toBeGreaterThan(0);
          return;
        }
        planned++;
        const at = new Map(days.plan.sessions.flatMap((s) => s.steps).map((p) => [p.step.id, p.from]));
        const table = { start: work.steps.map((s) => at.get(s.id)!) };
        expect(validate({ ...work, stretches, due }, table, days.plan.caution)).toEqual([]);
      }),
      { numRuns: 250 },
    );
    expect(planned).toBeGreaterThan(120);
  });

  it('gives the same plan for the same input', () => {
    const work = fc.sample(anyWork(9), { seed: 4, numRuns: 1 })[0]!;
    const run = () =>
      schedule(
        work.steps,
        work.links,
        { origin: { millis: 0, zone: 'UTC' }, due: 28_800, stretches: evenings(20) },
        { tries: 5 },
      );
    expect(run()).toEqual(run());
  });

  it('can be stopped and tells how far it is', () => {
    const shares: number[] = [];
    const days = schedule(
      [step('a', 20), step('b', 20)],
      [wait('a', 'b', 60)],
      { origin: { millis: 0, zone: 'UTC' }, due: 7200, stretches: evenings(5) },
      {
        tries: 50,
        progress: (s) => {
          shares.push(s);
          return shares.length === 3;
        },
      },
    );
    expect(shares).toHaveLength(3);
    expect(days.plan).toBeDefined();
  });

  it('says why there is no plan', () => {
    const calendar = { origin: { millis: 0, zone: 'UTC' }, due: 4000, stretches: evenings(2) };
    expect(schedule([], [], calendar).trouble[0]).toMatch(/nothing to plan/);
    expect(schedule([step('long', 200)], [], calendar).trouble[0]).toMatch(
      /in one go; the longest working stretch is/,
    );
    expect(schedule([step('a', 100), step('b', 100), step('c', 100)], [], calendar).trouble[0]).toMatch(
      /No plan fits/,
    );
    const chain = schedule([step('a', 70), step('b', 70)], [window('a', 'b', 10)], calendar);
    expect(chain.trouble[0]).toMatch(/hang together by short windows/);
    const never = schedule([step('a', 20), step('b', 20)], [wait('a', 'b', Infinity)], calendar);
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
    expect(sampledWait(link, 1.2816)).toBeCloseTo(1200, 6);
    expect(sampledWait(link, -1.2816)).toBeCloseTo(480, 6);
  });

  it('a plan at the last minute is rarely on time, an early one nearly always', () => {
    const link: Link = {
      from: 'a',
      to: 'b',
      kind: 'wait',
      band: { fast: 100, likely: 120, slow: 200 },
      why: '',
    };
    const work: Work = {
      steps: [step('a', 10), step('b', 10)],
      links: [link],
      stretches: [{ from: 0, to: 100_000 }],
      due: 5000,
    };
    const late = chanceOnTime(work, { start: [4860, 4990] }, 400);
    expect(late).toBeGreaterThan(0.35);
    expect(late).toBeLessThan(0.65);
    expect(chanceOnTime(work, { start: [1000, 4000] }, 400)).toBe(1);
  });
});

describe('sessions', () => {
  it('groups what is done in one sitting and tells the waits between', () => {
    const work: Work = {
      steps: [step('a', 30), step('b', 30), step('c', 30)],
      links: [wait('a', 'c', 600)],
      stretches: evenings(3),
      due: 9999,
    };
    const table = { start: [1140, 1170, 2580] };
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
