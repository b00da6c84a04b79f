import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  localDay,
  localInstant,
  tellClock,
  tellDate,
  tellDay,
  tellLocal,
  tellSeen,
  tellTime,
} from './when.ts';

const zone = 'Europe/London';
const at = (local: string) => localInstant(local, zone);
const now = at('2026-11-28T18:50');
const told = (local: string) => tellTime(at(local), { zone, now });

describe('when something is, in words', () => {
  it('is a weekday within the coming six days and a date beyond, before and without a present', () => {
    expect(told('2026-11-28T21:00')).toBe('today 21:00');
    expect(told('2026-11-30T18:00')).toBe('Mon 18:00');
    expect(told('2026-12-04T18:00')).toBe('Fri 18:00');
    // a week on a bare Saturday would read as today
    expect(told('2026-12-05T15:00')).toBe('Sat 5 Dec, 15:00');
    expect(told('2026-11-07T10:00')).toBe('Sat 7 Nov, 10:00');
    expect(told('2027-01-09T10:00')).toBe('Sat 9 Jan 2027, 10:00');
    expect(tellTime(at('2026-11-30T18:00'), { zone })).toBe('Mon 30 Nov, 18:00');
  });
  it('a plan is told to five minutes, what happened to the minute', () => {
    expect(told('2026-11-30T19:13')).toBe('Mon 19:15');
    expect(tellTime(at('2026-11-30T19:13'), { zone, now }, 'down')).toBe('Mon 19:10');
    expect(tellClock(at('2026-11-30T23:58'), { zone })).toBe('00:00');
    expect(tellSeen(at('2026-11-28T18:46'), { zone, now })).toBe('18:46');
    expect(tellSeen(at('2026-11-27T18:46'), { zone, now })).toBe('Fri 27 Nov, 18:46');
  });
  it('days carry their year where it is another, tables always', () => {
    expect(tellDay(at('2026-12-02T09:00'), { zone, now })).toBe('Wed 2 Dec');
    expect(tellDay(at('2027-02-03T09:00'), { zone, now })).toBe('Wed 3 Feb 2027');
    expect(tellDate(at('2026-12-10T09:00'), { zone })).toBe('Thu 10 Dec 2026');
  });
  it('no bare weekday is ever more than six days away, and nothing looks like a record', () => {
    fc.assert(
      fc.property(fc.integer({ min: -60 * 1440, max: 60 * 1440 }), (minutes) => {
        const then = now + minutes * 60_000;
        const words = tellTime(then, { zone, now });
        const days = Math.round(
          (Date.parse(localDay(then, zone).day) - Date.parse(localDay(now, zone).day)) / 864e5,
        );
        if (/^[A-Z][a-z]{2} \d\d:\d\d$/.test(words)) expect(days >= 0 && days <= 6).toBe(true);
        expect(words).not.toMatch(/\d{4}-\d|T\d/);
      }),
    );
  });
  it('a local time that is no time is told as it is', () => {
    expect(tellLocal('soon', zone, now)).toBe('soon');
    expect(tellLocal('2026-12-05T15:00', 'Nowhere/At-all', now)).toBe('Sat 5 Dec, 15:00');
  });
});

describe('a local time as an instant', () => {
  it('goes there and back in every zone, across every change of the clocks', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('Europe/London', 'America/New_York', 'Australia/Lord_Howe', 'Asia/Kathmandu', 'UTC'),
        fc.integer({ min: 0, max: 2 * 365 * 1440 }),
        (where, minutes) => {
          const then = Date.UTC(2026, 0, 1) + minutes * 60_000;
          const { day, minutes: m } = localDay(then, where);
          const two = (n: number) => String(n).padStart(2, '0');
          const back = localInstant(`${day}T${two(Math.floor(m / 60))}:${two(m % 60)}`, where);
          // the hour that comes twice is its first
          expect([0, -30, -60]).toContain((back - then) / 60_000);
        },
      ),
    );
  });
});
