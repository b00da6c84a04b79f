import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rodInto } from '../bones/index.ts';
import { demoBuild, value } from '../files/demo.testing.ts';
import { addOwnStep, sayFirm, setBrief, setHours, stayUntil, takePlan, tick } from '../edits/index.ts';
import { pieceOf, wholeOf, type Build } from '../record/index.ts';
import { plan } from '../plan.ts';
import { localInstant } from '../quantity/index.ts';
import { waysOut } from '../ways-out.ts';
import { asksUntil, givenOf, joinId, shapedBy, startsOf, toldStart, type DaysReport } from './index.ts';
import { remaining } from './given.ts';
import { atBenchUntil } from './calendar.ts';
import { validate } from './validate.ts';

const ZONE = 'Europe/London';
const at = (local: string) => localInstant(local, ZONE);
const base = demoBuild('sixty-acorn-sweets');
const acorns: Build = { ...base, brief: { ...base.brief, zone: ZONE } };
const daysOf = (b: Build, now: number): DaysReport => plan(b, { runs: 20, now }).days();
const steps = (d: DaysReport) => d.plan?.sessions.flatMap((s) => s.steps) ?? [];
const instant = (d: DaysReport, m: number) => d.origin!.millis + m * 60_000;
const iso = (ms: number) => new Date(ms).toISOString();

describe('now is a floor', () => {
  const due = at(acorns.brief.due);
  it('nothing that is not done is ever planned before it, taken or not, begun or not', () => {
    const free = daysOf(acorns, due - 10 * 864e5);
    const taken = takePlan(acorns, startsOf(free.plan!, free.origin!));
    const first = steps(free)[0]!;
    const begun = tick(taken, first.step.id, iso(instant(free, first.to)));
    let planned = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(acorns, taken, begun),
        fc.integer({ min: 60, max: 10 * 1440 }),
        (b, before) => {
          const now = due - before * 60_000;
          const days = daysOf(b, now);
          for (const p of steps(days)) expect(instant(days, p.from)).toBeGreaterThanOrEqual(now);
          if (days.plan && days.plan.lateBy === 0) planned++;
        },
      ),
      { numRuns: 25 },
    );
    expect(planned).toBeGreaterThan(8);
  });

  it('a taken plan and one more rod do not begin weeks before it, and the new step comes just before what needs it', () => {
    const now = due - 14 * 864e5;
    const free = daysOf(acorns, now);
    const taken = takePlan(acorns, startsOf(free.plan!, free.origin!));
    const rodded = rodInto(taken, taken.pieces[0]!.id)!.build;
    for (const days of [daysOf(rodded, now), plan(rodded, { runs: 20 }).days()]) {
      expect(days.plan!.lateBy).toBe(0);
      const begins = instant(days, days.plan!.startBy);
      expect(begins).toBeGreaterThan(instant(free, free.plan!.startBy) - 1.5 * 864e5);
    }
  });

  it('a step of one’s own before a late one does not begin at the beginning of time', () => {
    const now = due - 20 * 864e5;
    const free = daysOf(acorns, now);
    const taken = takePlan(acorns, startsOf(free.plan!, free.origin!));
    const more = value(addOwnStep(taken, { title: 'Write the cards', minutes: 20, before: 'pack' }));
    const days = daysOf(more, now);
    const card = steps(days).find((p) => p.step.id.startsWith('own:'))!;
    const pack = steps(days).find((p) => p.step.id === 'pack')!;
    expect(pack.from - card.to).toBeLessThan(3 * 1440);
  });

  it('times are told from it: with their date where they are not this week', () => {
    const days = daysOf(acorns, due - 12 * 864e5);
    expect(toldStart(days.origin!, days.due!)).toMatch(/\d+ \w+, \d\d:\d\d/);
    const near = daysOf(acorns, due - 3 * 864e5);
    expect(toldStart(near.origin!, near.due!)).toMatch(/^\w{3} \d\d:\d\d$/);
  });
});

describe('somebody at the bench', () => {
  // Saturday evening; work is on weekdays only
  const evenings = value(
    setHours(
      acorns,
      [1, 2, 3, 4, 5].map((day) => ({ day, from: '19:00', to: '22:00' })),
    ),
  );
  const build = value(setBrief(evenings, { due: '2026-12-05T15:00' }));
  const now = at('2026-11-28T18:46');
  const first = steps(daysOf(build, now))[0]!.step.id;
  const ticked = tick(build, first, iso(now));

  it('is there now, whatever the week says, and is asked until when once', () => {
    expect(atBenchUntil(build, now)).toBeUndefined();
    expect(asksUntil(build, now)).toBe(false);
    expect(asksUntil(ticked, now)).toBe(true);
    const days = daysOf(ticked, now);
    // the next thing that can be done is now, not on Monday
    expect(instant(days, days.plan!.startBy) - now).toBeLessThan(30 * 60_000);
    expect(days.plan!.lateBy).toBe(0);
    expect(days.plan!.sessions.length).toBeGreaterThan(0);
    expect(days.people).toEqual(['you']);
    // the hands are there for an hour from now
    const hands = plan(ticked, { runs: 5, now }).work!.people[0]!.stretches;
    const minute = (now - days.origin!.millis) / 60_000;
    expect(hands.some((s) => s.from <= minute && s.to >= minute + 59)).toBe(true);
  });

  it('who said until when is believed, and not asked again until the next tick after it', () => {
    const until = at('2026-11-28T22:30');
    const staying = stayUntil(ticked, iso(until));
    expect(asksUntil(staying, now)).toBe(false);
    expect(atBenchUntil(staying, now)).toBe(until);
    expect(atBenchUntil(staying, at('2026-11-28T22:45'))).toBeUndefined();
    const again = tick(staying, 'another', iso(at('2026-11-28T22:50')));
    expect(asksUntil(again, at('2026-11-28T22:51'))).toBe(true);
    const stopped = stayUntil(ticked, iso(now + 60_000));
    expect(atBenchUntil(stopped, now + 120_000)).toBeUndefined();
  });

  it('inside the hours nobody is asked, and the hands go home with them unless it was said', () => {
    const monday = at('2026-11-30T21:40');
    const late = tick(build, first, iso(monday));
    expect(asksUntil(late, monday)).toBe(false);
    const handsAt = (b: Build, local: string) => {
      const report = plan(b, { runs: 5, now: monday });
      const { work } = report;
      const days = report.days();
      const minute = (at(local) - days.origin!.millis) / 60_000;
      return work!.people[0]!.stretches.some((s) => s.from <= minute && minute < s.to);
    };
    expect(handsAt(late, '2026-11-30T21:50')).toBe(true);
    expect(handsAt(late, '2026-11-30T22:10')).toBe(false);
    expect(handsAt(stayUntil(late, iso(at('2026-11-30T23:00'))), '2026-11-30T22:10')).toBe(true);
  });
});

describe('what is said by touch', () => {
  const otter = demoBuild('ferryman-otter');
  const whole = plan(otter, { runs: 20 }).days();
  const ms = (m: number) => instant(whole, m);
  const shaped = steps(whole)
    .filter((p) => wholeOf(p.step.id) === shapedBy(pieceOf(otter, 'body')!))
    .at(-1)!;
  const done = steps(whole)
    .filter((p) => p.to <= shaped.to)
    .reduce((b, p) => tick(b, p.step.id, iso(ms(p.to))), otter);
  const now = ms(shaped.to) + 5 * 60_000;
  const asks = (d: DaysReport) => d.links.find((l) => l.to === joinId('lantern-arm') && l.piece === 'body')!;

  it('ends the wait at once, for that piece and for what was asked, and no other', () => {
    expect(asks(whole)).toMatchObject({ kind: 'wait', asks: 'handle' });
    const soonest = (b: Build) => {
      const { work } = plan(b, { runs: 20, now });
      const days = daysOf(b, now);
      const head = steps(days).find((p) => p.step.id === joinId('lantern-arm'))!;
      expect(work).toBeDefined();
      return instant(days, head.from);
    };
    const said = (question: string, firm = true, at = now) =>
      sayFirm(done, { piece: 'body', question, firm, at: iso(at) });
    const gone = (b: Build) => {
      const report = plan(b, { runs: 20, now });
      const { work } = report;
      const days = report.days();
      const { links } = remaining(work!, givenOf(b, days.origin!, now)).work;
      return !links.some((l) => l.kind === 'wait' && l.to === joinId('lantern-arm') && l.piece === 'body');
    };
    expect(gone(done)).toBe(false);
    expect(gone(said('handle'))).toBe(true);
    expect(gone(said('bear'))).toBe(true);
    // fit to pick up is not yet firm enough to hold, and the latest word counts
    expect(gone(said('touch'))).toBe(false);
    expect(
      gone(sayFirm(said('handle'), { piece: 'body', question: 'handle', firm: false, at: iso(now + 1000) })),
    ).toBe(false);
    // said before it was shaped again
    expect(gone(said('bear', true, ms(shaped.to) - 60_000))).toBe(false);
    expect(gone(sayFirm(done, { piece: 'tail', question: 'bear', firm: true, at: iso(now) }))).toBe(false);
    // in the same sitting at the latest: within it the search puts it where it suits the rest
    expect(soonest(said('bear'))).toBeLessThanOrEqual(soonest(done) + 60 * 60_000);
  });
});

describe('when it does not fit from now', () => {
  // due on Monday afternoon, worked at on weekday evenings, and it is Saturday evening
  const trial = demoBuild('trial-acorn');
  const evenings = value(
    setHours(
      { ...trial, brief: { ...trial.brief, zone: ZONE } },
      [1, 2, 3, 4, 5].map((day) => ({ day, from: '19:00', to: '21:30' })),
    ),
  );
  const build = value(setBrief(evenings, { due: '2026-11-30T18:00' }));
  const now = at('2026-11-28T18:50');

  it('says by how much, and offers a few smallest changes, each of which does it', () => {
    const days = daysOf(build, now);
    expect(days.plan === undefined || days.plan.lateBy > 0).toBe(true);
    expect(days.trouble.join(' ')).toMatch(/in time|fits/);
    const ways = waysOut(build, days, now);
    expect(ways.length).toBeGreaterThanOrEqual(2);
    expect(ways.length).toBeLessThanOrEqual(3);
    for (const w of ways) {
      const found = daysOf(w.build, now);
      expect(found.plan!.lateBy, w.text).toBe(0);
      expect(found.plan!.chance, w.text).toBeGreaterThanOrEqual(0.85);
      expect(validate(plan(w.build, { now }).work!, table(w.build, now), found.plan!.caution)).toEqual([]);
    }
    expect(ways.map((w) => w.text).join('\n')).toMatch(
      /work .* more: (today|Sun|Mon) \d\d:\d\d to \d\d:\d\d/,
    );
    expect(ways.map((w) => w.text).join('\n')).toMatch(/let it be due/);
  });

  it('where it fits nothing is offered', () => {
    const wide = value(setBrief(build, { due: '2026-12-12T18:00' }));
    expect(waysOut(wide, daysOf(wide, now), now)).toEqual([]);
  });

  const table = (b: Build, from: number) => {
    const days = daysOf(b, from);
    const by = new Map(steps(days).map((p) => [p.step.id, p]));
    return plan(b, { now: from }).work!.steps.map((s) => by.get(s.id)!);
  };
});
