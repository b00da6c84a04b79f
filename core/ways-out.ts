import { conflictOf, type DaysReport } from './days/index.ts';
import { pieceOf, readStepId, wholeOf, type Task, type Build, type Change } from './record/index.ts';
import { removeOwnStep, setOwnStep, setRests, leaveStep } from './edits/index.ts';
import { plan } from './plan.ts';
import { formatTime, ok } from './quantity/index.ts';
import { waysInTime, type WayOut } from './ways-in-time.ts';

export type { WayOut };

const MOST = 4;
/** What a figure can do without. */
const SPARED = new Set<Task | undefined>(['texture', 'glue']);

/**
 * Changes of the build under which the steps no longer contradict each other, each tried: a step of one's own moved or
 * taken back, a piece kept in a bag so that its window stays open, or put where it firms sooner.
 * Where they do not, but it does not fit from now on, the smallest changes with which it does.
 * @param now the present instant, ms
 * @returns only what was found to help; what changes least first
 */
export function waysOut(build: Build, days: DaysReport, now?: number): WayOut[] {
  const { conflict, steps } = days;
  if (!conflict) return waysInTime(build, days, now);
  /** Of alike tries only the first that helps is told. */
  const tries: { text: string; change: Change; like: string }[] = [];
  const title = (id: string) => `“${steps.find((s) => s.id === id)?.title ?? id}”`;
  const own = build.steps.own.filter((o) => conflict.steps.includes(o.id));
  for (const o of own) {
    if (o.before !== undefined)
      tries.push({
        like: `before ${o.id}`,
        text: `let ${title(o.id)} come after ${title(o.before)}`,
        change: setOwnStep(build, o.id, {
          before: undefined,
          ...(o.after === undefined ? { after: o.before } : {}),
        }),
      });
    if (o.wait)
      for (const wait of [Math.round(o.wait / 2), 0])
        tries.push({
          like: `wait ${o.id}`,
          text:
            wait > 0
              ? `wait only ${formatTime(wait)} before ${title(o.id)}`
              : `do ${title(o.id)} without waiting`,
          change: setOwnStep(build, o.id, { wait: wait > 0 ? wait : undefined }),
        });
    if (o.after !== undefined)
      tries.push({
        like: `after ${o.id}`,
        text: `let ${title(o.id)} come whenever it fits`,
        change: setOwnStep(build, o.id, { after: undefined, wait: undefined }),
      });
    if (o.piece !== undefined)
      tries.push({
        like: `piece ${o.id}`,
        text: `do ${title(o.id)} after its piece is out of reach, by another way`,
        change: setOwnStep(build, o.id, { piece: undefined }),
      });
  }
  for (const l of conflict.links) {
    const piece = l.piece === undefined ? undefined : pieceOf(build, l.piece);
    if (!piece) continue;
    const name = piece.name.toLowerCase();
    if (l.kind === 'window')
      for (const hours of [1, 3, 8])
        tries.push({
          like: `bag ${piece.id}`,
          text: `keep the ${name} in a bag for ${hours === 1 ? 'an hour' : `${hours} hours`}: its window stays open longer`,
          change: setRests(build, piece.id, [{ place: 'bag', hours }, ...(piece.rests ?? [])]),
        });
    if (l.kind === 'wait')
      tries.push({
        like: `box ${piece.id}`,
        text: `put the ${name} in the drying box: it firms sooner`,
        change: setRests(build, piece.id, [
          { place: 'box', hours: Math.max(1, Math.ceil(l.band.likely / 60)) },
        ]),
      });
  }
  for (const o of own)
    tries.push({
      like: `leave ${o.id}`,
      text: `leave ${title(o.id)} out`,
      change: ok(removeOwnStep(build, o.id)),
    });
  for (const id of conflict.steps)
    if (SPARED.has(readStepId(id)?.task))
      tries.push({
        like: `leave ${id}`,
        text: `leave ${title(id)} out`,
        change: ok(leaveStep(build, wholeOf(id), true)),
      });
  const found: WayOut[] = [];
  const helped = new Set<string>();
  for (const t of tries) {
    if (found.length >= MOST) break;
    if (!t.change.ok || helped.has(t.like)) continue;
    const { work } = plan(t.change.value);
    if (!work || conflictOf(work)) continue;
    helped.add(t.like);
    found.push({ text: t.text, build: t.change.value });
  }
  return found;
}
