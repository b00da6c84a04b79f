import { polygonArea } from 'd3-polygon';
import { describe, expect, it } from 'vitest';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import { BOARD, type Build } from '../../record/index.ts';
import { setDisc, setSeat, togglePair } from '../../edits/index.ts';
import { value } from '../../files/demo.testing.ts';
import { discOutline, discWidth, placedDiscs } from '../index.ts';
import { boardOf, discShows } from './discs.ts';
import { place } from '../../figure/index.ts';

const block = plainPiece('block', { kind: 'truncatedCone', sizes: { foot: 120, top: 120, height: 60 } });
const post = plainPiece(
  'post',
  { kind: 'truncatedCone', sizes: { foot: 20, top: 20, height: 50 } },
  { on: 'block', at: [10, -5, 60], sink: 2 },
);
const build: Build = { ...blank, pieces: [block, post] };
const laid = (b: Build, width = 40) => value(setDisc(b, 'post', { of: 'card', width }));
const area = (outline: readonly (readonly [number, number])[]) =>
  Math.abs(polygonArea(outline as [number, number][]));
const THICK = boardOf({ of: 'card', width: 40 }).thick;

describe('a disc as it is drawn', () => {
  it('lies flush in the top it is let into, under the middle of its piece', () => {
    const [disc] = placedDiscs(laid(build));
    expect(disc!.at.map((x) => Number(x.toFixed(6)))).toEqual([10, -5, 60 - THICK / 2]);
    const heights = disc!.rim.map((p) => p[2]);
    expect(Math.max(...heights)).toBeCloseTo(60, 9);
    expect(Math.min(...heights)).toBeCloseTo(60 - THICK, 9);
    for (const [x, y] of disc!.rim) expect(Math.hypot(x - 10, y + 5)).toBeCloseTo(20, 9);
  });

  it('is a strip from the front and the side: its width by its thickness', () => {
    const [disc] = placedDiscs(laid(build));
    for (const view of ['front', 'side'] as const)
      expect(area(discOutline(disc!, view))).toBeCloseTo(40 * THICK, 6);
  });

  it('tips with its piece, and is then seen as an oval', () => {
    const leaning = value(setSeat(laid(build), 'post', { tip: 30 }));
    const [disc] = placedDiscs(leaning);
    const seen = area(discOutline(disc!, 'front'));
    // half the face shows, and the rim before it; a 24-sided round is 1.1 % short
    const oval = (Math.PI / 4) * 40 * 40 * Math.sin(Math.PI / 6);
    expect(seen).toBeGreaterThan(oval * 0.98);
    expect(seen).toBeLessThan(oval + 40 * THICK);
  });

  it('is there for each make of a pair, and not under what stands on the board', () => {
    const pair = value(togglePair(laid(build), 'post'));
    const two = placedDiscs(pair);
    expect(two).toHaveLength(2);
    expect(two[0]!.at[0]).toBeCloseTo(-two[1]!.at[0], 9);
    const down = {
      ...laid(build),
      pieces: laid(build).pieces.map((p) => ({ ...p, seat: { ...p.seat, on: BOARD } })),
    };
    expect(placedDiscs(down)).toEqual([]);
  });
});

describe('how wide a disc may be', () => {
  it('shows as soon as its rim comes out of the top, however it is turned', () => {
    const instances = place(build);
    const own = instances.find((i) => i.piece.id === 'post')!;
    const shows = (width: number) => discShows(instances, own, { of: 'card', width });
    // the post stands 11.2 mm off the middle of a top 120 mm across: 97.6 mm are left
    expect(shows(96)).toBe(false);
    expect(shows(101)).toBe(true);
    const turned = value(setSeat(build, 'post', { turn: 77 }));
    const other = place(turned);
    expect(
      discShows(
        other,
        other.find((i) => i.piece.id === 'post')!,
        { of: 'card', width: 101 },
      ),
    ).toBe(true);
  });

  it('begins a finger’s breadth round the foot, and where that would show with what does not', () => {
    expect(discWidth(build, 'post')).toBe(30);
    const narrow = {
      ...build,
      pieces: [
        { ...block, form: { ...block.form, sizes: { foot: 28, top: 28, height: 60 } } },
        { ...post, seat: { ...post.seat, at: [0, 0, 60] as const } },
      ],
    };
    expect(discWidth(narrow, 'post')).toBe(20);
  });
});
