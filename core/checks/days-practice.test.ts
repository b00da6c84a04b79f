import { describe, expect, it } from 'vitest';
import { type DaysReport, type PlannedStep, WASH } from '../days/index.ts';
import { wholeOf } from '../record/index.ts';
import { demoBuild } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { seeded } from '../quantity/index.ts';
import { washBetween, WIPE } from '../days/wash.ts';

/** Facts of the trade about the order of the days; all common practice. */
const DEMOS = ['ferryman-otter', 'one-legged-heron', 'savoy-cabbage', 'sixty-acorn-sweets'];
const plans = new Map(DEMOS.map((id) => [id, plan(demoBuild(id)).days()]));
const steps = (d: DaysReport): PlannedStep[] => [
  ...new Map(d.plan!.sessions.flatMap((s) => s.steps).map((p) => [p.step.id, p])).values(),
];
const each = (check: (d: DaysReport, id: string) => void) => () => plans.forEach(check);

describe('the order of the days, common practice', () => {
  it(
    'texture goes on within minutes of shaping, while the paste is soft',
    each((d, id) => {
      const at = new Map(steps(d).map((p) => [p.step.id, p]));
      for (const l of d.links.filter((x) => x.kind === 'window' && wholeOf(x.to).startsWith('texture:'))) {
        const gap = at.get(l.to)!.from - at.get(l.from)!.to;
        expect(gap, `${id}: ${l.to}`).toBeLessThanOrEqual(Math.max(1, l.band.fast));
      }
    }),
  );
  it(
    'the packing comes last, after a last look',
    each((d, id) => {
      const all = steps(d);
      const last = all.reduce((a, b) => (b.to > a.to ? b : a));
      expect(last.step.kind, id).toBe('pack');
      const finish = all.find((p) => p.step.id === 'finish')!;
      for (const p of all.filter((x) => x.step.kind === 'join'))
        expect(p.to, id).toBeLessThanOrEqual(finish.from);
    }),
  );
  it(
    'paste is mixed before anything is shaped from it',
    each((d, id) => {
      const at = new Map(steps(d).map((p) => [p.step.id, p]));
      for (const l of d.links.filter((x) => x.from.startsWith('mix:')))
        expect(at.get(l.from)!.to, `${id}: ${l.from}`).toBeLessThanOrEqual(at.get(l.to)!.from);
    }),
  );
  it(
    'rods are cut before what goes over them is set',
    each((d, id) => {
      const rods = steps(d).find((p) => p.step.kind === 'bones');
      if (!rods) return;
      for (const l of d.links.filter((x) => x.from === rods.step.id))
        expect(steps(d).find((p) => p.step.id === l.to)!.from, id).toBeGreaterThanOrEqual(rods.to);
    }),
  );
  it(
    'nobody stands at one thing for more than an hour, and no session begins in the night',
    each((d, id) => {
      for (const p of steps(d).filter((x) => x.who.length > 0 && x.step.kind !== 'cake'))
        expect(p.step.minutes, `${id}: ${p.step.title}`).toBeLessThanOrEqual(60);
      for (const s of d.plan!.sessions) {
        const hour = new Date(d.origin!.millis + s.from * 60_000).getUTCHours();
        expect(hour, id).toBeGreaterThanOrEqual(8);
        expect(hour, id).toBeLessThanOrEqual(23);
      }
    }),
  );
  it(
    'it is not finished at the last minute',
    each((d, id) => {
      expect(d.plan!.spare, id).toBeGreaterThanOrEqual(30);
      expect(d.plan!.chance, id).toBeGreaterThanOrEqual(0.9);
      // begun on the very last day it is not ready
      expect(d.plan!.odds.at(-1)!.chance, id).toBeLessThan(d.plan!.chance);
    }),
  );
  it('a life-size carved cake takes days, sixty sweets too, one trial an evening', () => {
    const lead = (d: DaysReport) => (d.due! - d.plan!.startBy) / 1440;
    expect(lead(plans.get('savoy-cabbage')!)).toBeGreaterThan(2);
    expect(lead(plans.get('sixty-acorn-sweets')!)).toBeGreaterThan(1);
    expect(plan(demoBuild('trial-acorn')).days().plan!.handsOn).toBeLessThan(60);
  });
});

describe('clean hands, common practice', () => {
  it('white before colours, light before dark, and a wash after red and black', () => {
    expect(washBetween('#ffffff', '#f0c0c0')).toBe(0);
    expect(washBetween('#f0c0c0', '#a01818')).toBe(0);
    expect(washBetween('#a01818', '#ffffff')).toBe(WASH);
    expect(washBetween('#101010', '#f4e8d0')).toBe(WASH);
    expect(washBetween('', '#ffffff')).toBe(WASH);
    expect(washBetween('', '#a01818')).toBe(0);
  });
  it('a darker paste of another colour asks for a wipe only', () => {
    expect(washBetween('#f0e0a0', '#40508a')).toBe(WIPE);
  });
  it('never for the paste that is on them already, and never more than a wash', () => {
    const random = seeded(5);
    const hex = () =>
      `#${Math.floor(random() * 0xffffff)
        .toString(16)
        .padStart(6, '0')}`;
    for (let k = 0; k < 300; k++) {
      const [a, b] = [hex(), hex()];
      expect(washBetween(a, a)).toBe(0);
      expect([0, WIPE, WASH]).toContain(washBetween(a, b));
    }
  });
});
