import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../../files/demo.testing.ts';
import { setBrief } from '../../edits/index.ts';
import { type Build, type Journey } from '../../record/index.ts';
import { plan } from '../../plan.ts';
import { caseOf, LOAD_CASES, setPush, usualPush } from '../index.ts';
import { apparent, casesOf } from './load-cases.ts';

const heron = demoBuild('one-legged-heron');
const driven = (journey: Journey): Build => value(setBrief(heron, { journey }));

describe('gravity as a figure feels it', () => {
  it('is one downwards on a level table', () => {
    const [x, y, z] = apparent({ ...LOAD_CASES.table, tilt: 0 }, 0, 1);
    expect([x, y, z]).toEqual([0, 0, -1]);
  });
  it('adds a sideways push at right angles: the length is that of both together', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1.5, noNaN: true }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }),
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        (sideways, tilt, phi, factor) => {
          const g = apparent({ ...LOAD_CASES.carry, sideways, tilt }, phi, factor);
          // leaning the board turns the force and makes it neither more nor less
          expect(Math.hypot(...g)).toBeCloseTo(Math.hypot(sideways, factor), 9);
        },
      ),
    );
  });
  it('hard braking is about half of gravity', () => {
    // motor handbooks: an emergency stop on a dry road reaches 0.7 to 0.9 g, a firm one about half; from memory
    expect(LOAD_CASES.carHard.sideways).toBe(0.5);
    expect(LOAD_CASES.carHard.sideways).toBeGreaterThan(LOAD_CASES.carFlat.sideways);
  });
});

describe('what a build has to get through', () => {
  it('the table always, and being carried unless the drive is harder in everything', () => {
    const names = (j: Journey) => casesOf(driven(j).brief ? driven(j) : heron).map((c) => c.name);
    expect(names('table')).toEqual(['standing on a table']);
    expect(names('carry')).toEqual(['standing on a table', 'carried by hand']);
    for (const j of ['carFlat', 'carSeat', 'carHard'] as const) {
      expect(names(j)[0]).toBe('standing on a table');
      expect(names(j).at(-1)).toBe(LOAD_CASES[j].name);
    }
  });
  it('a push of its own counts in every rod, and the usual one again', () => {
    const use = (b: Build) => Math.max(...plan(b).bones.rods.map((r) => r.worst!.use.value));
    const rough = value(setPush(heron, heron.brief.journey, { sideways: 0.9 }));
    expect(caseOf(rough, heron.brief.journey).sideways).toBe(0.9);
    expect(use(rough)).toBeGreaterThan(use(heron));
    expect(usualPush(rough, heron.brief.journey)).toEqual(heron);
  });
  it('keeps the pushes of other journeys', () => {
    const two = value(setPush(value(setPush(heron, 'carry', { tilt: 9 })), 'carHard', { down: 1.6 }));
    const one = usualPush(two, 'carry');
    expect(caseOf(one, 'carry')).toEqual(LOAD_CASES.carry);
    expect(caseOf(one, 'carHard').down).toBe(1.6);
  });
  it.each([
    [{ sideways: 2 }, /hard braking is about a half/],
    [{ tilt: 40 }, /between 0 and 30/],
    [{ down: 0.5 }, /one and three times/],
    [{ up: 0 }, /20 to 100 %/],
  ])('refuses %j in a sentence', (patch, words) => {
    expect(refusal(setPush(heron, 'carry', patch))).toMatch(words);
  });
});
