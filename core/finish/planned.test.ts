import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { plan } from '../plan.ts';
import type { Build } from '../record/index.ts';
import { finishesOn, finishHere, planFinish, finishNamed, usualAmount, type WantedFinish } from './index.ts';

const otter = demoBuild('ferryman-otter');
const wanted = (technique: string, more: Partial<WantedFinish> = {}): WantedFinish => ({
  piece: 'head',
  technique: finishNamed(technique),
  side: 'front',
  amount: 20,
  coats: 1,
  ...more,
});
const put = (build: Build, ...ids: string[]) =>
  ids.reduce((b, id) => value(planFinish(b, wanted(id))), build);
const linksOf = (build: Build) => plan(build).made.links;

describe('a finish in the plan', () => {
  it('goes over the same place in its order, each after what is under it is dry, whatever order it was asked in', () => {
    for (const asked of [
      ['shade', 'paint', 'gloss'],
      ['gloss', 'shade', 'paint'],
      ['paint', 'gloss', 'shade'],
    ]) {
      const build = put(otter, ...asked);
      const links = linksOf(build);
      const id = (name: string) => finishesOn(build, 'head').find((f) => f.technique.id === name)!.step.id;
      const reaches = (from: string, to: string, seen = new Set<string>()): boolean =>
        from === to ||
        links.some((l) => l.from === from && !seen.has(l.to) && reaches(l.to, to, seen.add(l.to)));
      expect(reaches('shape:head', id('paint')), asked.join()).toBe(true);
      expect(reaches(id('paint'), id('gloss')), asked.join()).toBe(true);
      expect(reaches(id('shade'), id('gloss')), asked.join()).toBe(true);
    }
  });

  it('waits for the film under it, longer in a damp room, and is refused where that never dries', () => {
    const wait = (humidity: number) => {
      const build = { ...otter, room: { ...otter.room, humidity } };
      return finishesOn(put(build, 'paint', 'shade'), 'head').at(-1)!.step.wait!;
    };
    expect(wait(45)).toBeGreaterThan(5);
    expect(wait(60)).toBeGreaterThan(wait(45));
    const damp = put({ ...otter, room: { ...otter.room, humidity: 88 } }, 'paint');
    expect(refusal(planFinish(damp, wanted('shade')))).toMatch(/never dries/);
  });

  it('takes the minutes of its coats, with what one waits between them, and its tool', () => {
    const one = finishHere(otter, wanted('paint'))!;
    const two = finishesOn(value(planFinish(otter, wanted('paint', { coats: 2 }))), 'head')[0]!.step;
    expect(two.minutes).toBeGreaterThan(one.minutes.value + one.waits!.next.value);
    const sprayed = finishesOn(put(otter, 'airbrush'), 'head')[0]!.step;
    expect([sprayed.tool, sprayed.work]).toEqual(['airbrush', 'spray']);
  });

  it('begins with the skin of its side; what is not there is refused', () => {
    const head = otter.pieces.find((p) => p.id === 'head')!;
    const area = (side: 'all' | 'front') => usualAmount(head, finishNamed('paint'), side).value;
    expect(area('front')).toBeLessThan(area('all') / 2);
    expect(usualAmount(head, finishNamed('blush'), 'front').value).toBe(2);
    expect(refusal(planFinish(otter, wanted('paint', { piece: 'gone' })))).toMatch(/not there/);
    expect(refusal(planFinish(otter, wanted('paint', { amount: 0 })))).toMatch(/how much/);
  });
});
