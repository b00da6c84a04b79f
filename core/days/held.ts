import type { Minutes } from '../quantity/index.ts';
import { minuteOf, type Origin } from './calendar.ts';
import { saidFirm, type Given } from './given.ts';
import type { Link } from './types.ts';

/** A wait that is not over yet, and how long it likely still takes. */
export interface Held extends Pick<Link, 'why' | 'piece' | 'asks'> {
  readonly left: Minutes;
}

/** What ends within this is not worth a word at the bench. */
const NOTHING: Minutes = 0.5;

/**
 * What keeps a step from beginning now: the waits that end in it, from when what they begin with was really done, by their
 * likely length. A wait that a finger has ended holds nothing up.
 * @param done when each step was ticked off, ms, by its id
 * @param now the present instant, ms
 */
export function heldBy(
  links: readonly Link[],
  step: string,
  done: ReadonlyMap<string, number>,
  { origin, said, now }: { origin: Origin; said: Given['said']; now: number },
): Held[] {
  return links.flatMap((link) => {
    const ended = done.get(link.from);
    if (link.to !== step || link.kind !== 'wait' || ended === undefined) return [];
    const since = minuteOf(origin, ended);
    const left = link.band.likely - (minuteOf(origin, now) - since);
    if (left <= NOTHING || saidFirm(link, Math.floor(since), said)) return [];
    return [{ ...link, left }];
  });
}
