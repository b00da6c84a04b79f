import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  calendarOf,
  chanceOnTime,
  clusters,
  contradiction,
  generate,
  inParts,
  merged,
  mirrorNetwork,
  networkOf,
  sampledWait,
  schedule,
  sessionsOf,
  validate,
  waitsOf,
  weekdayTime,
  localIso,
  type Link,
  type Step,
  type Work,
} from './index.ts';

const step = (id: string, minutes: number): Step => ({ id, kind: 'shape', title: id, notes: [], minutes });
const same = (m: number) => ({ fast: m, likely: m, slow: m });
const wait = (from: string, to: string, m: number): Link => ({
  from,
  to,
  kind: 'wait',
  band: same(m),
  why: `${from} firms`,
});
const window = (from: string, to: string, m: number): Link => ({
  from,
  to,
  kind: 'window',
  band: same(m),
  why: `${to} before the skin`,
});
const order = (from: string, to: string): Link => ({ from, to, kind: 'order', band: same(0), why: '' });
const evenings = (days: number, from = 19 * 60, to = 21 * 60) =>
  Array.from({ length: days }, (_, d) => ({ from: d * 1440 + from, to: d * 1440 + to }));
const HOURS = [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '19:00', to: '21:30' }));
const brief = {
  due: '2026-12-12T15:00',
  zone: 'Europe/London',
  journey: 'table',
  grip: 'mat',
  note: '',
} as const;

/** Earliest starts, forwards, by the generator. */
const forwards = (work: Work) =>
  generate(
    networkOf(work, 0),
    work.stretches,
    work.steps.map((_, i) => i),
  );

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

/** Random work without loops: links run from earlier to later steps. */
function anyWork(most = 8): fc.Arbitrary<Work> {
  return fc
    .tuple(
      fc.array(fc.integer({ min: 5, max: 60 }), { minLength: 2, maxLength: most }),
      fc.array(
        fc.record({
          a: fc.nat(99),
          b: fc.nat(99),
          kind: fc.constantFrom('order', 'wait', 'wait', 'window'),
          m: fc.integer({ min: 1, max: 900 }),
        }),
        {
          maxLength: most,
        },
      ),
    )
    .map(([minutes, raw]) => {
      const steps = minutes.map((m, i) => step(`s${i}`, m));
      const links = raw.flatMap((l): Link[] => {
        const a = l.a % steps.length;
        const b = l.b % steps.length;
        if (a === b) return [];
        const [from, to] = [`s${Math.min(a, b)}`, `s${Math.max(a, b)}`];
        if (l.kind === 'order') return [order(from, to)];
        if (l.kind === 'window') return [window(from, to, 5 + (l.m % 60))];
        return [{ ...wait(from, to, l.m), band: { fast: l.m * 0.7, likely: l.m, slow: l.m * 1.6 } }];
      });
      return { steps, links, stretches: [], due: 0 };
    });
}

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
