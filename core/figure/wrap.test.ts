import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodySurface, measureMesh, bodyMesh, type Form } from '../solids/index.ts';
import { blank, plainPiece as piece } from '../record/blank.testing.ts';
import type { Build, Seat } from '../record/index.ts';
import { fitToGirth, nudge, setSeat } from '../edits/index.ts';
import { isLaidRound, place } from './place.ts';
import { girthAt } from './wrap.ts';

const post = piece('post', { kind: 'rope', sizes: { diameter: 60, length: 120 } });
const band = (form: Form, seat: Partial<Seat> = {}): Build => ({
  ...blank,
  pieces: [post, piece('band', form, { on: 'post', at: [0, 0, 40], how: 'wraps', ...seat })],
});
const strip: Form = { kind: 'strip', sizes: { length: 100, width: 15, thickness: 3 } };
const laid = (b: Build) => place(b).find((i) => i.piece.id === 'band')!;

describe('laid round a post of 60 mm', () => {
  it('lies on its side all along: nothing inside, nothing further out than its thickness', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<Form>(
          strip,
          { kind: 'rope', sizes: { diameter: 6, length: 120 } },
          { kind: 'pearls', sizes: { length: 90, pearl: 5, gap: 1, rows: 2 } },
        ),
        fc.integer({ min: -180, max: 180 }),
        (form, turn) => {
          const i = laid(band(form, { turn }));
          expect(isLaidRound(i)).toBe(true);
          for (const [x, y, z] of bodySurface(i.body)) {
            const out = Math.hypot(x, y);
            expect(out).toBeGreaterThan(30 - 0.6);
            expect(out).toBeLessThan(30 + 6 + 0.6);
            expect(z).toBeGreaterThan(39);
            expect(z).toBeLessThan(61);
          }
        },
      ),
      { numRuns: 30 },
    );
  });

  it('begins at the front and turns to the right', () => {
    const middle = (turn: number) => {
      const points = bodySurface(
        laid(band({ kind: 'strip', sizes: { length: 20, width: 15, thickness: 3 } }, { turn })).body,
      );
      return [0, 1].map((k) => points.reduce((s, p) => s + p[k]!, 0) / points.length);
    };
    expect(middle(0)[0]).toBeCloseTo(0, 1);
    expect(middle(0)[1]!).toBeLessThan(-28);
    expect(middle(90)[0]!).toBeGreaterThan(28);
  });

  it('keeps its paste: the bent strip holds what the flat one holds', () => {
    const bent = measureMesh(bodyMesh(laid(band(strip)).body));
    // its middle runs on a rounder of 63 mm instead of 60, a twentieth longer where it lies outside
    expect(Math.abs(bent.volume) / (100 * 15 * 3)).toBeGreaterThan(0.97);
    expect(Math.abs(bent.volume) / (100 * 15 * 3)).toBeLessThan(1.08);
  });

  it('knows the girth and cuts a length to it: π d, the middle of the paste, and the lap', () => {
    const post0 = place(blank.pieces.length ? blank : band(strip))[0]!;
    expect(girthAt(post0.body, 40)! / (Math.PI * 60)).toBeCloseTo(1, 2);
    const fitted = fitToGirth(band(strip), 'band', 8);
    expect(fitted.ok && fitted.value.pieces[1]!.form.sizes.length! / (Math.PI * 63 + 8)).toBeCloseTo(1, 2);
  });

  it('a nudge to the side turns it about the post, a nudge up lifts it', () => {
    const moved = nudge(band(strip), 'band', [(Math.PI * 60) / 4, 0, 5]);
    expect(moved.ok && moved.value.pieces[1]!.seat.turn).toBeCloseTo(90, 0);
    expect(moved.ok && moved.value.pieces[1]!.seat.at[2]).toBe(45);
  });

  it('what cannot be laid round says so', () => {
    const ball = band({ kind: 'ball', sizes: { diameter: 20, press: 0 } }, { how: 'sits' });
    const tried = setSeat(ball, 'band', { how: 'wraps' });
    expect(!tried.ok && tried.problem.text).toMatch(/A ball cannot be laid round/);
    const onBoard = setSeat({ ...blank, pieces: [piece('band', strip, {})] }, 'band', { how: 'wraps' });
    expect(!onBoard.ok && onBoard.problem.text).toMatch(/nothing on the board/);
  });
});
