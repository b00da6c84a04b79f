import type { Build } from '@core/record/index.ts';
import type { Mine } from './aside.ts';
import { reading } from './reading.ts';

const keyOf = (id: string): string => `elm-spindle-left:${id}`;

/**
 * Keep a build in the moment its page goes away: a page that is killed finishes no transaction, but this is written at once.
 * Where there is no room for it, nothing is lost that was not before.
 */
export function keepLeft(build: Build, revision: number | undefined): void {
  try {
    localStorage.setItem(keyOf(build.id), JSON.stringify({ build, revision }));
  } catch {
    // full, or not allowed: what the store has written stands
  }
}

/** Forget it: the store has it. */
export function forgetLeft(id: string): void {
  try {
    localStorage.removeItem(keyOf(id));
  } catch {
    // not allowed: nothing was kept either
  }
}

/** What was left of a build when its page went away, checked like a file; it is taken once. */
export async function takeLeft(id: string): Promise<Mine | undefined> {
  let kept: Mine | undefined;
  try {
    kept = JSON.parse(localStorage.getItem(keyOf(id)) ?? 'null') as Mine | undefined;
  } catch {
    kept = undefined;
  }
  forgetLeft(id);
  if (!kept) return undefined;
  const read = (await reading()).readRecord(kept.build);
  return read.ok && read.value.id === id ? { build: read.value, revision: kept.revision } : undefined;
}
