import { describe, expect, it } from 'vitest';
import { demoBuild, value } from './files/demo.testing.ts';
import { blank } from './record/blank.testing.ts';
import { ALL_DONE } from './days/index.ts';
import { setSeat } from './edits/index.ts';

import { firstOfBones, firstOfDays, firstOfLog, firstOfPaste, firstOfShape } from './first-words.ts';
import { plan } from './plan.ts';

const otter = demoBuild('ferryman-otter');
const report = plan(otter);

describe('the one thing that is said first', () => {
  it('is the rod that will not hold, with why, and it is the one of the report', () => {
    const word = firstOfBones(report.bones);
    const worst = report.bones.rods.find((r) => r.verdict === 'fails')!;
    expect(word.says).toBe('The lantern arm won’t hold.');
    expect([word.how, word.rod]).toEqual(['fails', worst.rod.id]);
    expect(word.more).toContain(worst.worst!.text.slice(1));
  });

  it('counts them where they are several, and names the nearest where all hold', () => {
    const all = report.bones.rods;
    const bones = (rods: typeof all) => ({ ...report.bones, rods, mast: undefined });
    const as = (verdict: 'fails' | 'tight' | 'holds') => all.map((r) => ({ ...r, verdict }));
    expect(firstOfBones(bones(as('fails'))).says).toMatch(/^Six rods won’t hold: A, B, C, D, E, F\.$/);
    expect(firstOfBones(bones(as('tight')))).toMatchObject({
      how: 'tight',
      rod: expect.any(String) as string,
    });
    expect(firstOfBones(bones(as('holds'))).says).toBe('All six rods hold.');
    expect(firstOfBones(bones(as('holds').slice(0, 1))).says).toBe('Its rod holds.');
    expect(firstOfBones(bones([])).says).toBe('There are no rods in it yet.');
    const hovers = [{ piece: 'nose', text: 'Nose hovers 3 mm over the muzzle: nothing carries it.' }];
    expect(firstOfBones(bones(as('holds')), hovers)).toMatchObject({ how: 'fails', piece: 'nose' });
  });

  it('never says that it holds while the report says that it does not', () => {
    for (const id of ['one-legged-heron', 'savoy-cabbage', 'two-millers', 'sixty-acorn-sweets']) {
      const { bones, stands } = plan(demoBuild(id));
      const fails =
        bones.counts.fails > 0 ||
        stands.hovers.length > 0 ||
        bones.boardTips.check.verdict === 'fails' ||
        bones.slides.verdict === 'fails' ||
        (!bones.anchored && bones.figureTips.check.verdict === 'fails');
      expect(firstOfBones(bones, stands.hovers).how === 'fails', id).toBe(fails);
    }
  });

  it('is what asks for trouble in the shape, else what the figure is', () => {
    expect(firstOfShape(report.figure).says).toMatch(/^210 mm tall, 1\d{3} g of paste in 24 pieces\.$/);
    const wide = plan(value(setSeat(otter, 'tail', { at: [400, 0, 0] }))).figure;
    expect(firstOfShape(wide)).toMatchObject({ how: 'tight', says: wide.warnings[0] });
    expect(firstOfShape(plan({ ...blank, pieces: [] }).figure).says).toBe('Nothing stands on the board yet.');
  });

  it('is how much there is to mix', () => {
    expect(firstOfPaste(report.pasteSums).says).toMatch(/ batches to mix, 1\d{3} g in all\.$/);
    expect(firstOfPaste({ ...report.pasteSums, batches: 1 }).says).toMatch(/^One batch to mix/);
  });

  it('is when to start, and how sure that is; or what is in the way', () => {
    const days = report.days();
    expect(firstOfDays(undefined, false).says).toBe('The days are being planned.');
    const start = firstOfDays(days, false);
    expect(start.says).toMatch(/^Start by \w{3} .*\d\d:\d[05]\.$/);
    expect(start.more).toMatch(/to be on time; .* of work in \w+ sessions/);
    expect(firstOfDays(days, true).says).toMatch(/^Go on by /);
    const late = { ...days, plan: { ...days.plan!, lateBy: 150 } };
    expect(firstOfDays(late, false)).toMatchObject({ how: 'fails', says: 'It comes 2 h 30 too late.' });
    const { plan: _, ...none } = days;
    expect(firstOfDays({ ...none, trouble: ['No hours.'] }, false)).toMatchObject({
      how: 'fails',
      says: 'No hours.',
    });
    expect(firstOfDays({ ...none, trouble: [ALL_DONE] }, false).says).toBe('Everything is done.');
  });

  it('is what was learned of the kitchen', () => {
    // looks that were all set aside taught nothing
    expect(firstOfLog(2, 2, 0).says).toBe('Nothing could be learned yet.');
    expect(firstOfLog(0, 0, 0).says).toBe('Nothing has been learned yet.');
    expect(firstOfLog(1, 0, 0)).toMatchObject({
      says: 'Paste firms here as the tables say.',
      more: 'One check was noted.',
    });
    expect(firstOfLog(3, 1, Math.log(1.2)).says).toBe('Paste firms 20 % slower in this kitchen.');
    expect(firstOfLog(3, 1, Math.log(0.9)).says).toBe('Paste firms 10 % faster in this kitchen.');
  });
});
