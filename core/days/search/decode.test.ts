import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../quantity/index.ts';
import { WASH, type Step, type Work } from '../index.ts';
import { Planner } from './planner.ts';
import { spaceTrouble } from '../why-not.ts';
import { validate } from '../validate.ts';
import { type Genome } from './genome.ts';
import { alone, anyJob, evenings, forwards, order, step, wait, window, workOf } from '../work.testing.ts';

const DAY_LONG = [{ from: 0, to: 1440 }];
const ends = (work: Work, keys?: number[]): number => {
  const planner = new Planner(work, { caution: 0, forwards: true });
  const g = planner.first(true);
  planner.weigh(keys ? { ...g, keys: Float64Array.from(keys) } : g);
  return Math.max(...planner.table().map((s) => s.to));
};
const permutations = (n: number): number[][] =>
  n === 0
    ? [[]]
    : permutations(n - 1).flatMap((p) =>
        Array.from({ length: n }, (_, k) => [...p.slice(0, k), n - 1, ...p.slice(k)]),
      );
const with1 = (s: Step, more: Partial<Step>): Step => ({ ...s, ...more });

describe('washing between colours', () => {
  const pastes = [
    with1(step('red', 10), { colour: '#b01020' }),
    with1(step('pink', 10), { colour: '#e8a0a8' }),
    with1(step('white', 10), { colour: '#ffffff' }),
  ];
  it('dark to light washes twice, light to dark not at all', () => {
    // common practice: begin with white, end with what stains
    expect(ends(workOf(pastes, [], DAY_LONG), [0, 1, 2])).toBe(30 + 2 * WASH);
    const all = permutations(3).map((keys) => ends(workOf(pastes, [], DAY_LONG), keys));
    expect(Math.min(...all)).toBe(30);
    expect(ends(workOf(pastes, [], DAY_LONG), [2, 1, 0])).toBe(30);
  });
});

describe('hands and tools', () => {
  const two = [...alone(DAY_LONG), { id: 'h', name: 'Ida', pace: 1, stretches: DAY_LONG }];
  it('two people work side by side, and one after the other at one turntable', () => {
    const plain = { ...workOf([step('a', 30), step('b', 30)]), people: two };
    expect(ends(plain)).toBe(30);
    const turned: Work = {
      ...plain,
      steps: plain.steps.map((s) => with1(s, { tools: ['turntable'] })),
      pools: [{ id: 'turntable', name: 'turntable', capacity: 1 }],
    };
    expect(ends(turned)).toBe(60);
  });
  it('what takes two waits until both are there', () => {
    const later = [
      ...alone([{ from: 0, to: 400 }]),
      { id: 'h', name: 'Ida', pace: 1, stretches: [{ from: 300, to: 400 }] },
    ];
    const lift = workOf([with1(step('lift', 20), { hands: 2 })]);
    expect(forwards({ ...lift, people: later })).toEqual([300]);
  });
  it('a helper who is slower takes longer, and does only what they do', () => {
    const helper = { id: 'h', name: 'Ida', pace: 1.5, stretches: DAY_LONG, does: ['shape'] as const };
    const work = { ...workOf([step('a', 20)]), people: [...alone([]), helper] };
    expect(ends(work)).toBe(30);
    const join: Work = { ...work, steps: [with1(step('a', 20), { kind: 'join' })] };
    expect(forwards(join)).toBeUndefined();
  });
});

describe('room to put things down', () => {
  const shelf = [{ id: 'fridge', name: 'fridge', capacity: 1 }] as const;
  const chilled = (from: string, to: string) => ({
    ...wait(from, to, 60),
    hold: { space: 'fridge', takes: 1 } as const,
  });
  it('what chills holds its place until it is used: one shelf, two bowls', () => {
    const work: Work = {
      ...workOf(
        [step('make 1', 10), step('make 2', 10), step('use 1', 10), step('use 2', 10)],
        [chilled('make 1', 'use 1'), chilled('make 2', 'use 2')],
        DAY_LONG,
      ),
      pools: shelf,
    };
    const best = Math.min(...permutations(4).map((keys) => ends(work, keys)));
    // 10 made, 60 chilled; the second is made while the first chills and goes in as that comes out
    expect(best).toBe(140);
  });
  it('two on one shelf until one step is named as what cannot be', () => {
    const work: Work = {
      ...workOf(
        [step('make 1', 10), step('make 2', 10), step('use', 10)],
        [chilled('make 1', 'use'), chilled('make 2', 'use')],
        DAY_LONG,
      ),
      pools: shelf,
    };
    expect(spaceTrouble(work).join()).toMatch(/Fridge: 2 cm² is needed at once/);
    expect(forwards(work)).toBeUndefined();
  });
});

describe('windows', () => {
  it('a chain of windows longer than any evening has no time', () => {
    const work = workOf(
      [step('carve', 60), step('cover', 50), step('planks', 60)],
      [window('carve', 'cover', 20), window('cover', 'planks', 20)],
      evenings(5),
    );
    expect(forwards(work)).toBeUndefined();
    expect(forwards({ ...work, people: alone(evenings(5, 18 * 60, 21 * 60)) })).toEqual([1080, 1140, 1190]);
  });
  it('an earlier step is taken out and placed later where its window would close', () => {
    const work = workOf(
      [step('shape', 10), step('mix', 100), step('texture', 10)],
      [order('mix', 'texture'), window('shape', 'texture', 15)],
      evenings(2),
    );
    expect(forwards(work)).toEqual([1240, 1140, 1250]);
  });
});

/** A genome as the search may come to it: any order, hours open or closed at random. */
function anyGenome(planner: Planner, random: () => number): Genome {
  const g = planner.first(true);
  return {
    ...g,
    keys: g.keys.map((k) => k + (random() - 0.5) * 400),
    open: g.open.map((o) => (random() < 0.1 ? 0 : o)),
    free: random() < 0.5,
  };
}

describe('thousands of random jobs', () => {
  for (const forward of [true, false])
    it(`${forward ? 'forwards' : 'backwards'}: whatever the order, what is made can be done`, () => {
      let clean = 0;
      fc.assert(
        fc.property(anyJob(10), fc.nat(9999), fc.constantFrom(0, 0.5, 1), (work, seed, caution) => {
          const planner = new Planner(work, { caution, forwards: forward });
          const random = seeded(seed + 1);
          for (let k = 0; k < 6; k++) {
            if (!Number.isFinite(planner.weigh(anyGenome(planner, random)))) continue;
            const table = planner.table();
            // forwards it may end after it is due, which is not what is looked at here
            const due = Math.max(work.due, ...table.map((s) => s.to));
            const keeps = forward ? work.steps.map(({ fresh: _f, ...s }) => s) : work.steps;
            expect(validate({ ...work, steps: keeps, due }, table, caution)).toEqual([]);
            clean++;
          }
        }),
        { numRuns: 700 },
      );
      expect(clean).toBeGreaterThan(2000);
    });
});
