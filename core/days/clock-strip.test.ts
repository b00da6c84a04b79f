import { describe, expect, it } from 'vitest';
import { blank, plainPiece } from '../record/blank.testing.ts';
import { betweenSessions, momentWords, sessionWords, stripOf } from './clock-strip.ts';
import type { PlannedStep, PlannedWait, Session } from './sessions.ts';
import { step, wait } from './work.testing.ts';

const ball = { kind: 'ball', sizes: { diameter: 30, press: 0 } } as const;
const build = { ...blank, pieces: [plainPiece('head', ball), plainPiece('ear', ball)] };
const planned = (of: Partial<PlannedStep['step']>, from = 0, to = 30): PlannedStep => ({
  step: { ...step('x', to - from), ...of },
  from,
  to,
  who: [0],
  wash: 0,
});
const session = (from: number, to: number, steps: readonly PlannedStep[] = []): Session => ({
  person: 0,
  from,
  to,
  steps,
  handsOn: to - from,
});
const waits = (from: number, likely: number, used: number): PlannedWait => ({
  link: wait('head', `after ${from}`, likely - from),
  from,
  likely,
  slow: likely,
  used,
  easy: true,
});

describe('the days along the foot of the screen', () => {
  it('run from three hours before the start to an eighth past the due time, and four hours at the least', () => {
    expect(stripOf({ startBy: 600 }, 3420)).toEqual({ from: 420, to: 3780 });
    expect(stripOf({ startBy: 600 }, 1000)).toEqual({ from: 420, to: 1240 });
  });

  it('name a session by what is shaped in it, then by packing, then by its kinds of work', () => {
    const head = planned({ kind: 'shape', piece: 'head' });
    const ear = planned({ kind: 'shape', piece: 'ear' });
    const pack = planned({ kind: 'pack' });
    const glue = planned({ kind: 'glue' });
    expect(sessionWords(build, { steps: [glue, head, ear, head, pack] })).toBe('head, ear');
    expect(sessionWords(build, { steps: [glue, pack] })).toBe('finish, pack');
    expect(sessionWords(build, { steps: [glue, planned({ kind: 'mix' }), glue] })).toBe('glue, mix');
    expect(sessionWords(build, { steps: [planned({ kind: 'shape', piece: 'gone' })] })).toBe('shape');
  });

  it('show the longest wait that the next session needs, and none that is short or over', () => {
    const sessions = [session(0, 120), session(1000, 1100), session(1200, 1300)];
    const all = [waits(60, 99, 1000), waits(100, 500, 1000), waits(90, 700, 1050), waits(110, 2000, 900)];
    const [first, second, ...more] = betweenSessions(sessions, all);
    expect(more).toEqual([]);
    expect([first!.from, first!.to, first!.wait]).toEqual([120, 1000, all[2]]);
    // all of them are over before the third begins
    expect(second).toEqual({ from: 1100, to: 1200 });
    expect(betweenSessions([session(0, 60)], all)).toEqual([]);
  });

  it('say of an hour what is in hand, else what is waited for first, else that nothing is', () => {
    const origin = { millis: Date.parse('2026-12-07T00:00:00Z'), zone: 'UTC' };
    const plan = {
      sessions: [session(600, 660, [planned({ title: 'Shape the head' }, 600, 660)])],
      waits: [waits(660, 900, 1000), waits(660, 780, 1000)],
    };
    const words = (at: number) => momentWords(plan, origin, at).split(' — ')[1];
    expect(words(600)).toBe('Shape the head');
    expect(words(660)).toBe('head firms: 2 h more');
    expect(words(780)).toBe('head firms: 2 h more');
    expect(words(900)).toBe('nothing is waited for');
    expect(words(599)).toBe('nothing is waited for');
    expect(momentWords(plan, origin, 600)).toMatch(/^Mon.* 10:00 — /);
  });
});
