import { describe, expect, it } from 'vitest';
import { type Link, type Step, type Work } from '../days/index.ts';
import { Planner } from '../days/search/planner.ts';
import { search } from '../days/search/search.ts';
import { networkOf } from '../days/network.ts';
import { validate } from '../days/validate.ts';
import { alone, order, wait } from '../days/work.testing.ts';
import { SPACES } from '../record/index.ts';

/** Activities with optimistic, likely and pessimistic times and what each follows. */
type Row = readonly [id: string, a: number, m: number, b: number, after: string];

/**
 * Two PERT networks of operations-research textbooks (a plant's eight activities, a building's fourteen), from memory:
 * expected times (a + 4m + b) / 6, and how long the whole takes.
 */
const PLANT: readonly Row[] = [
  ['A', 1, 2, 3, ''],
  ['B', 2, 3, 4, ''],
  ['C', 1, 2, 3, 'A'],
  ['D', 2, 4, 6, 'A,B'],
  ['E', 1, 4, 7, 'C'],
  ['F', 1, 2, 9, 'C'],
  ['G', 3, 4, 11, 'D,E'],
  ['H', 1, 2, 3, 'F,G'],
];
const BUILDING: readonly Row[] = [
  ['A', 1, 2, 3, ''],
  ['B', 2, 3.5, 8, 'A'],
  ['C', 6, 9, 18, 'B'],
  ['D', 4, 5.5, 10, 'C'],
  ['E', 1, 4.5, 5, 'C'],
  ['F', 4, 4, 10, 'E'],
  ['G', 5, 6.5, 11, 'D'],
  ['H', 5, 8, 17, 'E,G'],
  ['I', 3, 7.5, 9, 'C'],
  ['J', 3, 9, 9, 'F,I'],
  ['K', 4, 4, 4, 'J'],
  ['L', 1, 5.5, 7, 'J'],
  ['M', 1, 2, 3, 'H'],
  ['N', 5, 5.5, 9, 'K,L'],
];
/**
 * Durations of thirty activities and what follows each: the first instance of thirty activities of the project scheduling
 * library (Kolisch and Sprecher 1997), from memory. Its shortest plan takes 43 with four resources of which there are only
 * so many, 38 without.
 */
const THIRTY = [
  0, 8, 4, 6, 3, 8, 5, 9, 2, 7, 9, 2, 6, 3, 9, 10, 6, 5, 3, 7, 2, 7, 2, 3, 3, 7, 8, 3, 7, 2, 2, 0,
];
const FOLLOWS: Readonly<Record<number, readonly number[]>> = {
  1: [2, 3, 4],
  2: [6, 11, 15],
  3: [7, 8, 13],
  4: [5, 9, 10],
  5: [20],
  6: [30],
  7: [27],
  8: [12, 19, 27],
  9: [14],
  10: [16, 25],
  11: [20, 26],
  12: [14],
  13: [17, 18],
  14: [17],
  15: [25],
  16: [21, 22],
  17: [22],
  18: [20, 22],
  19: [24, 29],
  20: [23, 25],
  21: [28],
  22: [23],
  23: [24],
  24: [30],
  25: [30],
  26: [31],
  27: [28],
  28: [31],
  29: [32],
  30: [32],
  31: [32],
};

/** How much there is of each resource, and of which resource how much each activity takes while it lasts. */
const THERE_IS = [12, 13, 4, 12];
const TAKES: readonly (readonly [resource: number, much: number])[] = [
  [0, 0], [0, 4], [0, 10], [3, 3], [0, 3], [3, 8], [0, 4], [1, 1], [0, 6], [3, 1], [1, 5], [1, 7], [0, 4], [1, 8],
  [0, 3], [3, 5], [3, 8], [3, 7], [1, 1], [1, 10], [3, 6], [0, 2], [0, 3], [1, 9], [0, 4], [2, 4], [3, 7], [1, 8],
  [1, 7], [1, 7], [2, 2], [0, 0],
]; // prettier-ignore
const SHORTEST = 43;

const SIXTHS = 6;
const alike = (id: string, minutes: number): Step => ({
  id,
  kind: 'shape',
  title: id,
  notes: [],
  minutes,
  hands: 0,
});
const workOf = (steps: Step[], links: Link[]): Work => ({
  steps,
  links,
  people: alone([{ from: 0, to: 10_000 }]),
  pools: [],
  due: 9000,
});
const expected = (rows: readonly Row[]): Work =>
  workOf(
    rows.map(([id, a, m, b]) => alike(id, a + 4 * m + b)),
    rows.flatMap(([id, , , , after]) => (after ? after.split(',').map((from) => order(from, id)) : [])),
  );
const length = (work: Work): number => {
  const planner = new Planner(work, { caution: 0, forwards: true });
  planner.weigh(planner.first(false));
  return Math.max(...planner.table().map((s) => s.to));
};

describe('networks of textbooks', () => {
  it('take as long as their critical path', () => {
    expect(length(expected(PLANT)) / SIXTHS).toBe(15);
    expect(length(expected(BUILDING)) / SIXTHS).toBe(44);
  });
  it('the benchmark of thirty activities has a path of 38 without its resources', () => {
    const work = workOf(
      THIRTY.map((d, i) => alike(`${i + 1}`, d)),
      Object.entries(FOLLOWS).flatMap(([from, all]) => all.map((to) => order(from, `${to}`))),
    );
    expect(length(work)).toBe(38);
  });
  it('with its resources it is planned in the shortest time there is, and never in less', () => {
    const hour = 60;
    const room = (k: number) => SPACES[k]!;
    // an activity is its begin and its end; between them its resource is held
    const work: Work = {
      ...workOf(
        THIRTY.flatMap((_, i) => [alike(`begin ${i + 1}`, 0), alike(`end ${i + 1}`, 0)]),
        [
          ...THIRTY.map((d, i) => {
            const [k, takes] = TAKES[i]!;
            const lasts = wait(`begin ${i + 1}`, `end ${i + 1}`, d * hour);
            return takes > 0 ? { ...lasts, hold: { space: room(k), takes } } : lasts;
          }),
          ...Object.entries(FOLLOWS).flatMap(([from, all]) =>
            all.map((to) => order(`end ${from}`, `begin ${to}`)),
          ),
        ],
      ),
      pools: THERE_IS.map((capacity, k) => ({ id: room(k), name: room(k), capacity })),
    };
    const lengths = [1, 2, 3].map((seed) => {
      const { table } = search(new Planner(work, { caution: 0, rather: 'later' }), { runs: 500, seed })!;
      expect(validate(work, table, 0)).toEqual([]);
      return (Math.max(...table.map((s) => s.to)) - Math.min(...table.map((s) => s.from))) / hour;
    });
    expect(Math.min(...lengths)).toBe(SHORTEST);
    expect(Math.max(...lengths)).toBeLessThan(1.2 * SHORTEST);
  });
  it('planned backwards, what is critical ends where the network says it may at the latest', () => {
    const work = expected(BUILDING);
    const planner = new Planner(work, { caution: 0 });
    planner.weigh(planner.first(false));
    const table = planner.table();
    // the building's critical path: A B C E F J L N
    const network = networkOf(work, 0);
    const tail = work.steps.map(() => 0);
    for (let round = 0; round < work.steps.length; round++)
      for (const e of network.edges) {
        const t = tail[e.to]! + network.minutes[e.to]!;
        if (t > tail[e.from]!) tail[e.from] = t;
      }
    table.forEach((s, i) => expect(s.to).toBe(work.due - tail[i]!));
  });
});
