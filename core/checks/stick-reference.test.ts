import { describe, expect, it } from 'vitest';
import {
  depthNeeded,
  layeredCapacity,
  momentCapacity,
  sideCapacity,
  stickMoment,
} from '../bones/mechanics/anchorage.ts';
import { stickInBed } from './stick-reference.testing.ts';

const near = (value: number, wanted: number, within = 2e-3) =>
  expect(Math.abs(value / wanted - 1), `${value} against ${wanted}`).toBeLessThan(within);

describe('the closed forms against a beam on a springy bed', () => {
  it.each([0, 50])(
    'a stiff stick pulled %i mm up goes over between 0.95 and 1.04 of what is reckoned',
    (up) => {
      const most = sideCapacity(0.024, 60, up);
      const at = (share: number) =>
        stickInBed({
          bending: 1e8,
          held: 60,
          free: up,
          spring: 1,
          limit: 0.024,
          force: most * share,
          nodes: 2 * (60 + up),
        });
      expect(Math.abs(at(0.95).top)).toBeLessThan(2);
      expect(Math.abs(at(1.04).top)).toBeGreaterThan(10);
      // the greatest moment lies below the surface: M + V² ÷ 2 q
      near(at(0.95).moment, stickMoment([{ q: 0.024, thick: 60 }], most * 0.95, most * 0.95 * up));
    },
  );

  // Hetényi, Beams on Elastic Foundation, from memory
  it('a long stick in a springy bed: 2 H b ÷ k, and a moment of 0.3224 H ÷ b', () => {
    const b = (1 / 4 / 1e6) ** 0.25;
    const r = stickInBed({ bending: 1e6, held: 8 / b, free: 0, spring: 1, limit: 1e9, force: 1, nodes: 400 });
    near(r.top, 2 * b);
    near(r.moment, 0.3224 / b);
  });

  it.each([
    [60, 0],
    [60, 50],
    [100, 115],
  ])('a stiff stick %i mm deep pulled %i mm up leans 6 H (L + 2 y) ÷ k L³', (L, up) => {
    const r = stickInBed({
      bending: 1e8,
      held: L,
      free: up,
      spring: 0.05,
      limit: 1e9,
      force: 0.01,
      nodes: L + up,
    });
    near(r.lean, (6 * 0.01 * (L + 2 * up)) / (0.05 * L ** 3), 0.01);
    near(r.entry, (0.01 * (4 * L + 6 * up)) / (0.05 * L ** 2), 0.02);
  });
});

// worked by hand from the closed forms
describe('check values of a stick', () => {
  it.each([
    [0, 0.59647],
    [50, 0.26112],
    [115, 0.1474],
    [-30, 1.44],
  ])('q 0.024 N/mm over 60 mm, %i mm up: %f N', (up, force) =>
    near(sideCapacity(0.024, 60, up), force, 5e-5),
  );
  it('moment 21.6 N·mm, needed depths 50.825 and 91.287 mm', () => {
    near(momentCapacity(0.024, 60), 21.6, 1e-9);
    near(depthNeeded(0.024, 0.2, 50), 50.825, 1e-5);
    near(2 * Math.sqrt(50 / 0.024), 91.287, 1e-5);
  });
  it('two layers of one thing are that thing', () => {
    near(layeredCapacity([{ q: 0.024, thick: 25 }, { q: 0.024, thick: 35 }], 50).force, sideCapacity(0.024, 60, 50), 1e-6); // prettier-ignore
  });
});
