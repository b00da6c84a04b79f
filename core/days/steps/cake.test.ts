import { describe, expect, it } from 'vitest';
import { demoBuild, value } from '../../files/demo.testing.ts';
import { setCake, setTool } from '../../edits/index.ts';
import { type Build, wholeOf } from '../../record/index.ts';
import { plan } from '../../plan.ts';
import { type DaysReport, type Link, type PlannedStep } from '../index.ts';

const cabbage = demoBuild('savoy-cabbage');
const daysOf = (b: Build): DaysReport => plan(b, { runs: 40 }).days();
const days = daysOf(cabbage);
const steps = (d: DaysReport): PlannedStep[] => d.plan!.sessions.flatMap((s) => s.steps);
const at = (id: string, d = days): PlannedStep => steps(d).find((p) => p.step.id === id)!;
const link = (from: string, to: string, kind: Link['kind'], d = days): Link =>
  d.links.find((l) => wholeOf(l.from) === from && wholeOf(l.to) === to && l.kind === kind)!;
const part = days.steps.find((s) => s.id.startsWith('stack:'))!.id.slice('stack:'.length);

describe('a carved cake, from the batter to its coat', () => {
  it('comes in the order of the kitchen', () => {
    const order = ['batter', 'oven', 'wrap', `stack:${part}`, `carve:${part}`, `coat:${part}`].map((id) =>
      at(id),
    );
    order.forEach((p, i) => i > 0 && expect(p.from, p.step.title).toBeGreaterThanOrEqual(order[i - 1]!.to));
    expect(at('cream').to).toBeLessThanOrEqual(at(`stack:${part}`).from);
  });

  it('batter goes into the oven within half an hour, and nobody stands at the oven', () => {
    // common practice: raised batter loses its air
    expect(link('batter', 'oven', 'window').band.slow).toBeLessThanOrEqual(30);
    expect(at('oven').from - at('batter').to).toBeLessThanOrEqual(15);
    expect(at('oven').who).toEqual([]);
    expect(at('oven').step.tools).toEqual(['oven']);
  });

  it('cools, settles and chills, each in its place', () => {
    expect(link('oven', 'wrap', 'wait').band.likely).toBeGreaterThanOrEqual(60);
    expect(link('wrap', `stack:${part}`, 'wait').hold?.space).toBe('fridge');
    const chill = link(`stack:${part}`, `carve:${part}`, 'wait');
    expect(chill.hold?.space).toBe('fridge');
    expect(chill.band.likely).toBeGreaterThanOrEqual(60);
    expect(chill.band.fast).toBeLessThan(chill.band.slow);
  });

  it('is coated before it warms, and covered while the coat is cold', () => {
    const warms = link(`carve:${part}`, `coat:${part}`, 'window');
    expect(at(warms.to).from - at(warms.from).to).toBeLessThanOrEqual(warms.band.fast);
    const covered = days.links.find((l) => wholeOf(l.from) === `coat:${part}` && l.kind === 'window')!;
    expect(covered.to).toBe(`shape:${part}`);
    expect(at(covered.to).from - at(covered.from).to).toBeLessThanOrEqual(covered.band.fast);
  });

  it('is not too old when it is due', () => {
    for (const p of steps(days).filter((x) => x.step.fresh))
      expect(days.due! - p.to, p.step.title).toBeLessThanOrEqual(p.step.fresh!.most * 60 + p.step.minutes);
  });

  it('weighs on the scale what Paste says', () => {
    const { cake } = plan(cabbage);
    const batter = at('batter').step.notes.join(' ');
    for (const b of cake.bakes) expect(batter).toContain(`Tin of ${b.tin} mm`);
    expect(cake.bakes.reduce((n, b) => n + b.layers, 0)).toBe(cake.parts.flatMap((p) => p.layers).length);
  });
});

describe('a change of the cake or the kitchen', () => {
  it('thinner layers are more layers and longer baking', () => {
    const thin = daysOf(value(setCake(cabbage, { layer: 20 })));
    const baking = (d: DaysReport) =>
      d.steps.filter((s) => s.id.startsWith('oven')).reduce((sum, s) => sum + s.minutes, 0);
    expect(baking(thin)).toBeGreaterThan(baking(days));
  });

  it('a second oven halves the time in it', () => {
    const two = daysOf(value(setTool(cabbage, 'oven', 2)));
    const oven = (d: DaysReport) => d.steps.find((s) => s.id === 'oven')!.minutes;
    expect(oven(two)).toBe(oven(days) / 2);
  });

  it('nothing is baked where nothing is cake', () => {
    const otter = plan(demoBuild('ferryman-otter'), { runs: 1 }).work!;
    expect(otter.steps.some((s) => s.kind === 'bake' || s.kind === 'cake')).toBe(false);
  });
});
