import { DateTime } from 'luxon';
import type { Brief, Hours } from '../figure/index.ts';
import { fail, ok, type Minutes, type Result } from '../quantity/index.ts';
import type { Stretch } from './types.ts';

/** How far back from the due time a plan may reach. */
export const MOST_DAYS = 35;

/** The plan's zero: a local midnight, and the zone it is told in. Minutes count elapsed time, so clock changes are right. */
export interface Origin {
  readonly millis: number;
  readonly zone: string;
}

export interface Calendar {
  readonly origin: Origin;
  readonly due: Minutes;
  readonly stretches: readonly Stretch[];
}

const DEFAULT_ZONE = 'UTC';

/** Minutes from the origin of a local date and time. */
function minutesAt(origin: Origin, local: DateTime): Minutes {
  return Math.round((local.toMillis() - origin.millis) / 60000);
}

/**
 * Lay the person's week over the days before the due time.
 * @returns a sentence when the due time or the zone is none
 */
export function calendarOf(brief: Brief, hours: readonly Hours[]): Result<Calendar> {
  const zone = DateTime.local({ zone: brief.zone }).isValid ? brief.zone : DEFAULT_ZONE;
  const due = DateTime.fromISO(brief.due, { zone });
  if (!due.isValid) return fail('The due time is not a date.', 'due');
  if (hours.length === 0)
    return fail('There are no working hours to plan in: add some in the room and hours drawer.', 'hours');
  const first = due.startOf('day').minus({ days: MOST_DAYS });
  const origin: Origin = { millis: first.toMillis(), zone };
  const stretches: Stretch[] = [];
  for (let day = first; day <= due; day = day.plus({ days: 1 }))
    for (const h of hours.filter((x) => x.day === day.weekday)) {
      const at = (clock: string) =>
        minutesAt(origin, day.set({ hour: Number(clock.slice(0, 2)), minute: Number(clock.slice(3, 5)) }));
      const stretch = { from: at(h.from), to: at(h.to) };
      if (stretch.to > stretch.from) stretches.push(stretch);
    }
  return ok({ origin, due: minutesAt(origin, due), stretches: merged(stretches) });
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
