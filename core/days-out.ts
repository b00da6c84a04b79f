import ical, {
  ICalAlarmType,
  ICalCalendarMethod,
  ICalEventStatus,
  ICalEventTransparency,
} from 'ical-generator';
import {
  type DaysReport,
  type PlannedWait,
  type Session,
  clockTime,
  dayName,
  forPaper,
  toldTime,
} from './days/index.ts';
import { formatTime, type Minutes } from './quantity/index.ts';

/** Waits shorter than this are not worth a line in a calendar, minutes. */
const WORTH_A_LINE = 120;
/** Windows no longer than this get an alarm before they close. */
const SHORT_WINDOW = 180;
const BEFORE_SESSION = 30;
const BEFORE_CLOSING = 5;
/** Exports are numbered by the minutes since this instant. */
const FIRST = Date.UTC(2026, 0, 1);

const day = (origin: NonNullable<DaysReport['origin']>, m: Minutes): string =>
  dayName(forPaper(origin), m).replaceAll(' ', '-').toLowerCase();

/** Sessions of one person on one day are told apart by their number, so that a session keeps its id when a plan changes. */
function uidOf(
  build: string,
  origin: NonNullable<DaysReport['origin']>,
  sessions: readonly Session[],
  s: Session,
): string {
  const same = sessions.filter((x) => x.person === s.person && day(origin, x.from) === day(origin, s.from));
  const whose = s.person > 0 ? `-${s.person + 1}` : '';
  return `${build}${whose}-${day(origin, s.from)}-${same.indexOf(s) + 1}@elm-spindle`;
}

/** What is started in a session and has to be gone on with soon. */
function closing(days: DaysReport, s: Session): { at: Minutes; why: string }[] {
  const ends = new Map(s.steps.map((p) => [p.step.id, p.to]));
  return days.links.flatMap((l) => {
    const from = ends.get(l.from);
    return l.kind === 'window' && from !== undefined && l.band.fast <= SHORT_WINDOW
      ? [{ at: from + l.band.fast, why: l.why }]
      : [];
  });
}

/**
 * The plan as a calendar file (RFC 5545): sessions with an alarm, alarms before short windows close, long waits as time
 * that is not taken, the due time. Instants are written in UTC, so a change of the clocks on the way is right.
 * @returns undefined where there is no plan
 */
export function calendarFile(
  build: { readonly id: string; readonly name: string },
  days: DaysReport,
  now: Date,
): string | undefined {
  const { plan, origin, due } = days;
  if (!plan || !origin || due === undefined) return undefined;
  // rises with every export, so that a calendar takes the newer plan
  const sequence = Math.max(0, Math.floor((now.getTime() - FIRST) / 60_000));
  const at = (m: Minutes): Date => new Date(origin.millis + m * 60_000);
  const calendar = ical({
    name: build.name,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Elm Spindle', product: 'Days', language: 'EN' },
  });
  for (const s of plan.sessions) {
    const event = calendar.createEvent({
      id: uidOf(build.id, origin, plan.sessions, s),
      sequence,
      stamp: now,
      start: at(s.from),
      end: at(s.to),
      summary: `${build.name}${s.person > 0 ? ` (${days.people[s.person]})` : ''}: ${s.steps.length === 1 ? s.steps[0]!.step.title : `${s.steps.length} steps`}`,
      description: s.steps
        .map((p) => `${clockTime(origin, p.from)} ${p.step.title}, ${formatTime(p.step.minutes)}`)
        .join('\n'),
      status: ICalEventStatus.CONFIRMED,
    });
    event.createAlarm({
      type: ICalAlarmType.display,
      triggerBefore: BEFORE_SESSION * 60,
      description: 'To the bench',
    });
    for (const c of closing(days, s))
      event.createAlarm({
        type: ICalAlarmType.display,
        trigger: at(Math.max(s.from, c.at - BEFORE_CLOSING)),
        description: `Now or never: ${c.why}`,
      });
  }
  const waits = plan.waits.filter((w) => w.used - w.from >= WORTH_A_LINE);
  const told = new Map<string, number>();
  for (const w of waits) {
    // told by its steps, so that it keeps its id when another wait comes or goes
    const pair = `${w.link.from}-${w.link.to}`;
    const nth = (told.get(pair) ?? 0) + 1;
    told.set(pair, nth);
    const event = calendar.createEvent({
      id: `${build.id}-wait-${pair}-${nth}@elm-spindle`,
      sequence,
      stamp: now,
      start: at(w.from),
      end: at(w.used),
      summary: `${build.name}: ${w.link.why}`,
      description: waitWords(origin, w),
      transparency: ICalEventTransparency.TRANSPARENT,
    });
    event.createAlarm({
      type: ICalAlarmType.display,
      trigger: at(Math.min(w.likely, w.used)),
      description: `Look whether it is so: ${w.link.why}`,
    });
  }
  calendar.createEvent({
    id: `${build.id}-due@elm-spindle`,
    sequence,
    stamp: now,
    start: at(due),
    end: at(due),
    summary: `${build.name} is due`,
    transparency: ICalEventTransparency.TRANSPARENT,
  });
  return calendar.toString();
}

/** Ready when, if slow when, needed when. */
export const waitWords = (origin: NonNullable<DaysReport['origin']>, w: PlannedWait): string =>
  [
    `likely ready ${toldTime(origin, w.likely)}`,
    Number.isFinite(w.slow) ? `if slow ${toldTime(origin, w.slow)}` : 'if slow, not in this room',
    `needed ${toldTime(origin, w.used)}`,
  ].join(', ');
