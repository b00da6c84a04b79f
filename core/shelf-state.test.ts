import { describe, expect, it } from 'vitest';
import { demoBuild } from './files/demo.testing.ts';
import { startsOf, toldStart } from './days/index.ts';
import { plan } from './plan.ts';
import { shelfState } from './shelf-state.ts';
import { isUnderWay, soughtDays } from './sought-days.ts';

const NOW = Date.UTC(2026, 10, 28, 20);

describe('how a build stands on the shelf', () => {
  const otter = demoBuild('ferryman-otter');

  it('tells how many of its steps are done, and when it has to be begun', () => {
    const fresh = shelfState(otter, NOW);
    expect(fresh.done).toBe(0);
    expect(fresh.steps).toBe(plan(otter).made.steps.length);
    expect(fresh.startBy).toMatch(/^\w{3} /);
    expect(fresh.late).toBe(false);
    const [first] = plan(otter).made.steps;
    const begun = { ...otter, bench: { done: [{ step: first!.id, at: '2026-11-28T19:00:00Z' }] } };
    expect(shelfState(begun, NOW).done).toBe(1);
  });

  it('tells the start that its days tell where it is opened, once that was sought', () => {
    for (const build of [otter, demoBuild('one-legged-heron')]) {
      const days = soughtDays(build, NOW);
      const state = shelfState(build, NOW, true);
      expect(state.startBy).toBe(days.plan && toldStart(days.origin!, days.plan.startBy));
      expect(state.late).toBe((days.plan?.lateBy ?? 0) > 0);
      expect([state.sought, shelfState(build, NOW).sought]).toEqual([true, false]);
    }
  });

  it('counts no step that is no longer there', () => {
    const gone = { ...otter, bench: { done: [{ step: 'shape:nobody', at: '2026-11-28T19:00:00Z' }] } };
    expect(shelfState(gone, NOW).done).toBe(0);
  });

  it('says what hovers, and why there is no plan', () => {
    const up = {
      ...otter,
      pieces: otter.pieces.map((p) =>
        p.id === 'lantern' ? { ...p, seat: { ...p.seat, on: 'board', at: [200, 0, 400] as const } } : p,
      ),
      rods: [],
    };
    expect(shelfState(up, NOW).wrong).toMatch(/hover/);
    const never = shelfState(demoBuild('heron-gilded-wet'), NOW);
    expect(never.startBy).toBeUndefined();
    expect(never.noPlan).toMatch(/\w/);
  });
});

describe('days as they are planned in the end', () => {
  const otter = demoBuild('ferryman-otter');

  it('are never worse than the first good answer, which is heard before', () => {
    const heard: (number | undefined)[] = [];
    const shares: number[] = [];
    const days = soughtDays(otter, NOW, {
      first: (d) => heard.push(d.plan?.startBy),
      progress: (share) => shares.push(share),
    });
    expect(heard.length).toBeGreaterThan(0);
    expect(days.plan!.startBy).toBeGreaterThanOrEqual(heard[0]!);
    expect(shares.every((share, i) => share >= 0 && share <= 1 && share >= (shares[i - 1] ?? 0))).toBe(true);
  });

  it('are the plan that was taken, where one was', () => {
    const days = soughtDays(otter, NOW);
    const taken = { ...otter, steps: { ...otter.steps, agreed: startsOf(days.plan!, days.origin!) } };
    expect([isUnderWay(otter), isUnderWay(taken)]).toEqual([false, true]);
    expect(soughtDays(taken, NOW).plan!.startBy).toBe(days.plan!.startBy);
  });
});
