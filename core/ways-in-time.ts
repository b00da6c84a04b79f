import {
  addDays,
  daysBetween,
  formatDuration,
  isZone,
  localDay,
  localInstant,
  ok,
  tellOdds,
  tellTime,
  type Day,
  type Minutes,
} from './quantity/index.ts';
import { ALL_DONE, PLAN_RUNS, WANTED_CHANCE, type DaysReport } from './days/index.ts';
import { type Change, pieceOf, wholeOf, type Build } from './record/index.ts';
import { leaveStep, removeOwnStep, setBrief, setDate, setRests } from './edits/index.ts';
import { plan } from './plan.ts';

/** A change that was tried, and with which it can be done. */
export interface WayOut {
  readonly text: string;
  readonly build: Build;
}

const MOST = 3;
/** So many plans are looked at for each try: enough to tell, and the same every time. */
const RUNS = 12;
/** A little less than nine in ten will do: the long search finds better. */
const NEARLY = 0.05;
/** Nobody is asked to work before or after these hours. */
const [FIRST_HOUR, LAST_HOUR] = [7, 23];
/** A day on which nobody works otherwise: from then. */
const FREE_DAY_FROM = 10;
const EVENING_FROM = 19;
/** Days looked at for another hour, counted back from the due time. */
const MOST_DAYS = 6;

interface Try {
  readonly text: string;
  readonly change: Change;
}

const clock = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
const minutesOf = (text: string): number => Number(text.slice(0, 2)) * 60 + Number(text.slice(3, 5));

/** Whether a build as it might be is done in time, in words; undefined where it is not. */
function oddsOf(build: Build, now: number | undefined): string | undefined {
  const found = plan(build, { runs: RUNS, ...(now === undefined ? {} : { now }) }).days().plan;
  return found && found.lateBy === 0 && found.chance >= WANTED_CHANCE - NEARLY
    ? tellOdds(found.chance, PLAN_RUNS)
    : undefined;
}

/** The first of some tries that is in time. */
function firstThat(tries: Iterable<Try>, now: number | undefined): WayOut | undefined {
  for (const t of tries) {
    if (!t.change.ok) continue;
    const odds = oddsOf(t.change.value, now);
    if (odds !== undefined) return { text: `${t.text} (then ${odds} to be on time)`, build: t.change.value };
  }
  return undefined;
}

/** Some more time on one day: after what is worked there anyway, or before it; on a free day in the morning. */
function moreOn(
  build: Build,
  day: Day,
  more: Minutes,
  from: Minutes,
): { from: string; to: string } | undefined {
  const weekday = ((daysBetween('2024-01-01', day) % 7) + 7) % 7;
  const own = build.dates?.find((d) => d.date === day);
  const there = own
    ? own.from !== undefined && own.to !== undefined
      ? [{ from: own.from, to: own.to }]
      : []
    : build.hours.filter((h) => h.day === weekday + 1 && !h.ifNeeded);
  // two stretches cannot be told as one
  if (there.length > 1) return undefined;
  const [low, high] = [Math.max(from, FIRST_HOUR * 60), LAST_HOUR * 60];
  if (there.length === 0) {
    const begins = Math.max(low, (weekday >= 5 ? FREE_DAY_FROM : EVENING_FROM) * 60);
    const at = begins + more <= high ? begins : high - more;
    return at >= low ? { from: clock(at), to: clock(at + more) } : undefined;
  }
  const [begins, ends] = [minutesOf(there[0]!.from), minutesOf(there[0]!.to)];
  if (ends + more <= high && ends >= from) return { from: clock(begins), to: clock(ends + more) };
  return begins - more >= low ? { from: clock(begins - more), to: clock(ends) } : undefined;
}

/** An hour or more on one of the days that are left, the least first, and then as late as can be. */
function* hours(build: Build, now: number): Generator<Try> {
  const { zone } = build.brief;
  const today = localDay(now, zone);
  const last = build.brief.due.slice(0, 10);
  const left = Math.min(MOST_DAYS, daysBetween(today.day, last));
  for (const more of [60, 120, 180, 240])
    for (let back = 0; back <= left; back++) {
      const day = addDays(last, -back);
      // half an hour to get there
      const from = day === today.day ? Math.ceil((today.minutes + 30) / 15) * 15 : 0;
      const stretch = moreOn(build, day, more, from);
      if (!stretch) continue;
      const when = tellTime(localInstant(`${day}T${stretch.from}`, zone), { zone, now });
      yield {
        text: `work ${formatDuration(more)} more: ${when} to ${stretch.to}`,
        change: setDate(build, day, stretch),
      };
    }
}

/** A later due time, the soonest first, at an hour at which things are handed over. */
function* laterDue(build: Build, now: number, lateBy: Minutes): Generator<Try> {
  const { zone, due } = build.brief;
  const at = Math.max(localInstant(due, zone), now) + lateBy * 60_000;
  const day = localDay(at, zone);
  const usual = minutesOf(due.slice(11));
  const hoursOf = [...new Set([Math.ceil(day.minutes / 60) * 60, 12 * 60, usual, 18 * 60])].sort(
    (a, b) => a - b,
  );
  for (let k = 0; k < 4; k++)
    for (const minutes of hoursOf) {
      if (minutes < 9 * 60 || minutes > 20 * 60 || (k === 0 && minutes < day.minutes)) continue;
      const next = `${addDays(day.day, k)}T${clock(minutes)}`;
      yield {
        text: `let it be due ${tellTime(localInstant(next, zone), { zone, now })}`,
        change: setBrief(build, { due: next }),
      };
    }
}

/** Something the figure can do without, the longest first. */
function* leftOut(build: Build, { steps }: DaysReport): Generator<Try> {
  const done = new Set(build.bench.done.map((d) => d.step));
  const open = steps.filter((s) => !done.has(s.id) && s.part === undefined);
  const spare = open.filter((s) => s.kind === 'texture' || build.steps.own.some((o) => o.id === s.id));
  for (const s of [...spare].sort((a, b) => b.minutes - a.minutes).slice(0, 4))
    yield {
      text: `leave “${s.title}” out`,
      change: ok(
        build.steps.own.some((o) => o.id === s.id)
          ? removeOwnStep(build, s.id)
          : leaveStep(build, wholeOf(s.id), true),
      ),
    };
}

/** Moving air for the pieces whose waits decide. */
function* fanned(build: Build, { plan: found, links }: DaysReport): Generator<Try> {
  const deciding = found ? [...(found.critical ? [found.critical.link] : []), ...found.decides] : links;
  const pieces = [
    ...new Set(
      deciding
        .filter((l) => l.kind === 'wait' && l.piece !== undefined)
        .sort((a, b) => b.band.likely - a.band.likely)
        .map((l) => l.piece!),
    ),
  ];
  for (const id of pieces.slice(0, 3)) {
    const piece = pieceOf(build, id);
    if (!piece || piece.rests) continue;
    yield {
      text: `put the ${piece.name.toLowerCase()} before a fan`,
      change: setRests(build, id, [{ place: 'fan', hours: 24 }]),
    };
  }
}

/**
 * The smallest changes with which a build that does not fit from now on is done in time, each tried: more time on one of the
 * days that are left, a later due time, something left out, a fan.
 * @returns at most three, one of a kind; none where it is in time anyway
 */
export function waysInTime(build: Build, days: DaysReport, now?: number): WayOut[] {
  const { plan: found } = days;
  if (days.conflict || (found && found.lateBy === 0 && found.chance >= WANTED_CHANCE - NEARLY)) return [];
  if (days.trouble.includes(ALL_DONE)) return [];
  if (days.origin === undefined || !isZone(build.brief.zone)) return [];
  // what can never be is not a matter of hours
  if (!found && days.links.some((l) => l.kind === 'wait' && !Number.isFinite(l.band.likely))) return [];
  const present = now ?? days.origin.millis;
  const out: WayOut[] = [];
  for (const tries of [
    hours(build, present),
    laterDue(build, present, found?.lateBy ?? 0),
    leftOut(build, days),
    fanned(build, days),
  ]) {
    const way = out.length < MOST ? firstThat(tries, now) : undefined;
    if (way) out.push(way);
  }
  return out;
}
