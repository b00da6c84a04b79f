import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { setOwnStep, setStepMinutes } from '../edits/index.ts';
import { plan } from '../plan.ts';
import type { Build } from '../record/index.ts';
import {
  finishesOn,
  finishHere,
  finishLines,
  planFinish,
  finishNamed,
  usualAmount,
  type WantedFinish,
} from './index.ts';

const figure = demoBuild('ferryman-otter');
const otter: Build = { ...figure, steps: { ...figure.steps, own: [] } };
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

  it('waits for the film under it, longer in a damp room, and the plan says so where that never dries', () => {
    const wait = (humidity: number) => {
      const build = put({ ...otter, room: { ...otter.room, humidity } }, 'shade', 'paint');
      const [paint, shade] = finishesOn(build, 'head');
      return linksOf(build).find((l) => l.from === paint!.step.id && l.to === shade!.step.id)!;
    };
    expect(wait(45).kind).toBe('wait');
    expect(wait(45).why).toMatch(/ground comes before/);
    expect(wait(45).band.likely).toBeGreaterThan(5);
    expect(wait(60).band.likely).toBeGreaterThan(wait(45).band.likely);
    expect(wait(88).band.likely).toBe(Infinity);
  });

  it('follows the room after it was put in, and the person’s own minutes and pace', () => {
    const build = put(otter, 'paint');
    const { id } = finishesOn(build, 'head')[0]!.step;
    const minutes = (b: Build) => plan(b).made.steps.find((s) => s.id === id)!.minutes;
    const slow = { ...build, practice: { ...build.practice, pace: 2 } };
    expect(minutes(slow)).toBeGreaterThan(1.5 * minutes(build));
    // what Colours tells is what the plan takes, at this pace too
    const [told] = finishLines(slow);
    expect(Math.round(told!.found.minutes.value)).toBe(minutes(slow));
    expect(told!.found.minutes.from?.at(-1)).toMatchObject({ name: 'Your pace', value: 2 });
    const known = value(setStepMinutes(build, id, 33));
    expect(minutes(known)).toBe(33);
    expect(minutes(value(setStepMinutes(known, id, undefined)))).toBe(minutes(build));
  });

  it('comes in coats, each after the last one takes it', () => {
    const build = value(planFinish(otter, wanted('paint', { coats: 2 })));
    const { steps, links } = plan(build).made;
    const coats = steps.filter((s) => s.title.startsWith('Paint, solid'));
    expect(coats.map((s) => s.title)).toEqual([
      'Paint, solid: head, coat 1 of 2',
      'Paint, solid: head, coat 2 of 2',
    ]);
    const between = links.find((l) => l.from === coats[0]!.id && l.to === coats[1]!.id)!;
    const { waits, minutes } = finishHere(otter, wanted('paint', { coats: 2 }))!;
    expect(between.band.likely).toBeCloseTo(waits!.next.value, 6);
    expect(coats[0]!.minutes + coats[1]!.minutes).toBe(Math.round(minutes.value));
    const at = plan(build, { runs: 5 })
      .days()
      .plan!.sessions.flatMap((s) => s.steps);
    const [first, second] = coats.map((c) => at.find((p) => p.step.id === c.id)!);
    expect(second!.from - first!.to).toBeGreaterThanOrEqual(between.band.fast - 1);
    expect(refusal(planFinish(otter, wanted('paint', { coats: 9 })))).toMatch(/More than 6 coats/);
  });

  it('is begun once its face is what it asks for, and said with what cannot be undone', () => {
    const build = put(otter, 'pen', 'dust');
    const [dust, pen] = finishesOn(build, 'head');
    const made = plan(build).made;
    const face = (id: string) => made.links.find((l) => l.to === id && l.asks)!;
    expect(face(pen!.step.id)).toMatchObject({ asks: 'handle', kind: 'wait' });
    expect(face(dust!.step.id).asks).toBe('tack');
    expect(face(pen!.step.id).band.likely).toBeGreaterThan(face(dust!.step.id).band.likely);
    const step = made.steps.find((s) => s.id === dust!.step.id)!;
    expect(step.guards).toEqual([finishNamed('dust').guard]);
    const sprayed = finishesOn(put(otter, 'airbrush'), 'head')[0]!.step;
    expect([sprayed.tool, sprayed.work]).toEqual(['airbrush', 'spray']);
  });

  it('is sprayed before what is fine within 15 mm of it, and dusted before anything shines', () => {
    const on = (piece: string, id: string, b: Build) => value(planFinish(b, wanted(id, { piece })));
    const ids = (b: Build, piece: string) => finishesOn(b, piece)[0]!.step.id;
    const near = on('head', 'pupil', on('body', 'airbrush', otter));
    const [from, to] = [ids(near, 'body'), ids(near, 'head')];
    expect(linksOf(near).find((l) => l.from === from && l.to === to)?.why).toMatch(/fogs/);
    const shiny = on('head', 'gloss', on('body', 'dust', otter));
    expect(
      linksOf(shiny).find((l) => l.from === ids(shiny, 'body') && l.to === ids(shiny, 'head'))?.why,
    ).toMatch(/dust in the air/);
    // further away it lies on nothing
    const far = {
      ...near,
      pieces: near.pieces.map((p) =>
        p.id === 'head' ? { ...p, seat: { ...p.seat, on: 'board', at: [400, 0, 0] as const } } : p,
      ),
    };
    expect(linksOf(far).some((l) => l.from === from && l.to === to)).toBe(false);
    // it cannot come first where what is fine is finished before the sprayed piece is there: cover it
    const round = value(setOwnStep(near, from, { after: to }));
    expect(plan(round, { runs: 1 }).days().trouble.join(' ')).toMatch(/cover what is finished/);
  });

  it('lays light before dark, and on opposite sides in any order', () => {
    const lay = (a: Partial<WantedFinish>, b: Partial<WantedFinish>) => {
      const build = [a, b].reduce<Build>((x, w) => value(planFinish(x, wanted('paint', w))), otter);
      const [p, q] = build.steps.own.slice(-2).map((s) => s.id);
      return linksOf(build)
        .filter((l) => [p, q].includes(l.from) && [p, q].includes(l.to))
        .map((l) => l.from === p);
    };
    expect(lay({ colour: '#301c10' }, { colour: '#f0d8b0' })).toEqual([false]);
    expect(lay({ colour: '#f0d8b0' }, { colour: '#301c10' })).toEqual([true]);
    expect(lay({ colour: '#f0d8b0' }, { colour: '#301c10', side: 'back' })).toEqual([]);
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
