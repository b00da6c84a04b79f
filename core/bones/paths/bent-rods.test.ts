import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainPiece, blank } from '../../record/blank.testing.ts';
import { addBend, addRod, moveRodPoint, removeBend, removePiece } from '../../edits/index.ts';
import { alongLine, legsOf, lineCentre, lineLength, placeRods, scaleFigure } from '../../figure/index.ts';
import { length, sub, type Vec } from '../../solids/index.ts';
import { BOARD, type Build, type Rod } from '../../record/index.ts';
import { refusal, value } from '../../files/demo.testing.ts';
import { readBuild, writeBuild } from '../../files/index.ts';
import { reckonBones } from '../reckon-bones.ts';
import { jointsOf } from './joints.ts';
import { rodPaths } from '../runs/rod-paths.ts';
import { tripodInto, tripodOf } from '../joints/tripod.ts';
import { firmTo } from '../firm.testing.ts';

const firm = firmTo(300);
const point = fc.tuple(
  ...[0, 1, 2].map(() => fc.double({ min: -200, max: 200, noNaN: true })),
) as unknown as fc.Arbitrary<Vec>;

describe('a line with bends', () => {
  it('is as long as its legs, and its places lie on it', () => {
    fc.assert(
      fc.property(
        fc.array(point, { minLength: 2, maxLength: 6 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (line, t) => {
          const L = lineLength(line);
          expect(L).toBeGreaterThanOrEqual(length(sub(line.at(-1)!, line[0]!)) - 1e-9);
          const { at } = alongLine(line, t * L);
          const least = Math.min(
            ...legsOf(line).map((leg) => length(sub(at, leg.from)) + length(sub(leg.to, at)) - leg.length),
          );
          expect(least).toBeLessThan(1e-6);
        },
      ),
    );
  });
  it('balances in the middle of its legs, each by its length', () => {
    expect(lineCentre([[0, 0, 0], [0, 0, 30], [60, 0, 30]])).toEqual([20, 0, 25]); // prettier-ignore
  });
});

/** A post with an arm ball held out to the side on a wire. */
const post = plainPiece('post', { kind: 'truncatedCone', sizes: { foot: 40, top: 40, height: 120 } });
const ball: typeof post = {
  ...plainPiece('ball', { kind: 'ball', sizes: { diameter: 30, press: 0 } }),
  seat: { ...post.seat, on: 'post', at: [60, 0, 100], sink: 0 },
};
const wire = (more: Partial<Omit<Rod, 'id'>> = {}): Build =>
  addRod(
    { ...blank, pieces: [post, ball] },
    {
      name: 'arm',
      stock: 'armature3',
      from: { on: 'post', at: [0, 0, 60] },
      to: { on: 'ball', at: [0, 0, 20] },
      pair: false,
      sleeved: true,
      ...more,
    },
  ).build;
const bentArm = wire({ bends: [{ on: 'post', at: [0, 0, 105] }] });

describe('a bent rod', () => {
  it('runs over its bends, is longer than the straight one and weighs more', () => {
    expect(placeRods(bentArm)[0]!.line).toHaveLength(3);
    const [straight, bent] = [wire(), bentArm].map((b) => reckonBones(b, firm).rods[0]!);
    expect(bent!.length.value).toBeGreaterThan(straight!.length.value + 5);
    expect(bent!.mass.value).toBeGreaterThan(straight!.mass.value);
  });
  it('is followed spot by spot as a straight one is', () => {
    // a bend that is none: on the line between its ends
    const [from, to] = [placeRods(wire())[0]!.from, placeRods(wire())[0]!.to];
    const half = from.map((x, i) => (x + to[i]!) / 2) as unknown as Vec;
    const none = wire({ bends: [{ on: BOARD, at: half }] });
    const words = (b: Build) =>
      rodPaths(b)[0]!.spots.map((s) => s.map((i) => `${i.instance}${i.part}`).join());
    expect(words(none)).toEqual(words(wire()));
    const use = (b: Build) =>
      reckonBones(b, firm).rods[0]!.checks.map((c) => [c.id, Number(c.use.value.toFixed(6))]);
    expect(use(none)).toEqual(use(wire()));
  });
  it('crosses from the post into the ball where it leaves it, in the direction it has there', () => {
    const { joints } = jointsOf(bentArm);
    const { crossings } = joints[0]!;
    expect(crossings[0]!.axis[0]).toBeGreaterThan(0.8);
    expect(Math.abs(length(sub(crossings[0]!.arm.at(-1)!, crossings[0]!.arm[0]!)))).toBeGreaterThan(30);
  });
  it('droops where it hangs out although it begins upright', () => {
    const hooked = wire({ bends: [{ on: 'post', at: [0, 0, 150] }, { on: 'post', at: [60, 0, 150] }] }); // prettier-ignore
    expect(reckonBones(hooked, firm).rods[0]!.droop!.down).toBeGreaterThan(0);
  });
  it('has to be of something that takes a bend', () => {
    const skewer = wire({ stock: 'skewer4', bends: [{ on: 'post', at: [0, 0, 105] }] });
    const { worst, verdict, choose } = reckonBones(skewer, firm).rods[0]!;
    expect(worst!.id).toBe('brittle');
    expect(verdict).toBe('fails');
    expect(choose().passedOver.find((p) => p.why === 'cannot be bent')!.names).toContain(
      'bamboo skewer 3 mm',
    );
  });
  it('does not let a piece be slid on that it bends inside', () => {
    const inside = wire({ bends: [{ on: 'ball', at: [0, 0, 10] }] });
    expect(reckonBones(inside, firm).clashes.find((c) => c.kind === 'slide')!.text).toMatch(/bent inside it/);
  });
  it('is bent in its longest stretch, moved, straightened and saved', () => {
    const once = value(addBend(wire(), 'arm'));
    expect(once.rods[0]!.bends).toHaveLength(1);
    const moved = value(moveRodPoint(once, 'arm', 0, { on: 'post', at: [5, 6, 70] }));
    expect(moved.rods[0]!.bends![0]!.at).toEqual([5, 6, 70]);
    expect(value(readBuild(writeBuild(moved))).rods).toEqual(moved.rods);
    expect(value(removeBend(moved, 'arm', 0)).rods[0]).toEqual(wire().rods[0]);
    let many = wire();
    for (let k = 0; k < 12; k++) many = value(addBend(many, 'arm'));
    expect(refusal(addBend(many, 'arm'))).toMatch(/no more than 12/);
  });
  it('grows with the figure, and goes with the piece its bend is fixed to', () => {
    expect(scaleFigure(bentArm, 2).rods[0]!.bends![0]!.at[2]).toBe(210);
    expect(removePiece(wire({ from: { on: BOARD, at: [0, 0, 0] }, to: { on: BOARD, at: [0, 0, 90] }, bends: [{ on: 'ball', at: [0, 0, 0] }] }), 'ball').build.rods).toEqual([]); // prettier-ignore
  });
});

describe('what hangs', () => {
  it('is not passed by an estimate when it is heavy', () => {
    const hung = (diameter: number): Build => {
      const drop: typeof post = {
        ...plainPiece('drop', { kind: 'ball', sizes: { diameter, press: 0 } }),
        seat: { ...post.seat, on: 'post', at: [0, 0, 100], how: 'hangs' },
      };
      return { ...wire(), pieces: [...wire().pieces, drop] };
    };
    expect(reckonBones(hung(20), firm).asks).toEqual([]);
    const heavy = reckonBones(hung(120), firm);
    expect(heavy.asks.join()).toMatch(/hangs and weighs more than 500 g/);
    expect(heavy.rods.map((r) => r.verdict)).not.toContain('holds');
  });
});

describe('rods taped to a bundle', () => {
  const two = (bundle: boolean): Build => {
    const shift = (y: number) =>
      wire({ from: { on: 'post', at: [0, y, 60] }, to: { on: 'ball', at: [0, y, 20] } }).rods[0]!;
    const taped = bundle ? { bundle: 'arm' } : {};
    return {
      ...wire(),
      rods: [
        { ...shift(0), ...taped },
        { ...shift(3), ...taped, id: 'arm-2' },
      ],
    };
  };
  it('may touch, and hold less than two apart: a bundle is not twice as wide', () => {
    const hold = (b: Build) =>
      reckonBones(b, firm).rods[0]!.checks.find((c) => c.id === 'hold-below')!.use.value;
    expect(hold(two(true))).toBeGreaterThan(hold(two(false)));
    const clash = (b: Build) => reckonBones(b, firm).clashes.filter((c) => c.kind === 'rods').length;
    expect([clash(two(true)), clash(two(false))]).toEqual([0, 1]);
  });
});

describe('a tripod', () => {
  const raised: typeof post = {
    ...plainPiece('egg', { kind: 'ball', sizes: { diameter: 60, press: 0 } }),
    seat: { ...post.seat, on: BOARD, at: [0, 0, 70], sink: 0 },
  };
  const made = tripodInto({ ...blank, pieces: [raised] }, 'egg')!;
  it('is three legs from the board that meet in the piece', () => {
    expect(made.build.rods).toHaveLength(3);
    const { joints } = jointsOf(made.build);
    const tripod = tripodOf(joints[0]!)!;
    expect(Math.hypot(tripod.apex[0], tripod.apex[1])).toBeLessThan(0.1);
    expect(tripod.apex[2]).toBeGreaterThan(70);
  });
  it('carries forces, and says what it cannot: tilting about the point where its legs meet', () => {
    const ids = new Set(reckonBones(made.build, firm).rods[0]!.checks.map((c) => c.id));
    expect(ids).toContain('leg-pressed');
    expect(ids).toContain('tripod-turn');
    expect(ids).not.toContain('hold-below');
  });
  it('never makes worse what a mast holds already', () => {
    const mast = addRod(
      { ...blank, pieces: [raised] },
      {
        name: 'mast',
        stock: 'm10',
        from: { on: BOARD, at: [0, 0, -blank.board.thickness] },
        to: { on: 'egg', at: [0, 0, 50] },
        pair: false,
        sleeved: true,
      },
    ).build;
    const alone = reckonBones(mast, firm).rods[0]!;
    const both = reckonBones(tripodInto(mast, 'egg')!.build, firm);
    expect(both.rods[0]!.worst!.use.value).toBeLessThanOrEqual(alone.worst!.use.value + 1e-9);
    // whichever holds it better, the other is told to be spare
    expect(both.rods.some((r) => r.spare)).toBe(true);
    expect(alone.spare).toBe(false);
  });
  it('a straight row of three is none', () => {
    const parallel = made.build.rods.map((r, k): Rod => ({
      ...r,
      from: { on: BOARD, at: [10 * k - 10, 0, -12] },
      to: { on: BOARD, at: [10 * k - 10, 0, 100] },
    }));
    expect(tripodOf(jointsOf({ ...made.build, rods: parallel }).joints[0]!)).toBeUndefined();
  });
  it('there is none for a piece that is gone', () => expect(tripodInto(blank, 'egg')).toBeUndefined());
});
