import { casual, GB } from 'chrono-node/en';
import { fail, localDay, localInstant, ok, tellLocal, type Result } from '../quantity/index.ts';
import { plainly } from './matching.ts';
import type { Blank, ReadingAt } from './types.ts';

const two = (n: number) => String(n).padStart(2, '0');
/** A bare hour up to this is the afternoon: nobody hands a cake over at three in the night. */
const AFTERNOON = 7;
/** Where no hour is said. */
const NOON = 12;
const DAY = 86_400_000;
/** Farther ahead than this a year is mistyped, days. */
const FARTHEST = 730;

/** The clock on the wall as a date of this machine: only its fields are read. */
function wallClock({ now, zone }: ReadingAt): Date {
  const { day, minutes } = localDay(now, zone);
  const [y, m, d] = day.split('-').map(Number);
  return new Date(y!, m! - 1, d, Math.floor(minutes / 60), minutes % 60);
}

/** `Sat week`, `tomorrow week`: a week after that; `Sat 3`, a day and an hour. */
const asWritten = (text: string): string =>
  plainly(text)
    .replace(/^(by|before|on|due|ready by)\s+/, '')
    .replace(/\btomorrow week\b/, 'in 8 days')
    .replace(/\btoday week\b/, 'in 7 days')
    .replace(
      /\b((?:mon|tues?|wed(?:nes)?|thurs?|fri|sat(?:ur)?|sun)(?:day)?)\s+(\d{1,2})(?![\d/.:-]|\s*(?:st|nd|rd|th|am|pm|jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec))/,
      '$1 at $2:00',
    );

/** A date and a time as people say them, read forwards from the present; an hour that is not said is noon. */
export function readDue(text: string, at: ReadingAt): Result<string> {
  const parser = at.dayFirst ? GB : casual;
  const weekOn = /\b(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\s+week\b/.test(plainly(text));
  const found = parser.parse(asWritten(text), wallClock(at), { forwardDate: true });
  const day = found.find((f) => f.start.isCertain('day') || f.start.isCertain('weekday')) ?? found[0];
  if (!day)
    return fail(`“${text.trim()}” is no day that is understood. Try Sat 3 pm, 5 Dec 15:00 or in two weeks.`);
  const clock = found.find((f) => f.start.isCertain('hour'));
  let hour = clock ? clock.start.get('hour')! : NOON;
  if (clock && hour > 0 && hour < AFTERNOON && !clock.start.isCertain('meridiem') && !/\b0\d/.test(text))
    hour += 12;
  const minute = clock ? (clock.start.get('minute') ?? 0) : 0;
  const { start } = day;
  const date = `${start.get('year')}-${two(start.get('month')!)}-${two(start.get('day')!)}`;
  let due = `${date}T${two(hour)}:${two(minute)}`;
  const shift = (days: number) => {
    const [d, t] = due.split('T');
    due = `${new Date(Date.parse(`${d}T00:00:00Z`) + days * DAY).toISOString().slice(0, 10)}T${t}`;
  };
  if (weekOn) shift(7);
  const dayNamed = !start.isCertain('day') && start.isCertain('weekday');
  if (localInstant(due, at.zone) <= at.now) {
    if (!dayNamed) return fail(`${tellLocal(due, at.zone, at.now)} is past.`);
    shift(7);
  }
  if (localInstant(due, at.zone) - at.now > FARTHEST * DAY)
    return fail(`${tellLocal(due, at.zone, at.now)} is more than two years ahead: is the year right?`);
  return ok(due);
}

/** When it has to be ready. */
export const dueBlank: Blank<string> = {
  key: 'due',
  label: 'Ready by',
  example: 'Sat 3 pm, tomorrow noon, 5 Dec 15:00 or in two weeks',
  words: (due, _, { zone, now }) => tellLocal(due, zone, now),
  read: (text, _, at) => readDue(text, at),
  choices: (_, at) =>
    ['Saturday 3 pm', 'Saturday week 3 pm', 'in two weeks 12:00', 'in four weeks 12:00'].flatMap((text) => {
      const due = readDue(text, at);
      return due.ok ? [{ value: due.value, words: tellLocal(due.value, at.zone, at.now) }] : [];
    }),
  usual: () => undefined,
};
