import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkForm } from '../solids/index.ts';
import {
  allergensOf,
  blendDensity,
  blendFor,
  bulkFromSpoons,
  byBall,
  byJug,
  checkBlend,
  chooseGlue,
  doseDoubts,
  finishedDensity,
  GLUES,
  jobOf,
  JOBS,
  MATERIAL_IDS,
  materialOf,
  RECIPES,
  recipeOf,
  SCHOOLS,
  sameOwn,
  schoolOf,
  shrinkFromStrip,
  type Blend,
  type School,
  type GlueSide,
} from './index.ts';

const blend = (patch: Partial<Blend> = {}): Blend => ({
  id: 'b',
  name: 'B',
  base: 'fondant',
  gumPaste: 0,
  powder: 0,
  ...patch,
});
const text = (r: { ok: boolean; problem?: { text: string } }) => (r.ok ? '' : r.problem!.text);

describe('what is known of each paste', () => {
  it.each(MATERIAL_IDS)('%s: enough to choose by', (id) => {
    const m = materialOf(id);
    for (const words of [m.note, m.goodFor, m.badFor, m.weather, m.keeps.how])
      expect(words.length).toBeGreaterThan(8);
    expect(m.keeps.days).toBeGreaterThan(0);
    expect(m.dusts.length).toBeGreaterThan(0);
    if (m.chocolate) {
      const [low, high] = m.chocolate.ratioRange;
      expect(m.chocolate.ratio).toBeGreaterThanOrEqual(low);
      expect(m.chocolate.ratio).toBeLessThanOrEqual(high);
      expect(m.allergens).toContain('soya');
    }
    // whoever cannot eat milk or egg cannot eat it as a vegan either
    if (m.allergens.includes('milk') && id !== 'chocolateCompound') expect(m.diet.vegan).toBe('no');
  });
});

describe('doses by what a piece must do', () => {
  it('every school of every job is a blend that can be mixed, and is recognised again', () => {
    for (const job of JOBS)
      for (const school of Object.keys(SCHOOLS) as School[]) {
        const made = blendFor(job, school, blend({ powder: 3 }));
        expect(checkBlend(made).ok).toBe(true);
        expect(made.job).toBe(job.id);
        expect(schoolOf(job, made)).toBe(school);
      }
  });

  it('tells too much and too little with a remedy, and forbids neither', () => {
    const carry = (patch: Partial<Blend>) => doseDoubts(blend({ job: 'carry', ...patch }));
    expect(carry({ powder: 1 })).toEqual([]);
    expect(carry({ gumPaste: 50 })).toEqual([]);
    expect(carry({}).join()).toMatch(/may droop\. Add 0.8 %/);
    expect(carry({ powder: 4 }).join(' ')).toMatch(/rubbery and cracks.*shortening/);
    expect(checkBlend(blend({ powder: 4 })).ok).toBe(true);
    expect(doseDoubts(blend({ gumPaste: 80 })).join()).toMatch(/crusts/);
    expect(doseDoubts(blend({ job: 'fingers', powder: 1.5 })).join()).toMatch(/cracks at the bends/);
  });

  it('tells a ratio of chocolate that will not do', () => {
    const at = (ratio: number) => doseDoubts(blend({ base: 'chocolateDark', ratio })).join();
    expect(at(2)).toBe('');
    expect(at(1.5)).toMatch(/soft and sticky/);
    expect(at(3)).toMatch(/crumbles/);
    expect(text(checkBlend(blend({ ratio: 2 })))).toMatch(/not mixed from chocolate/);
    expect(text(checkBlend(blend({ base: 'chocolateDark', ratio: 20 })))).toMatch(/between 1 : 1 and 8 : 1/);
  });

  it('doubts a density that is possible but unusual', () => {
    expect(doseDoubts(blend({ density: 1.1 })).join()).toMatch(/usually weighs 1.33 to 1.44/);
    expect(doseDoubts(blend({ density: 1.38 }))).toEqual([]);
    expect(jobOf('nothing')).toBeUndefined();
  });
});

describe('what a person measures for themselves', () => {
  it('a ball of 35 g and 37.2 mm is 1.298, give or take 2.4 %', () => {
    const r = byBall(35, [37.2, 37.2, 37.2]);
    if (!r.ok) throw new Error(r.problem.text);
    expect(r.value.value).toBeCloseTo(1.298496, 5);
    expect((r.value.range![1] - r.value.value) / r.value.value).toBeCloseTo(0.02436, 4);
    expect(r.value.from).toHaveLength(2);
  });

  it('65 g that lift the water by 50 ml are 1.3', () => {
    const r = byJug(65, 50);
    expect(r.ok && r.value.value).toBeCloseTo(1.3, 9);
  });

  it('ten level spoons of 29.6 g make 0.60 g a millilitre; a 100 mm strip that is 98 after, 2 %', () => {
    const bulk = bulkFromSpoons(29.57, 10);
    expect(bulk.ok && bulk.value.value).toBeCloseTo(0.6, 3);
    const strip = shrinkFromStrip(100, 98);
    expect(strip.ok && strip.value.value).toBeCloseTo(2, 9);
  });

  it.each([
    [byBall(3500, [37, 37, 37]), /Nothing edible here weighs/],
    [byBall(35, [37, 0, 37]), /Each diameter has to be more than nothing/],
    [byJug(65, 0), /rise of the water/],
    [byJug(5, 500), /Nothing edible/],
    [bulkFromSpoons(2.9, 100), /between 0.2 and 1.2 g/],
    [shrinkFromStrip(98, 100), /wrong way round/],
    [shrinkFromStrip(100, 50), /measure again/],
  ])('refuses what cannot be, in words', (r, says) => {
    expect(text(r)).toMatch(says);
  });

  it('their paste takes the place of the table, alone and blended', () => {
    const own = {
      id: 'own',
      name: 'Ours',
      like: 'fondant',
      density: 1.34,
      shrink: 2,
      allergens: ['milk'],
      note: '',
    };
    expect(blendDensity(blend({ own })).value).toBe(1.34);
    expect(blendDensity(blend({ own, gumPaste: 30 })).value).toBeLessThan(
      blendDensity(blend({ gumPaste: 30 })).value,
    );
    expect(finishedDensity(blend({ own }))).toBeCloseTo(1.34 / 0.98 ** 3, 9);
    expect(allergensOf(blend({ own }))).toEqual(['milk']);
    expect([sameOwn(own, { ...own }), sameOwn(own, { ...own, density: 1.3 })]).toEqual([true, false]);
    expect(text(checkBlend(blend({ own: { ...own, like: 'marzipan' } })))).toMatch(
      /behaves like another paste/,
    );
    expect(text(checkBlend(blend({ own: { ...own, density: 9 } })))).toMatch(/Nothing edible/);
    expect(text(checkBlend(blend({ shrink: 30 })))).toMatch(/between 0 and 10 %/);
    expect(checkForm({ kind: 'ball', sizes: { diameter: 20, press: 0 } }).ok).toBe(true);
  });
});

describe('glues', () => {
  const names = (
    a: GlueSide,
    b: GlueSide,
    x: 'soft' | 'firm' | 'dry',
    y: 'soft' | 'firm' | 'dry',
    heavy = false,
  ) =>
    chooseGlue([a, b], [x, y], heavy)
      .filter((g) => g.fits)
      .map((g) => g.glue.id);

  it('soft sugar on soft takes water; dry on dry does not, and takes royal icing: common practice', () => {
    expect(names('sugar', 'sugar', 'soft', 'soft')).toContain('water');
    expect(names('sugar', 'sugar', 'dry', 'dry')).not.toContain('water');
    expect(names('sugar', 'sugar', 'dry', 'dry', true)[0]).toMatch(
      /royalIcing|thickPasteGlue|meltedChocolate/,
    );
  });

  it('chocolate is joined with melted chocolate and never with anything wet: common practice', () => {
    for (const s of ['soft', 'firm', 'dry'] as const) {
      const found = names('chocolate', 'chocolate', s, s);
      expect(found).toContain('meltedChocolate');
      for (const wet of ['water', 'sugarGlue', 'gumGlue', 'royalIcing']) expect(found).not.toContain(wet);
    }
  });

  it('asks the same whichever face is named first, and says why each other one is not for it', () => {
    const side = fc.constantFrom<GlueSide>('sugar', 'almond', 'chocolate', 'icing', 'foam', 'cake');
    const state = fc.constantFrom('soft' as const, 'firm' as const, 'dry' as const);
    fc.assert(
      fc.property(side, side, state, state, fc.boolean(), (a, b, x, y, heavy) => {
        const there = chooseGlue([a, b], [x, y], heavy);
        const back = chooseGlue([b, a], [y, x], heavy);
        expect(there.map((g) => [g.glue.id, g.fits])).toEqual(back.map((g) => [g.glue.id, g.fits]));
        expect(there).toHaveLength(GLUES.length);
        for (const g of there) expect(g.why.length).toBeGreaterThan(4);
        // those that fit come first
        expect(
          there.findIndex((g) => !g.fits) === -1 ||
            !there.slice(there.findIndex((g) => !g.fits)).some((g) => g.fits),
        ).toBe(true);
      }),
    );
  });

  it('every recipe named is there, and spirits say so', () => {
    for (const g of GLUES) {
      if (g.recipe) expect(recipeOf(g.recipe)).toBeDefined();
      if (g.alcohol) expect(g.note).toMatch(/[Aa]lcohol/);
    }
    expect(new Set(RECIPES.map((r) => r.id)).size).toBe(RECIPES.length);
  });
});
