import { BUILD_VERSION } from '../figure/index.ts';

/** Brings a record of one version to the next; may only look at plain data. */
export type Migration = (record: Record<string, unknown>) => Record<string, unknown>;

/**
 * From each older version to the one after it. Version 1 is the first, so there is none yet; the test beside this
 * file fails as soon as the version is raised without a migration and a stored example of the old one.
 */
export const MIGRATIONS: Readonly<Record<number, Migration>> = {};

/** Bring a record forward to the present version; undefined when a step is missing. */
export function migrated(record: Record<string, unknown>, from: number): Record<string, unknown> | undefined {
  let now = record;
  for (let version = from; version < BUILD_VERSION; version++) {
    const step = MIGRATIONS[version];
    if (!step) return undefined;
    now = { ...step(now), version: version + 1 };
  }
  return now;
}
