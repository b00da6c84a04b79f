import fc from 'fast-check';
import { generate, networkOf, type Link, type Step, type Work } from './index.ts';

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

/** Earliest starts, forwards, by the generator. */
export const forwards = (work: Work) =>
  generate(
    networkOf(work, 0),
    work.stretches,
    work.steps.map((_, i) => i),
  );

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
      return { steps, links, stretches: [], due: 0 };
    });
}
