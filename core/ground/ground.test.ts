import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { coverBoard, setCard, setMast, setRibbon } from '../edits/index.ts';
import { value } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import type { Build, Rod, Tier } from '../record/index.ts';
import { drivenInto, groundOf, layerAt } from './index.ts';

const tier = (id: string, more: Partial<Tier> = {}): Tier => ({
  id,
  name: `Tier ${id}`,
  shape: 'round',
  width: 200,
  height: 100,
  cover: { thickness: 4, blend: 'plain', colour: 'white' },
  stuck: false,
  ...more,
});
const skewer = (x: number, down: number, up = 34): Rod => ({
  id: `r${x}`,
  name: `Skewer ${x}`,
  stock: 'skewer3',
  from: { on: 'board', at: [x, 0, -down] },
  to: { on: 'ball', at: [x, 0, up] },
  pair: false,
  sleeved: false,
});
const ball = (tiers: readonly Tier[], down: number, more: Partial<Build> = {}): Build => ({
  ...blank,
  brief: { ...blank.brief, journey: 'carFlat' },
  pieces: [plainPiece('ball', { kind: 'ball', sizes: { diameter: 60, press: 0 } }, { sink: 2 })],
  rods: [skewer(-8, down), skewer(8, down)],
  cake: { ...blank.cake, tiers },
  ...more,
});

describe('a ball of 60 mm on a covered tier, on two skewers', () => {
  it('that go 60 mm down into the cake are held by cake, and told so', () => {
    const { bones } = plan(ball([tier('a')], 60));
    for (const r of bones.rods) {
      expect(r.passes.map((p) => ('name' in p ? p.name : p.part))).toEqual(['Tier a', 'paste']);
      expect(r.depthIn).toBe('tier a');
      expect(r.depth).toBeCloseTo(60, -1);
    }
  });

  it('hold less in cake than in a plywood board of the same depth, and the deeper the more', () => {
    const hardest = (b: Build) => Math.max(...plan(b).bones.rods.map((r) => r.worst!.use.value));
    const inBoard = ball([], 12, { board: { ...blank.board, material: 'plywood' } });
    expect(hardest(ball([tier('a')], 12))).toBeGreaterThan(hardest(inBoard));
    expect(hardest(ball([tier('a')], 60))).toBeLessThan(hardest(ball([tier('a')], 12)));
    expect(hardest(ball([tier('a')], 90))).toBeLessThanOrEqual(hardest(ball([tier('a')], 60)) + 1e-9);
  });

  it('through the whole tier they end in the board under it', () => {
    const { bones } = plan(ball([tier('a')], 110));
    expect(bones.rods[0]!.passes.map((p) => ('name' in p ? p.name : p.part))).toEqual([
      'Board',
      'Tier a',
      'paste',
    ]);
  });

  it('on light sponge they hold less than on dense cake', () => {
    const dense = ball([tier('a')], 60);
    const light: Build = { ...dense, cake: { ...dense.cake, batter: 'sponge' } };
    const use = (b: Build) => Math.max(...plan(b).bones.rods.map((r) => r.worst!.use.value));
    expect(use(light)).toBeGreaterThan(use(dense));
  });

  it('a first stick goes 60 mm into a cake, and through a board', () => {
    expect(drivenInto(groundOf(ball([tier('a')], 0)))).toBe(60);
    expect(drivenInto(groundOf(ball([tier('a', { height: 40 })], 0)))).toBe(40);
    expect(drivenInto(groundOf(blank))).toBe(12);
  });
});

describe('the pile', () => {
  const anyTier = fc.record({
    height: fc.integer({ min: 20, max: 300 }),
    gap: fc.constantFrom(0, 0, 60, 130),
    board: fc.constantFrom(undefined, 'card' as const, 'ply6' as const),
    width: fc.integer({ min: 60, max: 400 }),
  });
  it('every place under the figure lies in one layer or in none, whatever is piled', () => {
    fc.assert(
      fc.property(
        fc.array(anyTier, { maxLength: 4 }),
        fc.integer({ min: 0, max: 40 }),
        fc.boolean(),
        (raw, feet, rod) => {
          const tiers = raw.map(({ board, gap, ...t }, k) =>
            tier(String(k), {
              ...t,
              ...(gap ? { gap } : {}),
              ...(board ? { board: { kind: board, width: t.width } } : {}),
            }),
          );
          const b: Build = {
            ...blank,
            board: { ...blank.board, feet },
            cake: { ...blank.cake, tiers },
            ...(rod ? { mast: { thread: 8, base: 'washer', raised: 'large', up: 0 } as const } : {}),
          };
          const ground = groundOf(b);
          expect(ground.top.to).toBeCloseTo(0, 9);
          const lowest = Math.min(...ground.layers.map((l) => l.from));
          expect(lowest - feet).toBeCloseTo(ground.table, 9);
          let before: string | undefined;
          const seen = new Set<string>();
          for (let z = -0.25; z > ground.table; z -= 0.5) {
            const id = layerAt(ground, 0, 0, z)?.id;
            // met once, from the top down
            if (id !== undefined && id !== before) expect(seen.has(id)).toBe(false);
            if (id !== undefined) seen.add(id);
            before = id ?? before;
          }
          expect(seen.size).toBe(ground.layers.length);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('a place beside a tier is in nothing, over the board it is in nothing until the board', () => {
    const ground = groundOf(ball([tier('a', { width: 100 })], 0));
    expect(layerAt(ground, 60, 0, -20)).toBeUndefined();
    expect(layerAt(ground, 60, 0, -105)?.kind).toBe('board');
    expect(layerAt(ground, 0, 0, -20)?.id).toBe('a');
    expect(layerAt(ground, 0, 0, 1)).toBeUndefined();
  });
});

describe('what is under the figure is weighed, covered, bought, planned and taken out', () => {
  const two = ball(
    [
      tier('a', { posts: { stock: 'dowel8', number: 4 } }),
      tier('b', { width: 150, board: { kind: 'card', width: 150 } }),
    ],
    60,
  );
  const covered = value(
    setRibbon(value(coverBoard(two, { thickness: 3, blend: 'plain', colour: 'white' })), {
      width: 15,
      colour: 'white',
    }),
  );
  const raised = value(setMast({ ...covered, board: { ...covered.board, feet: 20 } }, { thread: 10 }));

  it('weighs figure, tiers, boards and steel together, and rises over the table by all of them', () => {
    const { ground, bones, tiers } = plan(raised);
    expect(ground.rise.value).toBeCloseTo(20 + 12 + 100 + 3 + 100, 9);
    const under = tiers.find((t) => t.tier.id === 'a')!.above.value;
    expect(ground.whole.value).toBeGreaterThan(under);
    expect(ground.whole.value).toBeGreaterThan(bones.balance.mass.value + 2000);
    // a drum of 240 by 12 mm at 0.35 g/cm³
    const board = ground.lines.find((l) => l.id === 'board')!.weighs!.value;
    expect(board).toBeCloseTo((Math.PI / 4) * 24 ** 2 * 1.2 * 0.35, 3);
  });

  it('the paste of the board’s cover is in the batch of its colour', () => {
    const line = plan(covered).paste[0]!.lines.find((l) => l.piece === 'board')!;
    expect(line.net.value).toBeCloseTo((Math.PI / 4) * 240 ** 2 * 3 * 1.38e-3, 1);
    expect(line.cover!.roll.value).toBeGreaterThan(240);
  });

  it('steps: sawn before paste is near, board covered before the rod, tiers from the board up, then the figure', () => {
    const { steps, links } = plan(raised).work!;
    const ids = new Set(steps.map((s) => s.id));
    for (const id of ['mast', 'mast:clamp', 'cover:board', 'set:a', 'set:b', 'ribbon'])
      expect(ids.has(id), id).toBe(true);
    const after = (from: string, to: string): boolean => {
      const next = links.filter((l) => l.from === from && l.kind !== 'window').map((l) => l.to);
      return next.includes(to) || next.some((n) => after(n, to));
    };
    expect(after('mast', 'cover:board')).toBe(true);
    expect(after('cover:board', 'mast:clamp')).toBe(true);
    expect(after('mast:clamp', 'set:a')).toBe(true);
    expect(after('cover:a', 'set:a')).toBe(true);
    expect(after('set:a', 'set:b')).toBe(true);
    expect(after('set:b', 'join:ball')).toBe(true);
    expect(after('ribbon', 'pack')).toBe(true);
    expect(steps.find((s) => s.id === 'set:b')!.notes.join(' ')).toMatch(/First 4 posts/);
    for (const l of links) expect(ids.has(l.from) && ids.has(l.to), `${l.from} → ${l.to}`).toBe(true);
  });

  // common practice: a figure is finished on a card of its own and lifted on to the cake last
  it('on a board of its own the figure waits for no tier, and is lifted on when both are done', () => {
    const own = value(setCard(raised, { kind: 'card', width: 100 }));
    const { steps, links } = plan(own).work!;
    expect(steps.some((s) => s.id === 'set:card')).toBe(true);
    const before = (id: string) => links.filter((l) => l.to === id).map((l) => l.from);
    expect(before('set:card')).toEqual(expect.arrayContaining(['set:b', 'join:ball']));
    expect(before('join:ball').some((id) => /^(set|cover):/.test(id))).toBe(false);
  });

  it('a bare tier is done with its coat', () => {
    const { cover: _cover, ...plain } = tier('c');
    const { steps, links } = plan(ball([plain], 60)).work!;
    const ids = new Set(steps.map((s) => s.id));
    expect(ids.has('cover:c')).toBe(false);
    expect(links.some((l) => l.from === 'coat:c' && l.to === 'set:c')).toBe(true);
    for (const l of links) expect(ids.has(l.from) && ids.has(l.to)).toBe(true);
  });

  it('buys the rod, its nuts and washers, feet, boards and ribbon', () => {
    const { needs } = plan(raised);
    const amount = (name: RegExp) => needs.find((n) => name.test(n.name))?.amount.value;
    expect(amount(/^Threaded steel rod M10/)).toBe(1);
    expect(amount(/^Nuts M10/)).toBe(2);
    expect(amount(/^Large washers M10/)).toBe(2);
    expect(amount(/^Feet 20 mm/)).toBe(4);
    expect(amount(/^Round board 150 mm, 3 mm card/)).toBe(1);
    expect(amount(/^Ribbon 15 mm/)).toBeCloseTo(Math.PI * 240 + 20, 6);
  });

  it('a figure on tall tiers tips sooner than on its board, and a wider board helps', () => {
    const lean = (b: Build) => plan(b).bones.boardTips.lean.value;
    const flat = ball([], 12);
    const high = ball([tier('a', { width: 100 }), tier('b', { width: 100 })], 60);
    expect(lean(high)).toBeLessThan(lean(flat));
    expect(lean({ ...high, board: { ...high.board, width: 400 } })).toBeGreaterThan(lean(high));
  });
});
