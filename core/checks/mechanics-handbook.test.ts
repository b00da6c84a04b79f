// Mechanics of rods and holding: Euler, Johnson, beam-columns (Timoshenko & Gere), tubes and threads (ISO 68-1),
// short rigid piles (Broms), tipping by statics. Handbook formulas, worked by hand; from memory.
import { describe, expect, it } from 'vitest';
import { LOAD_CASES, RODS, rodStock } from '../bones/index.ts';
import { amplify, critical, euler, flagpole } from '../bones/mechanics/columns.ts';
import { apparent } from '../bones/joints/load-cases.ts';
import {
  bearingPerMm,
  coupleLever,
  depthNeeded,
  layeredCapacity,
  layeredUse,
  momentCapacity,
  sideCapacity,
  sideUse,
  stickMoment,
} from '../bones/mechanics/anchorage.ts';
import { edgesOf, tipping } from '../bones/joints/tipping.ts';
import { rodMass } from '../bones/stock/rods/registry.ts';
import { rodStrength } from '../bones/stock/stock.ts';
import { round, threaded, wireGauge } from '../bones/mechanics/sections.ts';
import { softNow, CORES, pasteAt } from '../bones/stock/soft.ts';
import { together } from '../bones/carried/flows.ts';

describe('sections', () => {
  it('solid, tube, thread', () => {
    const solid = round(4);
    expect(solid.area).toBeCloseTo(12.5664, 4);
    expect(solid.inertia).toBeCloseTo(12.5664, 4);
    expect(solid.modulus).toBeCloseTo(6.2832, 4);
    expect(solid.plastic).toBeCloseTo(10.6667, 4);
    expect(round(8, 1).inertia).toBeCloseTo(137.445, 3);
    expect(round(8, 0.8).modulus).toBeCloseTo(29.677, 3);
    expect(threaded(10).inertia).toBeCloseTo(217.6, 0);
    expect(threaded(12).modulus).toBeCloseTo(93.908, 2);
    expect(() => threaded(7)).toThrow(RangeError);
    expect(wireGauge(20)).toBeCloseTo(0.812, 3);
  });
});

describe('columns', () => {
  it('Euler and Johnson', () => {
    const s = round(4);
    expect(euler(10000, s.inertia, 200)).toBeCloseTo(31.006, 3);
    expect(euler(10000, s.inertia, 200, 2)).toBeCloseTo(7.7516, 4);
    const steel = round(10);
    expect(critical(205000, 240, steel, 200).limit).toBeCloseTo(129.85, 1);
    expect(critical(205000, 240, steel, 200)).toMatchObject({ rule: 'Johnson' });
    expect(critical(205000, 240, steel, 200).load).toBeCloseTo(15272, -1);
    expect(critical(205000, 240, steel, 600).load).toBeCloseTo(2758.8, 0);
  });
  it('flagpole: lean adds lean', () => {
    const f = flagpole(5, 3, 0.1, 10000, round(4).inertia, 100);
    expect(f.moment).toBeCloseTo(30.152, 2);
    expect(f.sway).toBeCloseTo(1.0304, 3);
    expect(f.growth).toBeCloseTo(1.206, 2);
    expect(flagpole(1000, 3, 0, 10000, round(4).inertia, 100).moment).toBe(Infinity);
    expect(amplify(1, 2)).toBe(2);
    expect(amplify(3, 2)).toBe(Infinity);
  });
});

describe('a stick held in something', () => {
  it('short rigid pile: side force and moment', () => {
    expect(sideCapacity(0.024, 60, 0)).toBeCloseTo(0.59647, 5);
    expect(sideCapacity(0.024, 60, 50)).toBeCloseTo(0.26112, 5);
    expect(sideCapacity(0.024, 60, 115)).toBeCloseTo(0.1474, 4);
    expect(sideCapacity(0.024, 60, -30)).toBeCloseTo(1.44, 6);
    expect(momentCapacity(0.024, 60)).toBeCloseTo(21.6, 9);
    expect(depthNeeded(0.024, 0.2, 50)).toBeCloseTo(50.825, 2);
    expect(sideUse(0, 10, 1, 0)).toBe(Infinity);
    expect(sideUse(1, 10, 0, 0)).toBe(0);
  });
  it('layers: 8 mm ganache over 92 mm of cake hold twice what cake holds', () => {
    const beds = [
      { q: 0.64, thick: 8 },
      { q: 0.032, thick: 92 },
    ];
    expect(layeredCapacity(beds, Infinity).moment).toBeCloseTo(154.05, 1);
    expect(layeredCapacity(beds, 106).force).toBeCloseTo(1.3653, 3);
    expect(layeredUse([beds[1]!], 1, 20)).toBeCloseTo(sideUse(0.032, 92, 1, 20), 9);
    expect(layeredUse([beds[1]!, { q: 0.032, thick: 8 }], 1, 20)).toBeCloseTo(sideUse(0.032, 100, 1, 20), 4);
  });
  it('greatest moment in the stick lies below the surface', () => {
    expect(stickMoment([{ q: 0.024, thick: 200 }], 0.2, 10)).toBeCloseTo(10.833, 3);
  });
  it('paste holds by its cover, foam by its crush', () => {
    const paste = softNow({ ...pasteAt(25), lasting: 1 }, 0);
    expect(bearingPerMm(paste, 4, 12)).toBeCloseTo(0.45, 6);
    expect(bearingPerMm(paste, 4, 4)).toBeCloseTo(0.21667, 4);
    expect(bearingPerMm(softNow(CORES.foam, 0), 4, 0)).toBeCloseTo(0.4, 9);
    expect(softNow(CORES.foam, 24).now).toBeLessThan(softNow(CORES.foam, 0).now);
  });
  it('lever of two and three sticks is their spacing', () => {
    expect(coupleLever(2, 30)).toBe(30);
    expect(coupleLever(3, 30)).toBe(30);
  });
});

describe('balance and tipping', () => {
  it('balance point of two masses', () => {
    const c = together([
      { g: 100, at: [0, 0, 50] },
      { g: 50, at: [30, 0, 150] },
    ]);
    expect(c.g).toBe(150);
    expect(c.at[0]).toBeCloseTo(10, 9);
    expect(c.at[2]).toBeCloseTo(83.333, 3);
  });
  const square = [
    [-50, -50],
    [50, -50],
    [50, 50],
    [-50, 50],
  ] as const;
  it('a 100 mm square under a point 100 mm up tips at 26.6°', () => {
    const t = tipping('block', square, [0, 0, 100], 0, LOAD_CASES.table, ['ok', 'no']);
    expect(t.lean.value).toBeCloseTo(26.565, 3);
    expect(tipping('block', square, [20, 0, 100], 0, LOAD_CASES.table, ['ok', 'no']).lean.value).toBeCloseTo(
      (Math.atan(0.3) * 180) / Math.PI,
      6,
    );
    expect(tipping('block', square, [60, 0, 100], 0, LOAD_CASES.table, ['ok', 'no']).check.verdict).toBe(
      'fails',
    );
    expect(tipping('block', [], [0, 0, 100], 0, LOAD_CASES.table, ['ok', 'no']).check.verdict).toBe('fails');
  });
  it('measures edges the same whichever way round the outline runs', () => {
    const there = edgesOf(square, [10, 0])
      .map((e) => e.inside)
      .sort();
    const back = edgesOf([...square].reverse(), [10, 0])
      .map((e) => e.inside)
      .sort();
    expect(there).toEqual(back);
  });
  it('apparent gravity of a car seat', () => {
    const [x, y, z] = apparent(LOAD_CASES.carSeat, 0, 0.85);
    expect(x).toBeCloseTo(0.44304, 5);
    expect(y).toBe(0);
    expect(z).toBeCloseTo(-0.78499, 5);
  });
});

describe('the catalogue', () => {
  it('weighs and bends as the table says', () => {
    // stiffness E I dry, N mm²
    expect(
      rodStrength(rodStock('skewer3'), 0, false).stiffness * rodStock('skewer3').section.inertia,
    ).toBeCloseTo(47713, -1);
    expect(rodStrength(rodStock('m10'), 0).stiffness * rodStock('m10').section.inertia).toBeCloseTo(
      4.46e7,
      -5,
    );
    expect(rodMass(rodStock('dowel6'), 100)).toBeCloseTo(1.75, 2);
    expect(rodMass(rodStock('m12'), 100)).toBeCloseTo(72.8, 0);
  });
  it('has every rod once, simplest first, with a caution', () => {
    expect(new Set(RODS.map((r) => r.id)).size).toBe(RODS.length);
    RODS.forEach((r, i) => {
      if (i) expect(r.rank).toBeGreaterThanOrEqual(RODS[i - 1]!.rank);
      expect(r.caution.length).toBeGreaterThan(10);
    });
  });
  it('is weaker damp and when it stands for hours', () => {
    const dry = rodStrength(rodStock('paper4'), 0, false);
    const wet = rodStrength(rodStock('paper4'), 24);
    expect(wet.bending).toBeCloseTo(dry.bending / 4, 9);
    expect(wet.stiffness).toBeLessThan(dry.stiffness / 5);
  });
});
