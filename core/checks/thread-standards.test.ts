// Threaded rods and their hardware: ISO 261/68-1 threads, ISO 4032 nuts, ISO 7089 and ISO 7093-1 washers, ISO 273 medium
// clearance holes; from memory. How far a thread stands out of its nut and how a raised tier is stacked: common practice.
import { describe, expect, it } from 'vitest';
import { hardwareOf } from '../bones/stock/hardware.ts';
import { threaded } from '../bones/mechanics/sections.ts';
import { cutMast, setMast, setTier, withoutMast } from '../edits/index.ts';
import { refusal, value } from '../files/demo.testing.ts';
import { groundOf, nutWeighs, rodWeighs, THREADS, washerWeighs } from '../ground/index.ts';
import { blank } from '../record/blank.testing.ts';
import { type Build, type ThreadSize, type Tier } from '../record/index.ts';

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
  const raised = (patch: Partial<Tier> = {}): Tier => ({
    id: 'upper',
    name: 'Upper tier',
    shape: 'round',
    width: 180,
    height: 140,
    gap: 130,
    board: { kind: 'ply6', width: 150 },
    stuck: false,
    ...patch,
  });
  const on = (tiers: readonly Tier[], feet = 20): Build => ({
    ...blank,
    board: { ...blank.board, width: 350, material: 'mdf', feet },
    mast: { thread: 10, base: 'large', raised: 'washer', up: 0 },
    cake: { ...blank.cake, tiers },
  });
  const build = on([raised()]);
  const report = hardwareOf(build)!;

  it('is cut to all that is on it, a little proud below and hidden in the tier above', () => {
    const { nut, large } = THREADS[10];
    expect(report.rod.value).toBeCloseTo(3 + nut + large + 12 + 130 + 6 + 140 - 15, 9);
    const { rod, table } = groundOf(build);
    expect(rod!.to - rod!.from).toBeCloseTo(report.rod.value, 9);
    expect(rod!.from - table).toBeCloseTo(20 - nut - large - 3, 9);
  });

  it('bodies lie on each other without a hole or an overlap, and nuts lie beside nothing but gaps, feet and pockets', () => {
    const stacks = [
      build,
      on([raised({ gap: 0 }), raised({ id: 'top', name: 'Top', gap: 90 })]),
      { ...on([raised({ gap: 0 })]), card: { kind: 'card', width: 120, gap: 60 } as const },
    ];
    for (const b of stacks) {
      const { layers, fittings, table } = groundOf(b);
      const open = fittings.filter((f) => f.kind === 'gap' || f.kind === 'feet');
      const lying = [...layers, ...open].sort((p, q) => p.from - q.from);
      expect(lying[0]!.from).toBeCloseTo(table, 9);
      lying.slice(1).forEach((l, k) => expect(l.from).toBeCloseTo(lying[k]!.to, 9));
      expect(lying.at(-1)!.to).toBeCloseTo(0, 9);
      for (const f of fittings.filter((x) => x.kind !== 'gap' && x.kind !== 'feet'))
        for (const l of layers) {
          const apart = f.to <= l.from + 1e-9 || f.from >= l.to - 1e-9;
          const inPocket = l.pocket !== undefined && f.from >= l.from - 1e-9 && f.wide <= l.pocket.wide;
          expect(apart || inPocket || l.kind === 'tier', `${f.name} in ${l.name}`).toBe(true);
        }
    }
  });

  it('a tier that lies flat on the board gets a pocket over the nut, and nothing is wrong with that', () => {
    const flat = on([raised({ gap: 0 })]);
    const { nut, large, largeWide } = THREADS[10];
    const [, card] = groundOf(flat).layers;
    expect(card!.pocket).toEqual({ wide: largeWide + 1, deep: nut + large });
    expect(groundOf(flat).says).toEqual([]);
    expect(
      hardwareOf(flat)!.steps.some((s) =>
        /Cut a hole 31 mm across right through .* hollow what is on it (4\.9|5) mm deep/.test(s.do),
      ),
    ).toBe(true);
    expect(groundOf(build).layers.every((l) => l.pocket === undefined)).toBe(true);
  });

  it('has its marks over the lower end, holes in the boards only', () => {
    const onRod = report.lines.filter((l) => l.mark !== undefined);
    expect(onRod[0]!.mark).toBeCloseTo(3, 9);
    for (const l of onRod) expect(l.mark! + report.rodFrom).toBeCloseTo(l.from, 9);
    expect(report.lines.filter((l) => l.hole).map((l) => l.name)).toEqual([
      'Board',
      'Board of the upper tier',
    ]);
    expect(report.lines.find((l) => l.kind === 'board')!.from).toBe(20);
  });

  it('says what is wrong: feet too low, no board under what is raised, a gap too small for its nuts, no rod', () => {
    const says = (b: Build) => groundOf(b).says.join(' ');
    expect(report.says).toEqual([]);
    expect(says(on([raised()], 5))).toMatch(/rocks on it/);
    const { board: _board, ...bare } = raised();
    expect(says(on([bare]))).toMatch(/without a board under it/);
    expect(says(on([raised({ gap: 15 })]))).toMatch(/no room for its nuts/);
    expect(says(withoutMast(build))).toBe('');
    const { mast: _mast, ...loose } = build;
    expect(says(loose)).toMatch(/Nothing holds the upper tier up/);
    expect(says(on([raised({ gap: 0, posts: { stock: 'dowel8', number: 4 } })]))).toMatch(
      /carry nothing until a board/,
    );
  });

  it('flags a rod that was cut before the design changed', () => {
    const cut = value(cutMast(build, report.rod.value));
    expect(hardwareOf(cut)!.stale).toBeUndefined();
    const higher = value(setTier(cut, 'upper', { gap: 160 }));
    expect(hardwareOf(higher)!.stale).toMatchObject({ name: 'Cut too short by' });
    expect(hardwareOf(higher)!.stale!.value).toBeCloseTo(30, 1);
    expect(hardwareOf(value(cutMast(higher, undefined)))!.stale).toBeUndefined();
  });

  it('another thread has other nuts, and the rod another length; standing up into the figure it is longer', () => {
    const length = (thread: ThreadSize, up = 0) =>
      hardwareOf(value(setMast(build, { thread, up })))!.rod.value;
    expect(length(12)).toBeGreaterThan(length(10));
    expect(length(6)).toBeLessThan(length(8));
    expect(length(10, 70) - length(10)).toBeCloseTo(85, 9);
  });

  it('is told in the order it goes on, and what each step closes off', () => {
    const text = report.steps.map((s) => s.do);
    expect(text[0]).toMatch(/Cut the M10 rod to 287 mm/);
    expect(text.findIndex((t) => /Drill/.test(t))).toBeLessThan(
      text.findIndex((t) => /Board: underside/.test(t)),
    );
    expect(report.steps.find((s) => s.do.startsWith('Board: '))!.closes).toMatch(/cover its top before/);
  });

  it('refuses what no shop has, and goes away whole', () => {
    expect(refusal(setTier(build, 'upper', { gap: -4 }))).toMatch(/between nothing and 700/);
    expect(refusal(cutMast(blank, 300))).toMatch(/no threaded rod/);
    expect(refusal(setMast(build, { thread: 10, up: 4000 }))).toMatch(/up into the figure/);
    const gone = withoutMast(build);
    expect(hardwareOf(gone)).toBeUndefined();
    expect(gone.cake.tiers[0]!.gap).toBeUndefined();
  });

  // ISO 4032 M10: 11.6 g (DIN 934 tables, from memory); threaded rod M10: 500 g a metre (makers’ tables, from memory)
  it('weighs what the tables say', () => {
    expect(Math.abs(nutWeighs(10).value / 11.6 - 1)).toBeLessThan(0.15);
    expect(Math.abs(rodWeighs(10, 1000).value / 500 - 1)).toBeLessThan(0.05);
    expect(Math.abs(washerWeighs(10, 'washer').value / 4.1 - 1)).toBeLessThan(0.2);
  });
});
