import highsLoader from 'highs';
import { describe, expect, it } from 'vitest';
import { generated, joined, program, work } from './exact-plans.testing.ts';

describe('against exact plans', async () => {
  const highs = await highsLoader();
  // the solver is stopped by how much it has looked at, not by a clock: the same on every machine
  it('finds the best plan there is, and says that there is none where there is none', () => {
    let [planned, impossible] = [0, 0];
    for (let seed = 1; seed <= 12; seed++) {
      const w = work(seed);
      const exact = highs.solve(program(w), { output_flag: false, mip_max_nodes: 50_000 });
      const found = generated(w, 60);
      expect(['Optimal', 'Infeasible'], `work ${seed}`).toContain(exact.Status);
      if (exact.Status === 'Infeasible') {
        impossible++;
        expect(found, `work ${seed}`).toBe(Infinity);
      } else {
        planned++;
        expect(found, `work ${seed}`).toBeCloseTo(exact.ObjectiveValue, 6);
      }
    }
    expect([planned, impossible]).toEqual([9, 3]);
  }, 120_000);

  it('of joins whose faces close on both sides it finds the best there is too', () => {
    let planned = 0;
    for (let seed = 1; seed <= 10; seed++) {
      const w = joined(seed);
      const exact = highs.solve(program(w), { output_flag: false, mip_max_nodes: 50_000 });
      expect(['Optimal', 'Infeasible'], `work ${seed}`).toContain(exact.Status);
      const found = generated(w, 120);
      if (exact.Status === 'Infeasible') expect(found, `work ${seed}`).toBe(Infinity);
      else {
        planned++;
        expect(found, `work ${seed}`).toBeCloseTo(exact.ObjectiveValue, 6);
      }
    }
    expect(planned).toBeGreaterThan(4);
  }, 120_000);
});
