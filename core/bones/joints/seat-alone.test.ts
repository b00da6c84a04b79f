import { describe, expect, it } from 'vitest';
import { plan } from '../../plan.ts';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import type { Build, Rod } from '../../record/index.ts';

const stick = (id: string, x: number, stock: string, deep: number): Rod => ({
  id,
  name: id,
  stock,
  from: { on: 'board', at: [x, 0, -deep] },
  to: { on: 'sitting', at: [x, 0, 40] },
  pair: false,
  sleeved: false,
});
/** A broad low piece: it stands by itself on any journey. */
const broad = (rods: readonly Rod[]): Build => ({
  ...blank,
  pieces: [
    plainPiece('sitting', { kind: 'roundedBlock', sizes: { width: 120, depth: 110, height: 70, edge: 4 } }),
  ],
  rods,
});
/** The same width on end: it would go over. */
const tall = (rods: readonly Rod[]): Build => ({
  ...broad(rods),
  pieces: [
    plainPiece('sitting', { kind: 'roundedBlock', sizes: { width: 40, depth: 40, height: 230, edge: 2 } }),
  ],
});

describe('a stick beside a seat that holds', () => {
  it('does not make the verdict worse, however short or thin it is', () => {
    expect(plan(broad([])).bones.figureTips.check.verdict).not.toBe('fails');
    for (const stock of ['spaghetti18', 'cocktail2', 'skewer4'])
      for (const deep of [2, 6, 12]) {
        const { rods } = plan(broad([stick('one', 0, stock, deep)])).bones;
        expect(rods[0]!.verdict, `${stock} ${deep} mm`).not.toBe('fails');
      }
  });

  it('one more of another kind neither', () => {
    const one = plan(broad([stick('one', 0, 'skewer4', 12)])).bones.rods[0]!;
    const both = plan(broad([stick('one', 0, 'skewer4', 12), stick('two', 20, 'cocktail2', 4)])).bones;
    expect(both.rods[0]!.worst!.use.value).toBeLessThanOrEqual(Math.max(1, one.worst!.use.value) + 1e-9);
    expect(both.counts.fails).toBe(0);
  });

  it('is asked for all of it where the seat alone would go over', () => {
    expect(plan(tall([])).bones.figureTips.check.verdict).toBe('fails');
    expect(plan(tall([stick('one', 0, 'spaghetti18', 4)])).bones.rods[0]!.verdict).toBe('fails');
  });
});
