import { describe, expect, it } from 'vitest';
import { demoBuild } from './files/demo.testing.ts';
import { plan } from './plan.ts';
import { shelfState } from './shelf-state.ts';

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
