/** A place in time from which times are told: the zone of the wall clock, and the present where it is known. */
export interface ToldFrom {
  /** IANA time zone. */
  readonly zone: string;
  /** The present instant, ms since 1970; without it every time is told with its date. */
  readonly now?: number;
}

interface Local {
  readonly weekday: string;
  readonly day: string;
  readonly month: string;
  readonly year: string;
  readonly clock: string;
  /** Whole days since 1970, on the wall calendar. */
  readonly days: number;
}

const MINUTE = 60_000;
/** Plans are told to five minutes: their waits are not known more closely. */
const STEP = 5 * MINUTE;
/** A bare weekday is this week's as far as six days ahead. */
const THIS_WEEK = 6;

const formats = new Map<string, Intl.DateTimeFormat>();
function formatIn(zone: string): Intl.DateTimeFormat {
  let known = formats.get(zone);
  if (!known)
    formats.set(
      zone,
      (known = new Intl.DateTimeFormat('en-GB', {
        timeZone: zone,
        weekday: 'short',
        day: 'numeric',
        month: 'numeric',
        year: 'numeric',
        hour: '2-digit',
        minute: '2-digit',
        hourCycle: 'h23',
      })),
    );
  return known;
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A lens tells a few hundred times, and most of them again at each change; asking the calendar takes far longer than the rest. A step of the method; estimate. */
const KEPT = 4000;
const told = new Map<string, Local>();
function localOf(millis: number, zone: string): Local {
  const minute = Math.floor(millis / MINUTE);
  const key = `${zone} ${minute}`;
  let known = told.get(key);
  if (!known) {
    if (told.size >= KEPT) told.clear();
    told.set(key, (known = localAt(minute * MINUTE, zone)));
  }
  return known;
}

function localAt(millis: number, zone: string): Local {
  const parts = Object.fromEntries(
    formatIn(zone)
      .formatToParts(millis)
      .map((p) => [p.type, p.value]),
  );
  const [year, month, day] = [parts.year!, Number(parts.month), Number(parts.day)];
  return {
    weekday: parts.weekday!,
    day: String(day),
    month: MONTHS[month - 1]!,
    year,
    clock: `${parts.hour}:${parts.minute}`,
    days: Math.round(Date.UTC(Number(year), month - 1, day) / 86_400_000),
  };
}

/** To five minutes, the nearest; `down` never names a time later than it is. */
const toFive = (millis: number, how: 'nearest' | 'down'): number =>
  (how === 'down' ? Math.floor(millis / STEP) : Math.round(millis / STEP)) * STEP;

const dayIn = (at: Local, now: Local | undefined): string =>
  `${at.weekday} ${at.day} ${at.month}${now && now.year !== at.year ? ` ${at.year}` : ''}`;

/** Whether there is such a time zone here. */
export function isZone(zone: string): boolean {
  try {
    return formatIn(zone) !== undefined;
  } catch {
    return false;
  }
}

/** A day: `Wed 2 Dec`, with its year where that is not the present one. */
export function tellDay(millis: number, { zone, now }: ToldFrom): string {
  return dayIn(localOf(millis, zone), now === undefined ? undefined : localOf(now, zone));
}

/** A day with its year, for tables that are read elsewhere: `Wed 2 Dec 2026`. */
export function tellDate(millis: number, { zone }: ToldFrom): string {
  const at = localOf(millis, zone);
  return `${at.weekday} ${at.day} ${at.month} ${at.year}`;
}

/** The time of day of something planned, to five minutes: `19:10`. */
export const tellClock = (millis: number, { zone }: ToldFrom, how: 'nearest' | 'down' = 'nearest'): string =>
  localOf(toFive(millis, how), zone).clock;

/**
 * When something is planned, to five minutes and unmistakably: `today 19:10`, `Wed 19:10` within the coming six days,
 * else `Sat 12 Dec, 15:00`, with the year where that is another.
 * @param how `down` for what must not be told later than it is: the latest start
 */
export function tellTime(
  millis: number,
  { zone, now }: ToldFrom,
  how: 'nearest' | 'down' = 'nearest',
): string {
  const at = localOf(toFive(millis, how), zone);
  if (now === undefined) return `${dayIn(at, undefined)}, ${at.clock}`;
  const present = localOf(now, zone);
  const ahead = at.days - present.days;
  if (ahead === 0) return `today ${at.clock}`;
  return ahead > 0 && ahead <= THIS_WEEK ? `${at.weekday} ${at.clock}` : `${dayIn(at, present)}, ${at.clock}`;
}

/** When something happened, to the minute: `18:46` today, else `Sat 28 Nov, 18:46`. */
export function tellSeen(millis: number, { zone, now }: ToldFrom): string {
  const at = localOf(millis, zone);
  const present = now === undefined ? undefined : localOf(now, zone);
  return present && present.days === at.days ? at.clock : `${dayIn(at, present)}, ${at.clock}`;
}

/** The day and the minute of an instant on the wall calendar of a zone. */
export function localDay(millis: number, zone: string): { readonly day: string; readonly minutes: number } {
  const { days, clock } = localOf(millis, zone);
  return {
    day: new Date(days * 86_400_000).toISOString().slice(0, 10),
    minutes: Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3)),
  };
}

/**
 * The instant of a local date and time, `YYYY-MM-DDTHH:mm`; in the hour that comes twice the first, in the hour that is
 * skipped the one after it.
 */
export function localInstant(local: string, zone: string): number {
  const wall = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(local) ? Date.parse(`${local}:00Z`) : NaN;
  if (!Number.isFinite(wall)) return NaN;
  const off = (at: number): number => {
    const { day, minutes } = localDay(at, zone);
    return Date.parse(`${day}T00:00:00Z`) + minutes * MINUTE - at;
  };
  // the offset changes at most once in the day round it
  const before = wall - off(wall - 86_400_000);
  return before + off(before) === wall ? before : wall - off(wall);
}

/** A local date and time as it is kept, told as any other; in UTC where there is no such zone here. */
export function tellLocal(local: string, zone: string, now?: number): string {
  const known = isZone(zone) ? zone : 'UTC';
  const at = localInstant(local, known);
  return Number.isFinite(at) ? tellTime(at, { zone: known, ...(now === undefined ? {} : { now }) }) : local;
}
