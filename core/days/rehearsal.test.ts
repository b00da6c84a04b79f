import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { chanceBelow, quantileOf } from '../joins/index.ts';
import { plan } from '../plan.ts';
import {
  joinCharts,
  joinedAt,
  joinId,
  outsideBy,
  ownDoneAt,
  poseAfter,
  rehearsalOf,
  shapeId,
} from './index.ts';

const otter = demoBuild('ferryman-otter');
const report = plan(otter, { runs: 25 });
const days = report.days();
const found = days.plan!;

describe('a rehearsal', () => {
  const steps = rehearsalOf(found, days.origin!);
  it('goes through every step once, in the order in which they end, and builds the figure up', () => {
    expect(new Set(steps.map((s) => s.step)).size).toBe(days.steps.length);
    for (let k = 1; k < steps.length; k++) expect(steps[k]!.at).toBeGreaterThanOrEqual(steps[k - 1]!.at);
    let before = 0;
    for (const s of steps) {
      const stands = joinedAt(otter, days, s.at);
      expect(stands.size).toBeGreaterThanOrEqual(before);
      before = stands.size;
      if (s.step === joinId('scarf')) expect(stands.has('scarf')).toBe(true);
      if (s.step === shapeId('scarf')) expect(stands.has('scarf')).toBe(false);
    }
    expect(before).toBe(otter.pieces.length);
    expect(joinedAt(otter, days, found.startBy).size).toBe(0);
  });

  it('paints nothing before its step is over, and with its last coat', () => {
    const { own } = otter.steps;
    expect(own.length).toBeGreaterThan(0);
    for (const o of own) {
      const last = Math.max(...steps.filter((s) => s.step.split('#')[0] === o.id).map((s) => s.at));
      expect(ownDoneAt(otter, days, last - 1).has(o.id)).toBe(false);
      expect(ownDoneAt(otter, days, last).has(o.id)).toBe(true);
    }
    expect(ownDoneAt(otter, days, found.startBy).size).toBe(0);
  });

  it('what was ticked off stands, whatever the plan says', () => {
    const at = new Date(days.origin!.millis).toISOString();
    const ticked = { ...otter, bench: { ...otter.bench, done: [{ step: joinId('feet'), at }] } };
    expect(joinedAt(ticked, days, 1).has('feet')).toBe(true);
  });
});

describe('an earlier join', () => {
  it('costs more height the sooner it is, and none once what carries it is firm', () => {
    const lost = [5, 20, 60, 720].map((m) => report.squash('body', m)!.value);
    for (let k = 1; k < lost.length; k++) expect(lost[k]).toBeLessThanOrEqual(lost[k - 1]!);
  });

  it('a pose sinks at first and keeps later, and is told by its odds between', () => {
    const posed = [...report.firming.values()].filter((f) => Number.isFinite(f.bands.pose?.slow ?? Infinity));
    expect(posed.length).toBeGreaterThan(0);
    for (const f of posed) {
      const { fast, likely, slow } = f.bands.pose!;
      if (likely < 1) continue;
      expect(poseAfter(f, fast * 0.8)).toBe('it sinks out of its pose');
      expect(poseAfter(f, slow * 1.2)).toBe('it keeps its pose');
      expect(poseAfter(f, likely)).toMatch(/keeps its pose .+/);
    }
    expect(poseAfter(undefined, 5)).toBeUndefined();
  });

  it('chances are the inverse of quantiles', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 500, noNaN: true }),
        fc.double({ min: 1.05, max: 6, noNaN: true }),
        fc.double({ min: 1.05, max: 6, noNaN: true }),
        fc.double({ min: 0.02, max: 0.98, noNaN: true }),
        (fast, a, b, p) => {
          const band = { fast, likely: fast * a, slow: fast * a * b };
          expect(chanceBelow(band, quantileOf(band, p))).toBeCloseTo(p, 5);
        },
      ),
    );
    expect(chanceBelow({ fast: 10, likely: Infinity, slow: Infinity }, 1e6)).toBe(0.1);
    expect(chanceBelow({ fast: 0, likely: 0, slow: 0 }, 0)).toBe(1);
  });
});

it('a tie is in its window as planned, late after it, early before its faces are ready', () => {
  const { joinings, firming } = report;
  const ties = joinCharts({ joinings, firming, plan: found, origin: days.origin! }).flatMap((c) => c.ties);
  expect(ties.length).toBeGreaterThan(10);
  for (const t of ties) {
    expect(outsideBy(t, t.at)?.side).not.toBe('late');
    if (Number.isFinite(t.closes)) expect(outsideBy(t, t.closes + 10)).toEqual({ minutes: 9, side: 'late' });
    if (Number.isFinite(t.opens)) expect(outsideBy(t, t.opens - 10)).toEqual({ minutes: 10, side: 'early' });
  }
});
