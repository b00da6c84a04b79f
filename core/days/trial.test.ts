import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { setStepMinutes } from '../edits/index.ts';
import { demoBuild, value } from '../files/demo.testing.ts';
import { rhythm } from '../quantity/index.ts';
import { plan } from '../plan.ts';
import { wholeOf } from '../record/index.ts';
import { lotOf, scaledLot, TRIED } from './index.ts';

const lot = { id: 'shape:pearls', all: 100, minutes: 60 };
const reckonedFor = (k: number) => (60 * k * rhythm(k)) / (100 * rhythm(100));

describe('ten timed, and all of them scaled', () => {
  it('as long as was reckoned changes nothing', () => {
    expect(scaledLot(lot, TRIED, reckonedFor(TRIED)).value).toBeCloseTo(60, 9);
  });

  it('twice as long makes it 1.8 times as long: ten of twelve parts are believed', () => {
    const twice = scaledLot(lot, TRIED, 2 * reckonedFor(TRIED)).value / 60;
    expect(twice).toBeCloseTo(2 ** (10 / 12), 9);
    expect(twice).toBeGreaterThan(1.7);
    expect(twice).toBeLessThan(2);
  });

  it('more time never makes less, and more of them are believed more', () => {
    const times = fc.double({ min: 0.5, max: 120, noNaN: true });
    fc.assert(
      fc.property(times, times, fc.integer({ min: 1, max: 60 }), (a, b, k) => {
        const [low, high] = [Math.min(a, b), Math.max(a, b)];
        expect(scaledLot(lot, k, low).value).toBeLessThanOrEqual(scaledLot(lot, k, high).value + 1e-9);
        const slow = 3;
        const few = scaledLot(lot, k, slow * reckonedFor(k)).value;
        const more = scaledLot(lot, k + 1, slow * reckonedFor(k + 1)).value;
        expect(more).toBeGreaterThanOrEqual(few - 1e-9);
      }),
    );
  });

  it('a lot is all its parts, and what is said of it is planned', () => {
    const acorns = demoBuild('sixty-acorn-sweets');
    const days = plan(acorns, { runs: 10 }).days();
    const step = days.steps.find((s) => (s.alike ?? 0) >= 30)!;
    const found = lotOf(step, days.steps)!;
    expect(found.all).toBeGreaterThanOrEqual(60);
    const longer = Math.round(scaledLot(found, TRIED, found.minutes / 3).value);
    const told = plan(value(setStepMinutes(acorns, found.id, longer)), { runs: 10 }).days();
    const minutes = told.steps.reduce((sum, s) => (wholeOf(s.id) === found.id ? sum + s.minutes : sum), 0);
    expect(Math.abs(minutes - longer)).toBeLessThanOrEqual(2);
    expect(lotOf({ ...step, alike: 3 }, days.steps)).toBeUndefined();
  });
});
