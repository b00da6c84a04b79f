import { stepPartsField, type Build, wholeOf } from '../record/index.ts';
import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { joinId, shapeId, type DaysReport } from '../days/index.ts';
import { plan } from '../plan.ts';
import {
  addHelper,
  joinSteps,
  partSteps,
  removeHelper,
  setBuilt,
  setHelper,
  setHours,
  setPaces,
  setParts,
  setSpace,
  setTool,
  tick,
} from './index.ts';

const otter = demoBuild('ferryman-otter');
const daysOf = (b: Build): DaysReport => plan(b, { runs: 40 }).days();
const steps = (d: DaysReport) => d.plan!.sessions.flatMap((s) => s.steps);
const WEEK = [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '17:00', to: '22:00' }));

describe('helpers', () => {
  const helped = value(addHelper(otter, ' Apprentice '));
  const id = helped.workshop.helpers[0]!.id;
  it('come with hours and with what anybody can be shown, and go again', () => {
    expect(helped.workshop.helpers[0]).toMatchObject({ name: 'Apprentice', pace: 1.25 });
    expect(helped.workshop.helpers[0]!.hours.length).toBeGreaterThan(0);
    expect(removeHelper(helped, id)).toEqual(otter);
  });
  it('do only what they do, in their own hours, and take work off the hands of the artist', () => {
    const all = value(setHelper(helped, id, { hours: WEEK, does: ['shape', 'mix'] }));
    const days = daysOf(all);
    expect(days.people).toEqual(['you', 'Apprentice']);
    const theirs = days.plan!.sessions.filter((s) => s.person === 1).flatMap((s) => s.steps);
    expect(theirs.length).toBeGreaterThan(0);
    for (const p of theirs) expect(['shape', 'mix']).toContain(p.step.kind);
    const mine = (d: DaysReport) =>
      d.plan!.sessions.filter((s) => s.person === 0).reduce((sum, s) => sum + s.handsOn, 0);
    expect(mine(days)).toBeLessThan(mine(daysOf(otter)));
  });
  it('are refused without a name, a pace that can be, or anything to do', () => {
    expect(refusal(addHelper(otter, '  '))).toMatch(/needs a name/);
    expect(refusal(setHelper(helped, id, { pace: 0.1 }))).toMatch(/between 0.3 and 4/);
    expect(refusal(setHelper(helped, id, { does: [] }))).toMatch(/something/);
    expect(refusal(setHelper(helped, id, { hours: [{ day: 1, from: '12:00', to: '09:00' }] }))).not.toBe('');
    expect(refusal(setHelper(otter, 'nobody', {}))).toMatch(/not there/);
  });
});

describe('tools and room', () => {
  it('a rack too small for one piece is named with the piece', () => {
    const days = daysOf(value(setSpace(otter, 'rack', 20)));
    expect(days.plan).toBeUndefined();
    expect(days.trouble.join()).toMatch(/Drying rack/);
  });
  it('no oven and a cake to bake is a sentence', () => {
    const cabbage = demoBuild('savoy-cabbage');
    const days = daysOf(value(setTool(cabbage, 'oven', 0)));
    expect(days.plan).toBeUndefined();
    expect(days.trouble.join()).toMatch(/There is no oven, and “Bake/);
  });
  it('are refused where they cannot be', () => {
    expect(refusal(setTool(otter, 'oven', 1.5))).toMatch(/none and 20/);
    expect(refusal(setSpace(otter, 'rack', -1))).toMatch(/between nothing/);
    expect(value(setSpace(value(setSpace(otter, 'fridge', 500)), 'fridge', undefined))).toEqual(otter);
  });
});

describe('hours only if need be', () => {
  it('are used when there are no others, and left alone when there are', () => {
    const late = otter.hours.map((h) => ({ ...h, ifNeeded: true }));
    expect(daysOf(value(setHours(otter, late))).plan).toBeDefined();
    const more = value(
      setHours(otter, [...otter.hours, { day: 5, from: '21:30', to: '23:30', ifNeeded: true }]),
    );
    const used = daysOf(more).plan!.sessions.filter((s) => {
      const clock = new Date(daysOf(more).origin!.millis + s.to * 60_000);
      return clock.getUTCHours() * 60 + clock.getUTCMinutes() > 21 * 60 + 31;
    });
    expect(used).toEqual([]);
  });
});

describe('own times', () => {
  it('stretch the steps of their kind and no others', () => {
    const slow = setPaces(otter, { shape: 1.5 });
    const of = (b: Build, id: string) => plan(b, { runs: 1 }).work!.steps.filter((s) => wholeOf(s.id) === id);
    const minutes = (b: Build, id: string) => of(b, id).reduce((sum, s) => sum + s.minutes, 0);
    expect(minutes(slow, shapeId('body')) / minutes(otter, shapeId('body'))).toBeCloseTo(1.5, 1);
    expect(minutes(slow, joinId('head'))).toBe(minutes(otter, joinId('head')));
    expect(setPaces(slow, undefined)).toEqual(otter);
  });
});

describe('steps cut and joined', () => {
  it('in parts follow each other and together take as long', () => {
    const cut = value(setParts(otter, shapeId('body'), 3));
    const parts = steps(daysOf(cut)).filter((p) => wholeOf(p.step.id) === shapeId('body'));
    expect(parts).toHaveLength(3);
    const whole = steps(daysOf(otter)).find((p) => p.step.id === shapeId('body'))!.step.minutes;
    expect(parts.reduce((sum, p) => sum + p.step.minutes, 0)).toBe(whole);
    expect(value(setParts(cut, shapeId('body'), undefined))).toEqual(otter);
    expect(refusal(setParts(otter, shapeId('body'), stepPartsField.maximum + 1))).toMatch(/parts/);
  });
  it('done in one are one step, ticked off as one, and can be taken apart', () => {
    const both = value(joinSteps(otter, shapeId('eyes'), shapeId('nose')));
    const one = steps(daysOf(both)).find((p) => p.step.also?.length);
    expect([one!.step.id, ...one!.step.also!].sort()).toEqual([shapeId('eyes'), shapeId('nose')].sort());
    expect(daysOf(both).steps).toHaveLength(daysOf(otter).steps.length - 1);
    const done = tick(both, one!.step.id, '2026-12-05T10:00:00Z', one!.step.also);
    expect(done.bench.done.map((d) => d.step).sort()).toEqual([shapeId('eyes'), shapeId('nose')].sort());
    expect(partSteps(both, shapeId('nose'))).toEqual(otter);
    expect(refusal(joinSteps(otter, 'x', 'x'))).toMatch(/to itself/);
  });
});

describe('where a piece is built', () => {
  it('on a dummy it is moved with what it carries, where it stands it comes first', () => {
    const at = (b: Build, id: string) => steps(daysOf(b)).find((p) => p.step.id === id)!;
    const dummy = setBuilt(otter, 'body', 'dummy');
    expect(at(dummy, joinId('head')).to).toBeLessThanOrEqual(at(dummy, joinId('body')).from);
    expect(at(dummy, joinId('body')).step.notes.join()).toMatch(/Moved from its dummy/);
    const there = setBuilt(otter, 'body', 'there');
    expect(at(there, joinId('body')).to).toBeLessThanOrEqual(at(there, joinId('head')).from);
    expect(
      plan(setBuilt(otter, 'tail', 'foam'), { runs: 1 })
        .work!.steps.find((s) => s.id === shapeId('tail'))!
        .notes.join(),
    ).toMatch(/on foam/);
    expect(setBuilt(dummy, 'body', undefined)).toEqual(otter);
  });
});
