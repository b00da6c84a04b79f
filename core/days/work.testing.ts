import fc from 'fast-check';
import { USUAL_WORKSHOP, type Build } from '../record/index.ts';
import { calendarOf, type Link, type Step, type Work } from './index.ts';
import { Planner } from './search/planner.ts';
import { type Calendar } from './calendar.ts';
import { type Person, type Pool, type Stretch } from './types.ts';

export const step = (id: string, minutes: number): Step => ({
  id,
  kind: 'shape',
  title: id,
  notes: [],
  minutes,
});
export const same = (m: number) => ({ fast: m, likely: m, slow: m });
export const wait = (from: string, to: string, m: number): Link => ({
  from,
  to,
  kind: 'wait',
  band: same(m),
  why: `${from} firms`,
});
export const window = (from: string, to: string, m: number): Link => ({
  from,
  to,
  kind: 'window',
  band: same(m),
  why: `${to} before the skin`,
});
export const order = (from: string, to: string): Link => ({
  from,
  to,
  kind: 'order',
  band: same(0),
  why: '',
});
export const evenings = (days: number, from = 19 * 60, to = 21 * 60) =>
  Array.from({ length: days }, (_, d) => ({ from: d * 1440 + from, to: d * 1440 + to }));
export const HOURS = [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '19:00', to: '21:30' }));
export const brief = {
  due: '2026-12-12T15:00',
  zone: 'Europe/London',
  journey: 'table',
  grip: 'mat',
  note: '',
} as const;

/** One pair of hands. */
export const alone = (stretches: readonly Stretch[]): Person[] => [
  { id: 'me', name: 'you', pace: 1, stretches },
];
export const workOf = (
  steps: readonly Step[],
  links: readonly Link[] = [],
  stretches: readonly Stretch[] = [],
  due = 9999,
): Work => ({ steps, links, people: alone(stretches), pools: [], due });

/** Days of one pair of hands that begin at the start of 1970. */
export const calendar = (stretches: readonly Stretch[], due: number): Calendar => ({
  origin: { millis: 0, zone: 'UTC' },
  due,
  people: alone(stretches),
  says: [],
});

/** The calendar of somebody who works alone these hours. */
export const weeksOf = (brief: Build['brief'], hours: Build['hours']) =>
  calendarOf({ brief, hours, workshop: USUAL_WORKSHOP, bench: { done: [] } });

/** Earliest starts, forwards, by the generator, steps in the order they are written. */
export function forwards(
  work: Work,
  keys: readonly number[] = work.steps.map((_, i) => i),
): number[] | undefined {
  const planner = new Planner(work, { caution: 0, forwards: true });
  const clean = planner.weigh({ ...planner.first(true), keys: Float64Array.from(keys) });
  return Number.isFinite(clean) ? planner.table().map((s) => s.from) : undefined;
}

/** Random work without loops: links run from earlier to later steps. */
export function anyWork(most = 8): fc.Arbitrary<Work> {
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
      return workOf(steps, links, [], 0);
    });
}

const POOLS: readonly Pool[] = [
  { id: 'turntable', name: 'turntable', capacity: 1 },
  { id: 'rack', name: 'drying rack', capacity: 300 },
];

/**
 * Random work with everything in it: two people of whom one does not do everything, late hours if need be, a turntable, a
 * shelf that fills, paste in three colours, steps for two and for none, things that do not keep.
 */
export function anyJob(most = 9): fc.Arbitrary<Work> {
  const extra = fc.record({
    hands: fc.constantFrom(undefined, undefined, undefined, undefined, 0, 2),
    colour: fc.constantFrom(undefined, '#ffffff', '#e0a0a0', '#a01010'),
    kind: fc.constantFrom('shape', 'join', 'cover'),
    turntable: fc.boolean(),
    fresh: fc.constantFrom(undefined, undefined, undefined, 96, 200),
  });
  return fc
    .tuple(
      anyWork(most),
      fc.array(extra, { minLength: most, maxLength: most }),
      fc.array(fc.constantFrom(undefined, undefined, 100, 200), { minLength: most, maxLength: most }),
      fc.constantFrom(0.8, 1, 1.5),
      fc.boolean(),
    )
    .map(([plain, extras, holds, pace, help]) => {
      const steps = plain.steps.map((s, i): Step => {
        const { hands, colour, kind, turntable, fresh } = extras[i]!;
        return {
          ...s,
          kind,
          ...(hands !== undefined && (hands < 2 || help) ? { hands } : {}),
          ...(colour ? { colour } : {}),
          ...(turntable ? { tools: ['turntable'] } : {}),
          ...(fresh ? { fresh: { hours: fresh / 4, most: fresh, weight: 1 } } : {}),
        };
      });
      const links = plain.links.map((l, k): Link => {
        const takes = l.kind === 'wait' ? holds[k % holds.length] : undefined;
        return takes ? { ...l, hold: { space: 'rack', takes } } : l;
      });
      const mine = evenings(12, 17 * 60, 21 * 60).flatMap((e): Stretch[] => [
        e,
        { from: e.to, to: e.to + 90, ifNeeded: true },
      ]);
      const people: Person[] = [
        ...alone(mine),
        ...(help
          ? [
              {
                id: 'h',
                name: 'Ida',
                pace,
                stretches: evenings(12, 18 * 60, 22 * 60),
                does: ['shape', 'join'] as const,
              },
            ]
          : []),
      ];
      return { steps, links, people, pools: POOLS, due: 11 * 1440 };
    });
}
