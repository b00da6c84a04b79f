import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { readBuild } from '../files/index.ts';
import { extent, height, place, placeRods } from '../figure/index.ts';
import { plan } from '../plan.ts';
import { BOARD, type Build } from '../record/index.ts';
import { startBuild, STARTS, usuallyWanted } from '../starts/index.ts';
import { asPart, putBeside, putIn } from './index.ts';

const otter = demoBuild('ferryman-otter');
const donkey = demoBuild('donkey-with-panniers');
const board = (build: Build): Build => ({ ...build, pieces: [], rods: [] });
const where = (build: Build, by = 0) =>
  place(build)
    .map((i) =>
      i.frame.origin.map((v, k) => (v - (k === 0 ? by : 0)).toFixed(1).replace('-0.0', '0.0')).join(),
    )
    .sort();

describe('a part of one’s own', () => {
  it('is a piece with all it carries, and reads as a build', () => {
    const head = value(asPart(otter, 'head'));
    expect(head.pieces.map((p) => p.id)).toContain('head');
    expect(head.pieces.every((p) => p.seat.on === BOARD || head.pieces.some((q) => q.id === p.seat.on))).toBe(
      true,
    );
    expect(head.pieces.length).toBeLessThan(otter.pieces.length);
    expect(readBuild(JSON.stringify(head)).ok).toBe(true);
    expect(refusal(asPart(otter, 'nobody'))).toMatch(/no longer/);
  });

  it('comes with its pastes and colours, under names that nobody has', () => {
    const head = value(asPart(otter, 'head'));
    const put = value(putIn(donkey, head, { on: 'body', at: [0, 0, 60] })).build;
    expect(readBuild(JSON.stringify(put)).ok).toBe(true);
    expect(new Set(put.pieces.map((p) => p.id)).size).toBe(put.pieces.length);
    expect(put.pieces).toHaveLength(donkey.pieces.length + head.pieces.length);
    for (const p of put.pieces) {
      expect(put.blends.some((b) => b.id === p.blend)).toBe(true);
      expect(put.colours.some((c) => c.id === p.colour)).toBe(true);
    }
  });

  it('put into the build it is from, brings no paste and no colour twice', () => {
    const put = value(putIn(otter, value(asPart(otter, 'head')), { on: BOARD, at: [150, 0, 0] })).build;
    expect(put.blends).toEqual(otter.blends);
    expect(put.colours).toEqual(otter.colours);
  });

  it('is as tall as it is wished', () => {
    const put = value(putIn(board(donkey), donkey, { on: BOARD, at: [0, 0, 0], tall: 120 })).build;
    expect(height(put)).toBeCloseTo(120, 0);
  });

  it('refuses where there is nothing to put it on, and when there is nothing in it', () => {
    expect(refusal(putIn(otter, donkey, { on: 'nobody', at: [0, 0, 0] }))).toMatch(/no such piece/);
    expect(refusal(putIn(otter, board(donkey), { on: BOARD, at: [0, 0, 0] }))).toMatch(
      /nothing in that part/,
    );
  });
});

describe('several figures on one board', () => {
  it.each(
    STARTS.filter((s) => s.size.kind === 'length').map(
      (s) => [s.id, startBuild(s, usuallyWanted(s), otter.brief)] as const,
    ),
  )('%s keeps its form beside the middle: every piece and rod is where it was, moved over', (_, figure) => {
    const put = value(putIn(board(figure), figure, { on: BOARD, at: [300, 0, 0] })).build;
    expect(where(put, 300)).toEqual(where(figure));
    const ends = (b: Build, by: number) =>
      placeRods(b)
        .map((r) =>
          [r.line.at(0)!, r.line.at(-1)!]
            .map((p) => p.map((v, k) => Math.round((v - (k === 0 ? by : 0)) * 2) / 2 + 0).join())
            .join(' '),
        )
        .sort();
    expect(ends(put, 300)).toEqual(ends(figure, 0));
  });

  it('stand beside each other with board between them, on a board that takes both, and still hold', () => {
    const two = value(putBeside(donkey, demoBuild('two-millers'), 150)).build;
    expect(refusal(readBuild(JSON.stringify(two)))).toBe('');
    const { left, right } = extent(two);
    expect(Math.abs(left + right)).toBeLessThan(3);
    expect(two.board.width).toBeGreaterThan(right - left);
    const { bones, stands } = plan(two);
    expect(stands.hovers).toEqual([]);
    expect(bones.rods.filter((r) => r.verdict === 'fails').map((r) => r.rod.id)).toEqual([]);
    expect(bones.clashes.filter((c) => c.verdict === 'fails')).toEqual([]);
  });
});
