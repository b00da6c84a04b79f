import { CLOSING, type Question } from '../firming/index.ts';
import { NINE_IN_TEN, type Minutes } from '../quantity/index.ts';
import { NEVER_MINUTES } from './network.ts';
import type { Link, Work } from './types.ts';

/** Drawn at z standard deviations: split-normal in the logarithm, median likely, one in ten fast, one in ten slow. */
export const drawn = (fast: number, likely: number, slow: number, z: number): number =>
  likely * Math.exp(((z >= 0 ? Math.log(slow / likely) : Math.log(likely / fast)) / NINE_IN_TEN) * z);

/** A wait drawn at z, and made longer or shorter by what the model itself may be wrong, a logarithm. */
export function sampledWait(link: Link, z: number, off = 0): Minutes {
  const { fast, likely, slow } = link.band;
  if (!Number.isFinite(likely)) return NEVER_MINUTES;
  if (likely <= 0) return 0;
  const late = Number.isFinite(slow) ? slow : likely * 6;
  return Math.min(NEVER_MINUTES, drawn(Math.max(fast, likely * 0.05), likely, late, z) * Math.exp(off));
}

/** Of the spread of a band so much is one for all pieces: the kitchen, and the week of weather; the rest is the piece's own. Estimate. */
const ROOM = Math.sqrt(0.75);
/** Other waits have half of their spread in common. Estimate. */
const COMMON = Math.sqrt(0.5);
/**
 * What the model of firming is wrong by, in the logarithm of time, for all questions of a family together; 0.35 with what each is wrong
 * by itself. From its facts held out one by one, less what a fact can be read to. Estimate.
 */
const FAMILY_ERROR = 0.3;
/** The same, for each question by itself. Estimate. */
const OWN_ERROR = 0.18;

/** Questions that are wrong together: what the skin does, what the whole section does, and what is dry right through. */
type FirmingGroup = 'skin' | 'bulk' | 'dry';
const GROUPS: readonly FirmingGroup[] = ['skin', 'bulk', 'dry'];

function groupOf(link: Link): FirmingGroup | undefined {
  if (link.piece === undefined) return undefined;
  if (link.kind === 'window') return 'skin';
  const asks: Question | undefined = link.asks;
  if (asks === undefined) return undefined;
  if (asks === 'tack' || asks === 'skin' || CLOSING.has(asks)) return 'skin';
  return asks === 'dry' || asks === 'hard' ? 'dry' : 'bulk';
}

/**
 * One draw of everything that a plan waits for: the kitchen is the same for every piece, a face is as quick for what opens on it as for
 * what closes, and where the model is wrong it is wrong for all alike.
 * @param normal a standard normal variate
 * @returns the length of each link of the work, minutes
 */
export function drawnWaits(work: Work, normal: () => number): Float64Array {
  const room = normal();
  const wrong = new Map(GROUPS.map((g) => [g, FAMILY_ERROR * normal()]));
  const own = new Map<string, number>();
  const of = (key: string): number => {
    let z = own.get(key);
    if (z === undefined) own.set(key, (z = normal()));
    return z;
  };
  return Float64Array.from(work.links, (link) => {
    if (link.kind === 'order') return 0;
    const group = groupOf(link);
    if (group === undefined) return sampledWait(link, COMMON * room + Math.sqrt(1 - COMMON ** 2) * normal());
    const z = ROOM * room + Math.sqrt(1 - ROOM ** 2) * of(link.piece!);
    const ask = link.kind === 'window' ? 'gives' : link.asks!;
    return sampledWait(link, z, wrong.get(group)! + OWN_ERROR * of(`${link.piece!} ${ask}`));
  });
}
