import { polygonContains } from 'd3-polygon';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '@core/files/demo.testing.ts';
import { anyBuild } from '@core/figure/arbitrary.testing.ts';
import { elevation, scaleFigure, standingOutlines } from '@core/figure/index.ts';
import { TEXTURES, type TextureKind } from '@core/record/index.ts';
import { HATCHES } from './hatches.ts';
import { laidOn, marksAt, markStretch, type Laid } from './marks.ts';
import { outlinePath, pathsAt, shadingOf } from './paths.ts';
import { standingBox } from './standing.ts';
import { isDark, surfaceOf } from './surface.ts';

const DEMOS = ['ferryman-otter', 'savoy-cabbage', 'one-legged-heron'] as const;
/** How far a place is from an outline. */
const edgeFrom = (o: readonly (readonly [number, number])[], [x, y]: readonly [number, number]): number =>
  Math.min(
    ...o.map(([ax, ay], i) => {
      const [bx, by] = o[(i + 1) % o.length]!;
      const long = (bx - ax) ** 2 + (by - ay) ** 2 || 1;
      const t = Math.min(1, Math.max(0, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / long));
      return Math.hypot(ax + t * (bx - ax) - x, ay + t * (by - ay) - y);
    }),
  );
const numbers = (d: string): number[] => [...d.matchAll(/-?\d+(\.\d+)?/g)].map((m) => Number(m[0]));

describe('outlines', () => {
  it('up is negative in the picture, and outlines close', () => {
    expect(outlinePath([[[0, 0], [10, 0], [10, 20]]])).toBe('M0 0L10 0L10 -20Z'); // prettier-ignore
    expect(outlinePath([[[0, 0], [10, 0], [10, 20]]], [1, 2])).toBe('M1 -2L11 -2L11 -22Z'); // prettier-ignore
  });

  it('every piece of the demonstration builds has a path of numbers, where it stands', () => {
    for (const id of DEMOS)
      for (const s of elevation(demoBuild(id), 'front')) {
        const { all } = pathsAt(s.drawn, ...s.at);
        expect(all).toMatch(/^(M[-\d. L]+Z)+$/);
        const stands = standingOutlines(s).flat();
        const drawn = numbers(all.replaceAll(/[MLZ]/g, ' '));
        expect(drawn[0]).toBeCloseTo(stands[0]![0], 1);
        expect(drawn[1]).toBeCloseTo(-stands[0]![1], 1);
      }
  });

  it('a figure drawn small is whole in its picture, from the front and from the side', () => {
    for (const id of DEMOS)
      for (const view of ['front', 'side'] as const) {
        const build = demoBuild(id);
        const { left, top, width, height } = standingBox(build, view);
        for (const [x, y] of elevation(build, view).flatMap(standingOutlines).flat()) {
          expect(x, `${id} ${view}`).toBeGreaterThanOrEqual(left);
          expect(x, `${id} ${view}`).toBeLessThanOrEqual(left + width);
          expect(y).toBeLessThanOrEqual(top);
          expect(y).toBeGreaterThanOrEqual(top - height);
        }
      }
  });

  it('what only moves keeps its drawing; what is not touched keeps its very place', () => {
    const otter = demoBuild('ferryman-otter');
    const moved = {
      ...otter,
      pieces: otter.pieces.map((p) =>
        p.id === 'head' ? { ...p, seat: { ...p.seat, at: [p.seat.at[0] + 3, 0, p.seat.at[2]] as const } } : p,
      ),
    };
    const [before, after] = [elevation(otter, 'front'), elevation(moved, 'front')];
    const of = (all: typeof before, id: string) => all.find((s) => s.instance.piece.id === id)!;
    expect(of(after, 'head').drawn).toBe(of(before, 'head').drawn);
    expect(of(after, 'nose').drawn).toBe(of(before, 'nose').drawn);
    expect(of(after, 'nose').at[0]).not.toBe(of(before, 'nose').at[0]);
    expect(of(after, 'tail')).toBe(of(before, 'tail'));
  });

  it('a body is lit along itself where it is long, from the side of the upper left', () => {
    fc.assert(
      fc.property(anyBuild(4), (build) => {
        for (const s of elevation(build, 'front')) {
          const { spread, across } = shadingOf(s.drawn);
          expect(spread.long).toBeGreaterThanOrEqual(spread.wide * 0.6);
          if (!across) continue;
          const [dx, dy] = [across.to[0] - across.from[0], across.to[1] - across.from[1]];
          // away from the upper left, and square to the length
          expect(dx - dy).toBeGreaterThanOrEqual(-1e-9);
          expect(Math.abs(dx * spread.along[0] + dy * spread.along[1])).toBeLessThan(
            1e-6 * (1 + spread.wide),
          );
        }
      }),
      { numRuns: 30 },
    );
  });
});

describe('what is done to a face', () => {
  const head = elevation(demoBuild('ferryman-otter'), 'front').find((s) => s.instance.piece.id === 'head')!;
  const kinds = Object.keys(TEXTURES) as TextureKind[];
  const laid = (texture: TextureKind, at: Laid['at'] = [0, 0], drawn = head.drawn): Laid => ({
    drawn,
    texture,
    at,
  });

  /** What a matrix for SVG stretches by, across and down, and moves by. */
  const matrixOf = (matrix: string): [number, number, number, number] => {
    const [k, , , l, ox, oy] = matrix.match(/-?[\d.]+(e-?\d+)?/g)!.map(Number);
    return [k!, l!, ox!, oy!];
  };

  it('every texture but the smooth one is drawn, within the face, with few enough marks', () => {
    for (const kind of kinds) {
      const d = marksAt(laid(kind));
      if (kind === 'none') expect(d).toBe('');
      else {
        expect(d.startsWith('M'), kind).toBe(true);
        const n = d.split('M').length - 1;
        expect(n, kind).toBeGreaterThan(2);
        expect(n, kind).toBeLessThan(900);
        for (const way of d.split('M').slice(1)) {
          const [x, y] = numbers(way) as [number, number];
          const inside = head.drawn.outlines.some((o) => polygonContains(o as [number, number][], [x, -y]));
          expect(inside, `${kind} at ${x}, ${-y}`).toBe(true);
        }
      }
    }
  });

  it('no two textures are drawn alike, and each is the same every time', () => {
    const drawn = kinds.map((k) => marksAt(laid(k)));
    expect(new Set(drawn).size).toBe(kinds.length);
    expect(marksAt(laid('fur', [5, 5]))).not.toBe(marksAt(laid('fur')));
    expect(marksAt(laid('fur'))).toBe(drawn[kinds.indexOf('fur')]);
  });

  it('pulled out of shape, marks stretch with the face and stay on it', () => {
    const wider = {
      ...head.drawn,
      outlines: head.drawn.outlines.map((o) => o.map(([x, y]) => [1.4 * x + 3, 0.8 * y] as const)),
    };
    // wherever it stands: laid on the first face, then stretched as the browser does it
    for (const at of [
      [0, 0],
      [31, -12],
    ] as const) {
      const [k, l, ox, oy] = matrixOf(markStretch(laid('fur', at), wider, at)!);
      const [x, y] = numbers(marksAt(laid('fur', at))) as [number, number];
      expect(k * x + ox).toBeCloseTo(1.4 * (x - at[0]) + 3 + at[0], 6);
      expect(-(l * y + oy)).toBeCloseTo(0.8 * (-y - at[1]) + at[1], 6);
    }
    expect(markStretch(laid('fur', [5, 5]), head.drawn, [5, 5])).toBeUndefined();
  });

  it('marks stay as they were laid while a figure becomes a little larger, and lie on it', () => {
    const larger = elevation(scaleFigure(demoBuild('ferryman-otter'), 1.12), 'front');
    let kept = 0;
    for (const s of elevation(demoBuild('ferryman-otter'), 'front')) {
      const now = larger.find(
        (l) => l.instance.piece.id === s.instance.piece.id && l.instance.index === s.instance.index,
      )!;
      const before = laid('fur', s.at, s.drawn);
      if (laidOn(before, laid('fur', now.at, now.drawn), false) !== before) continue;
      kept++;
      const [k, l, ox, oy] = matrixOf(markStretch(before, now.drawn, now.at)!);
      const wide = shadingOf(now.drawn).spread.long;
      for (const way of marksAt(before).split('M').slice(1)) {
        const [x, y] = numbers(way) as [number, number];
        const at = [k * x + ox - now.at[0], -(l * y + oy) - now.at[1]] as const;
        const near = now.drawn.outlines.some(
          (o) => polygonContains(o as [number, number][], [...at]) || edgeFrom(o, at) < 0.03 * wide,
        );
        expect(near, s.instance.piece.id).toBe(true);
      }
    }
    expect(kept).toBeGreaterThan(15);
  });

  it('marks are laid again on another shape, one half as large again, one that is turned, and for another texture', () => {
    const before = laid('fur');
    const stretched = (kx: number, ky: number): Laid['drawn'] => ({
      ...head.drawn,
      outlines: head.drawn.outlines.map((o) => o.map(([x, y]) => [kx * x, ky * y] as const)),
    });
    const keeps = (now: Laid, held = false) => laidOn(before, now, held) === before;
    expect(keeps(laid('fur', [40, 9], stretched(1.1, 0.9)))).toBe(true);
    expect(keeps(laid('fur', [0, 0], stretched(1.5, 1.5)))).toBe(false);
    expect(keeps(laid('fur', [0, 0], stretched(1.5, 1.5)), true)).toBe(true);
    expect(keeps(laid('fur', [0, 0], { ...head.drawn, up: [0.5, 0.5] }))).toBe(false);
    const pinched = head.drawn.outlines.map((o) => o.map(([x, y]) => [y > 0 ? 0.5 * x : x, y] as const));
    expect(keeps(laid('fur', [0, 0], { ...head.drawn, outlines: pinched }))).toBe(false);
    expect(keeps(laid('wood'))).toBe(false);
    expect(keeps(laid('wood'), true)).toBe(false);
  });

  it('a face is as its paste is: chocolate shines more than covering paste', () => {
    const otter = demoBuild('ferryman-otter');
    const piece = otter.pieces[0]!;
    const first = surfaceOf(otter, piece);
    expect(surfaceOf({ ...otter, name: 'Other' }, piece)).toBe(first);
    const of = (base: 'chocolateDark' | 'fondant') =>
      surfaceOf({ ...otter, blends: otter.blends.map((b) => ({ ...b, base })) }, piece).sheen;
    expect([of('chocolateDark'), of('fondant')]).toEqual(['satin', 'matt']);
    expect([isDark('#3a2a20'), isDark('#e9ddc4')]).toEqual([true, false]);
  });
});

describe('hatches of firmness', () => {
  it('each state has its own, and the firmer the more of it is ink', () => {
    expect(HATCHES.map((h) => h.state)).toEqual(['soft', 'skinned', 'posed', 'firm', 'set', 'dry']);
    expect(new Set(HATCHES.map((h) => `${h.path} ${h.turn}`)).size).toBe(HATCHES.length);
    const ink = HATCHES.map((h) => {
      const long = [...h.path.matchAll(/M([\d.]+) ([\d.]+)([hHV])([\d.]+)/g)].reduce(
        (s, [, x, y, way, to]) => {
          const from = Number(way === 'H' ? x : way === 'V' ? y : 0);
          return s + Math.max(h.width, Number(to) - from);
        },
        0,
      );
      return (long * h.width) / h.gap ** 2;
    });
    for (const [i, share] of ink.slice(1).entries()) expect(share).toBeGreaterThan(ink[i]!);
  });
});
