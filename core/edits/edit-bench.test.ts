import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { readBuild, writeBuild } from '../files/index.ts';
import { MOST_TROUBLES, MOST_WEIGHED, type Build } from '../record/index.ts';
import { forgetTrouble, noteTrouble, sayMended, unweighStep, weighedStep } from './index.ts';

const otter = demoBuild('ferryman-otter');
const at = '2026-11-28T19:00:00.000Z';

describe('what the scale says of a step', () => {
  it('is kept with what was wanted, taken back one by one, and nothing of it is left at the end', () => {
    const one = value(weighedStep(otter, 'shape:head', 48, 50, at));
    const two = value(weighedStep(one, 'shape:head', 51, 50, at));
    expect(two.bench.weighed).toEqual([
      { step: 'shape:head', grams: 48, wanted: 50, at },
      { step: 'shape:head', grams: 51, wanted: 50, at },
    ]);
    expect(unweighStep(two, 'shape:head')).toEqual(one);
    expect(unweighStep(one, 'shape:head')).toEqual(otter);
    expect(unweighStep(one, 'shape:body')).toBe(one);
  });

  it('refuses what no scale can say', () => {
    for (const grams of [0, -1, NaN, Infinity, 1e6])
      expect(refusal(weighedStep(otter, 'shape:head', grams, 50, at)), String(grams)).toMatch(/weight/);
  });

  it('keeps no more than the record holds, the latest', () => {
    const full: Build = {
      ...otter,
      bench: {
        ...otter.bench,
        weighed: Array.from({ length: MOST_WEIGHED }, () => ({
          step: 'shape:head',
          grams: 1,
          wanted: 1,
          at,
        })),
      },
    };
    const more = value(weighedStep(full, 'shape:head', 2, 1, at)).bench.weighed!;
    expect(more).toHaveLength(MOST_WEIGHED);
    expect(more.at(-1)!.grams).toBe(2);
  });
});

describe('what went wrong', () => {
  const note = { id: 'x', at, trouble: 'cracked', piece: 'head', cause: 'dryAir', mend: 'rubFat' };

  it('is noted, told how it went, forgotten, and read back from a file as it was', () => {
    const noted = noteTrouble(otter, note);
    const said = sayMended(noted, 'x', true);
    expect(said.bench.trouble).toEqual([{ ...note, held: true }]);
    expect(value(readBuild(writeBuild(said))).bench.trouble).toEqual(said.bench.trouble);
    expect(forgetTrouble(said, 'x').bench).toEqual(otter.bench);
  });

  it('a file that names a trouble, a cause or a mend nobody knows is refused', () => {
    const text = writeBuild(noteTrouble(otter, note));
    for (const [was, is] of [
      ['"cracked"', '"haunted"'],
      ['"dryAir"', '"ghosts"'],
      ['"rubFat"', '"prayer"'],
    ] as const)
      expect(readBuild(text.replace(was, is)).ok).toBe(false);
  });

  it('keeps no more than the record holds', () => {
    let build = otter;
    for (let k = 0; k < MOST_TROUBLES + 5; k++) build = noteTrouble(build, { ...note, id: `t${k}` });
    expect(build.bench.trouble).toHaveLength(MOST_TROUBLES);
    expect(build.bench.trouble!.at(-1)!.id).toBe(`t${MOST_TROUBLES + 4}`);
  });
});
