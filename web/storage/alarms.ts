import type { Alarm } from '@core/days/index.ts';
import { db, type SpindleDb } from './db.ts';

/** What is to ring of one build, kept where every page of the app finds it, whatever build is open. */
export interface KeptAlarms {
  readonly build: string;
  readonly name: string;
  readonly alarms: readonly Alarm[];
}

const KEY = 'alarms';
const RUNG = 'rung';
/** What has rung is forgotten after so long, ms. */
const KEPT_FOR = 3 * 864e5;

/** What is to ring, of all builds. */
export async function keptAlarms(store: SpindleDb = db): Promise<readonly KeptAlarms[]> {
  return ((await store.settings.get(KEY))?.value as readonly KeptAlarms[] | undefined) ?? [];
}

/** Keep what is to ring of a build in place of what was; nothing, and it is forgotten. */
export function keepAlarms(of: KeptAlarms, store: SpindleDb = db): Promise<void> {
  return store.transaction('rw', store.settings, async () => {
    const all = await keptAlarms(store);
    const others = all.filter((k) => k.build !== of.build);
    const next = of.alarms.length > 0 ? [...others, of] : others;
    if (JSON.stringify(next) !== JSON.stringify(all)) await store.settings.put({ key: KEY, value: next });
  });
}

/**
 * Say that something rings. Of two tabs, and after a reload, only the first that says so gets to ring it.
 * @returns whether it is this one's to ring
 */
export function claimRing(id: string, now: number, store: SpindleDb = db): Promise<boolean> {
  return store.transaction('rw', store.settings, async () => {
    const rung =
      ((await store.settings.get(RUNG))?.value as Readonly<Record<string, number>> | undefined) ?? {};
    if (id in rung) return false;
    const kept = Object.fromEntries(Object.entries(rung).filter(([, at]) => Math.abs(now - at) < KEPT_FOR));
    await store.settings.put({ key: RUNG, value: { ...kept, [id]: now } });
    return true;
  });
}
