import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { besideEarly, isBeside } from './beside.ts';
import { sessionsOf } from './sessions.ts';
import { alone, step, wait, window } from './work.testing.ts';
import type { Work } from './types.ts';

const beside = { ...step('wrap', 0), hands: 0 as const };
const work: Work = {
  steps: [step('bake', 40), beside, step('fill', 30)],
  links: [wait('bake', 'wrap', 90), window('bake', 'wrap', 240), wait('wrap', 'fill', 400)],
  people: alone([
    { from: 0, to: 120 },
    { from: 1440, to: 1560 },
  ]),
  pools: [],
  due: 2000,
};
const table = [
  { from: 0, to: 40, who: [0] },
  { from: 280, to: 280, who: [] },
  { from: 1440, to: 1470, who: [0] },
];

describe('what is done beside the bench', () => {
  it('takes no minutes and no hands', () => {
    expect(isBeside(beside)).toBe(true);
    expect(isBeside(step('bake', 40))).toBe(false);
    expect(isBeside({ ...beside, minutes: 5 })).toBe(false);
  });

  it('is done as soon as its wait is over, not when its window closes', () => {
    expect(besideEarly(work, table, 0.5)[1]!.from).toBe(130);
    expect(besideEarly(work, table, 0.5, new Set(['wrap']))[1]!.from).toBe(280);
  });

  it('stays where it was where it would be in the way: the shelf is full until then', () => {
    const hold = { space: 'fridge' as const, takes: 10 };
    const held: Work = {
      ...work,
      steps: [...work.steps, step('other', 20), step('after', 10)],
      links: [...work.links.slice(0, 2), { ...work.links[2]!, hold }, { ...wait('other', 'after', 1), hold }],
      pools: [{ id: 'fridge', name: 'fridge', capacity: 10 }],
    };
    const full = [...table, { from: 50, to: 70, who: [0] }, { from: 200, to: 210, who: [0] }];
    expect(besideEarly(held, full, 0.5)[1]!.from).toBe(280);
  });

  it('is told with the sitting before it, which it does not make longer', () => {
    const sessions = sessionsOf(work, table);
    expect(sessions).toHaveLength(2);
    expect(sessions[0]!.steps.map((p) => p.step.id)).toEqual(['bake', 'wrap']);
    expect(sessions[0]!.to).toBe(40);
  });

  it('layers are wrapped within four hours of the oven, the same evening', () => {
    const days = plan(demoBuild('savoy-cabbage'), { runs: 25 }).days();
    const all = days.plan!.sessions.flatMap((s) => s.steps);
    const oven = all.filter((p) => /^oven/.test(p.step.id)).at(-1)!;
    const wrap = all.find((p) => p.step.id === 'wrap')!;
    expect(wrap.from - oven.to).toBeGreaterThanOrEqual(60);
    expect(wrap.from - oven.to).toBeLessThanOrEqual(240);
  });
});
