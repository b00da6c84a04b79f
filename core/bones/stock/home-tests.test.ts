import { describe, expect, it } from 'vitest';
import { demoBuild, refusal } from '../../files/demo.testing.ts';
import { type Build, type Measurement } from '../../record/index.ts';
import { checkMeasurement, HOME_TESTS, homeTest, RODS } from '../index.ts';
import { knownOf } from './home-tests.ts';
import { stockIn, rodStrength } from './stock.ts';
import { filmOf } from '../joints/glue-films.ts';
import { coreSoft } from './soft.ts';
import { cakeBears } from '../tiers/tier-cake.ts';
import { reckonBones } from '../reckon-bones.ts';
import { firmTo } from '../firm.testing.ts';

const firm = firmTo(100);

const made = (test: Measurement['test'], of: string, readings: Record<string, number>): Measurement => ({
  id: 'one',
  test,
  of,
  on: '2026-11-20',
  readings: { ...Object.fromEntries(homeTest(test).readings.map((r) => [r.key, r.start])), ...readings },
});
const told = (m: Measurement, what: string) =>
  homeTest(m.test)
    .tells(m.of, m.readings)
    .find(([w]) => w === what)![1].value;
const near = (value: number, worked: number, within = 1e-3) =>
  expect(Math.abs(value / worked - 1), `${value} against ${worked}`).toBeLessThan(within);

// hand sums with standard gravity
describe('what a test tells', () => {
  it('104 g on a disc of 36 mm is 1 kPa, and that sinking 1 mm in 50 is 50 kPa of stiffness', () => {
    const m = made('press', 'cake', { sinks: 103.8, gives: 830.4 });
    near(told(m, 'crush'), 8, 2e-3);
    near(told(m, 'stiffness'), 50, 2e-3);
  });
  it('a stick 60 mm deep pulled 50 mm up goes over at 10.88 times its strength per millimetre', () => {
    // 8 kPa and 4 mm: 0.032 N/mm
    near(told(made('pull', 'cake', { grams: (0.032 * 10.88 * 1000) / 9.80665 }), 'crush'), 8);
  });
  it('100 g on 100 mm of a 4 mm stick sink it by 1625 ÷ E mm', () => {
    near(told(made('bend', 'skewer4', { grams: 100, sags: 1625 / 12000 }), 'stiffness'), 12000);
    near(told(made('bend', 'skewer4', { breaks: (4 * 6.2832 * 90) / 100 / 9.80665e-3 }), 'bending'), 90);
  });
  it('41 g on a tab of 20 by 20 mm is 1 kPa', () => {
    near(told(made('tab', 'sugarGlue', { grams: 41 }), 'film'), 1, 6e-3);
  });
  it('a wire that stays bent under F at L yields at F L ÷ Z', () => {
    const { modulus } = RODS.find((r) => r.id === 'wire20')!.section;
    near(told(made('spring', 'wire20', { grams: (210 * modulus) / 100 / 9.80665e-3 }), 'bending'), 210);
  });
});

describe('what was measured replaces the guess everywhere', () => {
  const heron = demoBuild('one-legged-heron');
  const having = (...measured: Measurement[]): Build => ({ ...heron, measured });

  it('nothing measured, nothing changed', () => {
    expect(knownOf(heron).soft.size + knownOf(heron).rods.size + knownOf(heron).films.size).toBe(0);
    expect(stockIn(heron, 'skewer4')).toBe(RODS.find((r) => r.id === 'skewer4'));
  });
  it('a weak cake, and the later of two tests counts', () => {
    const weak = having(made('press', 'cake', { sinks: 20, gives: 200 }));
    near(coreSoft(weak, 'cake').crush[1], (200 * 9.80665e-3 * 1000) / ((Math.PI / 4) * 36 ** 2));
    expect(cakeBears(weak)).toMatchObject({ source: 'yours' });
    const twice = having(made('press', 'cake', { gives: 200 }), made('pull', 'cake', { grams: 35.5 }));
    near(coreSoft(twice, 'cake').crush[1], 8, 1e-2);
  });
  it('a rod that was bent is as stiff and strong as it was found to be, and says so in its sum', () => {
    const rod = heron.rods[0]!.stock;
    const tried = having(made('bend', rod, { grams: 100, sags: 0.5, breaks: 0 }));
    expect(rodStrength(stockIn(tried, rod), 0, false).stiffness).not.toBe(
      rodStrength(stockIn(heron, rod), 0, false).stiffness,
    );
    const sum = JSON.stringify(reckonBones(tried, firm).rods[0]!.checks.map((c) => c.use));
    expect(sum).toContain('"yours"');
    expect(JSON.stringify(reckonBones(heron, firm).rods[0]!.checks.map((c) => c.use))).not.toContain(
      '"yours"',
    );
  });
  it('a glue film by the hours it was tried after', () => {
    const at = (hours: number) =>
      filmOf(having(made('tab', 'sugarGlue', { hours, grams: 410 })), 'sugarGlue');
    expect(at(0).atOnce).toBeGreaterThan(9);
    expect(at(1).hour).toBeGreaterThan(9);
    expect(at(24)).toMatchObject({ atOnce: 1.5, hour: 5, source: 'yours' });
  });
});

describe('readings that cannot be', () => {
  it.each([
    [made('press', 'cake', { across: 0 }), /Disc, across lies between/],
    [made('press', 'cake', { sinks: 500, gives: 100 }), /more than what makes it sink/],
    [made('bend', 'wire20', {}), /not tested that way/],
    [{ ...made('press', 'cake', {}), test: 'lick' as 'press' }, /no such test/],
  ])('are refused in a sentence', (m, says) => expect(refusal(checkMeasurement(m))).toMatch(says));

  it('every test says what to do, what it is made on and what it reads', () => {
    for (const t of HOME_TESTS) {
      expect(t.how.length, t.id).toBeGreaterThanOrEqual(3);
      expect(t.of.length, t.id).toBeGreaterThan(0);
      for (const of of t.of) {
        const m = { ...made(t.id, of.id, {}) };
        for (const [, figure] of t.tells(m.of, m.readings))
          expect(figure.value, `${t.id} ${of.id}`).toBeGreaterThan(0);
      }
    }
  });
});
