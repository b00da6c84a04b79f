import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { localIso, midnights, minuteOf, toldTime } from '../days/index.ts';
import { minuteOfLocal } from '../days/calendar.ts';
import { weeksOf } from '../days/work.testing.ts';

/**
 * Time zones against the platform's own tables (Intl, which carries the IANA time zone database): hours of a week laid
 * over days on which the clocks change have to be those on the wall.
 */
const ZONES = [
  'Europe/London',
  'America/New_York',
  'Australia/Sydney',
  'Asia/Kolkata',
  'America/Sao_Paulo',
  'Pacific/Auckland',
  'UTC',
] as const;

const walls = new Map(
  ZONES.map((timeZone) => [
    timeZone as string,
    new Intl.DateTimeFormat('en-GB', {
      timeZone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      weekday: 'short',
      hourCycle: 'h23',
    }),
  ]),
);

/** Date and time on the wall in a zone, as the platform says. */
function wall(millis: number, zone: string): { date: string; clock: string; weekday: string } {
  const parts = walls.get(zone)!.formatToParts(new Date(millis));
  const of = (type: string) => parts.find((p) => p.type === type)!.value;
  return {
    date: `${of('year')}-${of('month')}-${of('day')}`,
    clock: `${of('hour')}:${of('minute')}`,
    weekday: of('weekday'),
  };
}

const brief = (due: string, zone: string) =>
  ({ due, zone, journey: 'table', grip: 'mat', note: '' }) as const;
const WEEK = [1, 2, 3, 4, 5, 6, 7].map((day) => ({ day, from: '09:00', to: '17:30' }));
const anyDay = fc
  .integer({ min: 0, max: 730 })
  .map((d) => new Date(Date.UTC(2026, 0, 10 + d)).toISOString().slice(0, 10));

describe('hours on the wall', () => {
  it('are those of the zone on every day, clocks changed or not', () => {
    fc.assert(
      fc.property(anyDay, fc.constantFrom(...ZONES), (day, zone) => {
        const c = weeksOf(brief(`${day}T18:00`, zone), WEEK);
        if (!c.ok) throw new Error(c.problem.text);
        const { origin, due, people } = c.value;
        const at = (m: number) => wall(origin.millis + m * 60_000, zone);
        expect(at(0).clock).toBe('00:00');
        expect(at(due)).toMatchObject({ date: day, clock: '18:00' });
        for (const s of people[0]!.stretches) {
          expect(at(s.from).clock).toBe('09:00');
          expect(at(s.to).clock).toBe('17:30');
        }
        // every day once
        const dates = people[0]!.stretches.map((s) => at(s.from).date);
        expect(new Set(dates).size).toBe(dates.length);
        const told = toldTime(origin, people[0]!.stretches[0]!.from);
        expect(told).toMatch(new RegExp(`^${at(people[0]!.stretches[0]!.from).weekday} .*, 09:00$`));
      }),
      { numRuns: 120 },
    );
  });

  it('a local time is written and read back, and agrees with the platform', () => {
    fc.assert(
      fc.property(anyDay, fc.constantFrom(...ZONES), fc.nat(20 * 1440), (day, zone, minute) => {
        const c = weeksOf(brief(`${day}T18:00`, zone), WEEK);
        if (!c.ok) throw new Error(c.problem.text);
        const { origin } = c.value;
        const { date, clock } = wall(origin.millis + minute * 60_000, zone);
        const iso = localIso(origin, minute);
        expect(iso).toBe(`${date}T${clock}`);
        const back = minuteOfLocal(origin, iso);
        // in the hour that comes twice a local time means either
        expect([0, 60, -60]).toContain(back - minute);
        expect(minuteOf(origin, origin.millis + back * 60_000)).toBe(back);
      }),
      { numRuns: 200 },
    );
  });

  it('nights that are an hour shorter or longer are that long', () => {
    const nights = (due: string, zone: string) => {
      const c = weeksOf(brief(due, zone), WEEK);
      if (!c.ok) throw new Error(c.problem.text);
      const all = midnights(c.value.origin, c.value.due - 3 * 1440, c.value.due + 720);
      return all.slice(1).map((m, i) => (m - all[i]!) / 60);
    };
    // published transitions: London 29 March and 25 October 2026, New York 8 March, Sydney 4 October
    expect(nights('2026-03-30T12:00', 'Europe/London')).toContain(23);
    expect(nights('2026-10-26T12:00', 'Europe/London')).toContain(25);
    expect(nights('2026-03-09T12:00', 'America/New_York')).toContain(23);
    expect(nights('2026-10-05T12:00', 'Australia/Sydney')).toContain(23);
    expect(nights('2026-03-30T12:00', 'Asia/Kolkata').every((h) => h === 24)).toBe(true);
  });
});
