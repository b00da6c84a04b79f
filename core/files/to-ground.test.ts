import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { hardwareOf } from '../bones/stock/hardware.ts';
import { groundOf } from '../ground/index.ts';
import { value } from './demo.testing.ts';
import { readBuild } from './index.ts';
import { toGround } from './to-ground.ts';

const old = () =>
  JSON.parse(readFileSync(new URL('./examples/v7.spindle.json', import.meta.url), 'utf8')) as Record<
    string,
    unknown
  >;

it('a stack on a rod of version 7 becomes tiers under the figure, with the gap that nuts and washers now lie in', () => {
  const build = value(readBuild(JSON.stringify(old())));
  const [lower, raised] = build.cake.tiers;
  expect([lower!.name, lower!.posts?.number, lower!.stuck]).toEqual(['Lower tier', 4, false]);
  // washer and nut on the base, 120 open, nut and washer under the board
  expect(raised!.gap).toBeCloseTo(2.5 + 8.4 + 120 + 8.4 + 2, 9);
  expect(raised).toMatchObject({
    name: 'Raised tier',
    height: 140,
    width: 180,
    weight: 3000,
    board: { kind: 'ply6', width: 150 },
  });
  // ids are told apart: the stack had a “lower” too
  expect(new Set(build.cake.tiers.map((t) => t.id)).size).toBe(2);
  expect(build.board).toMatchObject({ width: 350, thickness: 12, material: 'mdf', feet: 20 });
  expect(build.mast).toEqual({ thread: 10, base: 'large', raised: 'washer', up: 0, cutAt: 298 });
  expect(build.card).toEqual({ kind: 'mdf12', width: 320 });
  expect(groundOf(build).says).toEqual([]);
  // the rod now goes through the lower tier as well, and up to the figure’s board
  expect(hardwareOf(build)!.stale!.name).toBe('Cut too short by');
});

it('without a stack or tiers only feet are new', () => {
  const { stack: _stack, ...record } = old();
  const bare = { ...record, cake: { ...(record.cake as object), tiers: [] } };
  const now = toGround(bare);
  expect(now).toEqual({ ...bare, board: { ...(record.board as object), feet: 0 } });
});

it('a figure on tiers keeps the board it was reckoned with as its own, on a drum wider than the widest', () => {
  const { stack: _stack, ...record } = old();
  const now = toGround(record);
  expect(now.card).toEqual({ kind: 'mdf12', width: 320 });
  expect(now.board).toMatchObject({ width: 300, thickness: 12, material: 'drum', feet: 0 });
});

it('sizes beyond what is kept now are brought within it', () => {
  const record = old();
  const stack = record.stack as { items: { kind: string; thick: number; width?: number }[] };
  for (const i of stack.items) {
    if (i.kind === 'tier') Object.assign(i, { thick: 600, width: 20 });
    if (i.kind === 'feet') i.thick = 600;
    if (i.kind === 'base') i.thick = 0;
  }
  const build = value(readBuild(JSON.stringify({ ...record, stack })));
  expect(build.cake.tiers.at(-1)).toMatchObject({ height: 400, width: 40 });
  expect(build.board).toMatchObject({ feet: 200, thickness: 1 });
});

it('whatever is missing or is something else, an old file is refused with a sentence and nothing is thrown', () => {
  const versions = [1, 2, 3, 4, 5, 6, 7, 8];
  for (const v of versions) {
    const text = readFileSync(new URL(`./examples/v${v}.spindle.json`, import.meta.url), 'utf8');
    const whole = JSON.parse(text) as Record<string, unknown>;
    for (const key of Object.keys(whole))
      for (const other of [undefined, null, 7, 'x', [], {}]) {
        if (key === 'format' || key === 'version') continue;
        const read = readBuild(JSON.stringify({ ...whole, [key]: other }));
        if (!read.ok) expect(read.problem.text.length, `${v} ${key}`).toBeGreaterThan(10);
      }
    expect(
      readBuild(JSON.stringify({ format: whole.format, version: v, name: 'Broken', nothing: 'more' })).ok,
    ).toBe(false);
  }
});
