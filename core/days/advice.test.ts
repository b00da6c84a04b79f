import { describe, expect, it } from 'vitest';
import { demoBuild, value } from '../files/demo.testing.ts';
import { addOwnStep, tick } from '../edits/index.ts';
import { type Build } from '../record/index.ts';
import { ownTimesOf } from '../own-times.ts';
import { plan } from '../plan.ts';
import {
  aheadOf,
  idleOf,
  ownTimes,
  ownTimesTogether,
  pacesFrom,
  repeatedOf,
  type DaysPlan,
} from './index.ts';
import { sessionsOf, waitsOf } from './sessions.ts';
import { simulate } from './odds.ts';
import { slackOf } from './slack.ts';
import { type Timetable } from './types.ts';
import { evenings, step, wait, workOf } from './work.testing.ts';

const cabbage = demoBuild('savoy-cabbage');
const report = plan(cabbage, { runs: 40 });
const days = report.days();

describe('made ahead', () => {
  const shelf = aheadOf(cabbage, days.plan!, days.due!, report.joinings);
  it('a cake is fresh for days, a leaf of chocolate for weeks', () => {
    const cake = shelf.find((a) => a.id === 'oven')!;
    const leaf = shelf.find((a) => a.piece === 'outer-leaf-1')!;
    expect(cake.keepsUntil - cake.planned).toBeLessThanOrEqual(5 * 1440);
    expect(leaf.keepsUntil - leaf.planned).toBeGreaterThanOrEqual(14 * 1440);
  });
  it('is planned between the earliest that keeps and the latest that is in time, the first wanted first', () => {
    expect(shelf.length).toBeGreaterThan(10);
    shelf.forEach((a, i) => {
      expect(a.planned, a.name).toBeGreaterThanOrEqual(a.notBefore);
      expect(a.planned, a.name).toBeLessThanOrEqual(a.readyBy);
      if (i > 0) expect(a.readyBy).toBeGreaterThanOrEqual(shelf[i - 1]!.readyBy);
    });
  });
});

describe('done many times over', () => {
  it('tells hours, and where a helper or a cutter pays', () => {
    const acorns = plan(demoBuild('sixty-acorn-sweets'), { runs: 10 }).days();
    const rows = repeatedOf(acorns.steps);
    const nut = rows.find((r) => r.id === 'shape:nut')!;
    const minutes = acorns.steps
      .filter((s) => s.id.startsWith('shape:nut'))
      .reduce((sum, s) => sum + s.minutes, 0);
    expect(nut.number).toBe(60);
    expect(nut.hours.value).toBeCloseTo(minutes / 60, 9);
    expect(nut.shared.value).toBeLessThan(nut.hours.value);
    expect(nut.cutter!.value).toBeLessThan(nut.hours.value);
    // nothing is cut out where nothing is shaped
    expect(rows.find((r) => r.id.startsWith('texture:'))?.cutter).toBeUndefined();
    expect(rows.map((r) => r.hours.value)).toEqual([...rows.map((r) => r.hours.value)].sort((a, b) => b - a));
  });
  it('sixty in parts are sixty', () => {
    const acorns = plan(demoBuild('sixty-acorn-sweets'), { runs: 10 }).days();
    const parts = acorns.steps.filter((s) => s.id.startsWith('shape:nut'));
    expect(parts.length).toBeGreaterThan(1);
    expect(parts.reduce((sum, s) => sum + s.part!.number, 0)).toBe(60);
    for (const s of parts) expect(s.minutes).toBeLessThanOrEqual(60);
  });
});

describe('hands that are free while something firms', () => {
  const work = workOf(
    [step('shape', 20), step('join', 10), step('paint', 15), step('long', 90)],
    [wait('shape', 'join', 40)],
    evenings(3),
  );
  const table: Timetable = [
    [1140, 1160],
    [1200, 1210],
    [2580, 2595],
    [2600, 2690],
  ].map(([from, to]) => ({ from: from!, to: to!, who: [0] }));
  const sessions = sessionsOf(work, table);
  const made = {
    sessions,
    waits: waitsOf(work, table),
    slack: { paint: 30, long: 0 },
  } as unknown as DaysPlan;
  it('are told what they could do that fits, and why they are free', () => {
    const [gap] = idleOf(sessions[0]!, made, work.links);
    expect(gap).toMatchObject({ from: 1160, to: 1200 });
    expect(gap!.because.map((w) => w.link.to)).toEqual(['join']);
    expect(gap!.could.map((s) => s.id)).toEqual(['paint']);
  });
  it('are not told what still waits for something', () => {
    const later = idleOf(sessions[0]!, made, [...work.links, wait('join', 'paint', 10)]);
    expect(later[0]!.could).toEqual([]);
  });
});

describe('room before something is late', () => {
  const work = workOf([step('a', 20), step('b', 20)], [wait('a', 'b', 100)], [{ from: 0, to: 1000 }], 1000);
  const table: Timetable = [
    { from: 100, to: 120, who: [0] },
    { from: 300, to: 320, who: [0] },
  ];
  it('is what is left before the due time, and before the wait of the next', () => {
    expect(slackOf(work, table, 0)).toEqual([760, 680]);
  });
  it('used up to its last minute the plan still holds, one more and it does not', () => {
    const by = (k: number, m: number): Timetable =>
      table.map((s, i) => (i >= k ? { ...s, from: s.from + m, to: s.to + m } : s));
    const exact = { runs: 1 };
    const steady = {
      ...work,
      links: work.links.map((l) => ({ ...l, band: { fast: 100, likely: 100, slow: 100 } })),
    };
    expect(Math.max(...by(1, 680).map((s) => s.to))).toBe(1000);
    expect(simulate(steady, by(0, 0), exact).ends[0]!).toBeLessThanOrEqual(1000);
  });
});

describe('how long it takes this person', () => {
  const steps = [step('a', 10), step('b', 10), step('c', 10), step('d', 10)];
  const at = (m: number) => new Date(Date.UTC(2026, 11, 1, 18, m)).toISOString();
  const ticked = (ms: number[]) => ms.map((m, i) => ({ step: 'abcd'[i]!, at: at(m) }));
  it('is drawn towards the table where little is known, and goes with what is seen', () => {
    const [slow] = ownTimes(ticked([0, 20, 40, 60]), steps);
    expect(slow).toMatchObject({ kind: 'shape', seen: 3 });
    // three times twice as long, the table counting as three: 2^(3/6)
    expect(slow!.ratio).toBeCloseTo(Math.SQRT2, 9);
    expect(ownTimes(ticked([0, 10, 20, 30]), steps)[0]!.ratio).toBeCloseTo(1, 9);
  });
  it('leaves out pauses and ticks that came late', () => {
    expect(ownTimes(ticked([0, 59, 60, 61]), steps)).toEqual([]);
  });
  it('is taken together from several builds, and used only where it rests on something', () => {
    const one = ownTimes(ticked([0, 20, 40, 60]), steps);
    const both = ownTimesTogether([one, one]);
    expect(both[0]).toMatchObject({ seen: 6 });
    expect(both[0]!.ratio).toBeCloseTo(2 ** (6 / 9), 9);
    expect(pacesFrom(one)).toEqual({ shape: 1.41 });
    expect(pacesFrom([{ kind: 'mix', ratio: 2, seen: 2 }])).toEqual({});
    expect(pacesFrom([{ kind: 'mix', ratio: 1.02, seen: 9 }])).toEqual({});
  });
  it('is read from the ticks of a build against the table, whatever it plans with', () => {
    const heron = demoBuild('one-legged-heron');
    const list = plan(heron, { runs: 1 }).work!.steps.filter((s) => s.kind === 'shape');
    let now = Date.UTC(2026, 11, 1, 18);
    const done = [list[0]!, ...list].reduce((b: Build, s, i) => {
      now += i === 0 ? 0 : s.minutes * 1.5 * 60_000;
      return tick(b, i === 0 ? 'bones' : s.id, new Date(now).toISOString());
    }, heron);
    const [shape] = ownTimesOf([done]);
    expect(shape!.kind).toBe('shape');
    expect(shape!.ratio).toBeGreaterThan(1.25);
    const faster = { ...done, practice: { ...done.practice, pace: 0.5 } };
    expect(ownTimesOf([faster])).toEqual(ownTimesOf([done]));
    expect(ownTimesOf([value(addOwnStep(heron, { title: 'x', minutes: 5 }))])).toEqual([]);
  });
});
