import { describe, expect, it } from 'vitest';
import { place } from '../../figure/index.ts';
import { plan } from '../../plan.ts';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import type { Build, Rod } from '../../record/index.ts';
import { firmTo } from '../firm.testing.ts';
import { checkedJoints } from './checked-joints.ts';

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

// common practice: a wheel of cake on one rod spins; two sticks beside the rod keep it, the rod goes on carrying it
describe('a mast with two keepers of another stock', () => {
  const wheel = (keepers: number): Build => ({
    ...blank,
    brief: { ...blank.brief, journey: 'carHard' },
    pieces: [
      plainPiece('stand', { kind: 'roundedBlock', sizes: { width: 90, depth: 30, height: 60, edge: 2 } }),
      plainPiece(
        'wheel',
        { kind: 'roundedBlock', sizes: { width: 150, depth: 40, height: 120, edge: 2 } },
        { on: 'stand', at: [0, 0, 60], sink: 0 },
      ),
    ],
    rods: [
      {
        id: 'mast',
        name: 'Mast',
        stock: 'm8',
        from: { on: 'board', at: [0, 0, -12] },
        to: { on: 'wheel', at: [0, 0, 50] },
        pair: false,
        sleeved: true,
      },
      ...[-35, 35].slice(0, keepers).map((x, k) => ({
        id: `keeper${k}`,
        name: `Keeper ${k}`,
        stock: 'cocktail2',
        from: { on: 'stand', at: [x, 0, 10] as const },
        to: { on: 'wheel', at: [x, 0, 50] as const },
        pair: false,
        sleeved: false,
      })),
    ],
  });
  const joint = (keepers: number) =>
    checkedJoints(wheel(keepers), firmTo(60)).find(
      ({ joint: j }) => place(wheel(keepers))[j.upper]!.piece.id === 'wheel',
    )!;
  const use = (keepers: number, id: string) => joint(keepers).checks.find((c) => c.id === id)!.use.value;
  it('turns on the mast alone, and no longer with them; the mast goes on carrying it', () => {
    expect(use(0, 'turn')).toBeGreaterThan(1);
    expect(use(2, 'turn')).toBeLessThan(1);
    expect(Math.max(...joint(2).checks.map((c) => c.use.value))).toBeLessThan(0.85);
    // the keepers alone would break, the mast alone would turn
    expect(joint(2).by.crossings.map((c) => c.path.placed.rod.id)).toEqual(['mast']);
  });
});
