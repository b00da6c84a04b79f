import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../files/demo.testing.ts';
import { anyBuild } from '../../figure/arbitrary.testing.ts';
import { pieceOf, rodOf } from '../../record/index.ts';
import { removeRod } from '../../edits/index.ts';
import { reckonBones, rodInto } from '../index.ts';
import { jointsOf } from '../paths/joints.ts';
import { firmTo } from '../firm.testing.ts';

const otter = demoBuild('ferryman-otter');
const bare = otter.rods.reduce((b, r) => removeRod(b, r.id), otter);

describe('a first rod', () => {
  it('joins the piece to what carries it', () => {
    const made = rodInto(bare, 'head')!;
    const [joint] = jointsOf(made.build).joints;
    expect(joint).toBeDefined();
    expect(rodOf(made.build, made.id)!.from.on).toBe(pieceOf(bare, 'head')!.seat.on);
  });

  it('goes through the whole board under a piece that stands on it, in a pair under a pair', () => {
    const made = rodInto(bare, 'feet')!;
    const rod = rodOf(made.build, made.id)!;
    expect(rod.from.at[2]).toBe(-otter.board.thickness);
    expect(rod.pair).toBe(true);
    expect(reckonBones(made.build, firmTo(60)).anchored).toBe(true);
  });

  it('has nothing to hold where there is no such piece, and in any build its ends are places', () => {
    expect(rodInto(otter, 'no-such-piece')).toBeUndefined();
    fc.assert(
      fc.property(anyBuild(4), (build) => {
        const made = rodInto(build, build.pieces[0]!.id)!;
        const rod = rodOf(made.build, made.id)!;
        expect([...rod.from.at, ...rod.to.at].every(Number.isFinite)).toBe(true);
        expect(build.rods.some((r) => r.id === made.id)).toBe(false);
      }),
      { numRuns: 20 },
    );
  });

  it('counts a pair as two and weighs all of them', () => {
    const { tally, rods } = reckonBones(otter, firmTo(60));
    expect(tally.number).toBe(7);
    expect(tally.materials).toBe(2);
    expect(tally.mass.value).toBeCloseTo(
      rods.reduce((g, r) => g + r.mass.value, 0),
      9,
    );
  });
});
