import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { pinStep, remake, setDate, setRather, tick, planFrom } from '../edits/index.ts';
import { type Build } from '../record/index.ts';
import { plan } from '../plan.ts';
import { joinId, localIso, schedule, shapeId, type DaysReport } from './index.ts';
import { validate } from './validate.ts';
import { type Calendar } from './calendar.ts';
import { type Given } from './given.ts';
import { type Slot } from './types.ts';
import { anyJob, calendar } from './work.testing.ts';

const otter = demoBuild('ferryman-otter');
const daysOf = (b: Build): DaysReport => plan(b, { runs: 40 }).days();
const steps = (d: DaysReport) => d.plan!.sessions.flatMap((s) => s.steps);
const at = (d: DaysReport, id: string) => steps(d).find((p) => p.step.id === id)!;
const before = daysOf(otter);
const { origin } = before;

describe('dates that differ from the week', () => {
  const friday = otter.brief.due.slice(0, 10).replace(/\d\d$/, (d) => String(Number(d) - 1).padStart(2, '0'));
  const on = (d: DaysReport, date: string) =>
    d.plan?.sessions.filter((s) => localIso(d.origin!, s.from).startsWith(date)) ?? [];
  it('a day off has no session, its own hours have all of theirs inside', () => {
    expect(on(before, friday).length).toBeGreaterThan(0);
    const off = daysOf(value(setDate(otter, friday, {})));
    expect(on(off, friday)).toEqual([]);
    const long = daysOf(value(setDate(otter, friday, { from: '08:00', to: '12:00' })));
    for (const s of on(long, friday)) {
      const clock = [s.from, s.to].map((m) => localIso(long.origin!, m).slice(11));
      expect(clock[0]! >= '08:00' && clock[1]! <= '12:00').toBe(true);
    }
    expect(value(setDate(value(setDate(otter, friday, {})), friday, undefined))).toEqual(otter);
  });
  it('have to be days, and to end after they begin', () => {
    expect(refusal(setDate(otter, '2026-02-30', {}))).toMatch(/is no day/);
    expect(refusal(setDate(otter, friday, { from: '12:00', to: '09:00' }))).toMatch(/end after they begin/);
  });
});

describe('what a plan rather has', () => {
  const rather = (r: 'fewer' | 'later' | 'nights') => plan(setRather(otter, r), { runs: 40 }).days().plan!;
  const usual = plan(otter, { runs: 40 }).days().plan!;
  it('is weighed: no more sessions, no earlier start, no later nights than the others give', () => {
    expect(rather('fewer').sessions.length).toBeLessThanOrEqual(usual.sessions.length);
    expect(rather('later').startBy).toBeGreaterThanOrEqual(usual.startBy);
    const late = (p: typeof usual) =>
      p.sessions.reduce((sum, s) => sum + Math.max(0, (s.from % 1440) + (s.to - s.from) - 21 * 60), 0);
    expect(late(rather('nights'))).toBeLessThanOrEqual(late(usual));
    expect(setRather(setRather(otter, 'fewer'), undefined)).toEqual(otter);
  });
});

describe('a step that is pinned', () => {
  const body = at(before, shapeId('body'));
  const earlier = localIso(origin!, body.from - 24 * 60);
  it('begins when it is pinned to, and everything else still fits round it', () => {
    const pinned = value(
      pinStep(otter, shapeId('lantern'), localIso(origin!, at(before, shapeId('lantern')).from)),
    );
    const days = daysOf(pinned);
    expect(at(days, shapeId('lantern')).from).toBe(at(before, shapeId('lantern')).from);
    expect(steps(days)).toHaveLength(steps(before).length);
    expect(value(pinStep(pinned, shapeId('lantern'), undefined))).toEqual(otter);
  });
  it('outside the hours, or on top of another, is told in a sentence, and no plan is made', () => {
    const night = daysOf(value(pinStep(otter, shapeId('body'), `${earlier.slice(0, 10)}T03:00`)));
    expect(night.plan).toBeUndefined();
    expect(night.trouble.join()).toMatch(
      /“Shape the body” is pinned to \w+ \d+ \w+, 03:00[\s\S]*not lie in the working hours/,
    );
    const when = localIso(origin!, body.from);
    const both = value(pinStep(value(pinStep(otter, shapeId('body'), when)), shapeId('tail'), when));
    expect(daysOf(both).trouble.join()).toMatch(/pinned on top of each other/);
    expect(refusal(pinStep(otter, 'x', 'tomorrow'))).toMatch(/a date and a time/);
  });
  it('after what it has to come before names the wait and both steps', () => {
    const join = at(before, joinId('head'));
    const wrong = value(
      pinStep(
        value(pinStep(otter, shapeId('head'), localIso(origin!, join.from))),
        joinId('head'),
        localIso(origin!, join.from + 15),
      ),
    );
    expect(daysOf(wrong).trouble.join('\n')).toMatch(
      /firms until it can be held|on top of each other|before the end of/,
    );
  });
});

describe('planning the rest anew', () => {
  const first = before.plan!.sessions[0]!;
  const done = first.steps.reduce(
    (b, p) => tick(b, p.step.id, new Date(origin!.millis + p.to * 60_000).toISOString()),
    otter,
  );
  const now = new Date(origin!.millis + (first.to + 60) * 60_000).toISOString();
  const rest = daysOf(planFrom(done, now));
  it('leaves what is done, and moves nothing into the past', () => {
    const ids = new Set(first.steps.map((p) => p.step.id));
    expect(steps(rest).some((p) => ids.has(p.step.id))).toBe(false);
    expect(steps(rest)).toHaveLength(steps(before).length - ids.size);
    for (const p of steps(rest)) expect(p.from).toBeGreaterThanOrEqual(first.to + 60);
  });
  it('waits as long as it has to after what is done', () => {
    let waits = 0;
    for (const l of before.links) {
      const from = first.steps.find((p) => p.step.id === l.from);
      const to = steps(rest).find((p) => p.step.id === l.to);
      if (!from || !to || l.kind !== 'wait') continue;
      waits++;
      expect(to.from - from.to, l.why).toBeGreaterThanOrEqual(Math.floor(l.band.likely));
    }
    expect(waits).toBeGreaterThan(0);
  });
  it('keeps to its own days while nobody asks', () => {
    expect(steps(daysOf(done)).map((p) => p.from)).toEqual(steps(before).map((p) => p.from));
    expect(planFrom(planFrom(done, now), undefined)).toEqual(done);
  });
  it('makes again what broke, with what stood on it', () => {
    let all = otter;
    for (const p of steps(before))
      all = tick(all, p.step.id, new Date(origin!.millis + p.to * 60_000).toISOString());
    const broke = remake(
      all,
      'oar-arm',
      new Date(origin!.millis + (first.from - 600) * 60_000).toISOString(),
    );
    const again = steps(daysOf(broke)).map((p) => p.step.id);
    expect(again).toContain(shapeId('oar-arm'));
    expect(again).toContain(joinId('oar-arm'));
    expect(again).toContain(joinId('oar-paw'));
    expect(again).not.toContain(shapeId('oar-paw'));
    expect(again).not.toContain(shapeId('body'));
  });
  it('says when everything is done', () => {
    let all = otter;
    for (const s of before.steps) all = tick(all, s.id, '2026-12-05T10:00:00Z');
    expect(daysOf(planFrom(all, '2026-12-05T11:00:00Z')).trouble).toEqual(['Everything is done.']);
  });
});

it('whatever is done and pinned, a plan that is made can be done', () => {
  fc.assert(
    fc.property(anyJob(9), fc.integer({ min: 0, max: 6 }), (work, many) => {
      const { steps: all, links, people, pools } = work;
      const days: Calendar = { ...calendar([], work.due), people };
      const whole = schedule(all, links, days, { runs: 40, pools });
      if (!whole.plan) return;
      const planned = whole.plan.sessions.flatMap((s) => s.steps).sort((a, b) => a.from - b.from);
      const ended = new Map(planned.slice(0, many).map((p) => [p.step.id, p.to]));
      const from = Math.max(0, ...ended.values());
      const pinned = planned.slice(many).find((p) => p.from >= from);
      const given: Given = {
        ended,
        from,
        ...(pinned ? { pins: new Map([[pinned.step.id, pinned.from]]) } : {}),
      };
      const again = schedule(all, links, days, { runs: 40, given, pools });
      if (!again.plan) return;
      const now = again.plan.sessions.flatMap((s) => s.steps);
      if (pinned) expect(now.find((p) => p.step.id === pinned.step.id)!.from).toBe(pinned.from);
      const at = new Map(now.map((p) => [p.step.id, { from: p.from, to: p.to, who: p.who }]));
      const table = all.map((s): Slot => at.get(s.id) ?? { from: -1, to: ended.get(s.id)!, who: [] });
      if (again.plan.lateBy === 0)
        expect(validate(work, table, again.plan.caution, { done: new Set(ended.keys()) })).toEqual([]);
      for (const p of now) expect(p.from).toBeGreaterThanOrEqual(from);
      for (const l of links) {
        const a = ended.get(l.from);
        const b = now.find((p) => p.step.id === l.to);
        if (a !== undefined && b && l.kind === 'wait')
          expect(b.from - a).toBeGreaterThanOrEqual(Math.floor(l.band.likely));
      }
    }),
    { numRuns: 60 },
  );
});
