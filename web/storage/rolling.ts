import { makeBackup } from './backup.ts';
import { db, keeping, type RollingCopy, type SpindleDb } from './db.ts';

/** A copy is made when the last one is older than this, and something was saved since, ms. */
const EVERY = 20 * 3_600_000;
/** So many are kept: the oldest goes. */
const MOST = 7;

/** Copies that were made by themselves, the latest first. */
export const rollingCopies = async (store: SpindleDb = db): Promise<readonly RollingCopy[]> =>
  (await store.rolling.orderBy('at').toArray()).reverse();

/**
 * Make a copy of everything but the pictures, where it is time and there is something new; the oldest goes. Nothing is lost where
 * it cannot be made: a full store says so when something of the person's own is saved.
 */
export async function rollCopy(now = Date.now(), store: SpindleDb = db): Promise<boolean> {
  if (keeping.value === 'memory' && store === db) return false;
  const [last] = await rollingCopies(store);
  if (last && now - last.at < EVERY) return false;
  const builds = await store.builds.toArray();
  const newest = Math.max(0, ...builds.map((b) => b.savedAt));
  if (builds.length === 0 || (last && newest <= last.at)) return false;
  const blob = await makeBackup(store, false);
  await store.transaction('rw', store.rolling, async () => {
    await store.rolling.add({ id: crypto.randomUUID(), at: now, builds: builds.length, blob });
    const all = await store.rolling.orderBy('at').primaryKeys();
    await store.rolling.bulkDelete(all.slice(0, Math.max(0, all.length - MOST)));
  });
  return true;
}
