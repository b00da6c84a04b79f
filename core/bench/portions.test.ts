import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { aloneOf, oneIsWide, oneWeighing, oneWeighs, portionPieces } from '../figure/index.ts';
import { setPortions, unweigh, weighedOne, withoutPortions } from '../edits/index.ts';
import { type Build } from '../record/index.ts';
import { plan } from '../plan.ts';

const acorns = demoBuild('sixty-acorn-sweets');
const report = (patch: Partial<NonNullable<Build['portions']>> = {}) =>
  plan({ ...acorns, portions: { ...acorns.portions!, ...patch } }).portions!;

describe('sixty acorns of 12 g', () => {
  it('weigh what they are to weigh, nut, cap and stalk together', () => {
    const r = report();
    expect(r.number).toBe(60);
    expect(r.meets).toBe(true);
    expect(r.parts.map((p) => p.name)).toEqual(['Acorn', 'Cap', 'Stalk']);
    expect(r.one.value).toBeCloseTo(
      r.parts.reduce((g, p) => g + p.grams.value, 0),
      9,
    );
    const mixed = plan(acorns).paste.reduce((g, b) => g + b.net.value, 0);
    expect(mixed).toBeCloseTo(60 * r.one.value, 6);
  });

  it('are made heavier or lighter as a whole, to the tenth of a gram', () => {
    for (const target of [8, 14.5, 30]) {
      const made = value(oneWeighing(acorns, 'nut', target));
      expect(oneWeighs(aloneOf(made, 'nut'))).toBeCloseTo(target, 1);
    }
    expect(refusal(oneWeighing(acorns, 'nut', 0))).toMatch(/more than nothing/);
    expect(refusal(oneWeighing(acorns, 'gone', 12))).toMatch(/no longer/);
    expect(value(portionPieces(acorns))).toContain('nut');
    expect(refusal(portionPieces(demoBuild('savoy-cabbage')))).toMatch(/made in numbers/);
  });

  it('go into a case with room, and say so when they do not', () => {
    const wide = oneIsWide(aloneOf(acorns, 'nut'));
    expect(report({ caseWidth: wide + 3 }).caseFits).toBe(true);
    const tight = report({ caseWidth: wide + 1 });
    expect(tight.caseFits).toBe(false);
    expect(tight.says.join()).toMatch(/squeezed/);
    expect(report({ caseWidth: 0 }).caseRoom).toBeUndefined();
  });

  it('as halves or a cluster each part is the cube root smaller', () => {
    const r = report({ target: 14 });
    const half = r.cluster(2)!;
    expect(half.grams).toBe(7);
    expect(half.ball / r.cluster(1)!.ball).toBeCloseTo(2 ** (-1 / 3), 9);
    expect(r.cluster(7)!.grams).toBeCloseTo(2, 9);
    expect(r.cluster(0)).toBeUndefined();
  });

  it('begin with what one weighs now', () => {
    const { portions: _portions, ...bare } = acorns;
    const begun = value(setPortions(bare, { piece: 'nut' }));
    expect(begun.portions!.target).toBe(12);
    expect(refusal(setPortions(bare, { piece: 'nut', within: 20 }))).toMatch(/less than the portion/);
    const weighed = value(weighedOne(begun, 12.3));
    expect(unweigh(value(weighedOne(weighed, 12.1))).portions!.weighed).toEqual([12.3]);
    expect(refusal(weighedOne(bare, 3))).toMatch(/Say first/);
    expect(withoutPortions(weighed).portions).toBeUndefined();
  });

  it('need a scale fine enough for the tolerance', () => {
    expect(report({ step: 0.1 }).scaleFine).toBe(true);
    expect(report({ step: 1 }).says.join()).toMatch(/steps by 1 g cannot tell ±0.5 g/);
  });

  it('tell a drift while it is the newest, and let it rest once it is mended', () => {
    expect(report().says.join()).toMatch(/Drifting heavy/);
    const mended = [...acorns.portions!.weighed, 12, 11.9, 12.1, 12, 11.9, 12];
    expect(report({ weighed: mended }).says.join()).not.toMatch(/Drifting/);
    expect(report({ weighed: [] }).weighed).toBeUndefined();
    expect(report({ weighed: [12, 12, 12] }).weighed).toBeUndefined();
  });

  it('a steadier hand is looked at less often', () => {
    const steady = [12, 12.05, 11.95, 12.02, 11.98, 12.04, 11.97, 12.01];
    const shaky = [12, 12.5, 11.6, 12.4, 11.5, 12.3, 11.7, 12.2];
    expect(report({ weighed: steady }).weighed!.every.value).toBeGreaterThan(
      report({ weighed: shaky }).weighed!.every.value,
    );
    expect(report({ weighed: steady }).weighed!.out.value).toBeLessThan(1);
    expect(report({ weighed: shaky }).weighed!.out.value).toBeGreaterThan(10);
  });

  it('are worked light before dark', () => {
    expect(report().order.map((t) => t.of.name)).toEqual(['nut brown', 'cap brown']);
  });
});
