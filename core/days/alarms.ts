import { capital, formatTime, type Minutes } from '../quantity/index.ts';
import type { Build } from '../record/index.ts';
import { clockTime, minuteOf } from './calendar.ts';
import { saidFirm, givenOf } from './given.ts';
import { plannedWindow } from './network.ts';
import { AFTER, missedWords, tickedAt } from './progress.ts';
import type { DaysReport } from './report.ts';
import type { Link } from './types.ts';

/** A moment at the bench that nobody should miss. */
export interface Alarm {
  /** The same moment of the same work is the same alarm; done anew it is another. */
  readonly id: string;
  /** ms since 1970. */
  readonly at: number;
  readonly kind: 'opens' | 'closing' | 'closed';
  /** Short, for a title and a notification. */
  readonly title: string;
  readonly text: string;
  readonly piece?: string;
}

/** A window is told to be closing so long before it does, or a third of it where it is short, minutes. Estimates. */
const [BEFORE, SHARE]: readonly [Minutes, number] = [10, 1 / 3];
/** A wait shorter than this needs no bell, minutes. Estimate. */
const LEAST_WAIT: Minutes = 3;
/** Longer than this nobody stands by it: a day and a half. Estimate. */
const MOST_WAIT: Minutes = 36 * 60;

const idOf = (kind: Alarm['kind'], l: Link, since: number): string => `${kind} ${l.from} ${l.to} ${since}`;

/**
 * What rings at the bench: waits that are likely over, windows about to close, windows that have. From what was really ticked
 * off, by the plan that is worked to; what a finger has ended does not ring.
 * @param now the present instant, ms
 * @returns in order of time, those of the past among them: whoever rings knows what has rung
 */
export function alarmsOf(build: Build, days: DaysReport | undefined, now: number): Alarm[] {
  const origin = days?.origin;
  if (!days || !origin) return [];
  const done = tickedAt(build);
  const steps = new Map(days.steps.map((s) => [s.id, s]));
  const { said } = givenOf(build, origin, now);
  const clock = (ms: number) => clockTime(origin, minuteOf(origin, ms));
  const found = new Map<string, Alarm>();
  /** Steps that something else has to be done before. */
  const blocked = new Set(days.links.flatMap((l) => (done.has(l.from) || !steps.has(l.from) ? [] : [l.to])));
  const add = (alarm: Alarm): void => {
    // one step waits for several things: it rings when the last of them is over
    const same = alarm.kind === 'opens' ? `opens ${alarm.id.split(' ')[2]!}` : alarm.id;
    const known = found.get(same);
    if (!known || known.at < alarm.at) found.set(same, alarm);
  };
  for (const l of days.links) {
    const since = done.get(l.from);
    const next = steps.get(l.to);
    if (since === undefined || done.has(l.to) || !next) continue;
    const piece = l.piece === undefined ? {} : { piece: l.piece };
    if (l.kind === 'wait') {
      const { likely } = l.band;
      if (!(likely >= LEAST_WAIT && likely <= MOST_WAIT) || blocked.has(l.to)) continue;
      if (saidFirm(l, Math.floor(minuteOf(origin, since)), said)) continue;
      add({
        id: idOf('opens', l, since),
        at: since + likely * 60_000,
        kind: 'opens',
        title: `${next.title}: ready`,
        text: `The wait is likely over: ${l.why}.${l.asks === undefined ? '' : ' Test it by touch.'}`,
        ...piece,
      });
    } else if (l.kind === 'window') {
      const open = plannedWindow(l);
      if (open > MOST_WAIT) continue;
      const until = since + open * 60_000;
      const before = Math.min(BEFORE, open * SHARE);
      add({
        id: idOf('closing', l, since),
        at: until - before * 60_000,
        kind: 'closing',
        title: `${next.title}: ${formatTime(before)} left`,
        text: `Before ${clock(until)}: ${AFTER}`,
        ...piece,
      });
      add({
        id: idOf('closed', l, since),
        at: until,
        kind: 'closed',
        title: `${next.title}: too late`,
        text: capital(missedWords(clock(until))),
        ...piece,
      });
    }
  }
  return together([...found.values()].sort((a, b) => a.at - b.at));
}

/** What opens for several steps at once rings once. */
function together(alarms: readonly Alarm[]): Alarm[] {
  const from = (a: Alarm) => `${a.id.split(' ')[1]!} ${a.at}`;
  return alarms.filter(
    (a, k) => a.kind !== 'opens' || alarms.findIndex((b) => b.kind === 'opens' && from(b) === from(a)) === k,
  );
}
