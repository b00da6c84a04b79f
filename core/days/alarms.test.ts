import { beforeAll, describe, expect, it } from 'vitest';
import { sayFirm, tick } from '../edits/index.ts';
import { demoBuild } from '../files/demo.testing.ts';
import { QUESTIONS } from '../firming/index.ts';
import { plan } from '../plan.ts';
import type { Build } from '../record/index.ts';
import { alarmsOf, plannedWindow, touchTests, FELT, type DaysReport, type Link } from './index.ts';

let otter: Build;
let days: DaysReport;
let wait: Link;
let window: Link;
let T: number;
const minute = 60_000;
const iso = (ms: number) => new Date(ms).toISOString();

beforeAll(() => {
  otter = demoBuild('ferryman-otter');
  T = Date.parse(`${otter.brief.due}:00Z`) - 10 * 864e5;
  days = plan(otter, { runs: 20, now: T }).days();
  wait = days.links.find(
    (l) => l.kind === 'wait' && l.asks && l.piece && l.band.likely > 20 && l.band.likely < 600,
  )!;
  window = days.links.find((l) => l.kind === 'window' && plannedWindow(l) >= 3 && plannedWindow(l) < 200)!;
});

describe('what rings at the bench', () => {
  it('nothing while nothing is done, or without a plan', () => {
    expect(alarmsOf(otter, days, T)).toEqual([]);
    expect(alarmsOf(tick(otter, wait.from, iso(T)), undefined, T)).toEqual([]);
  });

  it('a wait rings when it is likely over, and when it is done no more', () => {
    // not while something else has to be done first
    const early = alarmsOf(tick(otter, wait.from, iso(T)), days, T);
    const others = days.links.filter((l) => l.to === wait.to && l.from !== wait.from);
    if (others.length > 0) expect(early.some((a) => a.id.includes(` ${wait.to} `))).toBe(false);
    const build = [wait, ...others].reduce((b, l) => tick(b, l.from, iso(T)), otter);
    const ring = alarmsOf(build, days, T).find((a) => a.kind === 'opens' && a.id.includes(` ${wait.to} `))!;
    const all = days.links.filter((l) => l.kind === 'wait' && l.to === wait.to && l.band.likely <= 36 * 60);
    expect(ring.at).toBe(T + Math.max(...all.map((l) => l.band.likely)) * minute);
    expect(ring.title).toMatch(/: ready$/);
    const done = tick(build, wait.to, iso(T + minute));
    expect(alarmsOf(done, days, T).some((a) => a.id === ring.id)).toBe(false);
  });

  it('does not ring for what a finger has ended', () => {
    const build = tick(otter, wait.from, iso(T));
    const said = sayFirm(build, {
      piece: wait.piece!,
      question: 'hard',
      firm: true,
      at: iso(T + 5 * minute),
    });
    const rings = (b: Build) => alarmsOf(b, { ...days, links: [wait] }, T + 6 * minute).length;
    expect([rings(build), rings(said)]).toEqual([1, 0]);
  });

  it('a window rings before it closes, and when it has; done anew it is another', () => {
    const build = tick(otter, window.from, iso(T));
    const mine = alarmsOf(build, days, T).filter((a) => a.id.includes(` ${window.from} ${window.to} `));
    const [before, closed] = [
      mine.find((a) => a.kind === 'closing')!,
      mine.find((a) => a.kind === 'closed')!,
    ];
    const open = plannedWindow(window);
    expect(closed.at).toBe(T + open * minute);
    expect(closed.at - before.at).toBeCloseTo(Math.min(10, open / 3) * minute, 6);
    const again = alarmsOf(tick(otter, window.from, iso(T + 60 * minute)), days, T);
    expect(again.map((a) => a.id)).not.toContain(closed.id);
  });

  it('are in order of time, each once', () => {
    const build = days.steps.slice(0, 12).reduce((b, s, k) => tick(b, s.id, iso(T + k * 10 * minute)), otter);
    const all = alarmsOf(build, days, T + 120 * minute);
    expect(all.length).toBeGreaterThan(0);
    expect(all.map((a) => a.at)).toEqual(all.map((a) => a.at).toSorted((a, b) => a - b));
    expect(new Set(all.map((a) => a.id)).size).toBe(all.length);
  });
});

describe('what is felt for', () => {
  const asked = (build: Build, at: number) =>
    touchTests(build, days, plan(build).firming, at).filter(
      (t) => t.piece === wait.piece && t.question === wait.asks,
    );

  it('has words for every question', () => {
    for (const q of QUESTIONS) expect(FELT[q].asks).toMatch(/\?$/);
  });

  it('is asked once it may be so, and no more when it was said', () => {
    const build = tick(otter, wait.from, iso(T));
    const soon = days.links.filter(
      (l) => l.from === wait.from && l.piece === wait.piece && l.asks === wait.asks,
    );
    const fast = Math.min(...soon.map((l) => l.band.fast));
    expect(asked(build, T + (fast - 1) * minute)).toEqual([]);
    expect(asked(build, T + (fast + 1) * minute)).toHaveLength(1);
    const said = sayFirm(build, {
      piece: wait.piece!,
      question: 'hard',
      firm: true,
      at: iso(T + (fast + 1) * minute),
    });
    expect(asked(said, T + (fast + 2) * minute)).toEqual([]);
  });

  it('is asked again some while after it was not so', () => {
    const build = tick(otter, wait.from, iso(T));
    const at = wait.band.likely;
    const not = sayFirm(build, {
      piece: wait.piece!,
      question: wait.asks!,
      firm: false,
      at: iso(T + at * minute),
    });
    expect(asked(not, T + (at + 1) * minute)).toEqual([]);
    expect(asked(not, T + at * 1.4 * minute)).toHaveLength(1);
  });
});
