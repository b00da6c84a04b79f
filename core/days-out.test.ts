import ICAL from 'ical.js';
import Papa from 'papaparse';
import { DateTime } from 'luxon';
import { describe, expect, it } from 'vitest';
import { calendarFile } from './days-out.ts';
import { demoBuild } from './files/demo.testing.ts';
import { planCsv } from './lists.ts';
import { plan } from './plan.ts';

const NOW = new Date('2026-11-25T12:00:00Z');
const otter = demoBuild('ferryman-otter');
const days = plan(otter).days();
const text = calendarFile(otter, days, NOW)!;
const events = (file: string) =>
  new ICAL.Component(ICAL.parse(file) as unknown[])
    .getAllSubcomponents('vevent')
    .map((c) => new ICAL.Event(c));

describe('the calendar file, read back by an independent library', () => {
  it('has every session at its instant, with its steps and an alarm before it', () => {
    const read = events(text);
    days.plan!.sessions.forEach((s, i) => {
      const e = read[i]!;
      expect(e.startDate.toJSDate().getTime()).toBe(days.origin!.millis + s.from * 60_000);
      expect(e.endDate.toJSDate().getTime()).toBe(days.origin!.millis + s.to * 60_000);
      for (const p of s.steps) expect(e.description).toContain(p.step.title);
      expect(e.component.getAllSubcomponents('valarm').length).toBeGreaterThan(0);
    });
    expect(read.at(-1)!.summary).toBe('Ferryman otter is due');
  });
  it('warns before a short window closes', () => {
    const alarms = events(text).flatMap((e) => e.component.getAllSubcomponents('valarm'));
    expect(alarms.some((a) => /Now or never/.test(String(a.getFirstPropertyValue('description'))))).toBe(
      true,
    );
  });
  it('rings when a long wait is likely over', () => {
    const wait = days.plan!.waits.find((w) => w.used - w.from >= 120)!;
    const event = events(text).find((e) => e.uid.includes(`-wait-${wait.link.from}-`))!;
    const [alarm] = event.component.getAllSubcomponents('valarm');
    const trigger = alarm!.getFirstPropertyValue('trigger') as ICAL.Time;
    expect(trigger.toJSDate().getTime()).toBeCloseTo(
      days.origin!.millis + Math.min(wait.likely, wait.used) * 60_000,
      -4,
    );
  });
  it('is RFC 5545: CRLF, lines of 75 octets, ids that are unique and the same the next time', () => {
    expect(text.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
    for (const line of text.split('\r\n'))
      expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    const ids = events(text).map((e) => e.uid);
    expect(new Set(ids).size).toBe(ids.length);
    const later = events(calendarFile(otter, days, new Date('2026-11-26T12:00:00Z'))!);
    expect(later.map((e) => e.uid)).toEqual(ids);
    expect(later[0]!.sequence).toBeGreaterThan(events(text)[0]!.sequence);
  });
  it('a wait keeps its id when another one is gone', () => {
    const [first, ...rest] = days.plan!.waits;
    const fewer = { ...days, plan: { ...days.plan!, waits: rest } };
    const ids = (d: typeof days) =>
      events(calendarFile(otter, d, NOW)!)
        .map((e) => e.uid)
        .filter((id) => id.includes('-wait-'));
    const left = ids(fewer);
    expect(first).toBeDefined();
    expect(ids(days)).toEqual(expect.arrayContaining(left));
  });
  it('a helper has events of their own, told apart and named', () => {
    const cabbage = demoBuild('savoy-cabbage');
    const helped = plan(cabbage).days();
    const read = events(calendarFile(cabbage, helped, NOW)!);
    expect(read.filter((e) => e.summary.includes('(Apprentice)')).length).toBe(
      helped.plan!.sessions.filter((s) => s.person === 1).length,
    );
    expect(new Set(read.map((e) => e.uid)).size).toBe(read.length);
    expect(planCsv(helped)).toMatch(/,Apprentice,/);
  });
  it('is right across a change of the clocks: seven in the evening stays seven in the evening', () => {
    // clocks go forward in London on 29 March 2026
    const spring = { ...otter, brief: { ...otter.brief, due: '2026-03-31T21:00', zone: 'Europe/London' } };
    const planned = plan(spring).days();
    const local = events(calendarFile(spring, planned, NOW)!)
      .filter((e) => e.component.getFirstPropertyValue('status') === 'CONFIRMED')
      .map((e) => DateTime.fromJSDate(e.startDate.toJSDate(), { zone: 'Europe/London' }));
    // both sides of the change are planned on, or nothing was shown
    expect(new Set(local.map((t) => t.offset))).toEqual(new Set([0, 60]));
    planned.plan!.sessions.forEach((s, i) => {
      const inHours = spring.hours.some((h) => {
        const [a, b] = [h.from, h.to].map((c) => Number(c.slice(0, 2)) * 60 + Number(c.slice(3)));
        const m = local[i]!.hour * 60 + local[i]!.minute;
        return local[i]!.weekday === h.day && m >= a! && m + (s.to - s.from) <= b!;
      });
      expect(inHours, local[i]!.toISO()!).toBe(true);
    });
  });
  it('is none where there is no plan', () => {
    expect(calendarFile(otter, { people: [], steps: [], links: [], trouble: [] }, NOW)).toBeUndefined();
    expect(planCsv({ people: [], steps: [], links: [], trouble: [] })).toBeUndefined();
  });
});

it('the plan as a table has each step once, in order', () => {
  const { data } = Papa.parse<Record<string, string>>(planCsv(days)!, { header: true, skipEmptyLines: true });
  expect(data.map((r) => r.step)).toEqual(
    days.plan!.sessions.flatMap((s) => s.steps.map((p) => p.step.title)),
  );
  expect(data[0]).toMatchObject({ session: '1' });
});
