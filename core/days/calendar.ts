import { DateTime } from 'luxon';
import type { Brief, DateHours, Helper, Hours } from '../figure/index.ts';
import { fail, ok, type Minutes, type Result } from '../quantity/index.ts';
import type { Person, StepKind, Stretch } from './types.ts';

/** How far back from the due time a plan may reach. */
export const MOST_DAYS = 35;

/** The plan's zero: a local midnight, and the zone it is told in. Minutes count elapsed time, so clock changes are right. */
export interface Origin {
  readonly millis: number;
  readonly zone: string;
}

/** The plan's zero and its days. */
export interface Calendar {
  readonly origin: Origin;
  readonly due: Minutes;
  /** Whose hands there are and when, the person's own first. */
  readonly people: readonly Person[];
}

/** Days laid out after the due time, so that a plan that is late can say when it would be ready. */
const DAYS_AFTER = 14;
const DEFAULT_ZONE = 'UTC';

/** Minutes from the origin of a local date and time. */
function minutesAt(origin: Origin, local: DateTime): Minutes {
  return Math.round((local.toMillis() - origin.millis) / 60000);
}

/** Weekly hours over the days, dates that differ in place of their weekday. */
function laidOut(
  origin: Origin,
  first: DateTime,
  last: DateTime,
  hours: readonly Hours[],
  dates: readonly DateHours[],
): Stretch[] {
  const byDate = new Map(dates.map((d) => [d.date, d]));
  /** Hours of a date of its own, none on a day off, else those of its weekday. */
  const hoursOn = (d: DateTime): readonly { from: string; to: string; ifNeeded?: boolean }[] => {
    const own = byDate.get(d.toFormat('yyyy-MM-dd'));
    if (!own) return hours.filter((x) => x.day === d.weekday);
    return own.from !== undefined && own.to !== undefined ? [{ from: own.from, to: own.to }] : [];
  };
  const stretches: Stretch[] = [];
  for (let day = first; day <= last; day = day.plus({ days: 1 }))
    for (const h of hoursOn(day)) {
      const at = (clock: string) =>
        minutesAt(origin, day.set({ hour: Number(clock.slice(0, 2)), minute: Number(clock.slice(3, 5)) }));
      const stretch = { from: at(h.from), to: at(h.to), ...(h.ifNeeded ? { ifNeeded: true } : {}) };
      if (stretch.to > stretch.from) stretches.push(stretch);
    }
  // where both are said, regular hours count
  const regular = merged(stretches.filter((s) => !s.ifNeeded));
  const spare = stretches.filter((s) => s.ifNeeded).flatMap((s) => outside(s, regular));
  return [...regular, ...spare].sort((a, b) => a.from - b.from);
}

/** What of a stretch lies outside the others. */
function outside(s: Stretch, others: readonly Stretch[]): Stretch[] {
  let parts: Stretch[] = [s];
  for (const o of others)
    parts = parts.flatMap((p) =>
      o.from >= p.to || o.to <= p.from
        ? [p]
        : [
            ...(o.from > p.from ? [{ ...p, to: o.from }] : []),
            ...(o.to < p.to ? [{ ...p, from: o.to }] : []),
          ],
    );
  return parts;
}

/**
 * Lay the working weeks of everybody over the days before the due time, and two weeks after it.
 * @param helpers with their own hours; a day off is the person's own and not theirs
 * @returns a sentence when the due time or the zone is none
 */
export function calendarOf(
  brief: Brief,
  hours: readonly Hours[],
  dates: readonly DateHours[] = [],
  helpers: readonly Helper[] = [],
): Result<Calendar> {
  const zone = DateTime.local({ zone: brief.zone }).isValid ? brief.zone : DEFAULT_ZONE;
  const due = DateTime.fromISO(brief.due, { zone });
  if (!due.isValid) return fail('The due time is not a date.', 'due');
  if (hours.length === 0 && dates.every((d) => d.from === undefined))
    return fail('There are no working hours to plan in: add some in the room and hours drawer.', 'hours');
  const first = due.startOf('day').minus({ days: MOST_DAYS });
  const last = due.startOf('day').plus({ days: DAYS_AFTER });
  const origin: Origin = { millis: first.toMillis(), zone };
  return ok({
    origin,
    due: minutesAt(origin, due),
    people: [
      { id: 'me', name: 'you', pace: 1, stretches: laidOut(origin, first, last, hours, dates) },
      ...helpers.map((h): Person => ({
        id: h.id,
        name: h.name,
        pace: h.pace,
        ...(h.does ? { does: h.does as readonly StepKind[] } : {}),
        stretches: laidOut(origin, first, last, h.hours, []),
      })),
    ],
  });
}

/** Stretches in order, those that touch made one. */
export function merged(stretches: readonly Stretch[]): Stretch[] {
  const out: Stretch[] = [];
  for (const s of [...stretches].sort((a, b) => a.from - b.from)) {
    const last = out.at(-1);
    if (last && s.from <= last.to) out[out.length - 1] = { from: last.from, to: Math.max(last.to, s.to) };
    else out.push(s);
  }
  return out;
}

const at = (origin: Origin, minute: Minutes): DateTime =>
  DateTime.fromMillis(origin.millis + minute * 60000, { zone: origin.zone, locale: 'en-GB' });

/** `Wed 19:10` */
export const weekdayTime = (origin: Origin, minute: Minutes): string =>
  at(origin, minute).toFormat('ccc HH:mm');
/** `19:10` */
export const clockTime = (origin: Origin, minute: Minutes): string => at(origin, minute).toFormat('HH:mm');
/** `Wed 2 Dec` */
export const dayName = (origin: Origin, minute: Minutes): string => at(origin, minute).toFormat('ccc d LLL');
/** Local date and time as stored in a build. */
export const localIso = (origin: Origin, minute: Minutes): string =>
  at(origin, minute).toFormat("yyyy-MM-dd'T'HH:mm");
/** Local midnights between two moments. */
export function midnights(origin: Origin, from: Minutes, to: Minutes): Minutes[] {
  const out: Minutes[] = [];
  for (let day = at(origin, from).startOf('day'); minutesAt(origin, day) <= to; day = day.plus({ days: 1 }))
    if (minutesAt(origin, day) >= from) out.push(minutesAt(origin, day));
  return out;
}
/** Minutes from the origin of an instant, in milliseconds. */
export const minuteOf = (origin: Origin, millis: number): Minutes => (millis - origin.millis) / 60000;

/** Minutes from the origin of a local date and time, `YYYY-MM-DDTHH:mm`. */
export const minuteOfLocal = (origin: Origin, local: string): Minutes =>
  minutesAt(origin, DateTime.fromISO(local, { zone: origin.zone }));
