import { describe, expect, it } from 'vitest';
import { figureWork } from './figures.testing.ts';
import { Planner, quickly } from './search/index.ts';
import { validate } from './validate.ts';

describe('figures of clusters of details, surfaces and joins', () => {
  it.each([
    [10, 150],
    [20, 150],
    [40, 150],
    [10, 60],
    [20, 60],
    [40, 60],
  ])('of %i steps in evenings of %i minutes are all planned, every window kept', (steps, evening) => {
    for (let seed = 1; seed <= 12; seed++) {
      const work = figureWork(steps, seed, evening);
      const found = quickly(new Planner(work, { caution: 0 }), 60);
      expect(found, `figure ${seed}`).toBeDefined();
      expect(validate(work, found!.table, 0), `figure ${seed}`).toEqual([]);
    }
  });
});
