import { describe, expect, it } from 'vitest';
import { resize } from '@core/edits/index.ts';
import { elevation } from '@core/figure/index.ts';
import { finishNamed, paintedFaces, planFinish } from '@core/finish/index.ts';
import { demoBuild, value } from '@core/files/demo.testing.ts';
import { pieceOf, type Build, type PieceSide } from '@core/record/index.ts';
import { markPlaces, towardIn } from './painted.ts';
import { shadingOf } from './paths.ts';
import { paintedFacesOf, paintedSurfaceOf, surfaceOf } from './surface.ts';

const otter = demoBuild('ferryman-otter');
const bare: Build = { ...otter, steps: { ...otter.steps, own: [] } };
const on = (b: Build, id: string, side: PieceSide = 'all', coats = 1, colour?: string): Build =>
  value(
    planFinish(b, {
      piece: 'head',
      technique: finishNamed(id),
      side,
      amount: 2,
      coats,
      ...(colour ? { colour } : {}),
    }),
  );
const head = (b: Build) => pieceOf(b, 'head')!;
const seen = (b: Build, view: 'front' | 'side') => paintedSurfaceOf(b, head(b), view);

describe('a face as it is painted', () => {
  it('is as it is mixed where nothing is planned on it, and stays the same one while nothing changes', () => {
    expect(seen(bare, 'front')).toBe(surfaceOf(bare, head(bare)));
    const painted = on(bare, 'paint');
    expect(seen({ ...painted, name: 'Other' }, 'front')).toBe(seen(painted, 'front'));
    expect(surfaceOf(painted, head(painted)).coats).toBeUndefined();
  });

  it('has its coats in the order of the plan, each where its side is seen', () => {
    const build = on(on(bare, 'blush', 'front'), 'paint', 'back', 1, '#112233');
    expect(seen(build, 'front').coats!.map((c) => [c.as, c.toward])).toEqual([['marks', 'all']]);
    expect(seen(build, 'side').coats!.map((c) => [c.colour, c.toward])).toEqual([
      ['#112233', 'right'],
      ['#d9818a', 'left'],
    ]);
    // seen from its right, its left is not
    expect(towardIn('side', 'left')).toBeUndefined();
  });

  it('is not painted before that step is over', () => {
    const build = on(on(bare, 'paint'), 'blush');
    const [paint] = build.steps.own;
    const seenWith = (done: string[]) =>
      paintedSurfaceOf(build, head(build), 'front', paintedFacesOf(build, new Set(done)));
    expect(seenWith([])).toBe(surfaceOf(build, head(build)));
    expect(seenWith([paint!.id]).coats).toHaveLength(1);
    expect(seenWith(build.steps.own.map((o) => o.id)).coats).toHaveLength(2);
  });

  it('stays the very same, on every piece, while one of them is pulled to another size', () => {
    expect(paintedFacesOf(otter).size).toBeGreaterThan(0);
    const pulled = value(resize(otter, 'head', { coat: 9 }));
    expect(pulled.pieces).not.toBe(otter.pieces);
    for (const piece of otter.pieces) {
      if (piece.id === 'head') continue;
      expect(paintedSurfaceOf(pulled, pieceOf(pulled, piece.id)!, 'front'), piece.id).toBe(
        paintedSurfaceOf(otter, piece, 'front'),
      );
    }
    expect(paintedFacesOf(pulled)).toBe(paintedFacesOf(otter));
  });

  it('hides more with each coat and never all of it; what shines shines; what has no colour gets none', () => {
    const strength = (coats: number) =>
      paintedFaces(on(bare, 'airbrush', 'all', coats)).get('head')!.coats[0]!.strength;
    expect(strength(2)).toBeGreaterThan(strength(1));
    expect(strength(6)).toBeLessThan(1);
    const glazed = on(bare, 'gloss');
    expect(seen(glazed, 'front')).toMatchObject({ sheen: 'gloss', coats: [] });
    expect(seen(on(bare, 'cocoa'), 'front').sheen).toBe('matt');
  });

  it('has its marks on the face: one in the middle, two alike left and right, many apart from each other', () => {
    const s = elevation(bare, 'front').find((x) => x.instance.piece.id === 'head')!;
    const { spread } = shadingOf(s.drawn);
    const [one] = markPlaces(spread, 1, false);
    expect(one).toEqual(spread.middle);
    const [left, right] = markPlaces(spread, 2, true) as [[number, number], [number, number]];
    expect(left[0] + right[0]).toBeCloseTo(2 * spread.middle[0], 6);
    expect(left[1]).toBeCloseTo(right[1], 6);
    const many = markPlaces(spread, 30, false);
    expect(many).toHaveLength(30);
    for (const [x, y] of many)
      expect(Math.hypot(x - spread.middle[0], y - spread.middle[1])).toBeLessThanOrEqual(spread.long);
    const least = Math.min(
      ...many.flatMap((p, i) => many.slice(i + 1).map((q) => Math.hypot(p[0] - q[0], p[1] - q[1]))),
    );
    expect(least).toBeGreaterThan(spread.wide / 20);
  });
});
