import { DateTime } from 'luxon';
import type { DateHours, Hours, PartsOf } from '../record/index.ts';
import {
  fail,
  isZone,
  ok,
  tellClock,
  tellDate,
  tellDay,
  tellTime,
  type Minutes,
  type Result,
} from '../quantity/index.ts';
import type { Person, StepKind, Stretch } from './types.ts';

/** How far back from the due time a plan may reach. */
export const MOST_DAYS = 35;

/**
 * The plan's zero: a local midnight, the zone it is told in, and the present from which it is told. Minutes count elapsed
 * time, so clock changes are right.
 */
export interface Origin {
  readonly millis: number;
  readonly zone: string;
  readonly now?: number;
}

/** The plan's zero and its days. */
export interface Calendar {
  readonly origin: Origin;
  readonly due: Minutes;
  /** Whose hands there are and when, the person's own first. */
  readonly people: readonly Person[];
  /** What is to be told of it, in sentences. */
  readonly says: readonly string[];
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

/** Who just ticked a step off is taken to stay at the bench, ms: until they say how long. */
const STAYS = 60 * 60_000;
/** A tick longer ago than this says nothing about now, ms. */
const JUST = 90 * 60_000;

/**
 * Until when somebody is at the bench although it is not in their hours: they said so, or they ticked a step off just now.
 * @returns ms since 1970; undefined where nothing says so
 */
export function atBenchUntil({ bench }: PartsOf<'bench'>, now: number): number | undefined {
  const said = bench.until === undefined ? -Infinity : Date.parse(bench.until);
  if (said > now) return said;
  const last = Math.max(-Infinity, ...bench.done.map((d) => Date.parse(d.at)));
  // whoever said when they stop, and went on, is at the bench again
  return last > said && now - last <= JUST && last <= now + 60_000 ? now + STAYS : undefined;
}

/** The time somebody is at the bench beyond their hours; inside them it ends with them, unless they said otherwise. */
function hereNow(
  build: PartsOf<'bench'>,
  own: readonly Stretch[],
  origin: Origin,
  now: number,
): readonly Stretch[] {
  const until = atBenchUntil(build, now);
  if (until === undefined) return [];
  const at = minuteOf(origin, now);
  const usual = own.some((s) => !s.ifNeeded && s.from <= at && at < s.to);
  const said = build.bench.until !== undefined && Date.parse(build.bench.until) === until;
  return usual && !said ? [] : [{ from: Math.floor(at), to: Math.ceil(minuteOf(origin, until)) }];
}

/**
 * Lay the working weeks of everybody over the days before the due time, and two weeks after it.
 * @param now the present instant, ms: times are told from it, and somebody at the bench is there whatever the week says
 * @returns a sentence when the due time is none or nobody works
 */
export function calendarOf(
  build: PartsOf<'brief' | 'hours' | 'dates' | 'workshop' | 'bench'>,
  now?: number,
): Result<Calendar> {
  const { brief, hours, dates = [] } = build;
  const known = isZone(brief.zone);
  const zone = known ? brief.zone : DEFAULT_ZONE;
  const due = DateTime.fromISO(brief.due, { zone });
  if (!due.isValid) return fail('The due time is not a date.', 'due');
  if (hours.length === 0 && dates.every((d) => d.from === undefined))
    return fail('There are no working hours to plan in: add some in the room and hours drawer.', 'hours');
  const first = due.startOf('day').minus({ days: MOST_DAYS });
  const last = due.startOf('day').plus({ days: DAYS_AFTER });
  const origin: Origin = { millis: first.toMillis(), zone, ...(now === undefined ? {} : { now }) };
  const own = laidOut(origin, first, last, hours, dates);
  const here = now === undefined ? [] : hereNow(build, own, origin, now);
  const regular = merged([...own.filter((s) => !s.ifNeeded), ...here]);
  const spare = own.filter((s) => s.ifNeeded).flatMap((s) => outside(s, regular));
  return ok({
    origin,
    due: minutesAt(origin, due),
    people: [
      { id: 'me', name: 'you', pace: 1, stretches: [...regular, ...spare].sort((a, b) => a.from - b.from) },
      ...build.workshop.helpers.map((h): Person => ({
        id: h.id,
        name: h.name,
        pace: h.pace,
        ...(h.does ? { does: h.does as readonly StepKind[] } : {}),
        stretches: laidOut(origin, first, last, h.hours, []),
      })),
    ],
    says: known ? [] : [`The time zone “${brief.zone}” is not known here: times are told in UTC.`],
  });
}

/**
 * Whether to ask somebody until when they go on: they ticked a step off just now, outside their hours, and have not said.
 * @param now the present instant, ms
 */
export function asksUntil(
  build: PartsOf<'brief' | 'hours' | 'dates' | 'workshop' | 'bench'>,
  now: number,
): boolean {
  const { until, done } = build.bench;
  if (atBenchUntil(build, now) === undefined) return false;
  const last = Math.max(...done.map((d) => Date.parse(d.at)));
  if (until !== undefined && Date.parse(until) >= last) return false;
  const usual = calendarOf({ ...build, bench: { done: [] } }, now);
  if (!usual.ok) return false;
  const at = minuteOf(usual.value.origin, now);
  return !usual.value.people[0]!.stretches.some((s) => s.from <= at && at < s.to);
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
const millisAt = (origin: Origin, minute: Minutes): number => origin.millis + minute * 60000;

/** When something is planned: `today 19:10`, `Wed 19:10`, `Sat 12 Dec, 15:00`. */
export const toldTime = (origin: Origin, minute: Minutes): string =>
  tellTime(millisAt(origin, minute), origin);
/** The same for what must not be told later than it is: the latest start. */
export const toldStart = (origin: Origin, minute: Minutes): string =>
  tellTime(millisAt(origin, minute), origin, 'down');
/** `19:10` */
export const clockTime = (origin: Origin, minute: Minutes): string =>
  tellClock(millisAt(origin, minute), origin);
/** `Wed 2 Dec` */
export const dayName = (origin: Origin, minute: Minutes): string => tellDay(millisAt(origin, minute), origin);
/** `Wed 2 Dec 2026` */
export const dateName = (origin: Origin, minute: Minutes): string =>
  tellDate(millisAt(origin, minute), origin);
/** The same zero for paper, which is read on other days: every time with its date. */
export const forPaper = ({ millis, zone }: Origin): Origin => ({ millis, zone });

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
