import type { Build } from '@core/record/index.ts';
import { db, type SpindleDb } from './db.ts';
import { reading } from './reading.ts';
import { readSetting, writeSetting } from './settings.ts';

/** This tab's side of a build that another tab changed as well, kept until somebody chooses. */
export interface Mine {
  readonly build: Build;
  /** The revision it was changed from. */
  readonly revision: number | undefined;
}

const keyOf = (id: string): string => `mine:${id}`;

export const keepMine = (build: Build, revision: number | undefined, store: SpindleDb = db): Promise<void> =>
  writeSetting(keyOf(build.id), { build, revision }, store);

export const forgetMine = (id: string, store: SpindleDb = db): Promise<void> =>
  store.settings.delete(keyOf(id));

/** What was kept aside of a build, checked like a file; undefined where nothing was, or nothing that can be read. */
export async function mineOf(id: string, store: SpindleDb = db): Promise<Mine | undefined> {
  const kept = await readSetting<Mine | undefined>(keyOf(id), undefined, store).catch(() => undefined);
  const read = kept && (await reading()).readRecord(kept.build);
  return read?.ok ? { build: read.value, revision: kept!.revision } : undefined;
}
