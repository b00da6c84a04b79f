import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../../files/demo.testing.ts';
import { anyBuild } from '../../figure/arbitrary.testing.ts';
import { legsOf, lineLength, placeRods } from '../../figure/index.ts';
import { length, sub, unit } from '../../solids/index.ts';
import { pieceOf, rodOf, type Build } from '../../record/index.ts';
import { addBend, removeRod, setRodLength } from '../../edits/index.ts';
import { reckonBones, rodInto, twoInto } from '../index.ts';
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

// common practice: one skewer lets a head turn, two do not; as far apart as the neck lets them
describe('two, apart', () => {
  it('stand to either side of the middle, in both pieces, and keep it from turning', () => {
    const one = rodInto(bare, 'head')!;
    const two = twoInto(bare, 'head')!;
    expect(two.build.rods).toHaveLength(2);
    const [a, b] = two.build.rods;
    const middle = one.build.rods[0]!;
    expect(a!.from.at[0] + b!.from.at[0]).toBeCloseTo(2 * middle.from.at[0], 6);
    expect(b!.from.at[0] - a!.from.at[0]).toBeGreaterThan(12);
    for (const p of jointsOf(two.build).paths) {
      const through = new Set(p.spots.flat().map((x) => x.instance));
      expect(through.size).toBeGreaterThanOrEqual(2);
      expect(p.spots.every((x) => x.length > 0)).toBe(true);
    }
    const turn = (build: Build) =>
      Math.max(
        ...reckonBones(build, firmTo(60)).rods.flatMap((r) =>
          r.checks.filter((c) => c.id === 'turn').map((c) => c.use.value),
        ),
      );
    expect(turn(two.build)).toBeLessThan(turn(one.build) / 3);
  });
  it('a piece of a pair has one in each', () => {
    const { build } = twoInto(bare, 'feet')!;
    expect(build.rods.map((r) => r.pair)).toEqual([true]);
  });
  it('there is none of nothing', () => expect(twoInto(bare, 'gone')).toBeUndefined());
});

describe('a rod of a length', () => {
  const made = rodInto(bare, 'head')!;
  const long = (build: Build) => lineLength(placeRods(build)[0]!.line);
  const foot = (build: Build) => placeRods(build)[0]!.line[0]!;
  it('keeps its foot and its line, whatever the length', () => {
    fc.assert(
      fc.property(fc.integer({ min: 50, max: 20000 }), (tenths) => {
        const mm = tenths / 10;
        const build = value(setRodLength(made.build, made.id, mm));
        expect(long(build)).toBeCloseTo(mm, 1);
        expect(foot(build)).toEqual(foot(made.build));
        const [was, now] = [made.build, build].map((b) => placeRods(b)[0]!.line);
        const along = (l: typeof was) => unit(sub(l!.at(-1)!, l![0]!));
        expect(length(sub(along(was), along(now)))).toBeLessThan(0.02);
      }),
      { numRuns: 30 },
    );
  });
  it('two and a half inches are 63.5 mm', () =>
    expect(long(value(setRodLength(made.build, made.id, 2.5 * 25.4)))).toBeCloseTo(63.5, 1));
  it('is refused where no shop has it, and shorter than its bends', () => {
    expect(refusal(setRodLength(made.build, made.id, 3))).toMatch(/between 5 and 2000/);
    const bent = value(addBend(made.build, made.id));
    const [first] = legsOf(placeRods(bent)[0]!.line);
    expect(refusal(setRodLength(bent, made.id, Math.max(5, first!.length - 2)))).toMatch(
      /Up to its last bend/,
    );
  });
});
