import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blank, plainPiece } from '../../record/blank.testing.ts';
import { addRod, setGrams, setRod } from '../../edits/index.ts';
import { weighIn } from '../../figure/index.ts';
import { type Vec } from '../../solids/index.ts';
import { pieceOf, type Build, type Rod } from '../../record/index.ts';
import { demoBuild, value } from '../../files/demo.testing.ts';
import { plan } from '../../plan.ts';
import { acrossOf, jointsOf } from '../paths/joints.ts';
import { mendsFor } from '../mends/mends.ts';
import { waysHeld } from './ways-held.ts';
import { worstOfRod } from './checked-joints.ts';
import { firmTo } from '../firm.testing.ts';

const firm = firmTo(120);
const body = plainPiece('body', { kind: 'truncatedCone', sizes: { foot: 80, top: 80, height: 160 } });
/** A level arm out of the side of a column. */
const arm = plainPiece(
  'arm',
  { kind: 'rope', sizes: { diameter: 24, length: 110 } },
  { on: 'body', at: [38, 0, 110], lean: 90 },
);
const rod = (name: string, from: Vec, to: Vec, more: Partial<Rod> = {}): Omit<Rod, 'id'> => ({
  name,
  stock: 'skewer3',
  from: { on: 'body', at: from },
  to: { on: 'arm', at: to },
  pair: false,
  sleeved: false,
  ...more,
});
const bare: Build = addRod({ ...blank, pieces: [body, arm] }, rod('stick', [14, 0, 110], [0, 0, 84])).build;
/** A strut from the column up into the arm, beside its stick. */
const strutted = (aside = 5.5, foot = 60): Build =>
  addRod(bare, rod('strut', [20, aside, foot], [0, aside, 50], { shown: true })).build;
const armJoint = (b: Build) => jointsOf(b).joints.find((j) => j.upper === 1)!;
const worstOf = (b: Build) => worstOfRod(b, 'stick', firm)!;

describe('an arm with a strut', () => {
  it('is seen as braced where the two meet in it, and takes the way that holds it best', () => {
    const braced = waysHeld(strutted(), armJoint(strutted())).filter((w) => w.braces);
    expect(braced.some((w) => w.crossings[0]!.path.placed.rod.id === 'stick')).toBe(true);
    expect(acrossOf(braced[0]!)).toHaveLength(2);
    expect(worstOf(strutted()).use.value).toBeLessThan(worstOf(bare).use.value);
  });

  it('is no brace that passes by, nor one that runs with the stick', () => {
    const passes = strutted(25);
    expect(waysHeld(passes, armJoint(passes)).some((w) => w.braces)).toBe(false);
    const beside = addRod(bare, rod('beside', [14, 8, 110], [0, 8, 84])).build;
    const [row] = waysHeld(beside, armJoint(beside));
    expect(row!.braces).toBeUndefined();
    expect(row!.crossings).toHaveLength(2);
  });

  it('is no brace where it would meet the stick beyond its end', () => {
    const to = (end: number, meets: number): Build => {
      const stick = addRod({ ...blank, pieces: [body, arm] }, rod('stick', [14, 0, 110], [0, 0, end])).build;
      return addRod(stick, rod('strut', [20, 5.5, 60], [0, 5.5, meets], { shown: true })).build;
    };
    const heldByBoth = (b: Build) => waysHeld(b, armJoint(b)).some((w) => w.braces);
    expect(heldByBoth(to(84, 60))).toBe(true);
    expect(heldByBoth(to(30, 60))).toBe(false);
  });

  it('holds less the heavier the arm', () => {
    const g = weighIn(strutted(), pieceOf(strutted(), 'arm')!).whole.value;
    let last = 0;
    for (const k of [0.8, 1, 1.2]) {
      const { value: use } = worstOf(value(setGrams(strutted(), 'arm', g * k))).use;
      expect(use).toBeGreaterThan(last);
      last = use;
    }
  });

  it('shows the brace with its own checks, and neither rod as spare', () => {
    const { rods, clashes } = plan(strutted()).bones;
    for (const r of rods) expect(r.spare, r.rod.name).toBe(false);
    const ids = rods[1]!.checks.map((c) => c.id);
    expect(ids).toContain('brace-pressed');
    expect(ids).toContain('brace-bend');
    expect(rods.every((r) => r.checks.every((c) => !Number.isNaN(c.use.value)))).toBe(true);
    const last = clashes.find((c) => c.kind === 'order' && /in last/.test(c.title))!;
    expect(last.title).toBe('B goes in last');
    expect(last.text).toMatch(/Slide the arm on to A, then push B through it/);
  });

  it('two struts in one plane with the stick brace one at a time, and never make checks vanish', () => {
    const over = addRod(strutted(), rod('tie', [20, 5.5, 156], [0, 5.5, 50], { shown: true })).build;
    const ways = waysHeld(over, armJoint(over));
    expect(ways.filter((w) => w.braces).every((w) => w.braces!.length === 1)).toBe(true);
    for (const r of plan(over).bones.rods) expect(r.checks.length, r.rod.name).toBeGreaterThan(3);
    expect(worstOf(over).use.value).toBeGreaterThan(0.05);
  });

  it('another rod never makes it worse, wherever it runs', () => {
    const alone = worstOf(bare).use.value;
    const x = (from: number, to: number) => fc.double({ min: from, max: to, noNaN: true });
    fc.assert(
      fc.property(
        fc.tuple(x(-30, 34), x(-30, 30), x(5, 155)),
        fc.tuple(x(-8, 8), x(-8, 8), x(10, 100)),
        fc.constantFrom('skewer3', 'dowel6', 'paper4'),
        (from, to, stock) => {
          const use = worstOf(addRod(bare, rod('more', from, to, { stock })).build).use.value;
          expect(use).not.toBeNaN();
          expect(use).toBeLessThanOrEqual(alone + 1e-9);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('a thicker strut is worked less', () => {
    const pressed = (stock: string) =>
      plan(value(setRod(strutted(), 'strut', { stock }))).bones.rods[1]!.checks.find(
        (c) => c.id === 'brace-pressed',
      )!.use.value;
    const uses = ['skewer3', 'cocktail2'].map(pressed);
    expect(uses).toEqual([...uses].sort((x, y) => x - y));
  });
});

describe('a brace as a mend', () => {
  it('is offered for the otter’s lantern arm, and holds when it is taken', () => {
    const otter = demoBuild('ferryman-otter');
    const stick = plan(otter).bones.rods.find((r) => r.rod.id === 'lantern-stick')!;
    expect(stick.verdict).toBe('fails');
    const brace = stick.mends.find((m) => m.text.startsWith('Brace it'))!;
    expect(brace.text).toMatch(/^Brace it with a .+ from the \w+(, \d+ mm of it seen|, all of it hidden)$/);
    const after = plan(brace.apply()).bones;
    expect(after.rods.find((r) => r.rod.id === 'lantern-stick')!.verdict).toBe('holds');
    const added = after.rods.at(-1)!;
    expect(added.rod.name).toBe('Lantern arm, brace');
    expect(added.spare).toBe(false);
    expect(added.verdict).toBe('holds');
    expect(after.clashes.filter((c) => c.verdict === 'fails' && c.rods.includes(added.rod.id))).toEqual([]);
  });

  it('every way that is offered holds, and no two are of a kind', () => {
    for (const id of ['lantern-stick', 'legs']) {
      const otter = demoBuild('ferryman-otter');
      const { firming } = plan(otter);
      const firmed = firming;
      const mends = mendsFor(otter, id, firmed);
      expect(mends.length).toBeGreaterThan(1);
      for (const m of mends)
        expect(worstOfRod(m.apply(), id, firmed)!.use.value, m.text).toBeLessThanOrEqual(0.85);
      const kinds = mends.map((m) => m.text.split(' ').slice(0, 2).join(' '));
      expect(new Set(kinds).size).toBe(kinds.length);
    }
  });
});

describe('a mast with two braces', () => {
  /** A ball on a stiff mast through the board, with two skewers to it from the board behind. */
  const mast = (braced: boolean): Build => {
    const head = plainPiece(
      'head',
      { kind: 'ball', sizes: { diameter: 90, press: 0 } },
      { at: [0, 0, 120], sink: 0 },
    );
    const stand = (build: Build, name: string, stock: string, foot: Vec, top: Vec): Build =>
      addRod(build, {
        name,
        stock,
        from: { on: 'board', at: foot },
        to: { on: 'head', at: top },
        pair: false,
        sleeved: true,
        shown: true,
      }).build;
    const on: Build = { ...blank, board: { ...blank.board, material: 'plywood' }, pieces: [head] };
    const alone = stand(on, 'mast', 'm6', [0, 0, -12], [0, 0, 70]);
    return braced
      ? stand(
          stand(alone, 'left', 'skewer4', [-80, 7, -12], [8, 7, 52]),
          'right',
          'skewer4',
          [0, 80, -12],
          [7, -8, 52],
        )
      : alone;
  };

  it('is taken as a tripod or as a braced mast, whichever holds better, and bends less than the mast alone', () => {
    const joint = jointsOf(mast(true)).joints[0]!;
    const ways = waysHeld(mast(true), joint);
    expect(ways.some((w) => w.braces?.length === 2)).toBe(true);
    const bend = (b: Build) =>
      Math.max(
        ...plan(b)
          .bones.rods[0]!.checks.filter((c) => /bend/.test(c.id))
          .map((c) => c.use.value),
      );
    expect(bend(mast(true))).toBeLessThan(bend(mast(false)));
  });
});
