import { readdirSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../files/demo.testing.ts';
import { blank, plainPiece } from '../record/blank.testing.ts';
import type { Build } from '../record/index.ts';
import { pasteList, type Batch } from './index.ts';

/** Roll every sheet of a batch, one after the other, from what is there; the least that was over, g. */
function rollAll(batch: Batch): number {
  let there = batch.mix.value;
  let over = Infinity;
  const sheets = batch.lines.flatMap((l) => (l.sheet ? Array.from({ length: l.make }, () => l.sheet!) : []));
  sheets.sort((a, b) => b.rolled.value - b.gone.value - (a.rolled.value - a.gone.value));
  for (const { rolled, gone } of sheets) {
    over = Math.min(over, there - rolled.value);
    there -= gone.value;
  }
  return over;
}

describe('what is rolled in one go', () => {
  it('is there: a 4 inch ball alone takes the whole round, not what stays of it', () => {
    const ball = plainPiece('ball', { kind: 'skinOverBall', sizes: { core: 101.6, coat: 3.5 } });
    const build: Build = { ...blank, pieces: [ball] };
    const [batch] = pasteList(build);
    // π ÷ 4 × 343² × 3.5 mm of paste at 1.3 to 1.4 g/cm³, by hand
    expect(batch!.mix.value).toBeGreaterThan(0.785 * 34.3 ** 2 * 0.35 * 1.3);
    expect(rollAll(batch!)).toBeGreaterThanOrEqual(0);
  });

  it('twelve balls do not take twelve rounds: what comes off one goes into the next', () => {
    const balls = (count: number): Build => ({
      ...blank,
      pieces: [{ ...plainPiece('ball', { kind: 'skinOverBall', sizes: { core: 60, coat: 3 } }), count }],
    });
    const [one, twelve] = [1, 12].map((n) => pasteList(balls(n))[0]!);
    expect(twelve!.mix.value).toBeLessThan(0.75 * 12 * one!.mix.value);
    expect(rollAll(twelve!)).toBeGreaterThanOrEqual(0);
  });

  it('holds for whatever is covered of one batch, in every number', () => {
    const cover = fc.record({
      core: fc.double({ min: 20, max: 180, noNaN: true }),
      coat: fc.double({ min: 1, max: 8, noNaN: true }),
      count: fc.integer({ min: 1, max: 9 }),
    });
    const tier = fc.record({
      width: fc.double({ min: 60, max: 300, noNaN: true }),
      height: fc.double({ min: 20, max: 150, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(cover, { maxLength: 4 }),
        fc.array(tier, { maxLength: 3 }),
        fc.boolean(),
        (covers, tiers, saves) => {
          const paste = { blend: blank.blends[0]!.id, colour: blank.colours[0]!.id };
          const build: Build = {
            ...blank,
            practice: { ...blank.practice, saves, spare: 0 },
            pieces: covers.map(({ core, coat, count }, i) => ({
              ...plainPiece(`p${i}`, { kind: 'skinOverBall', sizes: { core, coat } }),
              ...paste,
              count,
            })),
            cake: {
              ...blank.cake,
              tiers: tiers.map((t, i) => ({
                id: `t${i}`,
                name: `Tier ${i}`,
                shape: 'round' as const,
                ...t,
                cover: { thickness: 3, ...paste },
                stuck: false,
              })),
            },
          };
          for (const b of pasteList(build)) {
            expect(rollAll(b)).toBeGreaterThanOrEqual(-1e-6);
            // and nothing is lost on the way
            const told = b.ledger.reduce((sum, r) => sum + r.value, 0);
            expect(told).toBeCloseTo(b.mix.value, 6);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  const DEMOS = readdirSync(new URL('../../demo', import.meta.url))
    .filter((f) => f.endsWith('.spindle.json'))
    .map((f) => f.replace('.spindle.json', ''));
  it.each(DEMOS)('and for every batch of %s', (id) => {
    for (const b of pasteList(demoBuild(id))) expect(rollAll(b), b.id).toBeGreaterThanOrEqual(-1e-6);
  });
});
