import { formatTime, type Minutes, type Reckoned } from '../../quantity/index.ts';
import { check, type Check } from './check.ts';
import { GLUE_RESERVE as RESERVE } from './glue-films.ts';

/** A glued piece while its glue is fresh: whether the hand may let go, and for how long it is propped. */

/** As long as a piece is held in the hand until its glue takes, minutes; common practice. */
export const IN_HAND: Minutes = 3;
/** A glue may be so much stronger or weaker than listed; estimate. */
export const GLUE_SPREAD = { fast: 1.5, likely: 1, slow: 0.6 } as const;

/**
 * Whether it stays where it is when the hand lets go of it.
 * @param use share of the glued face used by then, the reserve in it
 * @param prop minutes it has to be propped; without end where the glue never takes it
 */
export function letGoCheck(use: Reckoned<''>, prop: Minutes, situation: string): Check {
  const until = Number.isFinite(prop)
    ? `for about ${formatTime(Math.max(1, Math.ceil(prop)))}`
    : 'for as long as it stands';
  return check({
    id: 'let-go',
    title: `Let go after ${IN_HAND} minutes`,
    situation,
    use,
    reserve: RESERVE,
    trust: 'C',
    ok: 'It stays where it is when you let go.',
    no: `It slides or peels off before the glue takes: prop it ${until}, or put a stick in it.`,
  });
}

/** First moment from which it holds on a table, minutes, by halving over the setting time. */
export function propFor(holds: (hours: number) => boolean, setIn: number): Minutes {
  if (holds(0)) return 0;
  if (!holds(setIn)) return Infinity;
  let low = 0;
  let high = setIn;
  for (let k = 0; k < 24; k++) {
    const mid = (low + high) / 2;
    if (holds(mid)) high = mid;
    else low = mid;
  }
  return high * 60;
}
