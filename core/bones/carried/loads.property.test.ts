import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contactsOf } from '../../contacts/index.ts';
import { anyForm } from '../../figure/arbitrary.testing.ts';
import { place } from '../../figure/index.ts';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import type { Build } from '../../record/index.ts';
import { formBody, measureMesh, bodySkin } from '../../solids/index.ts';
import { seatFacts } from '../index.ts';
import { standingOf } from './carried.ts';
import { balanceIn, ownMasses } from './own.ts';

const legs = (n: number, d: number, r: number) =>
  Array.from({ length: n }, (_, k) => {
    const a = (2 * Math.PI * k) / n + 0.3;
    return plainPiece(
      `leg${k}`,
      { kind: 'rope', sizes: { diameter: d, length: 90 } },
      { at: [r * Math.cos(a), r * Math.sin(a), 0] },
    );
  });
const table = (n: number, d: number, heads: readonly number[], top = 60): Build => ({
  ...blank,
  pieces: [
    ...legs(n, d, 22),
    plainPiece(
      'top',
      { kind: 'roundedBlock', sizes: { width: top, depth: top, height: 20, edge: 2 } },
      { at: [0, 0, 89.5] },
    ),
    ...heads.map((size, k) =>
      plainPiece(
        `head${k}`,
        { kind: 'ball', sizes: { diameter: size, press: 0 } },
        { on: 'top', at: [0, 0, 20], sink: 3 },
      ),
    ),
  ],
});
const many = fc.integer({ min: 2, max: 6 });
const thick = fc.integer({ min: 8, max: 16 });
const head = fc.integer({ min: 20, max: 50 });

describe('whatever stands on legs', () => {
  it('comes down to the board with all its weight', () => {
    fc.assert(
      fc.property(many, thick, head, (n, d, size) => {
        const b = table(n, d, [size]);
        const onBoard = standingOf(b)
          .rests.filter((r) => r.lower < 0)
          .reduce((g, r) => g + r.patch, 0);
        const all = ownMasses(b).reduce((g, m) => g + m.g, 0);
        expect(Math.abs(onBoard / all - 1)).toBeLessThan(0.01);
      }),
      { numRuns: 15 },
    );
  });

  it('a heavier head never leaves a leg less', () => {
    fc.assert(
      fc.property(many, thick, head, (n, d, size) => {
        const load = (b: Build) => seatFacts(b, () => 12).get('leg0')!.load;
        expect(load(table(n, d, [size * 1.2]))).toBeGreaterThanOrEqual(load(table(n, d, [size])) - 1e-6);
      }),
      { numRuns: 12 },
    );
  });

  it('a piece that touches nothing of it changes nothing', () => {
    fc.assert(
      fc.property(many, thick, head, (n, d, size) => {
        const b = table(n, d, [size]);
        const more: Build = {
          ...b,
          pieces: [
            ...b.pieces,
            plainPiece('aside', { kind: 'ball', sizes: { diameter: 20, press: 2 } }, { at: [95, 0, 0] }),
          ],
        };
        expect(seatFacts(more, () => 12).get('leg0')!.load).toBeCloseTo(
          seatFacts(b, () => 12).get('leg0')!.load,
          2,
        );
      }),
      { numRuns: 10 },
    );
  });

  it('its contacts are found again where it all moves together', () => {
    fc.assert(
      fc.property(many, thick, fc.integer({ min: -20, max: 20 }), (n, d, by) => {
        const b = table(n, d, [30]);
        const moved: Build = {
          ...b,
          pieces: b.pieces.map((p) =>
            p.seat.on === 'board'
              ? { ...p, seat: { ...p.seat, at: [p.seat.at[0] + by, p.seat.at[1], p.seat.at[2]] } }
              : p,
          ),
        };
        const area = (x: Build) => contactsOf(x).reduce((s, c) => s + c.area, 0);
        expect(Math.abs(area(moved) / area(b) - 1)).toBeLessThan(0.002);
      }),
      { numRuns: 12 },
    );
  });
});

describe('where a piece balances', () => {
  it('lies in the box of what is drawn, whatever the shape', () => {
    fc.assert(
      fc.property(anyForm, (form) => {
        const [i] = place({ ...blank, pieces: [plainPiece('one', form)] });
        const at = balanceIn(i!);
        const { low, high } = measureMesh(bodySkin(formBody(form), 28));
        for (const k of [0, 1, 2] as const) {
          expect(at[k], JSON.stringify(form)).toBeGreaterThanOrEqual(low[k] - 0.5);
          expect(at[k], JSON.stringify(form)).toBeLessThanOrEqual(high[k] + 0.5);
        }
      }),
      { numRuns: 80 },
    );
  });

  it('of a belt laid round is at its own height in the middle, of its half two thirds of the way out', () => {
    // 2 r ÷ π from the middle; handbook
    const body = plainPiece('body', { kind: 'rope', sizes: { diameter: 80, length: 120 } });
    const strip = (length: number) =>
      plainPiece(
        'belt',
        { kind: 'strip', sizes: { length, width: 14, thickness: 2 } },
        { on: 'body', at: [0, 0, 40], how: 'wraps' },
      );
    const at = (length: number) => balanceIn(place({ ...blank, pieces: [body, strip(length)] })[1]!);
    const half = at((Math.PI * 82) / 2);
    expect(half[2]).toBeGreaterThan(40);
    expect(half[2]).toBeLessThan(54);
    expect(Math.abs(Math.hypot(half[0], half[1]) / ((2 * 41) / Math.PI) - 1)).toBeLessThan(0.03);
  });
});
