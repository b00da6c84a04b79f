import { describe, expect, it } from 'vitest';
import { plan } from '../../plan.ts';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import type { Build, Rod } from '../../record/index.ts';
import { rodPaths } from '../runs/rod-paths.ts';
import { bareEnds } from './rod-ends.ts';

/** A block 80 mm high, with a stick from the board up to a height, so far from its middle. */
const block = (up: number, aside = 0, more: Partial<Rod> = {}): Build => ({
  ...blank,
  pieces: [
    plainPiece('body', { kind: 'roundedBlock', sizes: { width: 60, depth: 60, height: 80, edge: 0 } }),
  ],
  rods: [
    {
      id: 'one',
      name: 'Stick',
      stock: 'skewer4',
      from: { on: 'board', at: [aside, 0, -12] },
      to: { on: 'board', at: [aside, 0, up] },
      pair: false,
      sleeved: false,
      ...more,
    },
  ],
});
const ends = (b: Build) => bareEnds(b, rodPaths(b)[0]!);

describe('the ends of a rod', () => {
  it('that come out of the top are told, with how far', () => {
    const [end] = ends(block(86));
    expect(end!.along).toBeCloseTo(-6, 0);
    const clash = plan(block(86)).bones.clashes.find((c) => c.title.includes('stands out'))!;
    expect(clash.verdict).toBe('fails');
    expect(clash.title).toMatch(/^The end of A stands out 6(\.\d+)? mm$/);
  });

  it('are drawn back along the rod until they are covered', () => {
    const clash = plan(block(86)).bones.clashes.find((c) => c.title.includes('stands out'))!;
    expect(clash.mend!.text).toBe('Draw its end back 10 mm');
    expect(ends(clash.mend!.apply())).toEqual([]);
  });

  it('under less than 3 mm of paste are told, under more are not', () => {
    expect(ends(block(78))[0]!.along).toBeCloseTo(2, 0);
    expect(ends(block(76))).toEqual([]);
  });

  it('are looked at sideways too', () => {
    // 4 mm from the side, less half of 4 mm
    expect(ends(block(60, 26))[0]!.cover).toBeCloseTo(2, 0);
    expect(ends(block(60, 20))).toEqual([]);
  });

  it('are left alone in the board, and where they are meant to be seen', () => {
    expect(ends(block(60))).toEqual([]);
    expect(ends(block(86, 0, { shown: true }))).toEqual([]);
  });
});
