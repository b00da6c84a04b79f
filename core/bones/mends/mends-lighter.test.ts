import { describe, expect, it } from 'vitest';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import { addRod } from '../../edits/index.ts';
import { BOARD, type Build } from '../../record/index.ts';
import { worstOfRod } from '../joints/checked-joints.ts';
import { backAttempts, foamAttempts, lighterAttempts } from './mends-lighter.ts';
import { mendsFor } from './mends.ts';
import { wholeBalance } from '../paths/balance.ts';
import { firmTo } from '../firm.testing.ts';

const firm = firmTo(60);
const stem = plainPiece('stem', { kind: 'truncatedCone', sizes: { foot: 9, top: 9, height: 60 } });
const head = (diameter: number, x = 0): typeof stem => ({
  ...plainPiece('head', { kind: 'ball', sizes: { diameter, press: 0 } }),
  seat: { ...stem.seat, on: 'stem', at: [x, 0, 58] },
});
const hat: typeof stem = {
  ...plainPiece('hat', { kind: 'ball', sizes: { diameter: 24, press: 0 } }),
  seat: { ...stem.seat, on: 'head', at: [0, 0, 50] },
};
const onStick = (...pieces: (typeof stem)[]): Build =>
  addRod(
    { ...blank, pieces: [stem, ...pieces] },
    {
      name: 'stick',
      stock: 'spaghetti18',
      from: { on: BOARD, at: [0, 0, -blank.board.thickness] },
      to: { on: 'head', at: [0, 0, 20] },
      pair: false,
      sleeved: false,
    },
  ).build;

describe('weight taken off a rod, or brought back over it', () => {
  it('tries a foam core and a smaller piece, each lighter than what is there', () => {
    const build = onStick(head(54));
    const tried = [...foamAttempts(build, 'stick'), ...lighterAttempts(build, 'stick')];
    expect(tried.map((t) => t.text)).toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^Build the head over foam/),
        expect.stringMatching(/^Make the head/),
      ]),
    );
    for (const t of tried)
      expect(wholeBalance(t.build).mass.value, t.text).toBeLessThan(wholeBalance(build).mass.value);
  });
  it('moves what stands on a leaning piece so that the balance point is over the rod again', () => {
    const build = onStick(head(54, 3), hat);
    const moved = backAttempts(build, 'stick')[0]!;
    expect(Math.abs(wholeBalance(moved.build).point[0])).toBeLessThan(Math.abs(wholeBalance(build).point[0]));
  });
  it('offers only what holds', () => {
    const build = onStick(head(54));
    expect(worstOfRod(build, 'stick', firm)!.use.value).toBeGreaterThan(1);
    for (const m of mendsFor(build, 'stick', firm))
      expect(worstOfRod(m.apply(), 'stick', firm)!.use.value, m.text).toBeLessThanOrEqual(0.85);
  });
  it('has nothing to take off a rod that carries nothing', () => {
    for (const kind of [backAttempts, foamAttempts, lighterAttempts])
      expect(kind(blank, 'stick')).toEqual([]);
  });
});
