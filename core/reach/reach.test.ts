import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { groundSolid } from '../contacts/index.ts';
import { anyBuild } from '../figure/arbitrary.testing.ts';
import { place } from '../figure/index.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import { FACE_SIDE_KINDS, WORK_KINDS, type Build, type PieceSide, type WorkKind } from '../record/index.ts';
import { closedBy } from './closed.ts';
import { closingOf, reachedAfter, reachOf } from './index.ts';
import { ALL_SHUT, fanOf, spotsOf } from './points.ts';
import { reachedSlowly } from './reach.testing.ts';

const ellipsoid = (width: number, depth: number, height: number) =>
  ({ kind: 'ellipsoid', sizes: { width, depth, height } }) as const;
const figure = (pieces: Build['pieces']): Build => ({ ...blank, pieces });

/** A sitting badger, its pieces where they stand; every one told in the frame of its carrier, which stands upright. */
const badger = figure([
  plainPiece('body', ellipsoid(34, 32, 48), { at: [0, 0, 0] }),
  plainPiece('legs', ellipsoid(14, 34, 14), { on: 'body', at: [17, -18, 1] }),
  plainPiece('arms', ellipsoid(9, 24, 20), { on: 'body', at: [14, -12, 20] }),
  plainPiece('head', ellipsoid(42, 42, 42), { on: 'body', at: [0, -2, 43] }),
  plainPiece('muzzle', ellipsoid(18, 14, 14), { on: 'head', at: [0, -18, 8] }),
  plainPiece('ears', ellipsoid(13, 6, 13), { on: 'head', at: [15, 2, 30] }),
]).pieces.map((p) => (['legs', 'arms', 'ears'].includes(p.id) ? { ...p, pair: true } : p));
const sitting = figure(badger);
const STAGES = ['muzzle', 'ears', 'legs', 'arms', 'body', 'head'];

const after = (
  piece: string,
  work: WorkKind,
  side: PieceSide,
  last: string,
  build = sitting,
  stages = STAGES,
) => reachedAfter(reachOf(build, { piece, work, side }, stages), stages.indexOf(last) + 1);

describe('where a tool gets', () => {
  it('a ball on a board is lost below where a ray of 60 mm no longer clears it', () => {
    // 20 (1 − cos φ) = 60 sin(30° − φ) at φ = 27.7°: 0.942 of it is reached; worked by hand
    const ball = place(figure([plainPiece('ball', ellipsoid(40, 40, 40))]))[0]!;
    const shut = closedBy(ball, groundSolid(blank), { tip: { half: 0, length: 60 }, cone: 60 })!;
    const free = [...shut].filter((bits) => bits !== ALL_SHUT).length / shut.length;
    expect(free).toBeCloseTo(0.942, 1);
    expect(Math.abs(free - 0.942)).toBeLessThan(0.015);
  });

  it('spots share a surface evenly, and a fan of ways stays within its cone', () => {
    // a ball’s upper tenth of height is a tenth of its surface: Archimedes, On the Sphere and Cylinder
    const body = place(figure([plainPiece('ball', ellipsoid(40, 40, 40))]))[0]!.body;
    const spots = spotsOf(body);
    for (const z of [4, 12, 20, 36]) {
      const under = spots.filter((s) => s.at[2] < z).reduce((sum, s) => sum + s.share, 0);
      expect(Math.abs(under - z / 40)).toBeLessThan(0.015);
    }
    for (const d of fanOf([0, 0.6, 0.8], 65)) {
      expect(Math.hypot(...d)).toBeCloseTo(1, 9);
      expect(d[1] * 0.6 + d[2] * 0.8).toBeGreaterThanOrEqual(Math.cos((65 * Math.PI) / 180) - 1e-9);
    }
  });

  it('of a sitting badger: cheeks to the end, under the chin until the head is on, the belly less and less', () => {
    expect(after('head', 'paint', 'front', 'head')).toBeGreaterThan(0.9);
    expect(after('head', 'paint', 'under', 'body')).toBeGreaterThan(0.97);
    const chin = after('head', 'dust', 'under', 'head');
    expect(chin).toBeLessThan(after('head', 'paint', 'under', 'head'));
    expect(chin).toBeLessThan(0.9);
    const belly = (last: string) => after('body', 'dust', 'front', last);
    expect(belly('ears')).toBe(1);
    expect(belly('arms')).toBeLessThan(belly('legs'));
    expect(belly('legs')).toBeLessThanOrEqual(1);
    // ears are not what takes a cheek away
    expect(after('head', 'dust', 'front', 'muzzle')).toBe(after('head', 'dust', 'front', 'ears'));
  });

  it('the back of a stem is lost to a body against it, its front is not', () => {
    const stem = figure([
      plainPiece('stem', { kind: 'rope', sizes: { diameter: 8, length: 90 } }),
      plainPiece('body', ellipsoid(44, 30, 60), { at: [0, 18.5, 20] }),
    ]);
    const stages = ['stem', 'body'];
    expect(after('stem', 'dust', 'back', 'stem', stem, stages)).toBeGreaterThan(0.9);
    expect(after('stem', 'dust', 'back', 'body', stem, stages)).toBeLessThan(0.75);
    expect(after('stem', 'paint', 'front', 'body', stem, stages)).toBeGreaterThan(0.93);
    const back = reachOf(stem, { piece: 'stem', work: 'dust', side: 'back' }, stages);
    expect(closingOf(back, stages)?.piece).toBe('body');
  });
});

describe('reach in any figure', () => {
  it('only goes down as pieces come on, whatever their order, and ends the same', () => {
    fc.assert(
      fc.property(
        anyBuild(5),
        fc.constantFrom(...WORK_KINDS),
        fc.constantFrom(...FACE_SIDE_KINDS),
        (build, work, side) => {
          const stages = build.pieces.map((p) => p.id);
          const piece = stages[0]!;
          const spots = reachOf(build, { piece, work, side }, stages);
          const shares = [0, ...stages.keys()].map((k) => reachedAfter(spots, k));
          for (let k = 1; k < shares.length; k++) expect(shares[k]).toBeLessThanOrEqual(shares[k - 1]!);
          const back = [...stages].reverse();
          const other = reachOf(build, { piece, work, side }, back);
          expect(reachedAfter(other, back.length)).toBeCloseTo(reachedAfter(spots, stages.length), 9);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('is what five wires in thirty-seven directions find against the triangles', () => {
    // scissors are straight all the way: half a width of 3, 70 long, 55°
    const tool = { half: 3, length: 70, cone: 55 };
    let [seen, worst] = [0, 0];
    for (const piece of ['head', 'muzzle']) {
      const slow = reachedSlowly(sitting, piece, new Set(STAGES), tool);
      const spots = reachOf(sitting, { piece, work: 'snip', side: 'all' }, STAGES);
      seen++;
      worst = Math.max(worst, Math.abs(slow.now / slow.alone - reachedAfter(spots, STAGES.length)));
    }
    expect(seen).toBe(2);
    expect(worst).toBeLessThan(0.15);
  });
});
