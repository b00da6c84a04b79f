import { describe, expect, it } from 'vitest';
import { startAnswers } from './start-answers.ts';
import { startBuild, startOf, usuallyWanted, type Wanted } from './starts/index.ts';

const DAY = { due: '2026-12-05T15:00', zone: 'Europe/London' };
const answers = (id: string, told: Partial<Wanted> = {}) => {
  const wanted = { ...usuallyWanted(startOf(id)), ...told };
  return startAnswers(startBuild(startOf(id), wanted, DAY), id, wanted);
};

describe('what a start comes to', () => {
  it('tells a figure that sinks while it is fresh, and no other', () => {
    const sinks = (told: Partial<Wanted>) =>
      answers('person', told).beware.some((b) => /would end/.test(b.says));
    expect(sinks({ size: 400, paste: 'chocolate' })).toBe(true);
    expect(sinks({ size: 200 })).toBe(false);
  });

  it('by colour adds up to what is mixed, and says how often its sticks hold', () => {
    const { mix, colours, sticks, wrong } = answers('sitting');
    expect(colours.reduce((s, c) => s + c.mix.value, 0)).toBeCloseTo(mix.value, 6);
    expect(sticks.holds!.value).toBeGreaterThan(1);
    expect(wrong).toEqual([]);
  });
});
