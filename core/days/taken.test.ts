import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild, value } from '../files/demo.testing.ts';
import {
  addOwnStep,
  leaveStep,
  sayFirm,
  setDate,
  setRoom,
  takePlan,
  tick,
  planFrom,
} from '../edits/index.ts';
import { type Build } from '../record/index.ts';
import { lookAt, note } from '../firming/index.ts';
import { plan } from '../plan.ts';
import {
  compared,
  isBetter,
  joinId,
  localIso,
  schedule,
  shapeId,
  startsOf,
  type DaysPlan,
  type DaysReport,
} from './index.ts';
import { remaining } from './given.ts';
import { timetableAt } from './agreed.ts';
import { validate } from './validate.ts';
import { anyJob, calendar, step, wait, workOf } from './work.testing.ts';

const acorns = demoBuild('sixty-acorn-sweets');
const daysOf = (b: Build): DaysReport => plan(b, { runs: 40 }).days();
const before = daysOf(acorns);
const origin = before.origin!;
const steps = (d: DaysReport) => d.plan!.sessions.flatMap((s) => s.steps);
const starts = startsOf(before.plan!, origin);
const taken = takePlan(acorns, starts);
const iso = (minute: number) => new Date(origin.millis + minute * 60_000).toISOString();

describe('a plan that was taken', () => {
  it('stays as it is while it can, and is told to be the one that was taken', () => {
    const kept = daysOf(taken);
    expect(kept.plan!.agreed).toBe(true);
    expect(startsOf(kept.plan!, origin)).toEqual(starts);
    expect(kept.plan!.moved).toEqual([]);
    expect(takePlan(taken, undefined)).toEqual(acorns);
  });

  it('stays although a search would now find another', () => {
    const rather = { ...taken, steps: { ...taken.steps, rather: 'fewer' as const } };
    expect(startsOf(daysOf(rather).plan!, origin)).toEqual(starts);
  });

  it('stays as near as it can when a day falls out: what lay on it moves, and little else', () => {
    const session = before.plan!.sessions[1]!;
    const date = localIso(origin, session.from).slice(0, 10);
    const off = daysOf(value(setDate(taken, date, {})));
    expect(off.plan!.agreed).toBe(false);
    expect(steps(off).some((p) => localIso(origin, p.from).startsWith(date))).toBe(false);
    const moved = off.plan!.moved.map((m) => m.step.id);
    for (const p of session.steps) expect(moved).toContain(p.step.id);
    expect(moved.length).toBeLessThan(steps(off).length);
  });

  it('is given up, and that is said, when it cannot be kept near', () => {
    const session = before.plan!.sessions[0]!;
    const due = localIso(origin, session.to + 1440);
    const sooner = daysOf({ ...taken, brief: { ...taken.brief, due } });
    expect(sooner.plan?.agreed ?? false).toBe(false);
    expect(sooner.trouble.join()).toMatch(/no longer fits|cannot be ready|No plan fits/);
  });

  it('takes a new step in without telling that everything moved', () => {
    const more = value(addOwnStep(taken, { title: 'Dust the caps', minutes: 10, after: 'shape:cap' }));
    const days = daysOf(more);
    expect(days.plan!.added.map((s) => s.title)).toContain('Dust the caps');
  });
});

it('whoever does what in a plan, its starts alone give a plan again', () => {
  let kept = 0;
  let near = 0;
  fc.assert(
    fc.property(anyJob(9), (work) => {
      const days = schedule(
        work.steps,
        work.links,
        { ...calendar([], work.due), people: work.people },
        { runs: 30, pools: work.pools },
      );
      if (!days.plan || days.plan.lateBy > 0) return;
      const at = new Map(steps(days).map((p) => [p.step.id, p.from]));
      const table = timetableAt(work, at, days.plan.caution);
      expect(table).toBeDefined();
      expect(validate(work, table!, days.plan.caution)).toEqual([]);
      kept++;
      // a stretch of the hours falls out: near the plan or anew, what is made can be done
      const fewer = work.people.map((p, k) =>
        k === 0 ? { ...p, stretches: p.stretches.filter((_, i) => i % 3 !== kept % 3) } : p,
      );
      const again = schedule(
        work.steps,
        work.links,
        { ...calendar([], work.due), people: fewer },
        { runs: 20, pools: work.pools, given: { agreed: at } },
      );
      if (again.plan && again.plan.lateBy === 0) {
        const slots = new Map(steps(again).map((p) => [p.step.id, p]));
        const made = work.steps.map((s) => slots.get(s.id)!);
        expect(validate({ ...work, people: fewer }, made, again.plan.caution)).toEqual([]);
        near += again.trouble.some((t) => t.includes('no longer fits')) ? 0 : 1;
      }
      // nobody keeps to a start outside their hours
      if (work.steps.some((s) => (s.hands ?? 1) > 0))
        expect(timetableAt(work, new Map([...at].map(([id]) => [id, 3])), 0)).toBeUndefined();
    }),
    { numRuns: 120 },
  );
  expect(kept).toBeGreaterThan(60);
  expect(near).toBeGreaterThan(20);
});

describe('once work has begun', () => {
  const first = before.plan!.sessions[0]!;
  const done = first.steps.reduce((b, p) => tick(b, p.step.id, iso(p.to)), taken);

  it('on time, nothing moves', () => {
    const rest = daysOf(planFrom(done, iso(first.to + 5)));
    expect(rest.plan!.moved).toEqual([]);
    for (const p of steps(rest)) expect(localIso(origin, p.from)).toBe(starts[p.step.id]);
  });

  it('an evening late, the days that are left hold what can stay', () => {
    const figure = demoBuild('ferryman-otter');
    const otter = { ...figure, steps: { ...figure.steps, own: [] } };
    const whole = daysOf(otter);
    const at = (m: number) => new Date(whole.origin!.millis + m * 60_000).toISOString();
    const [one, two] = whole.plan!.sessions;
    const begun = one!.steps.reduce(
      (b, p) => tick(b, p.step.id, at(p.to)),
      takePlan(otter, startsOf(whole.plan!, whole.origin!)),
    );
    const late = daysOf(planFrom(begun, at(two!.to + 10)));
    const missed = new Set(two!.steps.map((p) => p.step.id));
    for (const p of steps(late)) expect(p.from).toBeGreaterThanOrEqual(two!.to + 10);
    // what was missed had to move
    const moved = new Set(late.plan!.moved.map((m) => m.step.id));
    for (const id of missed) expect(moved.has(id)).toBe(true);
    // and not everything else with it
    const others = steps(late).filter((p) => !missed.has(p.step.id));
    expect(others.filter((p) => !moved.has(p.step.id)).length).toBeGreaterThan(0);
  });

  it('a step that is skipped takes nothing else from its time', () => {
    const skipped = daysOf(planFrom(leaveStep(done, 'finish', true), iso(first.to + 5)));
    expect(steps(skipped).map((p) => p.step.id)).not.toContain('finish');
    for (const p of steps(skipped).filter((x) => x.step.id !== 'pack'))
      expect(Math.abs(p.from - steps(before).find((x) => x.step.id === p.step.id)!.from)).toBeLessThan(16);
  });

  it('is given up where only a new plan is in time: damp came, and few changes would make it late', () => {
    const otter = demoBuild('ferryman-otter');
    const dry = { ...otter, brief: { ...otter.brief, due: '2026-12-05T15:00' } };
    const plan0 = plan(dry, { runs: 60 }).days();
    const begun = planFrom(takePlan(dry, startsOf(plan0.plan!, plan0.origin!)), '2026-11-30T12:00:00.000Z');
    const told = [56, 60, 64].map((humidity) => daysOf(value(setRoom(begun, { humidity }))));
    const inTime = told.filter((d) => d.plan!.lateBy === 0);
    expect(inTime.length).toBeGreaterThan(0);
    expect(inTime.some((d) => /no longer fits/.test(d.trouble.join(' ')))).toBe(true);
  });

  it('is never much riskier kept than made anew, and never late where a new one is not', () => {
    const otter = demoBuild('ferryman-otter');
    const dry = { ...otter, brief: { ...otter.brief, due: '2026-12-05T15:00' } };
    const plan0 = plan(dry, { runs: 60 }).days();
    const starts0 = startsOf(plan0.plan!, plan0.origin!);
    for (const humidity of [54, 58, 62])
      for (const from of ['2026-11-30T09:00:00.000Z', '2026-12-03T12:00:00.000Z']) {
        const damp = planFrom(value(setRoom(dry, { humidity })), from);
        const anew = daysOf(damp).plan!;
        const kept = daysOf(takePlan(damp, starts0)).plan!;
        if (kept.agreed) continue;
        expect(kept.lateBy, `${humidity} ${from}`).toBeLessThanOrEqual(anew.lateBy);
        if (anew.lateBy === 0) expect(kept.chance).toBeGreaterThanOrEqual(anew.chance - 0.15 - 1e-9);
      }
  });

  it('the due time gone by is a sentence', () => {
    const gone = daysOf(planFrom(done, iso(before.due! + 60)));
    expect(gone.plan).toBeUndefined();
    expect(gone.trouble.join()).toMatch(/due time has passed/);
  });

  it('too little time left tells how late it would be, with a plan all the same', () => {
    const eve = daysOf(planFrom(done, iso(before.due! - 300)));
    expect(eve.plan!.lateBy).toBeGreaterThan(0);
    expect(eve.trouble[0]).toMatch(/cannot be ready in time[\s\S]*after it is due/);
  });
});

describe('looked at and not firm yet', () => {
  const work = workOf([step('shape', 10), step('join', 10)], [{ ...wait('shape', 'join', 120), piece: 'p' }]);
  const left = (seen: number) =>
    remaining(work, {
      from: 200,
      ended: new Map([['shape', 100]]),
      said: new Map([['p', [{ at: seen, question: 'handle', firm: false }]]]),
    }).work.links[0]!.band;
  it('waits a fifth longer than it has had, a quarter of an hour at the least', () => {
    expect(left(220).likely).toBe(120 + 24);
    expect(left(205).likely).toBe(120 + 6);
    // the band is over: something else was looked for
    expect(left(400).likely).toBe(120);
    // seen before it was shaped again
    expect(left(90).likely).toBe(120);
  });

  it('noted at the bench, what waits for the piece moves', () => {
    const otter = demoBuild('ferryman-otter');
    const report = plan(otter, { runs: 40 });
    const { firming } = report;
    const days = report.days();
    const at = (m: number) => new Date(days.origin!.millis + m * 60_000).toISOString();
    const shaped = steps(days).find((x) => x.step.id === shapeId('body'))!;
    const done = steps(days)
      .filter((x) => x.to <= shaped.to)
      .reduce((b, x) => tick(b, x.step.id, at(x.to)), otter);
    const MINUTES = 600;
    const seen = lookAt(done, firming.get('body')!, {
      id: 'look',
      at: at(shaped.to + MINUTES),
      question: 'handle',
      saw: 'not',
      minutes: MINUTES,
    })!;
    const told = sayFirm(value(note(done, seen)), {
      piece: 'body',
      question: 'handle',
      firm: false,
      at: seen.at,
    });
    const again = plan(planFrom(told, seen.at, startsOf(days.plan!, days.origin!)), { runs: 40 }).days();
    const joined = steps(again).find((x) => x.step.id === joinId('head'))!;
    expect(joined.from).toBeGreaterThanOrEqual(shaped.to + 1.2 * MINUTES - 1);
  });
});

describe('one plan against another', () => {
  const shown = before.plan!;
  const found: DaysPlan = { ...shown, sessions: shown.sessions.slice(1), points: shown.points! - 60 };
  it('is told in words, and not at all where nothing of note is better', () => {
    expect(compared(found, shown, origin)).toContain('1 session fewer');
    expect(compared(shown, shown, origin)).toEqual([]);
    expect(compared({ ...shown, startBy: shown.startBy + 1440 }, shown, origin)[0]).toMatch(/start by/);
  });
  it('is worth telling when it costs a good deal less or is more often on time', () => {
    expect(isBetter(found, shown)).toBe(true);
    expect(isBetter({ ...shown, points: shown.points! - 1 }, shown)).toBe(false);
    expect(isBetter({ ...shown, chance: shown.chance - 0.2, points: 0 }, { ...shown, chance: 0.9 })).toBe(
      false,
    );
    expect(isBetter({ ...shown, lateBy: 0 }, { ...shown, lateBy: 60 })).toBe(true);
  });
  it('is not offered for what nobody can see, nor for a drawback alone, and tells what is better first', () => {
    const cheaper = { ...shown, points: shown.points! - 60 };
    expect(isBetter(cheaper, shown)).toBe(false);
    const earlier = { ...cheaper, startBy: shown.startBy - 600 };
    expect(isBetter(earlier, shown)).toBe(false);
    const both = { ...earlier, sessions: shown.sessions.slice(1) };
    expect(isBetter(both, shown)).toBe(true);
    expect(compared({ ...both, chance: shown.chance - 0.05 }, shown, origin)[0]).toBe('1 session fewer');
  });
});

it('a damp room begins earlier or is less often on time', () => {
  const otter = demoBuild('ferryman-otter');
  const dry = daysOf(otter).plan!;
  const damp = daysOf(value(setRoom(otter, { humidity: 60 }))).plan!;
  expect(damp.chance).toBeLessThan(dry.chance);
  const swamp = daysOf(value(setRoom(otter, { humidity: 75 })));
  expect(swamp.plan).toBeUndefined();
  expect(swamp.trouble.filter((t) => t.startsWith('Never in this room'))).toHaveLength(1);
});
