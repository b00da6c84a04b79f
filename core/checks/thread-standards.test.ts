// Threaded rods and their hardware: ISO 261/68-1 threads, ISO 4032 nuts, ISO 7089 and ISO 7093-1 washers, ISO 273 medium
// clearance holes; from memory. How far a thread stands out of its nut and how a raised tier is stacked: common practice.
import { describe, expect, it } from 'vitest';
import { THREADS, usualStack } from '../bones/index.ts';
import { hardwareOf, reckonStack } from '../bones/stock/hardware.ts';
import { threaded } from '../bones/mechanics/sections.ts';
import { blank } from '../record/blank.testing.ts';
import {
  addToStack,
  cutStack,
  moveInStack,
  removeFromStack,
  setStack,
  setStackItem,
  setThread,
  withoutStack,
} from '../edits/index.ts';
import { type Build, type ThreadSize } from '../record/index.ts';
import { refusal, value } from '../files/demo.testing.ts';

it.each([
  [6, 5.2, 12, 18, 6.6],
  [8, 6.8, 16, 24, 9],
  [10, 8.4, 20, 30, 11],
  [12, 10.8, 24, 37, 13.5],
] as const)('M%i: nut %f mm high, washers %i and %i across, hole %f', (d, nut, washer, large, hole) => {
  const t = THREADS[d];
  expect([t.nut, t.washerWide, t.largeWide, t.hole]).toEqual([nut, washer, large, hole]);
  // a nut is about eight tenths of the thread high, and the hole lets the thread through with room
  expect(t.nut / d).toBeGreaterThan(0.8);
  expect(t.nut / d).toBeLessThan(0.92);
  expect(t.hole - d).toBeGreaterThan(0.59);
});

it('M10 carries on a root of 8.16 mm', () => {
  expect(2 * Math.sqrt(threaded(10).area / Math.PI)).toBeCloseTo(8.1597, 3);
});

describe('a raised tier on an M10', () => {
  const stack = usualStack({ thickness: 12, width: 350 });
  const report = reckonStack(stack);

  it('is cut to all that is on it, a little proud below and hidden in the tier above', () => {
    const { nut, washer, large } = THREADS[10];
    const along = 3 + nut + large + 12 + large + nut + 120 + nut + washer + 6 + 140;
    expect(report.rod.value).toBeCloseTo(along - 15, 9);
  });

  it('has its marks where things lie, each on top of the one below, holes in the boards only', () => {
    const onRod = report.lines.filter((l) => l.mark !== undefined);
    onRod.slice(1).forEach((l, i) => expect(l.from).toBeCloseTo(onRod[i]!.to, 9));
    expect(onRod[0]!.mark).toBeCloseTo(3, 9);
    expect(report.lines.filter((l) => l.hole).map((l) => l.item.name)).toEqual(['Base board', 'Tier board']);
    const base = report.lines.find((l) => l.item.kind === 'base')!;
    expect(base.from).toBe(20);
  });

  it('says what is missing: nuts, boards that would slide, feet that are too low', () => {
    const says = (change: (b: Build) => Build) => hardwareOf(change(setStack(blank, stack)))!.says.join(' ');
    expect(report.says).toEqual([]);
    expect(says((b) => value(removeFromStack(b, 'nut-1')))).toMatch(/No nut under the base/);
    expect(says((b) => value(setStackItem(b, 'feet', { thick: 5 })))).toMatch(/rocks on it/);
    expect(says((b) => value(removeFromStack(value(removeFromStack(b, 'washer-3')), 'nut-3')))).toMatch(
      /slide down/,
    );
    expect(says((b) => value(removeFromStack(b, 'base')))).toMatch(/no base board/);
  });

  it('flags a rod that was cut before the design changed', () => {
    const cut = value(cutStack(setStack(blank, stack), report.rod.value));
    expect(hardwareOf(cut)!.stale).toBeUndefined();
    const higher = value(setStackItem(cut, 'gap', { thick: 150 }));
    expect(hardwareOf(higher)!.stale).toMatchObject({ name: 'Cut too short by' });
    expect(hardwareOf(higher)!.stale!.value).toBeCloseTo(30, 1);
    expect(hardwareOf(value(cutStack(higher, undefined)))!.stale).toBeUndefined();
  });

  it('another thread has other nuts, and the rod another length', () => {
    const length = (t: ThreadSize) => hardwareOf(value(setThread(setStack(blank, stack), t)))!.rod.value;
    expect(length(12)).toBeGreaterThan(length(10));
    expect(length(6)).toBeLessThan(length(8));
  });

  it('is told in the order it goes on, and what each step closes off', () => {
    const text = report.steps.map((s) => s.do);
    expect(text[0]).toMatch(/Cut the M10 rod to 298 mm/);
    expect(text.findIndex((t) => /Drill/.test(t))).toBeLessThan(
      text.findIndex((t) => /Base board: underside/.test(t)),
    );
    expect(report.steps.find((s) => s.do.startsWith('Base board'))!.closes).toMatch(/cover its top before/);
  });

  it('is put together, moved about and taken away', () => {
    const b = setStack(blank, stack);
    const more = value(addToStack(b, 'nut', 'Top nut', 0, 'board'));
    expect(more.stack!.items.findIndex((i) => i.name === 'Top nut')).toBe(10);
    const up = value(moveInStack(more, 'top-nut', true));
    expect(up.stack!.items.at(-1)!.name).toBe('Top nut');
    expect(value(moveInStack(up, 'top-nut', true))).toBe(up);
    expect(refusal(setStackItem(b, 'gap', { thick: -4 }))).toMatch(/between nothing and 600/);
    expect(refusal(setThread(blank, 8))).toMatch(/no stack/);
    expect(hardwareOf(withoutStack(b))).toBeUndefined();
  });
});
