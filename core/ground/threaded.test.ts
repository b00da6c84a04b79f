import { describe, expect, it } from 'vitest';
import { setMast } from '../edits/index.ts';
import { value } from '../files/demo.testing.ts';
import { MAST, placeRods } from '../figure/index.ts';
import { plan } from '../plan.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import type { Build, Mast } from '../record/index.ts';
import { figures } from '../walk.testing.ts';

/** A one-legged figure: a ball of 80 mm threaded on a rod, clear of the board it is bolted to. */
const threaded = (mast: Partial<Mast> = {}, more: Partial<Build> = {}): Build => ({
  ...blank,
  board: { ...blank.board, material: 'mdf', feet: 15 },
  brief: { ...blank.brief, journey: 'carFlat' },
  pieces: [
    plainPiece('foot', { kind: 'ball', sizes: { diameter: 50, press: 4 } }),
    plainPiece('ball', { kind: 'ball', sizes: { diameter: 80, press: 0 } }, { on: 'foot', at: [0, 0, 44] }),
  ],
  mast: { thread: 8, base: 'large', raised: 'large', up: 90, ...mast },
  ...more,
});

describe('the threaded rod of the board, where it stands up into the figure', () => {
  it('is a rod of the figure: it passes what is threaded on it and is held by its board', () => {
    const { bones, stands } = plan(threaded());
    expect(bones.mast?.letter).toBe('M8');
    expect(bones.mast?.passes.map((p) => ('name' in p ? p.name : p.piece))).toEqual([
      'Board',
      'foot',
      'ball',
    ]);
    expect(bones.anchored).toBe(true);
    expect(bones.mast?.verdict).not.toBe('idle');
    expect(stands.hovers).toEqual([]);
  });

  it('is not there where it ends below the figure', () => {
    const build = threaded({ up: 0 });
    expect(plan(build).bones.mast).toBeUndefined();
    expect(placeRods(build).some((r) => r.rod.id === MAST)).toBe(false);
  });

  it('is weighed once: with what stands under the figure, not with the figure', () => {
    const up = plan(threaded());
    const none = plan(threaded({ up: 0 }));
    expect(up.bones.balance.mass.value).toBeCloseTo(none.bones.balance.mass.value, 9);
    expect(up.bones.tally.number).toBe(0);
    expect(up.ground.whole.value).toBeGreaterThan(none.ground.whole.value + 10);
  });

  it('holds the better the wider its washers and the harder its board, and never worse further up', () => {
    const hard = (mast: Partial<Mast>, board: Partial<Build['board']> = {}) =>
      plan(threaded(mast, { board: { ...threaded().board, ...board } })).bones.mast!.checks.find(
        (c) => c.id === 'hold-below',
      )!.use.value;
    expect(hard({ base: 'large' })).toBeLessThanOrEqual(hard({ base: 'washer' }) + 1e-9);
    expect(hard({}, { material: 'plywood' })).toBeLessThan(hard({}, { material: 'foamcore' }));
    const above = (up: number) =>
      plan(threaded({ up })).bones.mast!.checks.find((c) => c.id === 'hold-above')!.use.value;
    expect(above(110)).toBeLessThanOrEqual(above(80) + 1e-9);
  });

  it('stands in its washers: (M + V h) against fc π (D⁴ − d⁴) ÷ 32 D, ISO 7093 washers and a board worked by hand', () => {
    const { bones } = plan(threaded());
    const check = bones.mast!.checks.find((c) => c.id === 'hold-below')!;
    const bears = figures(check.use).find((f) => f.name === 'The face bears');
    expect(bears).toBeDefined();
    const [D, d, crush] = bears!.from!.map((f) => f.value) as [number, number, number];
    expect([D, d]).toEqual([24, 9]);
    expect(bears!.value).toBeCloseTo((crush * Math.PI * (24 ** 4 - 9 ** 4)) / (32 * 24), 6);
  });

  it('that does not hold is mended by what was tried and holds', () => {
    const { mast } = plan(threaded()).bones;
    expect(mast?.verdict).toBe('fails');
    expect(mast?.mends.length).toBeGreaterThan(0);
    expect(mast?.mends[0]?.text).toMatch(/skewers beside it/);
    for (const m of mast!.mends) expect(plan(m.apply()).bones.mast!.worst!.use.value).toBeLessThanOrEqual(1);
  });

  it('no rod of a file can take its place', () => {
    expect(value(setMast(blank, { thread: 8, up: 40 })).mast?.up).toBe(40);
    expect(/^[a-z0-9-]+$/.test(MAST)).toBe(false);
  });
});
