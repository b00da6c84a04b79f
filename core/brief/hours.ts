import { fail, listed, ok, type Result } from '../quantity/index.ts';
import type { Hours } from '../record/index.ts';
import { plainly } from './matching.ts';
import type { Blank } from './types.ts';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;
const DAY_WORDS = [
  /\bmon(day)?s?\b/,
  /\btue(s|sday)?s?\b/,
  /\bwed(nesday)?s?\b/,
  /\bthu(rs|rsday)?s?\b/,
  /\bfri(day)?s?\b/,
  /\bsat(urday)?s?\b/,
  /\bsun(day)?s?\b/,
];
const WHOLE_WEEK = [1, 2, 3, 4, 5, 6, 7];
const WORKDAYS = [1, 2, 3, 4, 5];
const WEEKEND = [6, 7];

interface Stretch {
  readonly days: readonly number[];
  readonly from: string;
  readonly to: string;
}

/** Words for stretches of a day. Common practice. */
const STRETCHES: readonly {
  readonly says: RegExp;
  readonly days: readonly number[];
  readonly from: string;
  readonly to: string;
}[] = [
  { says: /\bevenings?\b/, days: WHOLE_WEEK, from: '19:00', to: '22:00' },
  { says: /\bnights?\b/, days: WHOLE_WEEK, from: '20:00', to: '23:30' },
  { says: /\bmornings?\b/, days: WHOLE_WEEK, from: '09:00', to: '12:00' },
  { says: /\bafternoons?\b/, days: WHOLE_WEEK, from: '13:00', to: '17:00' },
  { says: /\bweek-?ends?\b/, days: WEEKEND, from: '10:00', to: '17:00' },
  { says: /\b(daytime|days|office hours|full time)\b/, days: WORKDAYS, from: '09:00', to: '17:00' },
];

const two = (n: number) => String(n).padStart(2, '0');
const clock = (hour: number, minute: number): string => `${two(hour)}:${two(minute)}`;
const TIME = String.raw`(\d{1,2})(?:[:.](\d{2}))?\s*(am|pm)?`;
const SPAN = new RegExp(`${TIME}\\s*(?:-|–|to|until|till)\\s*${TIME}`);
const AFTER = new RegExp(`(?:after|from)\\s+${TIME}`);

const NOON = 12;
/** A bare hour before this is the afternoon. Estimate. */
const EARLIEST = 7;
/** Hours of the day, 0 to 23; a bare one up to six, or the end of a stretch before its begin, is the afternoon. */
const hourOf = (hour: number, half: string | undefined): number =>
  half === 'pm' ? (hour % 12) + 12 : half === 'am' ? hour % 12 : hour;

/** `8 to 11 pm`: a half of the day that is said once is for both, an end before its begin is the afternoon. */
function fromTo(span: RegExpExecArray): { from: number; to: number } {
  const [first, last] = [Number(span[1]), Number(span[4])];
  const half = span[6];
  const from = hourOf(first, span[3] ?? (half === 'pm' && first < last ? 'pm' : undefined));
  const to = hourOf(last, half);
  const ends = to <= from && to < NOON ? to + NOON : to;
  const early = !span[3] && !half && from < EARLIEST;
  return early ? { from: from + NOON, to: ends < NOON ? ends + NOON : ends } : { from, to: ends };
}

function spanIn(text: string): { from: string; to: string } | undefined {
  const span = SPAN.exec(text);
  if (span) {
    const { from, to } = fromTo(span);
    if (from >= 24 || to > 24) return undefined;
    return {
      from: clock(from, Number(span[2] ?? 0)),
      to: to === 24 ? '23:59' : clock(to, Number(span[5] ?? 0)),
    };
  }
  const after = AFTER.exec(text);
  if (!after) return undefined;
  const from = hourOf(Number(after[1]), after[3] ?? (Number(after[1]) < NOON ? 'pm' : undefined));
  return from < 22
    ? { from: clock(from, Number(after[2] ?? 0)), to: clock(Math.min(from + 3, 23), 0) }
    : undefined;
}

const daysIn = (text: string): number[] => DAY_WORDS.flatMap((says, i) => (says.test(text) ? [i + 1] : []));

/** One part of what was said: which days, from when to when; undefined where it is not understood. */
function partOf(text: string): Stretch | undefined {
  const named = daysIn(text);
  const word = STRETCHES.find((s) => s.says.test(text));
  const span = spanIn(text);
  if (span) return { days: named.length ? named : (word?.days ?? WHOLE_WEEK), ...span };
  if (word) return { days: named.length ? named : word.days, from: word.from, to: word.to };
  return named.length ? { days: named, from: '10:00', to: '17:00' } : undefined;
}

/** Days named alone, as in `Mon and Wed 7 to 10`, belong to the hours that follow. */
function stretches(parts: readonly string[]): (Stretch | undefined)[] {
  let waiting: number[] = [];
  const out: (Stretch | undefined)[] = [];
  parts.forEach((part, i) => {
    const alone = daysIn(part).length > 0 && !spanIn(part) && !STRETCHES.some((s) => s.says.test(part));
    if (alone && i < parts.length - 1) waiting = [...waiting, ...daysIn(part)];
    else {
      const read = partOf(part);
      out.push(read && { ...read, days: [...waiting, ...read.days] });
      waiting = [];
    }
  });
  return out;
}

/** Hours of the week as they are said, `evenings and Sat 10 to 4, not Thursday`. */
export function readHours(text: string): Result<readonly Hours[]> {
  const clean = plainly(text)
    .replace(/\b(i work|in the|on)\b/g, '')
    .trim();
  const [all, ...off] = clean.split(/\b(?:not|except|but not|without)\b/);
  const never = new Set(off.flatMap(daysIn));
  const parts = all!
    .split(/\band\b|,|;|\+/)
    .map((p) => p.trim())
    .filter(Boolean);
  const found = stretches(parts);
  if (found.length === 0 || found.includes(undefined))
    return fail(
      `“${text.trim()}” is no working time that is understood. Try evenings, weekends, 8 to 11 pm, or evenings and Sat 10 to 4, not Thu.`,
    );
  const hours = found
    .flatMap((s) => s!.days.map((day): Hours => ({ day, from: s!.from, to: s!.to })))
    .filter((h) => !never.has(h.day));
  return hours.length > 0 ? ok(joined(hours)) : fail('That leaves no day to work on.');
}

/** Stretches of one day that touch are one. */
function joined(hours: readonly Hours[]): Hours[] {
  const out: Hours[] = [];
  for (const h of [...hours].sort((a, b) => a.day - b.day || a.from.localeCompare(b.from))) {
    const last = out.at(-1);
    if (last && last.day === h.day && h.from <= last.to)
      out[out.length - 1] = { ...last, to: h.to > last.to ? h.to : last.to };
    else out.push(h);
  }
  return out;
}

const EVENINGS: readonly Hours[] = WHOLE_WEEK.map((day) => ({ day, from: '19:00', to: '22:00' }));

/** Days in a row as a range. */
function daysTold(days: readonly number[]): string {
  const key = days.join('');
  if (key === '1234567') return '';
  if (key === '12345') return 'Mon to Fri';
  if (key === '67') return 'Sat and Sun';
  if (days.length >= 5)
    return `not ${listed(WHOLE_WEEK.filter((d) => !days.includes(d)).map((d) => DAYS[d - 1]!))}`;
  const inRow = days.length > 2 && days.at(-1)! - days[0]! === days.length - 1;
  return inRow ? `${DAYS[days[0]! - 1]} to ${DAYS[days.at(-1)! - 1]}` : listed(days.map((d) => DAYS[d - 1]!));
}

const short = (time: string): string => time.replace(/^0/, '').replace(/:00$/, '');

/** The week as it is said: `evenings`, else days with their hours. */
export function tellHours(hours: readonly Hours[]): string {
  const groups = new Map<string, number[]>();
  for (const { day, from, to } of hours) {
    const key = `${from}-${to}`;
    groups.set(key, [...(groups.get(key) ?? []), day]);
  }
  const told = [...groups].map(([key, days]) => {
    const [from, to] = key.split('-') as [string, string];
    const on = daysTold(days);
    if (from === '19:00' && to === '22:00') return on ? `evenings, ${on}` : 'evenings';
    if (from === '10:00' && to === '17:00' && days.join('') === '67') return 'weekends';
    if (from === '09:00' && to === '17:00' && days.join('') === '12345') return 'in the daytime';
    const clock = `${short(from)} to ${short(to)}`;
    return on.startsWith('not') ? `${clock}, ${on}` : `${on ? `${on} ` : ''}${clock}`;
  });
  return told.length > 0 ? listed(told) : 'never';
}

/** When the person works. */
export const hoursBlank: Blank<readonly Hours[]> = {
  key: 'hours',
  label: 'When you work',
  example: 'evenings, weekends, 8 to 11 pm, evenings and Sat 10 to 4, not Thu',
  words: (hours) => tellHours(hours),
  read: (text) => readHours(text),
  choices: () =>
    ['evenings', 'evenings and weekends', 'weekends', 'daytime', 'nights'].flatMap((words) => {
      const hours = readHours(words);
      return hours.ok ? [{ words: words === 'daytime' ? 'in the daytime' : words, value: hours.value }] : [];
    }),
  usual: () => EVENINGS,
};

/** The longest stretch in one go, minutes. */
export const longestStretch = (hours: readonly Hours[]): number =>
  Math.max(0, ...hours.map(({ from, to }) => minutesOf(to) - minutesOf(from)));
const minutesOf = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));
