import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild, value } from '../files/demo.testing.ts';
import { anyBuild } from '../figure/arbitrary.testing.ts';
import { blendOf, height, weigh } from '../figure/index.ts';
import { multiplicity, pieceOf, rodOf, type Build } from '../record/index.ts';
import { removeRod, setBoard, setBrief, setRod, setForm } from '../edits/index.ts';
import { reckonBones, rodStock, seatFacts, throughWords, toHeight } from './index.ts';
import { checkedJoints, worstOfRod } from './joints/checked-joints.ts';
import { jointsOf } from './paths/joints.ts';
import { rescale } from './mends/rescale.ts';
import { rodMass } from './stock/rods/registry.ts';
import { verdictOf } from './joints/check.ts';
import { firmTo } from './firm.testing.ts';

const otter = demoBuild('ferryman-otter');
const firm = firmTo(100);

describe('the otter', () => {
  const bones = reckonBones(otter, firm);

  it('weighs what its pieces, cores and rods weigh', () => {
    const pieces = otter.pieces.reduce(
      (g, p) => g + weigh(p, blendOf(otter, p)).whole.value * multiplicity(otter, p),
      0,
    );
    const rods = bones.rods.reduce((g, r) => g + r.mass.value, 0);
    expect(bones.balance.mass.value).toBeCloseTo(pieces + rods, 6);
  });

  it('has its balance point inside the figure and stands on feet and tail', () => {
    expect(bones.balance.up.value).toBeGreaterThan(40);
    expect(bones.balance.up.value).toBeLessThan(height(otter));
    expect(bones.figureTips.lean.value).toBeGreaterThan(5);
    expect(bones.anchored).toBe(true);
  });

  it('finds what each rod runs through and how deep it is held', () => {
    const legs = bones.rods.find((r) => r.rod.id === 'legs')!;
    expect(throughWords(otter, legs.passes)).toBe('board → feet → body');
    const oar = bones.rods.find((r) => r.rod.id === 'oar')!;
    expect(oar.depth).toBeCloseTo(otter.board.thickness, 0);
    const spine = bones.rods.find((r) => r.rod.id === 'spine')!;
    expect(throughWords(otter, spine.passes)).toBe('body → head → foam');
  });

  it('offers for the lantern arm mends that hold when they are made', () => {
    const soft = firmTo(38);
    const arm = reckonBones(otter, soft).rods.find((r) => r.rod.id === 'lantern-stick')!;
    expect(arm.verdict).toBe('fails');
    expect(arm.mends.length).toBeGreaterThan(0);
    for (const m of arm.mends) {
      const use = worstOfRod(m.apply(), 'lantern-stick', soft)!.use.value;
      expect(use).toBeLessThanOrEqual(0.85);
      expect(m.times).toBeCloseTo(1 / use, 9);
      expect(verdictOf(use)).toBe('holds');
    }
  });

  it('opens every verdict to a sum', () => {
    for (const r of bones.rods)
      for (const c of r.checks) {
        expect(c.use.from!.length, c.title).toBeGreaterThan(0);
        expect(c.use.rule, c.title).toBeTruthy();
        expect(c.text.length).toBeGreaterThan(8);
      }
  });

  it('never says safe, certified or guaranteed, and says its limits', () => {
    const words = JSON.stringify(bones);
    expect(words).not.toMatch(/\b(safe|certified|guaranteed)\b/i);
    expect(bones.limits).toMatch(/guide/);
  });
});

describe('what must be so in any build', () => {
  it('never gives NaN, and every rod has a verdict', () => {
    fc.assert(
      fc.property(anyBuild(4), (build) => {
        const bones = reckonBones(build, firm);
        for (const r of bones.rods)
          for (const c of r.checks) {
            expect(Number.isNaN(c.use.value), c.title).toBe(false);
            expect(c.use.value).toBeGreaterThanOrEqual(0);
          }
        expect(Number.isFinite(bones.balance.mass.value)).toBe(true);
      }),
      { numRuns: 30 },
    );
  });

  const worstUse = (build: Build, yieldKPa = 100) =>
    Math.max(0, ...checkedJoints(build, firmTo(yieldKPa)).flatMap((j) => j.checks.map((c) => c.use.value)));

  it('heavier is never better', () => {
    const lamp = pieceOf(otter, 'lantern')!;
    let last = 0;
    for (const k of [0.5, 1, 1.5, 2]) {
      const sizes = { diameter: lamp.form.sizes.diameter! * k, length: lamp.form.sizes.length! };
      const use = worstOfRod(
        value(setForm(otter, 'lantern', { ...lamp.form, sizes })),
        'lantern-stick',
        firm,
      )!.use.value;
      expect(use).toBeGreaterThanOrEqual(last);
      last = use;
    }
  });

  it('deeper is never worse, and firmer paste neither', () => {
    const rod = rodOf(otter, 'lantern-stick')!;
    let last = Infinity;
    for (const x of [-10, 0, 10, 20]) {
      const deeper = value(
        setRod(otter, rod.id, { from: { on: 'body', at: [x, rod.from.at[1], rod.from.at[2]] } }),
      );
      const hold = checkedJoints(deeper, firm)
        .filter((j) => j.joint.crossings.some((c) => c.path.placed.rod.id === rod.id))
        .flatMap((j) => j.checks)
        .find((c) => c.id === 'hold-below')!;
      expect(hold.use.value).toBeLessThanOrEqual(last * 1.001);
      last = hold.use.value;
    }
    expect(worstUse(otter, 200)).toBeLessThanOrEqual(worstUse(otter, 100));
  });

  it('a rougher journey is never easier', () => {
    const uses = (['table', 'carry', 'carFlat', 'carHard'] as const).map((journey) =>
      worstUse(value(setBrief(otter, { journey }))),
    );
    for (let i = 1; i < uses.length; i++) expect(uses[i]!).toBeGreaterThanOrEqual(uses[i - 1]! - 1e-9);
  });
});

describe('seats and joints', () => {
  it('finds no joint without a rod, and two rods at the hips', () => {
    const bare = otter.rods.reduce((b, r) => removeRod(b, r.id), otter);
    expect(jointsOf(bare).joints).toHaveLength(0);
    const hips = jointsOf(otter).joints.find(
      (j) => j.crossings.length === 2 && j.crossings[0]!.path.placed.rod.id === 'legs',
    )!;
    expect(hips.spacing).toBeGreaterThan(30);
  });

  it('tells firming what rests on a piece and what rods take of it', () => {
    const body = seatFacts(otter, () => 12).get('body')!;
    expect(body.load).toBeGreaterThan(100);
    // the sticks of the neck end in it, those of the legs take what rests on the feet past them
    expect(body.loadOnRods).toBeLessThan(0.1);
    expect(seatFacts(otter, () => 12).get('feet')!.loadOnRods).toBeGreaterThan(0.7);
    expect(body.rodded).toBe(true);
    expect(seatFacts(otter, () => 12).get('tail')!.rodded).toBe(false);
  });
});

describe('making it larger', () => {
  it('takes the next stiffer rod, and says where the list ends', () => {
    const large = rescale(otter, 1.4);
    expect(rodStock(rodOf(large.build, 'oar')!.stock).section.diameter).toBeGreaterThan(6);
    expect(large.notes.join(' ')).toMatch(/became/);
    const huge = rescale(otter, 3);
    expect(huge.notes.join(' ')).toMatch(/stiffest there is/);
    expect(rescale(otter, 1.02).notes).toHaveLength(0);
  });
  it('meets the wanted height', () => {
    expect(height(value(toHeight(otter, 300)).build)).toBeCloseTo(300, 1);
    expect(toHeight(otter, 9000).ok).toBe(false);
  });
});

describe('limits', () => {
  it('asks for a look on site above 10 kg and says when a rod is longer than it is sold', () => {
    const huge = rescale(otter, 2.4).build;
    const bones = reckonBones(huge, firm);
    expect(bones.asks.join(' ')).toMatch(/more than 10 kg/);
    expect(bones.asks.join(' ')).toMatch(/longer than/);
    expect(bones.rods.every((r) => r.verdict !== 'holds')).toBe(true);
  });
  it('a narrow board tips sooner', () => {
    const lean = (w: number) => reckonBones(value(setBoard(otter, { width: w })), firm).boardTips.lean.value;
    expect(lean(120)).toBeLessThan(lean(240));
  });
  it('weighs a rod by its length', () => {
    expect(rodMass(rodStock('skewer3'), 200)).toBeCloseTo(2 * rodMass(rodStock('skewer3'), 100), 9);
  });
});
