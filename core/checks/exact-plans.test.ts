import highsLoader from 'highs';
import { describe, expect, it } from 'vitest';
import { generated, program, work } from './exact-plans.testing.ts';

describe('against exact plans', async () => {
  const highs = await highsLoader();
  it('is never better than what is possible, and on average within a hundredth of it', () => {
    const gaps: number[] = [];
    for (let seed = 1; seed <= 12; seed++) {
      const w = work(seed);
      const exact = highs.solve(program(w), { output_flag: false, time_limit: 8 });
      const found = generated(w, 60);
      if (exact.Status === 'Infeasible') {
        expect(found, `work ${seed}`).toBe(Infinity);
        continue;
      }
      if (exact.Status !== 'Optimal' || !Number.isFinite(found)) continue;
      expect(found, `work ${seed}`).toBeGreaterThanOrEqual(exact.ObjectiveValue - 1e-6);
      gaps.push(found / exact.ObjectiveValue - 1);
    }
    expect(gaps.length).toBeGreaterThan(5);
    expect(gaps.reduce((a, b) => a + b, 0) / gaps.length).toBeLessThan(0.01);
  }, 120_000);
});
