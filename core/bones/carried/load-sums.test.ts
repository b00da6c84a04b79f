import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../files/demo.testing.ts';
import { place } from '../../figure/index.ts';
import { plan } from '../../plan.ts';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import type { Build } from '../../record/index.ts';
import { standingOf } from './carried.ts';
import { loadBand, loadSum } from './load-sums.ts';

/** A slab on legs at places. */
const slab = (legs: readonly (readonly [x: number, y: number])[], off = 0): Build => ({
  ...blank,
  pieces: [
    ...legs.map(([x, y], k) =>
      plainPiece(`leg${k}`, { kind: 'rope', sizes: { diameter: 14, length: 60 } }, { at: [x, y, 0] }),
    ),
    plainPiece(
      'slab',
      { kind: 'roundedBlock', sizes: { width: 100, depth: 100, height: 30, edge: 2 } },
      { at: [off, 0, 59.5] },
    ),
  ],
});
const spread = ([least, most]: readonly [number, number]) => (most - least) / most;

describe('how much a load may be', () => {
  // statics: two supports, or three, leave nothing to choose
  it('is one figure under two legs, nearly one under three, and a wide band under four', () => {
    expect(
      spread(
        loadBand(
          slab(
            [
              [-30, 0],
              [30, 0],
            ],
            5,
          ),
          0,
        ),
      ),
    ).toBeLessThan(0.02);
    expect(
      spread(
        loadBand(
          slab([
            [-30, -20],
            [30, -20],
            [0, 30],
          ]),
          0,
        ),
      ),
    ).toBeLessThan(0.12);
    expect(
      spread(
        loadBand(
          slab([
            [-30, -30],
            [30, -30],
            [-30, 30],
            [30, 30],
          ]),
          0,
        ),
      ),
    ).toBeGreaterThan(0.25);
  });
  it('holds what was reckoned', () => {
    fc.assert(
      fc.property(fc.integer({ min: -15, max: 15 }), fc.integer({ min: 2, max: 5 }), (off, n) => {
        const legs = Array.from({ length: n }, (_, k) => {
          const a = (2 * Math.PI * k) / n;
          return [32 * Math.cos(a), 32 * Math.sin(a)] as const;
        });
        const build = slab(legs, off);
        const [least, most] = loadBand(build, 0);
        const told = loadSum(build, 0).value;
        expect(told).toBeGreaterThanOrEqual(least - 1e-6);
        expect(told).toBeLessThanOrEqual(most + 1e-6);
      }),
      { numRuns: 12 },
    );
  });
});

describe('a load opens to what stands there', () => {
  it('adds up to the load of the balance, piece by piece, in every demonstration build', () => {
    for (const id of ['ferryman-otter', 'one-legged-heron', 'savoy-cabbage']) {
      const build = demoBuild(id);
      const { shares, with: masses } = standingOf(build);
      place(build).forEach((i, k) => {
        if (!i.first) return;
        const load = (shares.get(k) ?? []).reduce((g, s) => g + s.share * masses.get(s.upper)!.g, 0);
        expect(Math.abs(loadSum(build, k).value - load), `${id}, ${i.piece.name}`).toBeLessThan(
          0.01 * Math.max(1, load),
        );
      });
    }
  });
  it('is told with its band under Carried only where there is one', () => {
    const { carries } = plan(
      slab([
        [-30, -30],
        [30, -30],
        [-30, 30],
        [30, 30],
      ]),
    ).stands;
    const leg = carries.find((c) => c.piece === 'leg0')!;
    expect(leg.between![0].value).toBeLessThan(leg.load.value);
    expect(leg.between![1].value).toBeGreaterThan(leg.load.value);
    expect(JSON.stringify(leg.load)).toMatch(/slab, what of it rests here/);
    expect(
      plan(
        slab([
          [-30, 0],
          [30, 0],
        ]),
      ).stands.carries.every((c) => c.between === undefined),
    ).toBe(true);
  });
});
