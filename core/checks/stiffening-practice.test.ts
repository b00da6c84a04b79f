// Doses, ratios and recipes of the bench: common practice throughout. Spoons by definition (NIST Handbook 44, appendix C:
// a US teaspoon is 4.929 mL), powder at 0.60 g/mL (estimate; 0.50 to 0.75 seen). Syrup per cup from memory of food tables.
import { describe, expect, it } from 'vitest';
import {
  addToReach,
  blendDensity,
  chocolateBatch,
  firmingOf,
  JOBS,
  materialOf,
  powderFor,
  ratioFromCups,
  recipeOf,
  scaled,
  type Blend,
} from '../pastes/index.ts';
import { formatMass, formatSpoons, given, MASS_IN_G, VOLUME_IN_ML } from '../quantity/index.ts';

const plain: Blend = { id: 'b', name: 'B', base: 'fondant', gumPaste: 0, powder: 0 };
const facts = (id: string) => materialOf(id).chocolate!;
const batch = (id: string, wish: Parameters<typeof chocolateBatch>[2], ratio = facts(id).ratio, loss = 3) => {
  const made = chocolateBatch(facts(id), ratio, wish, loss);
  if (!made.ok) throw new Error(made.problem.text);
  return made.value;
};

describe('stiffening powder', () => {
  const PASTES = [100, 200, 250, 454, 500, 1000];
  it.each([
    [0.5, [0.17, 0.34, 0.42, 0.77, 0.85, 1.69]],
    [0.8, [0.27, 0.54, 0.68, 1.23, 1.35, 2.71]],
    [1, [0.34, 0.68, 0.85, 1.53, 1.69, 3.38]],
    [1.2, [0.41, 0.81, 1.01, 1.84, 2.03, 4.06]],
    [1.5, [0.51, 1.01, 1.27, 2.3, 2.54, 5.07]],
    [2, [0.68, 1.35, 1.69, 3.07, 3.38, 6.76]],
  ] as const)('%f %% in level teaspoons', (dose, spoons) => {
    PASTES.forEach((g, i) => {
      const { grams, spoons: tsp } = powderFor(given('paste', g, 'g'), dose);
      expect(grams.value).toBeCloseTo((g * dose) / 100, 9);
      expect(Math.abs(tsp.value - spoons[i]!)).toBeLessThan(0.0055);
    });
  });

  it('1 % for 250 g reads 2.5 g and seven eighths of a spoon', () => {
    const { grams, spoons } = powderFor(given('paste', 250, 'g'), 1);
    expect(formatMass(grams.value)).toBe('2.5 g');
    expect(formatSpoons(spoons.value, 1)).toBe('⅞ tsp');
  });

  it('a metric spoon needs 1.4 % less of them', () => {
    const us = powderFor(given('paste', 500, 'g'), 1.2).spoons.value;
    const metric = powderFor(given('paste', 500, 'g'), 1.2, 0.6, VOLUME_IN_ML.metricTsp).spoons.value;
    expect(us / metric).toBeCloseTo(1.01442, 4);
  });

  it('one teaspoon in 250 g is 1.2 %, in 500 g 0.6 %', () => {
    const spoon = 0.6 * VOLUME_IN_ML.tsp;
    expect((spoon / 250) * 100).toBeCloseTo(1.18, 2);
    expect((spoon / 500) * 100).toBeCloseTo(0.59, 2);
  });

  it('doses of the jobs lie in the fivefold spread seen: 0.1 to 0.65 tsp for 100 g', () => {
    const inTsp = (dose: number) => dose / (0.6 * VOLUME_IN_ML.tsp);
    for (const job of JOBS) {
      expect(inTsp(job.byFeel[1]), job.name).toBeLessThanOrEqual(0.65);
      expect(job.powder.low).toBeGreaterThanOrEqual(job.byFeel[0]);
      expect(job.powder.high).toBeLessThanOrEqual(job.byFeel[1]);
      expect(job.gumPaste).toBeLessThanOrEqual(50);
    }
    const carry = JOBS.find((j) => j.id === 'carry')!;
    const fingers = JOBS.find((j) => j.id === 'fingers')!;
    expect(carry.powder.low).toBeGreaterThan(2 * fingers.powder.high);
    expect(carry.gumPaste).toBe(30);
  });
});

describe('modelling chocolate, chocolate to syrup by mass', () => {
  it.each([
    ['chocolateDark', 333.3, 166.7, 117],
    ['chocolateMilk', 357.1, 142.9, 101],
    ['chocolateWhite', 375, 125, 88],
    ['chocolateCompound', 400, 100, 70],
  ])('%s for 500 g', (id, chocolate, syrup, ml) => {
    const b = batch(id, { by: 'made', grams: 500 }, undefined, 0);
    expect(b.chocolate.value).toBeCloseTo(chocolate, 1);
    expect(b.syrup.value).toBeCloseTo(syrup, 1);
    expect(Math.abs(b.syrupMl.value - ml)).toBeLessThan(1);
  });

  it('with 3 % left in the bowl, dark for 500 g takes 343.6 and 171.8', () => {
    const b = batch('chocolateDark', { by: 'made', grams: 500 });
    expect(b.chocolate.value).toBeCloseTo(343.6426, 3);
    expect(b.syrup.value).toBeCloseTo(171.8213, 3);
    expect(b.made.value).toBeCloseTo(500, 9);
  });

  it('from what is on the shelf, whichever runs out first decides', () => {
    const little = batch('chocolateWhite', { by: 'shelf', chocolate: 300, syrup: 500 });
    expect([little.short, little.chocolate.value, little.syrup.value]).toEqual(['chocolate', 300, 100]);
    const dry = batch('chocolateWhite', { by: 'shelf', chocolate: 900, syrup: 100 });
    expect([dry.short, dry.chocolate.value]).toEqual(['syrup', 300]);
  });

  it('one pound of compound and a third of a cup of syrup is 4.1 : 1, inside the range of compound', () => {
    const cup = VOLUME_IN_ML.cup / 3;
    const r = ratioFromCups(MASS_IN_G.lb, cup, 1.4);
    expect(r).toBeCloseTo(4.1083, 4);
    expect(ratioFromCups(MASS_IN_G.lb, cup, 1.38)).toBeCloseTo(4.1679, 4);
    const [low, high] = facts('chocolateCompound').ratioRange;
    expect(r > low && r < high).toBe(true);
    expect(r).toBeGreaterThan(2 * facts('chocolateDark').ratio - 0.01);
  });

  it('more cocoa bears more syrup: dark less chocolate to syrup than milk, white and compound', () => {
    const ratios = ['chocolateDark', 'chocolateMilk', 'chocolateWhite', 'chocolateCompound'].map(
      (id) => facts(id).ratio,
    );
    expect(ratios).toEqual([...ratios].sort((a, b) => a - b));
  });

  it('refuses a ratio nobody mixes and amounts of nothing', () => {
    expect(chocolateBatch(facts('chocolateDark'), 0.2, { by: 'made', grams: 9 }).ok).toBe(false);
    expect(chocolateBatch(facts('chocolateDark'), 2, { by: 'made', grams: 0 }).ok).toBe(false);
    expect(chocolateBatch(facts('chocolateDark'), 2, { by: 'shelf', chocolate: 5, syrup: -1 }).ok).toBe(
      false,
    );
  });

  it('more syrup makes it lighter: density follows the ratio and meets the table at its own', () => {
    const at = (ratio?: number) =>
      blendDensity({ ...plain, base: 'chocolateDark', ...(ratio ? { ratio } : {}) }).value;
    expect(Math.abs(at(2) - at())).toBeLessThan(0.01);
    expect(at(1.8)).not.toBeCloseTo(at(2.4), 4);
  });
});

describe('recipes', () => {
  it.each([
    ['gumGlue', 50, { water: 51.31579, 'stiffening powder': 1.315789 }],
    ['royalIcing', 300, { 'icing sugar': 270.8315, 'egg white': 43.33303, 'lemon juice': 1.624989 }],
  ] as const)('%s for %i g', (id, grams, parts) => {
    const made = scaled(recipeOf(id)!, grams);
    expect(made.made.value).toBeCloseTo(grams / 0.95, 9);
    for (const [name, g] of Object.entries(parts))
      expect(made.parts.find((p) => p.name === name)!.value).toBeCloseTo(g, 4);
  });

  it('70 : 30 brings 0.48 % of gum', () => {
    const law = firmingOf({ ...plain, gumPaste: 30 });
    expect(law.by === 'drying' && law.constants.gum).toBeCloseTo(0.48, 9);
  });

  it('softening to half the gum takes as much plain paste again; what lies outside cannot be reached', () => {
    expect(addToReach(100, 2, 0, 1)).toBe(100);
    expect(addToReach(100, 2, 0, 3)).toBeUndefined();
  });
});
