import { capital } from '../quantity/index.ts';
import { conflictOf } from './conflict.ts';
import { LEVELS } from './levels.ts';
import type { Link, Work } from './types.ts';

/** Work in which windows that cannot be kept surely are planned less surely, and what has to be said of them. */
export interface Relaxed {
  readonly work: Work;
  readonly says: readonly string[];
}

/** Steps of the method; estimates. */
const MOST_ROUNDS = 200;
const PATIENT = 24;

/** The next surer-to-be-open level down; undefined where the window is let go. */
const lower = (level: number): number | undefined => [...LEVELS, 0.5].find((l) => l < level - 1e-9);

const told = (l: Link): string =>
  l.level === undefined
    ? `${capital(l.why)}: that window cannot be kept in this plan. Shape it later, prop it, glue it firm, or make it again when its turn comes.`
    : `${capital(l.why)}: that is kept only if it stays soft as long as it mostly does. Look at it often.`;

/** A link planned at a lower level; at the lowest it is let go and only its order is kept. */
export function lowered(l: Link): Link {
  const next = lower(l.level!);
  if (next !== undefined) return { ...l, level: next };
  const { level: _level, ...rest } = l;
  return { ...rest, kind: 'order', band: { fast: 0, likely: 0, slow: 0 } };
}

/**
 * Windows of joins that run in a circle with what has to happen inside them, planned less surely one by one until none does: of those
 * in a circle the surest first, so that as few as can be are let go. Other windows are a contradiction and stay.
 */
export function relaxed(work: Work): Relaxed {
  let links = [...work.links];
  const changed = new Map<number, Link>();
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const conflict = conflictOf({ ...work, links });
    const candidates = (conflict?.links ?? [])
      .map((l) => links.indexOf(l))
      .filter((k) => k >= 0 && links[k]!.kind === 'window' && links[k]!.level !== undefined);
    if (candidates.length === 0) break;
    const k = candidates.reduce((a, b) => (links[b]!.level! > links[a]!.level! ? b : a));
    // where there are many, they are not lowered step by step
    const next = lowered(round < PATIENT ? links[k]! : { ...links[k]!, level: 0.5 });
    changed.set(k, next);
    links = links.map((l, i) => (i === k ? next : l));
  }
  return sayingOf({ ...work, links }, [...changed.values()]);
}

/** Every window of a join planned at most so surely; without a level all of them are let go. */
export function relaxedTo(work: Work, level: number | undefined): Relaxed {
  const changed: Link[] = [];
  const links = work.links.map((l) => {
    if (l.kind !== 'window' || l.level === undefined || (level !== undefined && l.level <= level)) return l;
    const next = level === undefined ? lowered({ ...l, level: 0.5 }) : { ...l, level };
    changed.push(next);
    return next;
  });
  return sayingOf({ ...work, links }, changed);
}

const sayingOf = (work: Work, changed: readonly Link[]): Relaxed => ({
  work,
  says: fewOf([...new Set(changed.filter((l) => (l.level ?? 0) <= 0.5).map(told))]),
});

/** More sentences than this are no help. Estimate. */
const MOST_TOLD = 5;
/** The first few of what is said of joins, and how many more there are. */
export const fewOf = (says: readonly string[]): readonly string[] =>
  says.length <= MOST_TOLD
    ? says
    : [
        ...says.slice(0, MOST_TOLD),
        `And of ${says.length - MOST_TOLD} more joins: they are told under Joins.`,
      ];
