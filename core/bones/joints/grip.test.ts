import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { endBearing, pullOut, pushIn, twistCapacity, twistHeld } from '../mechanics/anchorage.ts';
import { softNow, BOARDS, CORES, pasteAt, type Soft } from '../stock/soft.ts';
import { sideOf } from './joint-push.ts';
import type { Run } from '../runs/rod-paths.ts';

const SOFTS: readonly Soft[] = [CORES.cake, CORES.foam, pasteAt(80), BOARDS.drum];
const run = (instance: number, thick: number, part: Run['part'] = 'core'): Run => ({
  instance,
  part,
  thick,
  cover: 30,
});
const soft = (r: Run) => softNow(SOFTS[r.instance]!, 0);

describe('grip along a rod through several things', () => {
  it('is that of each over its own thickness, and the end bears on the last', () => {
    const side = sideOf([run(2, 8), run(0, 92)], 4, soft);
    expect(side.grip).toBeCloseTo(pullOut(soft(run(2, 8)), 4, 8) + pullOut(soft(run(0, 92)), 4, 92), 12);
    expect(side.pushed).toBeCloseTo(side.grip + endBearing(soft(run(0, 92)), 4), 12);
  });

  it('in one thing is what it always was', () => {
    for (const k of [0, 1, 2]) {
      const side = sideOf([run(k, 50)], 4, soft);
      expect(side.grip).toBeCloseTo(pullOut(soft(run(k, 50)), 4, 50), 12);
      expect(side.pushed).toBeCloseTo(pushIn(soft(run(k, 50)), 4, 50), 12);
      const whole = twistCapacity(soft(run(k, 50)), 4, 50, 2, 20, side.q);
      expect(twistHeld(side.grip, 4, 2, 20, side.q * 50)).toBeCloseTo(whole, 9);
    }
  });

  it('a thin board under deep cake grips for its own thickness, not for the cake over it', () => {
    const deep = sideOf([run(0, 90), run(3, 10, 'board')], 4, soft);
    const shallow = sideOf([run(0, 20), run(3, 10, 'board')], 4, soft);
    // 70 mm of cake more is 70 mm of cake's grip more
    expect(deep.grip - shallow.grip).toBeCloseTo(pullOut(soft(run(0, 70)), 4, 70), 12);
  });

  it('never grows less with depth, and a disc adds none', () => {
    const thick = fc.double({ min: 1, max: 80, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(3), thick), { minLength: 1, maxLength: 4 }),
        thick,
        (layers, more) => {
          const runs = layers.map(([k, t]) => run(k, t));
          const side = sideOf(runs, 4, soft);
          expect(sideOf([...runs, run(0, more)], 4, soft).grip).toBeGreaterThanOrEqual(side.grip);
          expect(sideOf([run(1, 3, 'disc'), ...runs], 4, soft).grip).toBeCloseTo(side.grip, 9);
        },
      ),
    );
  });
});
