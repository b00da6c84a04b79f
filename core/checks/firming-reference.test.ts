// The production sweep against the slow reference solver of the project, in every event time. Tolerance 6 %.
import { describe, expect, it } from 'vitest';
import { type Question } from '../firming/index.ts';
import { crossing, marginOf } from '../firming/margins.ts';
import { sweep } from '../firming/sweep.ts';
import { CASES, type Case } from '../firming/cases.testing.ts';
import { referenceSweep } from '../firming/reference.ts';

const ROOM = { temperature: 21, humidity: 0.5, speed: 0.1 };
const QUESTIONS: Question[] = ['tack', 'skin', 'touch', 'pose', 'handle', 'bear', 'stand', 'dry', 'bend'];

const events = (h: ReturnType<typeof sweep>, c: Case) =>
  Object.fromEntries(
    QUESTIONS.flatMap((q) => {
      const m = marginOf(h, q, c.duty);
      return m ? [[q, crossing(h, m, q === 'bend')]] : [];
    }),
  ) as Partial<Record<Question, number>>;

describe.each(Object.entries(CASES) as [string, Case][])('%s', (_, c) => {
  const fast = events(sweep(c.law, c.slab, ROOM), c);
  const slow = events(referenceSweep(c.law, c.slab, ROOM), c);
  it('meets the reference within 6 % in time', () => {
    for (const [q, t] of Object.entries(slow)) {
      const mine = fast[q as Question]!;
      if (!Number.isFinite(t)) expect(mine, q).toBe(Infinity);
      else expect(Math.abs(Math.log(mine / t)), `${q}: ${mine} against ${t}`).toBeLessThan(0.06);
    }
  });
});

it('gives the expected event times, regenerated here by the reference at 250 cells (minutes)', () => {
  const want: Record<string, Partial<Record<Question, number>>> = {
    ear: { tack: 2.28, skin: 9.73, pose: 6.25, bend: 21.53 },
    cover: { tack: 5.57, skin: 21.27, touch: 77.8 },
    petal: { tack: 1.93, skin: 7.55, dry: 577.5 },
  };
  for (const [name, times] of Object.entries(want)) {
    const c = CASES[name as keyof typeof CASES];
    const got = events(referenceSweep(c.law, c.slab, ROOM, { cells: 250 }), c);
    for (const [q, t] of Object.entries(times))
      expect(Math.abs(got[q as Question]! / t - 1), `${name} ${q}: ${got[q as Question]}`).toBeLessThan(0.03);
  }
});
