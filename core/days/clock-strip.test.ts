import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blank, plainPiece } from '../record/blank.testing.ts';
import {
  betweenSessions,
  betweenWords,
  foldedStrip,
  momentWords,
  sittingParts,
  waitsOfPiece,
} from './clock-strip.ts';
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
  const sittings = fc
    .array(fc.tuple(fc.integer({ min: 5, max: 3000 }), fc.integer({ min: 5, max: 400 })), {
      minLength: 1,
      maxLength: 14,
    })
    .map((all) => {
      let at = 500;
      return all.map(([rest, long]) => {
        const from = at + rest;
        at = from + long;
        return { from, to: at };
      });
    });

  it('fold the nights, never run back, and can be read both ways', () => {
    fc.assert(
      fc.property(sittings, fc.integer({ min: -200, max: 3000 }), (own, later) => {
        const last = own.at(-1)!.to;
        const strip = foldedStrip(own, last + later);
        expect(strip.stretches[0]!.at).toBe(0);
        expect(strip.stretches.reduce((s, x) => s + x.wide, 0)).toBeCloseTo(1, 9);
        for (const [i, x] of strip.stretches.slice(1).entries()) expect(x.from).toBe(strip.stretches[i]!.to);
        expect(strip.from).toBe(own[0]!.from - 180);
        expect(strip.to).toBeGreaterThanOrEqual(last + later);
        let before = -1;
        for (let m = strip.from; m <= strip.to; m += 7) {
          const share = strip.shareOf(m);
          expect(share).toBeGreaterThan(before);
          expect(strip.minuteAt(share)).toBeCloseTo(m, 3);
          before = share;
        }
        // the work has most of the strip, however long the nights are
        const worked = strip.stretches.filter((x) => x.kind === 'sitting').reduce((s, x) => s + x.wide, 0);
        expect(worked).toBeGreaterThan(0.4);
      }),
      { numRuns: 60 },
    );
  });

  it('keep to the strip what lies before and after it', () => {
    const strip = foldedStrip([session(600, 720)], 900);
    expect([strip.shareOf(-1e5), strip.shareOf(1e5)]).toEqual([0, 1]);
    expect([strip.minuteAt(-3), strip.minuteAt(9)]).toEqual([420, 1080]);
    expect(strip.stretches.map((x) => x.kind)).toEqual(['before', 'sitting', 'after']);
  });

  it('tell what lies between in a word', () => {
    expect([betweenWords(0, 90), betweenWords(0, 600), betweenWords(0, 4 * 1440)]).toEqual([
      'break',
      'night',
      '4 days',
    ]);
  });

  it('name a sitting by what is done in it, the small parts with their neighbours', () => {
    const at = (step: Partial<PlannedStep['step']>, from: number, to: number) => planned(step, from, to);
    const head = at({ kind: 'shape', piece: 'head' }, 20, 60);
    const fur = at({ kind: 'texture', piece: 'head' }, 60, 90);
    const ear = at({ kind: 'shape', piece: 'ear' }, 90, 94);
    const mix = at({ kind: 'mix' }, 0, 20);
    const pack = at({ kind: 'pack' }, 94, 120);
    const parts = sittingParts(build, { from: 0, to: 120, steps: [mix, head, fur, ear, pack] });
    expect(parts.map((p) => p.words)).toEqual(['mix, head', 'ear, pack']);
    // with little room on the strip all of it is one part
    expect(sittingParts(build, { from: 0, to: 120, steps: [mix, head, fur, ear, pack] }, 0.05)).toHaveLength(
      1,
    );
    expect(parts[0]!.from).toBe(0);
    expect(parts.at(-1)!.to).toBe(120);
    expect(
      sittingParts(build, { from: 0, to: 9, steps: [at({ kind: 'shape', piece: 'gone' }, 0, 9)] })[0]!.words,
    ).toBe('shape');
    expect(sittingParts(build, { from: 0, to: 9, steps: [] })).toEqual([]);
  });

  it('tie a piece to its times: what closes, and what has to be waited for', () => {
    const steps = new Map([
      ['head', { piece: 'head' }],
      ['ear', { piece: 'ear' }],
    ]);
    const [tie, ...more] = waitsOfPiece([waits(60, 99, 1000), waits(100, 102, 140)], steps, 'head');
    expect(more).toEqual([]);
    expect(tie).toMatchObject({ from: 60, to: 1000, turns: 99, closes: false, words: 'head firms' });
    expect(waitsOfPiece([waits(60, 99, 1000)], steps, 'ear')).toEqual([]);
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
