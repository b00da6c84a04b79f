import { USUAL_MAST } from '../bones/index.ts';
import { describe, expect, it } from 'vitest';
import { demoBuild, refusal, value } from '../files/demo.testing.ts';
import { addOwnStep, leaveStep, removeOwnStep, setStepMinutes, tick } from '../edits/index.ts';
import { type Build } from '../record/index.ts';
import { plan } from '../plan.ts';
import { burials, closesOff, joinId, preflight, shapeId, type DaysReport } from './index.ts';

const otter = demoBuild('ferryman-otter');
const quick = { runs: 40 };
const daysOf = (b: Build): DaysReport => plan(b, quick).days();
const at = (days: DaysReport, id: string) =>
  days.plan!.sessions.flatMap((s) => s.steps).find((p) => p.step.id === id)!;

describe('what covers what', () => {
  const covered = burials(otter);
  it('knows that the scarf goes over the body and the belly lies on it', () => {
    const over = (piece: string) => covered.filter((b) => b.piece === piece).map((b) => b.by);
    expect(over('body')).toEqual(expect.arrayContaining(['belly', 'scarf']));
    for (const b of covered) {
      expect(b.share).toBeGreaterThan(0);
      expect(b.share).toBeLessThanOrEqual(1);
      // only what comes later covers
      const rank = (id: string) => otter.pieces.findIndex((p) => p.id === id);
      expect(rank(b.by)).toBeGreaterThan(rank(b.piece));
    }
  });
  it('says in words what is closed off', () => {
    expect(closesOff(otter, 'scarf').join()).toMatch(/the body/);
    expect(closesOff(otter, 'feet').join()).toMatch(/the board under the feet/);
    expect(closesOff(otter, 'nobody')).toEqual([]);
  });
});

describe('steps of one’s own', () => {
  const painted = value(
    addOwnStep(otter, {
      title: 'Paint the shirt front',
      minutes: 25,
      piece: 'body',
      work: 'dust',
      after: 'shape:body',
      wait: 120,
    }),
  );
  const closes = painted.steps.own[0]!;
  const closing = () =>
    plan(painted).made.links.find((l) => l.from === closes.id && l.to.startsWith('join:'))!;
  it('are planned, wait as long as they are told, and come before what takes their face out of reach', () => {
    const days = daysOf(painted);
    const mine = at(days, 'own:paint-the-shirt-front');
    expect(mine.step.minutes).toBe(25);
    expect(mine.from - at(days, shapeId('body')).to).toBeGreaterThanOrEqual(120);
    expect(at(days, closing().to).from).toBeGreaterThanOrEqual(mine.to);
  });
  it('after what leaves their tool too little are refused with the pair named', () => {
    const late = value(
      addOwnStep(otter, {
        title: 'Smooth the feet',
        minutes: 25,
        piece: 'feet',
        work: 'press',
        after: 'finish',
      }),
    );
    const { plan: none, trouble } = daysOf(late);
    expect(none).toBeUndefined();
    expect(trouble.join('\n')).toMatch(/once the \w+ (is|are) on, a finger reaches only \d+ % of the feet/);
    expect(trouble.join('\n')).toMatch(/Way out: do “Smooth the feet” earlier, before “/);
  });
  it('outlive the figure: a piece that is gone takes nothing with it', () => {
    const without = {
      ...painted,
      pieces: otter.pieces.filter((p) => p.id !== 'oar-blade'),
      rods: otter.rods.filter((r) => r.to.on !== 'oar-blade' && r.from.on !== 'oar-blade'),
    };
    expect(at(daysOf(without), 'own:paint-the-shirt-front')).toBeDefined();
    expect(daysOf(removeOwnStep(painted, 'own:paint-the-shirt-front')).steps).toEqual(daysOf(otter).steps);
  });
  it('need a name and minutes that can be', () => {
    expect(refusal(addOwnStep(otter, { title: ' ', minutes: 5 }))).toMatch(/needs a name/);
    expect(refusal(addOwnStep(otter, { title: 'Wait', minutes: 0 }))).toMatch(/one minute and ten hours/);
    expect(refusal(setStepMinutes(otter, shapeId('body'), 900))).toMatch(/one minute and ten hours/);
  });
});

describe('steps changed', () => {
  it('take the minutes this person needs, and the table’s again', () => {
    const slow = value(setStepMinutes(otter, shapeId('body'), 45));
    expect(daysOf(slow).steps.find((s) => s.id === shapeId('body'))!.minutes).toBe(45);
    expect(value(setStepMinutes(slow, shapeId('body'), undefined)).steps.minutes).toEqual({});
  });
  it('left out leave the order between what came before and after', () => {
    const left = leaveStep(otter, joinId('scarf'), true);
    const days = daysOf(left);
    expect(days.steps.map((s) => s.id)).not.toContain(joinId('scarf'));
    expect(days.links.every((l) => l.from !== joinId('scarf') && l.to !== joinId('scarf'))).toBe(true);
    expect(days.links.filter((l) => l.to === 'finish').map((l) => l.from)).toContain('texture:scarf');
    expect(leaveStep(left, joinId('scarf'), false).steps.left).toEqual([]);
  });
});

describe('before a step that cannot be undone', () => {
  const painted = value(
    addOwnStep(otter, { title: 'Paint the shirt', minutes: 25, piece: 'body', work: 'dust' }),
  );
  const days = daysOf(painted);
  const step = (id: string) => days.steps.find((s) => s.id === id)!;
  const over = days.links.find((l) => l.from === 'own:paint-the-shirt' && l.to.startsWith('join:'))!.to;
  it('asks whether all is done that is out of reach after it', () => {
    const lines = preflight(painted, days, step(over));
    const mine = lines.find((l) => l.step === 'own:paint-the-shirt')!;
    expect(mine).toMatchObject({ done: false });
    expect(lines.at(-1)!.text).toMatch(/Nothing is left to do on/);
    const ticked = tick(painted, 'own:paint-the-shirt', '2026-12-04T10:00:00Z');
    expect(preflight(ticked, days, step(over)).find((l) => l.step === mine.step)!.done).toBe(true);
  });
  it('counts what is not done before it is packed, and asks nothing before what can be done again', () => {
    expect(preflight(painted, days, step('pack')).length).toBeGreaterThan(20);
    expect(preflight(painted, days, step(shapeId('body')))).toEqual([]);
  });
});

it('what stands over a threaded rod closes off its nuts and holes', () => {
  const heron = demoBuild('one-legged-heron');
  const first = heron.pieces.find((p) => p.seat.on === 'board')!.id;
  expect(closesOff({ ...heron, mast: USUAL_MAST }, first)).toContain(
    'the nuts and holes of the threaded rod',
  );
  expect(closesOff(heron, first).join()).not.toMatch(/nuts/);
});

describe('the heron with a planted conflict', () => {
  const heron = demoBuild('one-legged-heron');
  const paint = (after?: string) =>
    value(
      addOwnStep(heron, {
        title: 'Shade the body',
        minutes: 20,
        piece: 'body',
        work: 'dust',
        ...(after ? { after } : {}),
      }),
    );
  it('is explained by the pair, and resolved by doing it earlier', () => {
    const late = daysOf(paint('finish'));
    expect(late.plan).toBeUndefined();
    expect(late.trouble.join('\n')).toMatch(
      /once the (near|far) wing is on, a dusting brush reaches only \d+ % of the body/,
    );
    const early = daysOf(paint(shapeId('body')));
    const over = early.links.find((l) => l.from === 'own:shade-the-body' && l.to.startsWith('join:'))!;
    expect(at(early, over.to).from).toBeGreaterThanOrEqual(at(early, 'own:shade-the-body').to);
  });
});

it('the later one begins, the less likely it is on time', () => {
  const { odds, chance } = daysOf(otter).plan!;
  expect(odds.length).toBeGreaterThan(2);
  expect(odds[0]!.chance).toBeGreaterThanOrEqual(chance - 0.1);
  expect(odds.at(-1)!.chance).toBeLessThan(0.5);
  // simulation wobbles by a few runs in a hundred
  for (let i = 1; i < odds.length; i++)
    expect(odds[i]!.chance).toBeLessThanOrEqual(odds[i - 1]!.chance + 0.08);
});
